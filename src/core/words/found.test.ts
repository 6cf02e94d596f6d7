import { expect, it } from "vitest";
import { NO_BARS } from "../measure/found.ts";
import type { LengthUnit } from "../units/length.ts";
import { barsOnOrder, barsText } from "./found.ts";

const S = "\u00a0";
const bars = (text: string, unit: LengthUnit) => ({
  ...NO_BARS,
  uprights: 1,
  crosses: 2,
  width: { text, unit },
  colour: "white",
});

it.each<[string, LengthUnit, LengthUnit, string]>([
  ["18", "mm", "mm", "18 mm"],
  ["18 mm", "mm", "mm", "18 mm"],
  ["18", "mm", "in", "18 mm"],
  // A fraction is of an inch, whoever wrote it; who cuts in millimetres is told what that is.
  ["3/4", "in", "in", "3/4 in"],
  ["3/4", "mm", "mm", `3/4 in (19.1${S}mm)`],
  ["1", "in", "mm", `1 in (25.4${S}mm)`],
  ['3/4"', "in", "mm", `3/4" (19.1${S}mm)`],
  ["18 mm", "in", "mm", "18 mm"],
])("bars of %s, read in %s, to a cutter in %s: %s", (text, unit, cutter, width) => {
  const says = `1 upright, 2 crosses, ${width} white flat, evenly spaced`;
  expect(barsText(bars(text, unit), cutter)).toBe(`Bars: ${says}`);
  expect(barsOnOrder(bars(text, unit), cutter)).toBe(`bars ${says}`);
});

it("none are said to be none", () => {
  expect(barsText(NO_BARS)).toBe("Bars: none");
  expect(barsOnOrder(NO_BARS, "mm")).toBe("no bars");
});
