import { describe, expect, it } from "vitest";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import { mm, nm, toMm } from "../units/length.ts";
import { houseWith, onTheirGrid } from "./their-cutting.ts";

const line = (w: number, h: number) => ({ widthNm: mm(w), heightNm: mm(h), grid: "1 mm" as const });

describe("a line on the grid that its cutter works to", () => {
  it.each([
    [544, 898, "1/16 in", 542.925, 896.9375],
    [608, 900, "1 mm", 608, 900],
    [608.5, 900.5, "1 mm", 608.5, 900.5], // Its own grid already: nothing is taken off a second time.
    [609.6, 914.4, "1/16 in", 609.6, 914.4],
    [608, 900, undefined, 608, 900],
  ] as const)("%s × %s on %s", (w, h, grid, width, height) => {
    const on = onTheirGrid(line(w, h), grid);
    expect([toMm(nm(on.widthNm)), toMm(nm(on.heightNm))]).toEqual([width, height]);
  });

  it("the opening stays as stated: the cutter takes off so much more", () => {
    const stated = { ...line(544, 898), allowanceNm: { width: mm(4), height: mm(6) } };
    const on = onTheirGrid(stated, "1/16 in");
    expect(toMm(nm(on.widthNm + on.allowanceNm.width))).toBe(548);
    expect(toMm(nm(on.heightNm + on.allowanceNm.height))).toBe(904);
  });

  it("a shaped pane keeps its corners, and the rectangle round them", () => {
    const shaped = { ...line(544, 898), corners: [{ x: 0, y: 0 }] };
    expect(onTheirGrid(shaped, "1/16 in")).toBe(shaped);
  });

  it("is never larger, and twice is once", () => {
    for (let w = 300; w < 340; w += 0.7) {
      const once = onTheirGrid(line(w, w), "1/16 in");
      expect(once.widthNm).toBeLessThanOrEqual(mm(w));
      expect(onTheirGrid(once, "1/16 in")).toEqual(once);
    }
  });
});

describe("what they promise on a side", () => {
  it("stands in place of the house's, and only where they promised it", () => {
    const theirs = houseWith(HOUSE_DEFAULTS, { tolerance: { smallMm: 0.5, largeMm: 0.8 } });
    expect([theirs.toleranceSmallMm, theirs.toleranceLargeMm]).toEqual([0.5, 0.8]);
    expect(houseWith(HOUSE_DEFAULTS, { grid: "1 mm" })).toBe(HOUSE_DEFAULTS);
    expect(houseWith(HOUSE_DEFAULTS, undefined)).toBe(HOUSE_DEFAULTS);
  });
});
