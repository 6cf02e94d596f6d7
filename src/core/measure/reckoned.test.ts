import { describe, expect, it } from "vitest";
import { mm, type Nm, toMm } from "../units/length.ts";
import type { Place } from "./places.ts";
import { openingBy, type Readings } from "./reckoned.ts";
import { thicknessFrom } from "./thickness.ts";
import { throughBoth, twistOf } from "./twist.ts";
import type { Way } from "./ways.ts";

const of = (r: Partial<Record<Place, number>>): Readings =>
  Object.fromEntries(Object.entries(r).map(([p, v]) => [p, mm(v)]));
const shown = (r: Readings) => Object.fromEntries(Object.entries(r).map(([p, v]) => [p, toMm(v as Nm)]));

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
    ["old-unit", { "old-width": 609, "old-height": 901 }, { "width-middle": 609, "height-middle": 901 }, "old-unit"],
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
    const found = openingBy(way as Way, of(readings));
    expect(shown(found.readings)).toEqual(opening);
    expect(found.copied).toBe(copied);
  });

  it("a guess keeps its doubt, both sides together", () => {
    const seen = { "sight-width": 580, "sight-height": 880, "cover-guess": 8 };
    expect(openingBy("through-glass", of({ ...seen, "cover-doubt": 2 })).guessed).toEqual({ doubt: 4 });
    expect(openingBy("through-glass", of(seen)).guessed).toEqual({ doubt: 6 });
  });

  it("the rebate's own readings replace the guess", () => {
    const both = of({
      "sight-width": 580,
      "sight-height": 880,
      "cover-guess": 8,
      "width-top": 612,
      "height-left": 904,
    });
    expect(openingBy("through-glass", both)).toMatchObject({ guessed: null });
    expect(shown(openingBy("through-glass", both).readings)).toEqual({ "width-top": 612, "height-left": 904 });
  });
});

describe("both faces", () => {
  it("their difference is twist, and the pane must pass the smaller", () => {
    const r = of({ "width-top": 612, "back-width-top": 608.5, "height-left": 904, "back-height-left": 904.5 });
    expect(twistOf(r).worst).toEqual({ place: "width-top", by: -3.5 });
    expect(shown(throughBoth(r))).toMatchObject({ "width-top": 608.5, "height-left": 904 });
  });
  it("one face says nothing of twist", () => {
    expect(twistOf(of({ "width-top": 612 }))).toEqual({ differences: {}, worst: null, read: 0 });
  });
});

describe("thickness", () => {
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
    const t = thicknessFrom(of(readings));
    expect(t.overall === null ? null : toMm(t.overall)).toBe(overall);
    expect(t.by).toBe(by);
    expect(t.panes.map(toMm)).toEqual(panes);
    expect(t.conflicts.map((c) => c.kind)).toEqual(conflicts);
  });
});
