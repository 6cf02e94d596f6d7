import { describe, expect, it } from "vitest";
import { LEANING } from "../../../tests/support/told.ts";
import { DepthCase } from "../../contract/calc-depth.ts";
import { FitCase } from "../../contract/calc-fit.ts";
import { OddsCase } from "../../contract/calc-odds.ts";
import { OpeningCase } from "../../contract/calc-opening.ts";
import { ThicknessCase } from "../../contract/calc-thickness.ts";
import type { Outcome } from "../http/endpoint.ts";
import { calcDepth } from "./depth.ts";
import { calcFit } from "./fit.ts";
import { calcOdds } from "./odds.ts";
import { calcOpening } from "./opening.ts";
import { calcThickness } from "./thickness.ts";

const value = <T>(outcome: Outcome<T>): T => {
  if (!outcome.ok) throw new Error(JSON.stringify(outcome.error));
  return outcome.value;
};
const refused = (outcome: Outcome<unknown>) => (outcome.ok ? null : outcome.error);

const SQUARE = { "width-top": "600", "width-bottom": "600", "height-left": "900", "height-right": "900" };

describe("opening", () => {
  const opening = (c: object) => calcOpening(OpeningCase.parse(c));
  it("leaning: corners, lean, what is out of square, bow, residuals", () => {
    const a = value(opening({ readings: LEANING }));
    expect(a.outOfSquareMm).toBe(2.5);
    expect(a.leanMm).toBeGreaterThan(3);
    expect(a.leanMm).toBeLessThan(4);
    // By hand 611.5 less the mean of 612 and 613; the corners pull the widths together a little.
    expect(Math.abs((a.bowMm.width ?? 0) + 1)).toBeLessThan(0.5);
    expect(a.assumptions).toEqual([]);
    expect(Object.keys(a.residualsMm)).toHaveLength(6);
    expect(a.corners.bl).toEqual({ x: 0, y: 0 });
    expect(a.corners.br.y).toBe(0);
    expect(a.says).toBe("Leans 3.5 mm.");
  });
  it("two readings make a true rectangle, and what is taken for granted is said", () => {
    const a = value(opening({ readings: { "width-top": "23 11/16", "height-left": "35 1/2" }, unit: "in" }));
    expect(a.corners.tr).toEqual({ x: expect.closeTo(601.6625, 6), y: expect.closeTo(901.7, 6) });
    expect(a.assumptions.map((x) => x.kind)).toEqual(["no-lean", "sides-parallel-widths", "sides-parallel-heights"]);
    expect(a.missing).toHaveLength(6);
  });
  it("a slip is pointed at, and twist told", () => {
    const a = value(opening({ readings: { ...LEANING, "height-left": "914" }, back: { "width-top": "609" } }));
    expect(a.slips).toMatchObject([{ place: "height-left", kind: "ten-mm", meantMm: 904 }]);
    expect(a.twistMm).toEqual({ "width-top": -3 });
  });
  it("one dimension alone is not an opening", () => {
    expect(refused(opening({ readings: { "width-top": "600" } }))).toMatchObject({ code: "needs-height" });
  });
});

describe("fit", () => {
  const fitOf = (c: object) => value(calcFit(FitCase.parse(c)));
  it("a true opening: three ways, one rectangle", () => {
    const a = fitOf({ readings: SQUARE, rebateDepth: "8" });
    for (const r of [a.sill, a.best, a.mostGlass, a.mostCovered]) {
      expect(r?.widthMm).toBeCloseTo(597, 6);
      expect(r?.heightMm).toBeCloseTo(897, 6);
      expect(r?.leastCover?.mm).toBeCloseTo(6.5, 6);
    }
    expect(a.best?.onGrid).toMatchObject({ fits: true, glass: { width: { mm: 597 }, height: { mm: 897 } } });
  });
  it.each([
    ["exactly the clearance left", "597", "897", true],
    ["a hair more glass", "597.1", "897", false],
  ])("a given pane, %s", (_, width, height, fits) => {
    const { given } = fitOf({ readings: SQUARE, glass: { width, height } });
    expect(given?.fits).toBe(fits);
    expect(given?.fitsAtSill).toBe(fits);
  });
  it("leaning: turned it is larger than held to the sill, and lies more evenly", () => {
    const a = fitOf({ readings: { ...SQUARE, "diagonal-up": "1088", "diagonal-down": "1075.3" } });
    const area = (r: typeof a.sill) => (r ? r.widthMm * r.heightMm : 0);
    expect(area(a.mostGlass)).toBeGreaterThan(area(a.sill));
    expect(a.best?.largestGapMm).toBeLessThan(a.sill?.largestGapMm ?? 0);
    expect(a.best?.turnDegrees).not.toBe(0);
    expect(a.given).toBeNull();
  });
  it("inward bow takes half of itself from both sides", () => {
    const a = fitOf({ readings: { ...SQUARE, "width-middle": "598" } });
    expect(a.sill?.widthMm).toBeCloseTo(595, 6);
  });
  it.each<[string, object, string, string, boolean]>([
    // 600 wide, 1 and 3 to stay free: 596 and no more; the height has 1 and 1.
    ["exactly what is left", SQUARE, "596", "898", true],
    ["a millimetre more", SQUARE, "597", "898", false],
    ["a millimetre higher", SQUARE, "596", "899", false],
    // Narrowing to 596 at the head: 592 between the clearances there, less a hair for the slant of the jambs.
    ["what the narrow end leaves", { ...SQUARE, "width-top": "596" }, "591.9", "890", true],
    ["what only the wide end leaves", { ...SQUARE, "width-top": "596" }, "595", "890", false],
    ["an inward bow of 2 takes 1 off each side", { ...SQUARE, "width-middle": "598" }, "595", "898", false],
    ["and leaves this", { ...SQUARE, "width-middle": "598" }, "594", "898", true],
  ])("each side's own clearance stays free: %s", (_, readings, width, height, fits) => {
    const clearance = { left: "1", right: "3", bottom: "1", top: "1" };
    expect(fitOf({ readings, clearance, glass: { width, height } }).given?.fits).toBe(fits);
  });
  it("the largest of an aspect is given where it is asked for", () => {
    const got = fitOf({ readings: SQUARE, aspect: 1 });
    expect([got.ofAspect?.onGrid?.glass.width.mm, got.ofAspect?.onGrid?.glass.height.mm]).toEqual([597, 597]);
    expect(fitOf({ readings: SQUARE }).ofAspect).toBeNull();
  });
  it("each side may have its own clearance and depth", () => {
    const clearance = { left: "1", right: "2", bottom: "4", top: "1" };
    const rebateDepth = { left: "8", right: "8", bottom: "12", top: "6" };
    const a = fitOf({ readings: SQUARE, clearance, rebateDepth });
    expect([a.sill?.widthMm, a.sill?.heightMm]).toEqual([expect.closeTo(597, 6), expect.closeTo(895, 6)]);
    expect(a.sill?.leastCover).toMatchObject({ side: "top", mm: expect.closeTo(5, 6), enough: true });
  });
  it("a pane too large says where to ease", () => {
    const { given } = fitOf({ readings: SQUARE, clearance: "1", glass: { width: "602", height: "890" } });
    expect(given?.easing).toEqual([
      { side: "left", fromMm: expect.closeTo(2, 6), toMm: expect.closeTo(2, 6) },
      { side: "right", fromMm: expect.closeTo(2, 6), toMm: expect.closeTo(2, 6) },
    ]);
  });
});

describe("odds", () => {
  const odds = (c: object) => value(calcOdds(OddsCase.parse(c)));
  it("one reading, nothing but the tape: half a millimetre off is one spread", () => {
    const a = odds({
      readings: ["600"],
      cutting: { kind: "within", mm: 0 },
      movement: { lo: 0, hi: 0 },
      grid: "0.5 mm",
      deductions: ["0", "0.5", "1"],
    });
    expect(a.method).toBe("exact");
    expect(a.curve.map((c) => c.binds)).toEqual([
      expect.closeTo(0.5, 9),
      expect.closeTo(0.158655, 6),
      expect.closeTo(0.02275, 5),
    ]);
    expect(a.best).toBeNull();
  });
  it("the order is the smallest reading less the deduction, down to the grid", () => {
    const a = odds({ readings: ["612.7", "611.6", "613"], rebateDepth: "8" });
    expect(a.curve).toHaveLength(21);
    expect(a.curve[3]).toMatchObject({ off: { mm: 3 }, glass: { mm: 608 } });
    expect(a.best?.cost).toBeLessThan(0.01);
  });
  it("dear binding takes more off, dear cover less", () => {
    const off = (costs: object) => {
      const best = odds({ readings: ["600", "600", "600"], rebateDepth: "5", costs }).best?.off;
      return best && "mm" in best ? best.mm : Number.NaN;
    };
    expect(off({ binds: 50, coverLost: 1 })).toBeGreaterThan(off({ binds: 1, coverLost: 50 }));
  });
  it("a whole opening is drawn by its seed", () => {
    const ask = (seed: number) =>
      odds({ opening: LEANING, rebateDepth: "10", samples: 4000, seed, glass: [{ width: "608", height: "900" }] });
    const [a, again, other] = [ask(1), ask(1), ask(2)];
    expect(a).toEqual(again);
    expect(a.sizes).not.toEqual(other.sizes);
    expect(a).toMatchObject({ method: "sampled", samples: 4000, seed: 1 });
    const at = a.sizes[0]?.binds ?? 0;
    expect(Math.abs(at - (other.sizes[0]?.binds ?? 0))).toBeLessThan(6 * (a.standardError ?? 0));
    expect(a.best?.trouble).toBeLessThan(0.01);
  });
  // 0.8413 stays free of one dimension that is one spread of the tape larger than its glass; 0.6915 at half a spread.
  it.each<[string, object, number]>([
    ["one spread each way", { "width-middle": "600.5", "height-middle": "900.5" }, 1 - 0.841345 ** 2],
    ["one spread, and a whole millimetre", { "width-middle": "600.5", "height-left": "901" }, 1 - 0.841345 * 0.97725],
    [
      "two widths that each may bind",
      { "width-top": "600.5", "width-bottom": "600.5", "height-left": "905" },
      1 - 0.841345 ** 2,
    ],
  ])("without corners it is exact, %s", (_, opening, binds) => {
    const a = odds({
      opening,
      cutting: { kind: "within", mm: 0 },
      movement: { width: { lo: 0, hi: 0 }, height: { lo: 0, hi: 0 } },
      glass: [{ width: "600", height: "900" }],
    });
    expect(a).toMatchObject({ method: "exact", samples: null, best: null });
    expect(a.sizes[0]?.binds).toBeCloseTo(binds, 5);
    expect(a.sizes[0]?.coverLost).toBeNull();
  });
  it("cover is lost beyond twice what the depth has over the least", () => {
    // Depth 5 both sides, least 3: the opening may exceed the glass by 4. Width 604 exceeds by 4 in half of all cases.
    const a = odds({
      opening: { "width-middle": "604", "height-middle": "902" },
      rebateDepth: "5",
      cutting: { kind: "within", mm: 0 },
      movement: { width: { lo: 0, hi: 0 }, height: { lo: 0, hi: 0 } },
      glass: [{ width: "600", height: "900" }],
    });
    expect(a.sizes[0]?.coverLost).toBeCloseTo(0.5, 4);
    expect(a.best?.off).toMatchObject({ width: { mm: 2 }, height: { mm: 2 } });
  });
  it("movement apart or shared differs only in how the two dimensions meet", () => {
    const { "diagonal-up": _, "diagonal-down": __, ...rest } = LEANING;
    const ask = (shareMovement: boolean) =>
      odds({ opening: rest, shareMovement, glass: [{ width: "610", height: "902" }] }).sizes[0]?.binds ?? 0;
    expect(ask(false)).toBeGreaterThanOrEqual(ask(true) - 1e-9);
    expect(ask(false)).toBeLessThan(1);
  });
  it("about a year it is drawn, with a usual lean", () => {
    const a = odds({ opening: { "width-middle": "600", "height-middle": "900" }, when: "year", rebateDepth: "9" });
    expect(a).toMatchObject({ method: "sampled", rule: expect.stringContaining("usual lean") });
  });
  it.each([
    [{ readings: [] }, /readings/],
    [{ readings: ["600"], movement: { lo: 1, hi: 0 } }, /least movement/],
    [{ opening: {}, samples: 5 }, /samples/],
  ])("%j is refused where it is wrong", (c, says) => {
    const parsed = OddsCase.safeParse(c);
    expect(JSON.stringify(parsed.error)).toMatch(says);
  });
});

describe("thickness", () => {
  const thickness = (c: object) => calcThickness(ThicknessCase.parse(c));
  it("24 overall, panes of 4: 4-16-4", () => {
    const a = value(thickness({ overall: "24", pane: "4" }));
    expect(a.stacks[0]).toMatchObject({ text: "4-16-4", equalPanes: true, score: 0 });
    expect(a.possible).toBe(a.stacks.length);
  });
  it("by a slip of wood, with the bed taken off once", () => {
    const a = value(thickness({ slip: { far: "25.5", near: "21.5" } }));
    expect([a.bySlip?.mm, a.panes[0]?.mm, a.by]).toEqual([24, 4, "slip"]);
  });
  it("two ways that disagree are said", () => {
    const a = value(thickness({ overall: "24", slip: { far: "28" } }));
    expect(a.conflicts[0]?.says).toMatch(/Caliper says 24 mm overall, the slip of wood 26.5 mm/);
  });
  it("nothing read is asked for", () => expect(refused(thickness({}))).toMatchObject({ code: "needs-overall" }));
});

describe("depth", () => {
  it("2 mm proud, and what cures it", () => {
    const a = value(calcDepth(DepthCase.parse({ rebateWidth: "18", glass: "6", bead: "12" })));
    expect([a.spare.mm, a.proud.mm, a.cures?.slimmerBead?.mm, a.cures?.thinnerGlass?.mm]).toEqual([-2, 2, 10, 4]);
    expect(a.says).toBe(
      "The bead would stand 2 mm proud. Any one cures it: a bead of 10 mm, glass of 4 mm, a rebate 20 mm wide.",
    );
  });
  it("routing for a sealed unit, and what timber stays", () => {
    const rout = { rebateDepth: "9", depthNeeded: "15", timber: "44", face: "45" };
    const a = value(
      calcDepth(DepthCase.parse({ rebateWidth: "18", glass: "14", bead: "10", faceClearance: "1", rout })),
    );
    expect(a.rout).toMatchObject({
      width: { needed: { mm: 27 }, by: { mm: 9 } },
      depth: { by: { mm: 6 } },
      upstandLeft: { mm: 17 },
      webLeft: { mm: 30 },
      holds: true,
    });
  });
});
