import { describe, expect, it } from "vitest";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import type { Readings } from "../measure/reckoned.ts";
import { mm, toMm } from "../units/length.ts";
import { depthForUnit, roomOnceRouted, routHere } from "./rout-here.ts";

/* What a sash is routed to hold a unit, by what was read of it; the house's own figures: bed 2, cover 12. */

const READ: Readings = {
  "rebate-depth": mm(10),
  "rebate-width": mm(18),
  "timber-thickness": mm(44),
  "member-face": mm(48),
};
const told = (readings: Readings, unit?: number) => {
  const rout = routHere(readings, HOUSE_DEFAULTS, unit === undefined ? undefined : mm(unit));
  return (
    rout && {
      deeper: toMm(rout.depth.by),
      wider: toMm(rout.width.by),
      upstand: toMm(rout.upstandLeft),
      webs: rout.webs.map((w) => `${w.side} ${toMm(w.left)}`),
    }
  );
};
const without = (place: keyof Readings): Readings => ({ ...READ, [place]: undefined });

describe("how a rebate is routed for a sealed unit", () => {
  it("is as deep as cover, packers and what is off want: 12 + 3 + 2", () => {
    expect(toMm(depthForUnit({ unitCoverMm: 12 }, READ))).toBe(17);
    expect(toMm(depthForUnit({ unitCoverMm: 9 }, READ))).toBe(14);
  });
  it.each<[string, Readings, number | undefined, ReturnType<typeof told>]>([
    // Across: 2 + 14 + 1 + 10 = 27 where 18 are; 44 less 27 stays, and of the face 48 less 17.
    ["a slim unit", READ, 14, { deeper: 7, wider: 9, upstand: 17, webs: ["bottom 31"] }],
    [
      "its own thickness, where that was read",
      { ...READ, "unit-thickness": mm(16) },
      undefined,
      { deeper: 7, wider: 11, upstand: 15, webs: ["bottom 31"] },
    ],
    [
      "a bead that was read",
      { ...READ, "bead-width": mm(12) },
      14,
      { deeper: 7, wider: 11, upstand: 15, webs: ["bottom 31"] },
    ],
    [
      "a bed that was read",
      { ...READ, "bed-under": mm(3) },
      14,
      { deeper: 7, wider: 10, upstand: 16, webs: ["bottom 31"] },
    ],
    ["the face not read", without("member-face"), 14, { deeper: 7, wider: 9, upstand: 17, webs: [] }],
    [
      "deep and wide enough",
      { ...READ, "rebate-depth": mm(18), "rebate-width": mm(30) },
      14,
      { deeper: 0, wider: 0, upstand: 14, webs: ["bottom 30"] },
    ],
    ["no unit known", READ, undefined, null],
    ["no depth read", without("rebate-depth"), 14, null],
    ["no width read", without("rebate-width"), 14, null],
    ["no timber read", without("timber-thickness"), 14, null],
  ])("%s", (_, readings, unit, expected) => {
    expect(told(readings, unit)).toEqual(expected);
  });
});

describe("how thick a unit a sash holds once it is routed", () => {
  it.each<[string, Readings, number | null]>([
    // 44 less 6 that stays, 2 of bed, 1 of clearance, 10 of putty.
    ["by its timber", READ, 25],
    ["with the bed that is there", { ...READ, "bed-under": mm(3) }, 24],
    ["thinner", { ...READ, "timber-thickness": mm(36) }, 17],
    ["until the timber is read", without("timber-thickness"), null],
  ])("%s", (_, readings, room) => expect(roomOnceRouted(readings, HOUSE_DEFAULTS)).toBe(room));
  it("is just what can be routed for it: no more, and no less", () => {
    for (let timber = 30; timber <= 60; timber++) {
      const readings = { ...READ, "timber-thickness": mm(timber) };
      const room = roomOnceRouted(readings, HOUSE_DEFAULTS) ?? 0;
      expect([timber, routHere(readings, HOUSE_DEFAULTS, mm(room))?.upstandHolds]).toEqual([timber, true]);
      expect([timber, routHere(readings, HOUSE_DEFAULTS, mm(room + 0.1))?.upstandHolds]).toEqual([timber, false]);
    }
  });
});

describe("a leaning opening is routed deeper by half of what it leans", () => {
  /** 600 × 900 with its head pushed aside. */
  const leaning = (by: number): Readings => ({
    ...READ,
    "width-top": mm(600),
    "width-bottom": mm(600),
    "height-left": mm(Math.hypot(900, by)),
    "height-right": mm(Math.hypot(900, by)),
    "diagonal-up": mm(Math.hypot(600 + by, 900)),
    "diagonal-down": mm(Math.hypot(600 - by, 900)),
  });
  it.each([
    [0, 17],
    // Up to 2 the room for what is off takes it up.
    [1.9, 17],
    [2.5, 18.5],
    [4, 19],
    [5.6, 20],
    [7.8, 21],
  ])("%s mm // %s deep", (by, deep) => expect(toMm(depthForUnit({ unitCoverMm: 12 }, leaning(by)))).toBe(deep));
});
