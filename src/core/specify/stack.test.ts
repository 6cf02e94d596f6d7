import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { inches, mm, nm, toMm } from "../units/length.ts";
import { stackText } from "../words/opening.ts";
import { MAKES, stacksFor } from "./stack.ts";

const stacks = (overall: number, panes: readonly number[], over: object = {}) =>
  stacksFor({
    overall: mm(overall),
    panes: panes.map(mm),
    count: 2,
    overallError: mm(0.5),
    paneError: mm(0.2),
    ...over,
  }).map(stackText);

describe("the stacks a unit can be", () => {
  it.each([
    [24, [4], "4-16-4"],
    [20, [4], "4-12-4"],
    [14, [4], "4-6-4"],
    [28, [6], "6-16-6"],
    [26, [4, 6], "4-16-6"],
    [18, [3], "3-12-3"],
  ] as const)("%d overall, panes %j: %s first", (overall, panes, first) => {
    expect(stacks(overall, panes)[0]).toBe(first);
  });

  it("equal panes stand before unequal where they are as likely", () => {
    expect(stacks(24, [4]).slice(0, 3)).toEqual(["4-16-4", "4-15-5", "4-14-6"]);
  });

  it("an inch unit is told in inches", () => {
    const found = stacksFor({
      overall: inches(0, 3, 4),
      panes: [inches(0, 1, 8)],
      count: 2,
      overallError: mm(0.5),
      paneError: mm(0.2),
    });
    expect(stackText(found[0] ?? { make: "inch", panes: [], spacers: [] })).toBe("1/8 - 1/2 - 1/8");
  });

  it("errors count inclusively", () => {
    expect(stacks(24.5, [4])).toContain("4-16-4");
    expect(stacks(24.51, [4])).not.toContain("4-16-4");
    expect(stacks(24, [4.2])).toContain("4-16-4");
    expect(stacks(24, [4.21])).not.toContain("4-16-4");
    expect(stacks(24, [4], { overallError: mm(0), paneError: mm(0) })).toContain("4-16-4");
  });

  it("nothing is made of 11 mm with 6 mm panes", () => expect(stacks(11, [6])).toEqual([]));

  it("three panes, mirror images once", () => {
    const found = stacks(36, [4], { count: 3 });
    expect(found[0]).toBe("4-12-4-12-4");
    expect(found.filter((s) => s === "4-10-4-14-4" || s === "4-14-4-10-4")).toHaveLength(1);
  });
});

describe("whatever is read", () => {
  it("every stack adds up, is near enough, and the list is in order of likelihood", () => {
    fc.assert(
      fc.property(fc.integer({ min: 100, max: 320 }), fc.integer({ min: 28, max: 62 }), (tenths, pane) => {
        const found = stacksFor({
          overall: mm(tenths / 10),
          panes: [mm(pane / 10)],
          count: 2,
          overallError: mm(0.5),
          paneError: mm(0.2),
        });
        for (const s of found) {
          expect([...s.panes, ...s.spacers].reduce((a, b) => nm(a + b), nm(0))).toBe(s.overall);
          expect(Math.abs(toMm(s.overall) - tenths / 10)).toBeLessThanOrEqual(0.5 + 1e-9);
          expect(s.panes.some((p) => Math.abs(toMm(p) - pane / 10) <= 0.2 + 1e-9)).toBe(true);
          for (const p of s.panes) expect(MAKES[s.make].panes).toContain(p);
        }
        for (let i = 1; i < found.length; i++)
          expect(found[i]?.score).toBeGreaterThanOrEqual((found[i - 1]?.score ?? 0) - 1e-9);
      }),
    );
  });
});
