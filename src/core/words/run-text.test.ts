import { expect, it } from "vitest";
import { mm } from "../units/length.ts";
import { runText } from "./run-text.ts";

it.each([
  [10_630, "10.7 m", "35 ft"],
  [2_000, "2.0 m", "7 ft"],
  [2_001, "2.1 m", "7 ft"],
  [3_048, "3.1 m", "10 ft"],
  [3_049, "3.1 m", "10.5 ft"],
] as const)("%d mm off a roll", (length, metric, feet) =>
  expect([runText(mm(length), "mm"), runText(mm(length), "in")]).toEqual([metric, feet]),
);
