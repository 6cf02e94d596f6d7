import { describe, expect, it } from "vitest";
import { cutBound } from "./bound.ts";
import { cutOrder } from "./cut-order.ts";
import type { CutNode, CuttingCase, CuttingPlan } from "./cutting.ts";
import { madeUpCutting, madeUpPanes } from "./made-up-cutting.ts";
import { planCuts } from "./plan-cuts.ts";
import { verifyCuts } from "./verify-cuts.ts";

const rounds = (n: number) => (done: number) => done / n;
const sheet = (width: number, height: number, over: object = {}) => ({
  id: "s",
  width,
  height,
  count: null,
  cost: 1,
  trim: 0,
  ...over,
});
const piece = (width: number, height: number, turns = true, due = 0) => ({ id: "p", width, height, turns, due });
const given = (pieces: CuttingCase["pieces"], sheets = [sheet(1000, 800)], strip = 12): CuttingCase => ({
  sheets,
  pieces,
  strip,
  keep: { width: 100, height: 100 },
});

describe("a few pieces, by hand", () => {
  it.each([
    ["one that is the sheet", [piece(1000, 800)], 1, 0],
    ["one that must be turned to be it", [piece(800, 1000)], 1, 0],
    ["one that would have to be turned, and may not", [piece(800, 1000, false)], 0, 1],
    ["four quarters", Array(4).fill(piece(500, 400)), 1, 0],
    ["five quarters", Array(5).fill(piece(500, 400)), 2, 0],
    // 1000 − 990 is 10, and a strip of 10 does not break out where 12 is the least.
    ["one that leaves too narrow a strip", [piece(990, 800, false)], 0, 1],
    ["one that leaves just enough", [piece(988, 800, false)], 1, 0],
    ["one too large", [piece(1200, 300)], 0, 1],
    // Side by side they take 2 × 494 = 988; the third strip of 12 may stay.
    ["two beside each other and a strip", [piece(494, 800, false), piece(494, 800, false)], 1, 0],
    // 496 + 496 leaves 8: each takes a sheet of its own.
    ["two that would leave 8 mm between them and the edge", [piece(496, 800, false), piece(496, 800, false)], 2, 0],
  ] as const)("%s: %d sheets, %d without a place", (_, pieces, sheets, out) => {
    const c = given(pieces);
    const plan = planCuts(c, { seed: 1, gone: rounds(400) });
    expect(verifyCuts(c, plan)).toEqual([]);
    expect([plan.sheets.length, plan.unplaced.length]).toEqual([sheets, out]);
  });
  it("tells every better plan whole: each can be cut, none is dearer than the one before, and the last is the answer's cost", () => {
    const c = madeUpPanes(7, 14);
    const told: { readonly plan: CuttingPlan; readonly cost: number; readonly unplaced: number }[] = [];
    const plan = planCuts(c, {
      seed: 3,
      gone: rounds(4000),
      told: ({ cost, unplaced, plan: whole }) => told.push({ plan: whole(), cost, unplaced }),
    });
    expect(told.length).toBeGreaterThan(0);
    for (const t of told) {
      expect(verifyCuts(c, t.plan)).toEqual([]);
      expect([t.plan.cost, t.plan.unplaced.length]).toEqual([t.cost, t.unplaced]);
    }
    told.slice(1).forEach((t, i) => {
      const was = told[i];
      expect(t.unplaced < (was?.unplaced ?? 0) || t.cost <= (was?.cost ?? 0) + 1e-9).toBe(true);
    });
    expect(told.at(-1)?.cost).toBe(plan.cost);
  });
  it("takes the off-cut that is nearly free before a sheet", () => {
    const c = given(
      [piece(300, 200)],
      [sheet(1000, 800, { cost: 50 }), sheet(400, 300, { id: "off-cut", cost: 1, count: 1 })],
    );
    const plan = planCuts(c, { seed: 1, gone: rounds(200) });
    expect([plan.cost, plan.sheets[0]?.sheet, plan.proved]).toEqual([1, 1, true]);
  });
  it("where glass runs out, what is due first is cut", () => {
    const c = given([piece(600, 800, false, 5), piece(600, 800, false, 0)], [sheet(1000, 800, { count: 1 })]);
    expect(planCuts(c, { seed: 1, gone: rounds(300) }).unplaced).toEqual([0]);
  });
  it("takes the trim off all round first", () => {
    const c = given([piece(980, 780, false)], [sheet(1000, 800, { trim: 10 })]);
    const plan = planCuts(c, { seed: 1, gone: rounds(50) });
    expect(verifyCuts(c, plan)).toEqual([]);
    expect(plan.sheets[0]?.root).toMatchObject({ kind: "piece", width: 980 });
  });
  it("keeps what is left over in one piece where that costs nothing", () => {
    const c = given([piece(400, 300), piece(400, 300)], [sheet(1000, 800)]);
    const plan = planCuts(c, { seed: 1, gone: rounds(2000) });
    const lefts: number[] = [];
    const look = (n: CutNode): void => {
      if (n.kind === "left") lefts.push(n.width * n.height);
      else if (n.kind !== "piece") n.parts.forEach(look);
    };
    for (const s of plan.sheets) look(s.root);
    // 1000 × 800 less a strip of 300 × 800 (turned), or 400 × 600 beside it: 700 × 800 in one piece is the most.
    expect(Math.max(...lefts)).toBe(1000 * 800 - 300 * 800);
  });
});

describe("cases of chance", () => {
  it.each([1, 2, 3, 4, 5, 6])("seed %d: every plan can be cut, and more time never costs more", (seed) => {
    const c = madeUpPanes(seed, 15 + seed * 5);
    const short = planCuts(c, { seed, gone: rounds(300) });
    const long = planCuts(c, { seed, gone: rounds(2500) });
    for (const plan of [short, long]) {
      expect(verifyCuts(c, plan)).toEqual([]);
      expect(plan.cost).toBeGreaterThanOrEqual(plan.bound.cost - 1e-9);
      expect(plan.unplaced).toEqual([]);
    }
    expect(long.cost).toBeLessThanOrEqual(short.cost);
    expect(planCuts(c, { seed, gone: rounds(300) }).sheets).toEqual(short.sheets);
  });
  it.each([
    [1, 12, true],
    [2, 10, true],
    [2, 12, false],
    [3, 10, true],
  ] as const)("%d sheets cut up to the last millimetre are found again", (sheets, perSheet, turns) => {
    const c = madeUpCutting({ seed: 5, sheets, perSheet, turns });
    const plan = planCuts(c, { seed: 2, gone: rounds(60_000) });
    expect(verifyCuts(c, plan)).toEqual([]);
    expect([plan.sheets.length, plan.proved]).toEqual([sheets, true]);
  });
});

describe("what no plan can be cheaper than", () => {
  it.each([
    ["by area", given(Array(5).fill(piece(400, 400))), 1, "area"],
    // Five pieces of more than half the sheet both ways: no two go on one.
    ["longer than half both ways", given(Array(5).fill(piece(600, 600)), [sheet(1000, 1000)]), 5, "dual-feasible"],
    ["nothing to cut", given([]), 0, "area"],
    // The off-cut is too small for it: whatever else, the dear sheet is cut up.
    [
      "a piece that fits on the dear one alone",
      given([piece(600, 600)], [sheet(1000, 800, { cost: 50 }), sheet(500, 500, { cost: 1 })]),
      50,
      "piece",
    ],
    // 593 133 mm²: more than either off-cut holds (558 150 and 270 000), and together they cost less than the sheet.
    [
      "whole sheets only",
      given(
        [piece(383, 517), piece(382, 517), piece(383, 516)],
        [
          sheet(610, 915, { cost: 550, count: 1 }),
          sheet(450, 600, { cost: 260, count: 1 }),
          sheet(1200, 900, { cost: 1050, count: 1 }),
        ],
      ),
      810,
      "area",
    ],
    // Two of 700 × 700 fit on the two large ones only, and are more than one of those holds (900 000 each).
    [
      "pieces that fit on some of them are more than one of those holds",
      given(
        [piece(700, 700), piece(700, 700), piece(100, 100)],
        [sheet(900, 1000, { cost: 90 }), sheet(1000, 900, { cost: 80 }), sheet(600, 600, { cost: 1 })],
      ),
      160,
      "piece",
    ],
  ] as const)("%s", (_, c, cost, by) => {
    expect(cutBound(c)).toEqual({ cost, by });
  });
});

describe("what is wrong with a plan", () => {
  const c = given([piece(400, 300, false)]);
  const plan = (root: CutNode, over: Partial<CuttingPlan> = {}): CuttingPlan => ({
    sheets: [{ sheet: 0, root }],
    unplaced: [],
    cost: 1,
    ...over,
  });
  const own: CutNode = { kind: "piece", width: 400, height: 300, piece: 0, turned: false };
  const left = (width: number, height: number): CutNode => ({ kind: "left", width, height });
  const strip: CutNode = { kind: "up", width: 400, height: 800, parts: [own, left(400, 500)] };
  const good: CutNode = { kind: "across", width: 1000, height: 800, parts: [strip, left(600, 800)] };
  it.each([
    ["nothing", plan(good), []],
    ["a sheet of another size", plan({ ...good, width: 999 } as CutNode), ["root-size", "parts-do-not-add-up"]],
    ["a part too long", plan({ ...good, parts: [strip, left(601, 800)] } as CutNode), ["parts-do-not-add-up"]],
    ["a piece that is not there", plan(left(1000, 800)), ["missing"]],
    ["a piece there twice", plan(good, { unplaced: [0] }), ["twice"]],
    ["another cost", plan(good, { cost: 2 }), ["cost"]],
    [
      "a strip of 8",
      plan({ kind: "across", width: 1000, height: 800, parts: [strip, left(592, 800), left(8, 800)] }),
      ["strip"],
    ],
  ] as const)("%s", (_, p, kinds) => {
    expect(verifyCuts(c, p).map((f) => f.kind)).toEqual(kinds);
  });
});

describe("the order in which a sheet is broken out", () => {
  it("from the sheet down: each cut runs from edge to edge of what lies on the bench", () => {
    const c = given([piece(400, 300, false)]);
    const { sheets } = planCuts(c, { seed: 1, gone: rounds(50) });
    const cuts = cutOrder((sheets[0] as { root: CutNode }).root);
    expect(cuts).toHaveLength(2);
    expect(cuts[0]).toMatchObject({ of: { x: 0, y: 0, width: 1000, height: 800 } });
    // The second lies within what the first broke off.
    const [first, second] = cuts;
    expect((second?.of.width ?? 0) * (second?.of.height ?? 0)).toBeLessThan(
      (first?.of.width ?? 0) * (first?.of.height ?? 0),
    );
  });
});
