import { describe, expect, it } from "vitest";
import { PANE, Teller } from "../../../tests/support/told.ts";
import { withFirm } from "../firm/firm.ts";
import { foldFirm } from "../firm/fold-firm.ts";
import type { System } from "../frame/systems.ts";
import { toMm } from "../units/length.ts";
import { foldPane } from "./book.ts";
import { sidesOf, waysAlong } from "./own-sides.ts";
import { pinsHere } from "./pins-here.ts";
import { reckon } from "./reckoning.ts";
import { settingOf } from "./setting.ts";
import { metresRound } from "./steps-at.ts";

/* A pane cut to shape is packed, pinned and taped along its own sides, and not along the rectangle round it. */

/** A head that rises from 600 to 900 over a foot of 800; a millimetre and a half off all round. */
const RAKED = {
  "width-bottom": "800",
  "height-left": "600",
  "height-right": "900",
  "width-top": "854.4",
  "diagonal-up": "1204.2",
  "diagonal-down": "1000",
} as const;
/** Part of a circle of 325 over jambs of 500: 600 wide, 700 at its crown. */
const ARCHED = {
  "width-bottom": "600",
  "width-middle": "600",
  "height-left": "500",
  "height-right": "500",
  "height-middle": "700",
} as const;

const told = (shape: "raked" | "arched", system: System = "plastic-bead-inside") => {
  const t = new Teller().opened().added(PANE, system);
  t.tell("measure.shape", { shape });
  t.read(shape === "raked" ? RAKED : ARCHED);
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  const r = reckon(book, withFirm(foldFirm(t.entries)));
  if (!r.shaped || !r.cut.ok) throw new Error("no shape");
  return { book, r, corners: r.shaped.corners, setting: settingOf(book, r), glass: r.cut.value.glass };
};

describe("the sides of a pane with a raking head", () => {
  it("each from its left or its lower end", () => {
    const ways = waysAlong(told("raked").corners);
    const ends = (way: (typeof ways)["top"]) =>
      [way[0], way.at(-1)].map((p) => [Math.round(p?.x ?? 0), Math.round(p?.y ?? 0)]);
    // Its foot is 797 long; the head rises by three eighths of that.
    expect(ends(ways.bottom)).toEqual([
      [0, 0],
      [797, 0],
    ]);
    const [low, high] = [ends(ways.left)[1], ends(ways.right)[1]];
    expect([Math.abs(low?.[0] ?? 9) <= 1, high?.[0]]).toEqual([true, 797]);
    expect((high?.[1] ?? 0) - (low?.[1] ?? 0)).toBe(299);
    expect(ends(ways.top)).toEqual([low, high]);
  });
  it("packers stand a quarter in on each side's own length", () => {
    const { setting, corners } = told("raked");
    const long = sidesOf(corners);
    const at = (edge: keyof typeof long) =>
      setting?.spots
        .filter((s) => s.edge === edge)
        .map((s) => s.atMm)
        .sort((a, b) => a - b);
    for (const edge of ["left", "right", "bottom", "top"] as const) {
      expect(at(edge)?.[0]).toBeCloseTo(toMm(long[edge]) / 4, 5);
      expect(at(edge)?.[1]).toBeCloseTo((toMm(long[edge]) * 3) / 4, 5);
    }
    expect(toMm(long.right) - toMm(long.left)).toBeCloseTo(299, 0);
  });
});

describe("the sides of a pane with an arched head", () => {
  it("packers of its jambs stay below where it springs, those of its head stand along its arc", () => {
    const { setting, corners } = told("arched");
    const [left, top] = [toMm(sidesOf(corners).left), toMm(sidesOf(corners).top)];
    // 2 × 323.5 × asin(298.5 ÷ 323.5); the arc stands as short straight pieces.
    expect([Math.round(left), Math.abs(top - 760.3) < 1.5]).toEqual([498, true]);
    const given = (edge: string) => setting?.spots.filter((s) => s.edge === edge).map((s) => s.atMm) ?? [];
    expect(Math.max(...given("left"), ...given("right"))).toBeLessThan(left);
    expect(given("top").map((x) => x / top)).toEqual([expect.closeTo(0.25, 9), expect.closeTo(0.75, 9)]);
  });
  it("tape and gasket go its way round: 597, 498 twice and 760 are 2353, where its rectangle has 2588", () => {
    const { setting, corners, glass } = told("arched");
    const round = Object.values(sidesOf(corners)).reduce((sum, side) => sum + toMm(side), 0);
    expect(Math.abs(round - 2353)).toBeLessThan(2);
    expect(2 * (toMm(glass.width) + toMm(glass.height))).toBeCloseTo(2588, 0);
    const strip = setting?.tapeMm ?? setting?.gasketMm ?? 0;
    expect(strip / round).toBeGreaterThan(1);
    expect(strip).toBeLessThan(2588);
  });
  it("new beads are as long as the opening's own sides, its head along its arc", () => {
    const t = new Teller().opened().added(PANE, "timber-bead");
    t.tell("measure.shape", { shape: "arched" });
    t.tell("takeout.detail", { keep: "destroy" });
    t.read(ARCHED);
    const book = foldPane(PANE, t.entries);
    if (!book) throw new Error("no pane");
    const sticks = settingOf(book, reckon(book, withFirm(foldFirm(t.entries))))?.sticks;
    const pieces = sticks?.sticks.flatMap((s) => s.pieces).sort((a, b) => a - b) ?? [];
    // 498.1 and 3 twice, 597 and 3, 760 and 3: each up to the next millimetre.
    expect(pieces.slice(0, 3)).toEqual([502, 502, 600]);
    expect(Math.abs((pieces[3] ?? 0) - 763)).toBeLessThanOrEqual(2);
  });
  it("and what runs along its edge is as long as that", () =>
    expect(metresRound(told("arched").r)).toBeCloseTo(2.353, 2));
  it("pins stand along it: 50 from each end and 150 apart at most", () => {
    const { book, r } = told("arched", "timber-bead");
    // 597: 497 between, four pitches, five. 498: 398, three, four. 760: 660, five, six.
    expect(pinsHere(book, r)?.places.count).toBe(5 + 4 + 6 + 4);
  });
});
