import { expect, it } from "vitest";
import type { LengthUnit } from "../units/length.ts";
import { asWritten, sizeWritten, withUnit, writtenIn } from "./as-written.ts";

it.each<[string, LengthUnit, string]>([
  ["44", "mm", "44 mm"],
  ["44 mm", "mm", "44 mm"],
  ["44mm", "in", "44mm"],
  ["1 3/4", "in", "1 3/4"],
  ["1.75", "in", "1.75 in"],
  ['30"', "in", '30"'],
  ["30″", "mm", "30″"],
])("%s, read in %s, is %s", (text, unit, is) => expect(asWritten({ text, unit })).toBe(is));

it.each<[string, LengthUnit, LengthUnit]>([
  ["18", "mm", "mm"],
  ["18", "in", "in"],
  ["18 mm", "in", "mm"],
  ["3/4", "mm", "in"],
  ['3"', "mm", "in"],
  ["3 in", "mm", "in"],
])("%s, read in %s, is written in %s", (text, unit, is) => expect(writtenIn({ text, unit })).toBe(is));

it.each<[string, LengthUnit, string]>([
  ["44", "mm", "44 mm"],
  ["44 mm", "in", "44 mm"],
  ["1.75", "in", "1.75 in"],
  ["1 3/4", "in", "1 3/4 in"],
  ["1 3/4", "mm", "1 3/4 in"],
  ['1 3/4"', "in", '1 3/4"'],
])("on an order %s, read in %s, is %s", (text, unit, is) => expect(withUnit({ text, unit })).toBe(is));

it.each<[string, string, LengthUnit, LengthUnit, string]>([
  ["455", "712", "mm", "mm", "455 × 712 mm"],
  ["455 mm", "712 mm", "mm", "mm", "455 mm × 712 mm"],
  ["455", "712 mm", "mm", "mm", "455 mm × 712 mm"],
  ["18", "712", "in", "mm", "18 in × 712 mm"],
  ["18 1/8", "28", "in", "in", "18 1/8 × 28 in"],
])("%s by %s, in %s and %s", (w, h, wu, hu, is) =>
  expect(sizeWritten({ text: w, unit: wu }, { text: h, unit: hu })).toBe(is),
);
