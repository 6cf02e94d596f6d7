import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { pence } from "../money/pence.ts";
import { type CutCostFacts, cutCost } from "./cut-cost.ts";

const facts = (over: Partial<CutCostFacts> = {}): CutCostFacts => ({
  sheetPence: pence(2700),
  sheetMm2: 540_000,
  paneMm2: 350_000,
  cuts: 2,
  minutesPerCut: 5,
  hourPence: pence(4500),
  cutWell: 0,
  spoilt: 0,
  others: { cutWell: 0, spoilt: 0 },
  ...over,
});

describe("what a pane costs that is cut here", () => {
  it.each<[string, Partial<CutCostFacts>, number]>([
    ["17.50 of glass and ten minutes, one in twenty spoilt: 25.00 / 0.95", {}, 2632],
    ["one cut: 17.50 + 3.75", { cuts: 1 }, 2237],
    ["as it is: the whole sheet, and no cut", { cuts: 0 }, 2700],
    ["glass that cost nothing costs its time: 7.50 / 0.95", { sheetPence: pence(0) }, 789],
    ["eighty cut and none spoilt: one in a hundred. 25.00 / 0.99", { cutWell: 80 }, 2525],
    ["seven of ten spoilt here, with one of twenty: 8 of 30. 25.00 × 30 / 22", { cutWell: 3, spoilt: 7 }, 3409],
    // (1 + 8) in (20 + 20) of other glass: 0.225; none of 10 of this one: 4.5 of 30.
    ["others spoilt, this one not: 25.00 / 0.85", { cutWell: 10, others: { cutWell: 12, spoilt: 8 } }, 2941],
  ])("%s", (_, over, costs) => expect(cutCost(facts(over))?.pence).toBe(costs));
  it("nobody said what the sheet cost: nothing is said", () => expect(cutCost(facts({ sheetPence: null }))).toBeNull());
  it("says of how many of the firm's own cuts it knows", () =>
    expect(cutCost(facts({ cutWell: 30, spoilt: 2 }))?.own).toBe(32));
  it("is dearer with every pane spoilt, and never less than what it is made of", () => {
    fc.assert(
      fc.property(fc.nat(500), fc.nat(100), (cutWell, spoilt) => {
        const [now, worse] = [facts({ cutWell, spoilt }), facts({ cutWell, spoilt: spoilt + 1 })].map(cutCost);
        expect(worse?.pence).toBeGreaterThanOrEqual(now?.pence ?? Number.NaN);
        expect(now?.pence).toBeGreaterThanOrEqual(2500);
      }),
    );
  });
});
