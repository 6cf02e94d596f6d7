import { describe, expect, it } from "vitest";
import { mm } from "../units/length.ts";
import type { OpeningPlace } from "./places.ts";
import { strayFit } from "./stray-fit.ts";

const read = (by: Partial<Record<OpeningPlace, number>>) =>
  strayFit(Object.fromEntries(Object.entries(by).map(([p, v]) => [p, mm(v)])), 0.5);
const TRUE = {
  "width-top": 600,
  "width-middle": 600,
  "width-bottom": 600,
  "height-left": 800,
  "height-middle": 800,
  "height-right": 800,
} as const;

describe("the opening that readings are likeliest of", () => {
  it("is a true one where all agree: 600 by 800 has 1000 from corner to corner", () => {
    const fit = read(TRUE);
    expect(fit?.oddness).toBeCloseTo(0, 6);
    expect(fit?.at("diagonal-up")).toBeCloseTo(1000, 4);
  });

  it("is told nothing by a height alone", () => expect(read({ "height-left": 800 })).toBeUndefined());

  it("leans by what its corners differ: 4 mm is little, 40 is very odd", () => {
    const little = read({ ...TRUE, "diagonal-up": 1002, "diagonal-down": 998 });
    const much = read({ ...TRUE, "diagonal-up": 1020, "diagonal-down": 980 });
    // One corner is longer by as much as the other is shorter: 2 mm are 3.3 of lean (0.6 of it shows), half a spread.
    expect(little?.oddness).toBeGreaterThan(0.1);
    expect(little?.oddness).toBeLessThan(1);
    expect(much?.oddness).toBeGreaterThan(15);
  });

  it("puts a width that was left out between the other two", () => {
    const { "width-middle": _, ...two } = TRUE;
    expect(read({ ...two, "width-top": 602, "width-bottom": 600 })?.at("width-middle")).toBeCloseTo(601, 1);
  });

  it("is odder the further one reading lies from the rest, and ever slower", () => {
    const odd = (by: number) => read({ ...TRUE, "width-middle": 600 + by })?.oddness ?? 0;
    expect(odd(10)).toBeGreaterThan(odd(5));
    expect(odd(30) - odd(20)).toBeLessThan(2 * (odd(20) - odd(10)));
  });
});
