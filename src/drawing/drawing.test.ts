import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { cornersOf } from "../core/geometry/placing.ts";
import { OPENING } from "../core/measure/places.ts";
import { archDrawn } from "../core/pane/own-shape.ts";
import { MONDAY_TO_FRIDAY } from "../core/plan/calendar.ts";
import { addDays, dayOf } from "../core/units/day.ts";
import { dayAxis } from "./day-bars.ts";
import { elevationOf, heldAt, linesAcross, patternLines } from "./elevation.ts";
import { open, polygon, rectangle } from "./path.ts";
import { sectionOf } from "./section.ts";
import { stackLabels } from "./stack-labels.ts";

const BOX = { width: 440, height: 520 };

describe("labels in a column", () => {
  it.each([
    [
      [10, 12],
      [7, 21],
    ],
    [
      [10, 50],
      [10, 50],
    ],
    [
      [50, 10],
      [50, 10],
    ],
    [[0], [7]],
    [
      [99, 99],
      [79, 93],
    ],
  ])("wanting %j stand at %j", (wanted, at) => expect(stackLabels(wanted, 14, { from: 0, to: 100 })).toEqual(at));
  it("never touch, stay inside, and keep their order", () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: -20, max: 220 }), { minLength: 1, maxLength: 8 }), (wanted) => {
        const at = stackLabels(wanted, 20, { from: 0, to: 200 });
        const order = wanted.map((w, i) => ({ w, i })).sort((a, b) => a.w - b.w || a.i - b.i);
        order.forEach(({ i }, k) => {
          const here = at[i] ?? 0;
          expect(here).toBeGreaterThanOrEqual(10 - 1e-9);
          expect(here).toBeLessThanOrEqual(190 + 1e-9);
          if (k > 0) expect(here - (at[order[k - 1]?.i ?? 0] ?? 0)).toBeGreaterThanOrEqual(20 - 1e-9);
        });
      }),
    );
  });
});

describe("paths", () => {
  it("close, stay open, round to a hundredth", () => {
    expect(rectangle(0, 0, 10, 5)).toBe("M0 0L10 0L10 5L0 5Z");
    expect(
      open([
        { x: 1.23456, y: 0 },
        { x: 2, y: 1 },
      ]),
    ).toBe("M1.23 0L2 1");
    expect(polygon([])).toBe("Z");
  });
});

describe("the elevation", () => {
  const quad = { bl: { x: 0, y: 0 }, br: { x: 600, y: 0 }, tr: { x: 608, y: 900 }, tl: { x: 8, y: 900 } };
  const placed = { width: 590, height: 890, turn: 0, at: { x: 304, y: 450 } };
  const given = { quad, placed, about: { width: 600, height: 800 }, box: BOX, margin: 64 };
  it("stays inside its box, dimension lines and all", () => {
    const e = elevationOf(given);
    for (const s of e.spans)
      for (const p of [s.from, s.to, s.label]) {
        expect(p.x).toBeGreaterThan(0);
        expect(p.x).toBeLessThan(BOX.width);
        expect(p.y).toBeGreaterThan(0);
        expect(p.y).toBeLessThan(BOX.height);
      }
    expect(e.spans.map((s) => s.place).sort()).toEqual([...OPENING].sort());
  });
  it("states how many times its lean is enlarged, and more for a smaller lean", () => {
    const slight = elevationOf({ ...given, quad: { ...quad, tr: { x: 601, y: 900 }, tl: { x: 1, y: 900 } } });
    expect(slight.exaggeration).toBeGreaterThanOrEqual(elevationOf(given).exaggeration);
    expect(
      elevationOf({ ...given, quad: { ...quad, tr: { x: 700, y: 900 }, tl: { x: 100, y: 900 } } }).exaggeration,
    ).toBe(1);
  });
  it("leans the way the opening leans", () => {
    const [bl, , , tl] = elevationOf(given).corners;
    expect(tl.x).toBeGreaterThan(bl.x);
    const [bl2, , , tl2] = elevationOf({
      ...given,
      quad: { ...quad, tr: { x: 592, y: 900 }, tl: { x: -8, y: 900 } },
    }).corners;
    expect(tl2.x).toBeLessThan(bl2.x);
  });
  it("draws the pane inside when it goes in", () => {
    const e = elevationOf(given);
    expect(e.pane).not.toBeNull();
    expect(cornersOf(placed).bl.x).toBe(9);
  });
  it("stands in with a usual shape until something is read", () => {
    const e = elevationOf({ ...given, quad: null, placed: null });
    expect([e.known, e.pane, e.exaggeration]).toEqual([false, null, 1]);
  });
  it("shows where the tape is held: level for widths, upright for heights, corner to corner", () => {
    const e = elevationOf({ ...given, quad: null, placed: null });
    const top = heldAt(e, "width-top");
    expect(top.from.y).toBeCloseTo(top.to.y, 6);
    expect(heldAt(e, "width-bottom").from.y).toBeGreaterThan(top.from.y);
    const right = heldAt(e, "height-right");
    expect(right.from.x).toBeCloseTo(right.to.x, 6);
    expect(heldAt(e, "diagonal-up")).toEqual({ from: e.corners[0], to: e.corners[2] });
  });
  it.each([
    ["a head that rises from 600 to 900", { x: 0, y: 600 }, { x: 800, y: 900 }, true],
    ["a head 4 mm out of level, however much it is enlarged", { x: 0, y: 896 }, { x: 800, y: 900 }, false],
    ["a head 20 mm out of level over tall jambs, drawn at a slope", { x: 0, y: 3980 }, { x: 800, y: 4000 }, false],
  ])("dimensions %s: along its slope %s", (_, tl, tr, slopes) => {
    const e = elevationOf({ ...given, quad: { bl: { x: 0, y: 0 }, br: { x: 800, y: 0 }, tr, tl }, placed: null });
    const head = e.spans.find((s) => s.place === "width-top");
    expect(head && head.from.y - head.to.y > 1).toBe(slopes);
  });
  it("draws an arch in its frame, its jambs no taller than where it springs", () => {
    const arch = archDrawn({ width: 600, spring: 500, crown: 700, radius: 325 }, 0.5);
    const e = elevationOf({
      ...given,
      quad: { bl: { x: 0, y: 0 }, br: { x: 600, y: 0 }, tr: { x: 600, y: 700 }, tl: { x: 0, y: 700 } },
      placed: null,
      arch,
    });
    const tall = (place: string): number => {
      const span = e.spans.find((s) => s.place === place);
      return span ? Math.abs(span.to.y - span.from.y) : 0;
    };
    expect(tall("height-left") / tall("height-middle")).toBeCloseTo(500 / 700, 6);
    expect(e.opening.split("L")).toHaveLength(35);
    expect(e.pane?.split("L")).toHaveLength(35);
  });
  it("is finite for any opening", () => {
    const n = fc.double({ min: -40, max: 40, noNaN: true });
    fc.assert(
      fc.property(fc.integer({ min: 60, max: 3000 }), fc.integer({ min: 60, max: 3000 }), n, n, (w, h, a, b) => {
        const q = { bl: { x: 0, y: 0 }, br: { x: w, y: 0 }, tr: { x: w + a / 2, y: h }, tl: { x: b / 2, y: h } };
        const e = elevationOf({ ...given, quad: q, placed: null });
        expect(`${e.frame}${e.opening}`).not.toMatch(/NaN|Infinity/);
      }),
    );
  });
});

describe("the section", () => {
  const given = {
    rebateDepth: 10,
    rebateWidth: 18,
    glass: 4,
    bed: 2,
    nose: 0,
    gap: 1.5,
    packed: 1.5,
    holds: "putty" as const,
    opens: "outside" as const,
    box: { width: 380, height: 300 },
  };
  it("labels what is there, apart from each other", () => {
    const s = sectionOf(given);
    expect(s.labels.map((l) => l.part).sort()).toEqual(["bed", "cover", "face", "glass", "packer", "sight"]);
    for (const side of ["left", "right"]) {
      const ys = s.labels
        .filter((l) => l.side === side)
        .map((l) => l.text.y)
        .sort((a, b) => a - b);
      for (const [i, y] of ys.slice(1).entries()) expect(y - (ys[i] ?? 0)).toBeGreaterThanOrEqual(22 - 1e-9);
    }
  });
  it("is to one scale: ten millimetres wide are ten millimetres high", () => {
    const s = sectionOf(given);
    const bar = s.scaleBar.to.x - s.scaleBar.from.x;
    const [, y1] = /^M[\d.]+ ([\d.]+)/.exec(s.bed ?? "") ?? [];
    const [, y2] = /L[\d.]+ ([\d.]+)L[\d.]+ [\d.]+Z$/.exec(s.bed ?? "") ?? [];
    expect(Math.abs(Number(y2) - Number(y1))).toBeCloseTo(bar, 0);
  });
  it("without room for face putty draws none", () => {
    const s = sectionOf({ ...given, rebateWidth: 6 });
    expect([s.face, s.noRoom]).toEqual([null, true]);
  });
  it("draws no putty where there is none, and the gap where nothing packs it", () => {
    const s = sectionOf({ ...given, holds: "none", packed: 0 });
    expect([s.bed, s.face, s.packer]).toEqual([null, null, null]);
    expect(s.labels.map((l) => l.part)).toContain("gap");
  });
  it("draws a bead where beads hold it, on the open side, clear of the glass", () => {
    const s = sectionOf({ ...given, holds: "bead" });
    expect([s.bed, s.face]).toEqual([null, null]);
    expect(s.labels.map((l) => l.part)).toContain("bead");
    const right = Math.max(...[...(s.bead ?? "").matchAll(/[ML]([\d.]+)/g)].map((m) => Number(m[1])));
    const glass = Number(/^M([\d.]+)/.exec(s.sheets[0] ?? "")?.[1]);
    expect(right).toBeLessThan(glass);
  });
  it("turns a unit round where it opens to the room: the sheet at the left is then the inner one", () => {
    const unit = { ...given, holds: "bead" as const, rebateWidth: 40, glass: 24 };
    const layers = { panesMm: [6, 4], cavitiesMm: [14] };
    const width = (d: string): number => {
      const xs = [...d.matchAll(/[ML]([\d.]+)/g)].map((m) => Number(m[1]));
      return Math.max(...xs) - Math.min(...xs);
    };
    const [out] = sectionOf({ ...unit, layers }).sheets;
    const [room] = sectionOf({ ...unit, layers, opens: "inside" }).sheets;
    expect(width(room ?? "") / width(out ?? "")).toBeCloseTo(4 / 6, 2);
  });
  it("stands in with a usual rebate until it is read", () =>
    expect(sectionOf({ ...given, rebateDepth: null, rebateWidth: null }).rail).not.toMatch(/NaN/));
});

describe("bars against the days", () => {
  const first = dayOf("2026-05-18");
  const calendar = {
    workingWeekdays: MONDAY_TO_FRIDAY,
    daysOff: new Set([dayOf("2026-05-20")]),
    wet: new Set([dayOf("2026-05-19")]),
    lowC: new Map(),
  };
  const axis = (bars: Parameters<typeof dayAxis>[0]["bars"], today = first) =>
    dayAxis({ first, count: 10, width: 100, today, calendar, bars });
  it("a day is a tenth of ten; weekends and days off rest", () => {
    const { days } = axis([]);
    expect(days.map((d) => d.rest)).toEqual([false, false, true, false, false, true, true, false, false, false]);
    expect(days[1]).toMatchObject({ x: 10, width: 10, wet: true, monday: false });
  });
  it.each([
    [0, 0, 0, 10, false, false],
    [2, 4, 20, 30, false, false],
    [-3, 1, 0, 20, true, false],
    [8, 20, 80, 20, false, true],
  ])("from day %i to day %i", (from, to, x, width, cutLeft, cutRight) => {
    expect(axis([{ kind: "cure", from: addDays(first, from), to: addDays(first, to) }]).bars).toMatchObject([
      { x, width, cutLeft, cutRight },
    ]);
  });
  it("leaves out what lies outside, and what ends before it begins", () => {
    const bar = (from: number, to: number) => ({
      kind: "paint" as const,
      from: addDays(first, from),
      to: addDays(first, to),
    });
    expect(axis([bar(-9, -1), bar(10, 12), bar(5, 4)]).bars).toEqual([]);
  });
  it("marks today in the middle of its day, or not at all", () => {
    expect(axis([]).today).toBe(5);
    expect(axis([], addDays(first, 10)).today).toBeNull();
  });
});

describe("bars across a pane", () => {
  const square = [
    { x: 0, y: 100 },
    { x: 80, y: 100 },
    { x: 80, y: 0 },
    { x: 0, y: 0 },
  ] as const;
  it("one upright stands in the middle, two crosses at the thirds", () => {
    expect(linesAcross(square, [0.5], [])).toEqual([
      open([
        { x: 40, y: 100 },
        { x: 40, y: 0 },
      ]),
    ]);
    expect(linesAcross([...square] as never, [], [0.5])).toEqual([
      open([
        { x: 0, y: 50 },
        { x: 80, y: 50 },
      ]),
    ]);
    expect(linesAcross(square, [0.3, 0.6], [0.2, 0.4, 0.9])).toHaveLength(5);
    expect(linesAcross(square, [], [])).toEqual([]);
    expect(patternLines(square, "neither")).toEqual([]);
    expect(patternLines(square, "up")[0]).toBe(linesAcross(square, [0.1], [])[0]);
    expect(patternLines(square, "across")[0]).toBe(linesAcross(square, [], [0.1])[0]);
  });
});
