import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { StockChoice } from "../size/from-stock.ts";
import { mm, nm, toMm } from "../units/length.ts";
import { leftOf, offTheRack, outOf, takenTo } from "./off-the-rack.ts";

const choice = (sheet: readonly [number, number], glass: readonly [number, number], turned = false): StockChoice => ({
  pane: {
    name: "Rack C",
    widthNm: mm(sheet[0]),
    heightNm: mm(sheet[1]),
    thicknessNm: mm(4),
    glass: "float",
  },
  turned,
  cuts: 2,
  glass: { width: mm(glass[0]), height: mm(glass[1]) },
  factoryEdges: 2,
  wasteNm2: 0,
});
const told = (c: StockChoice) => leftOf(c).map((p) => [toMm(nm(p.widthNm)), toMm(nm(p.heightNm))]);

describe("a sheet taken to another size than was proposed", () => {
  it.each<[string, StockChoice, readonly [number, number], cuts: number, left: readonly (readonly number[])[]]>([
    ["as wide as the sheet: one cut", choice([900, 1200], [478, 729]), [900, 729], 1, [[900, 471]]],
    ["the whole of it: none", choice([900, 1200], [478, 729]), [900, 1200], 0, []],
    [
      "smaller each way: two",
      choice([900, 1200], [900, 729]),
      [400, 700],
      2,
      [
        [500, 1200],
        [400, 500],
      ],
    ],
    ["turned: by its sides as they lie", choice([1200, 600], [600, 800], true), [600, 700], 1, [[500, 600]]],
  ])("%s", (_, given, [w, h], cuts, left) => {
    const taken = takenTo(given, { width: mm(w), height: mm(h) });
    expect(outOf(taken)).toEqual({ cuts, note: "Rack C" });
    expect(taken.factoryEdges).toBe(4 - cuts);
    expect(taken.wasteNm2).toBe(given.pane.widthNm * given.pane.heightNm - mm(w) * mm(h));
    expect(told(taken)).toEqual(left);
  });
});

describe("what is left of a sheet", () => {
  it.each<[string, StockChoice, readonly (readonly number[])[]]>([
    ["as it is: nothing", choice([600, 900], [600, 900]), []],
    ["one cut: the strip", choice([600, 1200], [600, 729]), [[600, 471]]],
    [
      "two cuts: 422 × 1200 is 0.51 m² and 900 × 471 is 0.42: the taller stays whole",
      choice([900, 1200], [478, 729]),
      [
        [422, 1200],
        [478, 471],
      ],
    ],
    [
      "1200 × 500 above is 0.6 m² and 400 × 1200 beside is 0.48: the wider stays whole",
      choice([1200, 1200], [800, 700]),
      [
        [1200, 500],
        [400, 700],
      ],
    ],
    ["turned, it is cut turned", choice([1200, 600], [600, 800], true), [[400, 600]]],
    ["a strip of less than 300 is waste", choice([900, 1000], [478, 729]), [[422, 1000]]],
  ])("%s", (_, c, left) => expect(told(c)).toEqual(left));
  it("pane and pieces never make more than the sheet", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 100, max: 2000 }),
        fc.integer({ min: 100, max: 2000 }),
        fc.double({ min: 0.05, max: 1, noNaN: true }),
        fc.double({ min: 0.05, max: 1, noNaN: true }),
        (w, h, a, b) => {
          const c = choice([w, h], [Math.round(w * a), Math.round(h * b)]);
          const used = leftOf(c).reduce((s, p) => s + p.widthNm * p.heightNm, c.glass.width * c.glass.height);
          expect(used).toBeLessThanOrEqual(mm(w) * mm(h) * (1 + 1e-12));
        },
      ),
    );
  });
  it("goes off the list under the pane's name", () =>
    expect(offTheRack(choice([900, 1200], [478, 729]), "p", "No. 5, study")).toMatchObject({
      sheet: "Rack C",
      panes: ["p"],
      left: [{ name: "Off-cut of No. 5, study" }, { name: "Off-cut of No. 5, study, 2" }],
      spoilt: 0,
    }));
});
