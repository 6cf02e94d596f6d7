import { describe, expect, it } from "vitest";
import { mm, type Nm, toMm } from "../units/length.ts";
import type { Place } from "./places.ts";
import { openingBy, type Readings } from "./reckoned.ts";
import { thicknessFrom } from "./thickness.ts";
import { throughBoth, twistOf } from "./twist.ts";
import type { Way } from "./ways.ts";

const given = (r: Partial<Record<Place, number>>): Readings =>
  Object.fromEntries(Object.entries(r).map(([p, v]) => [p, mm(v)]));
const shown = (r: Readings) => Object.fromEntries(Object.entries(r).map(([p, v]) => [p, toMm(v as Nm)]));

const HOUSE = { sits: null, easy: mm(2), loose: mm(4), usualGap: mm(2) };

describe("the opening by the way it was measured", () => {
  it.each([
    ["rebate", { "width-top": 612, "sight-width": 590 }, { "width-top": 612 }, null],
    [
      "through-glass",
      { "sight-width": 580, "sight-height": 880, "cover-guess": 8 },
      { "width-middle": 596, "height-middle": 896 },
      null,
    ],
    ["through-glass", { "sight-width": 580, "sight-height": 880 }, {}, null],
    ["through-glass", { "sight-width": 580, "goes-in": 6 }, { "width-middle": 596 }, "through-glass"],
    ["through-glass", { "sight-height": 880, "goes-in": 6 }, { "height-middle": 896 }, "through-glass"],
    ["old-unit", { "old-width": 609, "old-height": 901 }, { "width-middle": 611, "height-middle": 903 }, "old-unit"],
    [
      "through-glass",
      { "sight-width": 580, "sight-height": 880, "goes-in": 6 },
      { "width-middle": 596, "height-middle": 896 },
      "through-glass",
    ],
    [
      "through-glass",
      { "sight-width": 580, "sight-height": 880, "cover-guess": 8, "rebate-depth": 9 },
      { "width-middle": 598, "height-middle": 898 },
      null,
    ],
    [
      "old-unit",
      { "old-width": 609, "old-height": 901, "old-packed": 2 },
      { "width-middle": 613, "height-middle": 905 },
      "old-unit",
    ],
    [
      "insert-outside",
      { "insert-outside-width": 565, "insert-outside-height": 1627, "door-thickness": 44 },
      { "width-middle": 565, "height-middle": 1627 },
      "insert-outside",
    ],
  ] as const)("%s", (way, readings, opening, copied) => {
    const found = openingBy(way as Way, given(readings), HOUSE);
    expect(shown(found.readings)).toEqual(opening);
    expect(found.copied?.of ?? null).toBe(copied);
  });

  it.each([
    ["tight", undefined, 0, "told"],
    ["easy", undefined, 2, "told"],
    ["loose", undefined, 4, "told"],
    ["even", undefined, 2, "told"],
    ["packed", undefined, 2, "usual"],
    [null, undefined, 2, "usual"],
    ["packed", 5, 10, "packers"],
    ["tight", 3, 6, "packers"],
    ["loose", 0, 4, "told"],
  ] as const)("an old pane that sat %s, packed by %s a side, had %d mm of room: %s", (sits, packed, play, fit) => {
    const r = given({ "old-width": 600, "old-height": 900, ...(packed === undefined ? {} : { "old-packed": packed }) });
    const found = openingBy("old-unit", r, { ...HOUSE, sits });
    expect(found.copied).toMatchObject({ glass: { width: mm(600), height: mm(900) }, play: mm(play), fit });
    expect(shown(found.readings)).toEqual({ "width-middle": 600 + play, "height-middle": 900 + play });
  });
  it("an old pane is ordered as it is also where the opening was read: the two stand side by side", () => {
    const r = given({ "old-width": 600, "old-height": 900, "width-top": 608, "height-left": 909 });
    const found = openingBy("old-unit", r, HOUSE);
    expect(found.copied).toMatchObject({ glass: { width: mm(600) }, play: null, fit: "opening-read" });
    expect(shown(found.readings)).toEqual({ "width-top": 608, "height-left": 909 });
  });
  it("a guess keeps its doubt, both sides together", () => {
    const seen = { "sight-width": 580, "sight-height": 880, "cover-guess": 8 };
    expect(openingBy("through-glass", given({ ...seen, "cover-doubt": 2 }), HOUSE).guessed).toEqual({ doubt: 4 });
    expect(openingBy("through-glass", given(seen), HOUSE).guessed).toEqual({ doubt: 6 });
  });

  it("the rebate's own readings replace the guess", () => {
    const both = given({
      "sight-width": 580,
      "sight-height": 880,
      "cover-guess": 8,
      "width-top": 612,
      "height-left": 904,
    });
    expect(openingBy("through-glass", both, HOUSE)).toMatchObject({ guessed: null });
    expect(shown(openingBy("through-glass", both, HOUSE).readings)).toEqual({ "width-top": 612, "height-left": 904 });
  });
});

describe("both faces", () => {
  it("their difference is twist, and the pane must pass the smaller", () => {
    const r = given({ "width-top": 612, "back-width-top": 608.5, "height-left": 904, "back-height-left": 904.5 });
    expect(twistOf(r).worst).toEqual({ place: "width-top", by: -3.5 });
    expect(shown(throughBoth(r))).toMatchObject({ "width-top": 608.5, "height-left": 904 });
  });
  it("one face says nothing of twist", () => {
    expect(twistOf(given({ "width-top": 612 }))).toEqual({ differences: {}, worst: null, read: 0 });
  });
});

describe("thickness", () => {
  it("says whether the bed was read, and which it is", () => {
    expect(thicknessFrom(given({ "slip-far": 25.5 })).bed).toEqual({ length: mm(1.5), read: false });
    expect(thicknessFrom(given({ "slip-far": 25.5, "bed-under": 2 })).bed).toEqual({ length: mm(2), read: true });
  });
  it.each([
    ["caliper", { "unit-thickness": 24, "pane-thickness": 4 }, 24, "caliper", [4], []],
    [
      "slip of wood, bed taken off once",
      { "slip-far": 25.5, "slip-near": 21.5, "bed-under": 1.5 },
      24,
      "slip",
      [4],
      [],
    ],
    ["the usual bed where none is read", { "slip-far": 25.5 }, 24, "slip", [], []],
    ["both, agreeing", { "unit-thickness": 24, "slip-far": 25.8 }, 24, "caliper", [], []],
    ["both, the bed forgotten", { "unit-thickness": 24, "slip-far": 27.2 }, 24, "caliper", [], ["overall-differs"]],
    ["marks the wrong way about", { "slip-far": 21.5, "slip-near": 25.5 }, 20, "slip", [], ["marks-out-of-order"]],
    [
      "panes as thick as the whole",
      { "unit-thickness": 8, "pane-thickness": 4, "pane-thickness-far": 4 },
      8,
      "caliper",
      [4, 4],
      ["pane-thicker-than-whole"],
    ],
    ["a bed thicker than the mark", { "slip-far": 1 }, null, null, [], ["bed-thicker-than-mark"]],
  ] as const)("%s", (_, readings, overall, by, panes, conflicts) => {
    const t = thicknessFrom(given(readings));
    expect(t.overall === null ? null : toMm(t.overall)).toBe(overall);
    expect(t.by).toBe(by);
    expect(t.panes.map(toMm)).toEqual(panes);
    expect(t.conflicts.map((c) => c.kind)).toEqual(conflicts);
  });
});
