import { expect, it } from "vitest";
import type { LengthUnit } from "../units/length.ts";
import { sizeTold } from "./size-told.ts";

it.each<[string, string, LengthUnit, LengthUnit, string]>([
  ["537", "777.5", "mm", "mm", "537 × 777.5 mm"],
  // 537 / 25.4 = 21.142, 777.5 / 25.4 = 30.610: to the nearest thirty-second.
  ["537", "777.5", "mm", "in", "21 5/32 × 30 5/8 in"],
  ["537 mm", "777.5 mm", "in", "in", "21 5/32 × 30 5/8 in"],
  ["22 5/16", "37 1/2", "in", "in", "22 5/16 × 37 1/2"],
  // 22.3125 × 25.4 = 566.74, 37.5 × 25.4 = 952.5.
  ["22 5/16", "37 1/2", "in", "mm", "566.7 × 952.5 mm"],
  ["22 5/16", "38", "in", "in", "22 5/16 × 38 in"],
  ["wide", "777.5", "mm", "in", "wide × 777.5 mm"],
])("%s by %s, written in %s, read in %s: %s", (w, h, written, unit, is) =>
  expect(sizeTold({ text: w, unit: written }, { text: h, unit: written }, unit)).toBe(is),
);
