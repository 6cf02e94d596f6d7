import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { distance } from "../geometry/point.ts";
import type { Quad } from "../geometry/quad.ts";
import { mm } from "../units/length.ts";
import {
  DISAGREE_MM,
  disagreement,
  type Figure,
  figureOf,
  figureSlopes,
  governing,
  middleSpan,
  type OpeningReadings,
  OUTER,
} from "./figure.ts";
import type { OpeningPlace } from "./places.ts";

const read = (r: Partial<Record<OpeningPlace, number>>): OpeningReadings =>
  Object.fromEntries(Object.entries(r).map(([p, v]) => [p, mm(v)]));

function figure(r: Partial<Record<OpeningPlace, number>>): Figure {
  const found = figureOf(read(r));
  if (!found.ok) throw new Error(JSON.stringify(found.error));
  return found.value;
}

const SQUARE = {
  "width-top": 600,
  "width-bottom": 600,
  "height-left": 800,
  "height-right": 800,
  "diagonal-up": 1000,
  "diagonal-down": 1000,
};

describe("the opening that readings make", () => {
  it.each<[string, Partial<Record<OpeningPlace, number>>, readonly [number, number]]>([
    ["alone, it stands for both", { "width-middle": 590, "height-left": 800, "height-right": 800 }, [590, 590]],
    [
      "with the top read, it says nothing of the foot",
      { "width-middle": 590, "width-top": 600, "height-left": 800, "height-right": 800 },
      [600, 600],
    ],
    [
      "with the foot read, it says nothing of the top",
      { "width-middle": 590, "width-bottom": 600, "height-left": 800, "height-right": 800 },
      [600, 600],
    ],
  ])("a middle width: %s", (_, readings, [top, foot]) => {
    const { quad } = figure(readings);
    expect(distance(quad.tl, quad.tr)).toBeCloseTo(top, 4);
    expect(distance(quad.bl, quad.br)).toBeCloseTo(foot, 4);
  });
  it.each<[string, Partial<Record<OpeningPlace, number>>, readonly [number, number]]>([
    ["alone, it stands for both", { "height-middle": 790, "width-top": 600, "width-bottom": 600 }, [790, 790]],
    [
      "with the left read",
      { "height-middle": 790, "height-left": 800, "width-top": 600, "width-bottom": 600 },
      [800, 800],
    ],
    [
      "with the right read",
      { "height-middle": 790, "height-right": 800, "width-top": 600, "width-bottom": 600 },
      [800, 800],
    ],
  ])("a middle height: %s", (_, readings, [left, right]) => {
    const { quad } = figure(readings);
    expect(distance(quad.bl, quad.tl)).toBeCloseTo(left, 4);
    expect(distance(quad.br, quad.tr)).toBeCloseTo(right, 4);
  });
  it("three-four-five is square", () => {
    const f = figure(SQUARE);
    expect(f.lean).toBeCloseTo(0, 5);
    expect(f.outOfSquare).toBe(0);
    expect(f.quad.tr.x).toBeCloseTo(600, 6);
    expect(f.quad.tr.y).toBeCloseTo(800, 6);
    expect(f.assumptions).toEqual([]);
    for (const left of Object.values(f.residuals)) expect(left).toBeCloseTo(0, 6);
  });

  it("a parallelogram pushed over 8 mm at the head leans 8 mm", () => {
    const jamb = Math.hypot(900, 8);
    const f = figure({
      "width-top": 600,
      "width-bottom": 600,
      "height-left": jamb,
      "height-right": jamb,
      "diagonal-up": Math.hypot(608, 900),
      "diagonal-down": Math.hypot(592, 900),
    });
    expect(f.lean).toBeCloseTo(8, 4);
    expect(f.outOfSquare).toBeCloseTo(Math.hypot(608, 900) - Math.hypot(592, 900), 5);
    expect(f.quad.tl.x).toBeCloseTo(8, 4);
  });

  it("a trapezium narrower at the head by 10 leans 5 on each jamb", () => {
    const jamb = Math.hypot(800, 5);
    const up = Math.hypot(595, 800);
    const f = figure({
      "width-top": 590,
      "width-bottom": 600,
      "height-left": jamb,
      "height-right": jamb,
      "diagonal-up": up,
      "diagonal-down": up,
    });
    expect(f.lean).toBeCloseTo(5, 4);
    expect(f.outOfSquare).toBe(0);
  });

  it("a middle reading 3 mm short of the figure's own middle bulges in by 3", () => {
    const f = figure({ ...SQUARE, "width-middle": 597, "height-middle": 801 });
    expect(f.bow.width).toBeCloseTo(-3, 5);
    expect(f.bow.height).toBeCloseTo(1, 5);
  });

  it("a reading that contradicts the rest is the farthest out", () => {
    const f = figure({ ...SQUARE, "diagonal-up": 1010 });
    const worst = Object.entries(f.residuals).sort((a, b) => Math.abs(b[1] ?? 0) - Math.abs(a[1] ?? 0))[0];
    expect(Math.abs(worst?.[1] ?? 0)).toBeGreaterThan(1);
  });
});

describe("with fewer readings", () => {
  it("one width and one height make a square opening, and say what was assumed", () => {
    const f = figure({ "width-middle": 600, "height-middle": 900 });
    expect([f.quad.br.x, f.quad.tl.y].map((v) => Math.round(v * 1e5) / 1e5)).toEqual([600, 900]);
    expect(f.lean).toBeCloseTo(0, 4);
    expect(f.assumptions).toEqual(["no-lean", "sides-parallel-widths", "sides-parallel-heights"]);
    expect(f.outOfSquare).toBeNull();
  });

  it("one diagonal is enough to find the lean", () => {
    const jamb = Math.hypot(900, 8);
    const f = figure({ "width-bottom": 600, "height-left": jamb, "diagonal-up": Math.hypot(608, 900) });
    expect(Math.abs(f.lean - 8)).toBeLessThan(0.1);
    expect(f.assumptions).not.toContain("no-lean");
  });

  it.each([
    [{ "height-left": 900 }, "needs-width"],
    [{ "width-top": 600 }, "needs-height"],
    [{}, "needs-width"],
  ] as const)("%j: %s", (r, kind) => {
    const found = figureOf(read(r));
    expect(found.ok ? null : found.error.kind).toBe(kind);
  });

  it.each([
    [{ "diagonal-up": 1001 }, false],
    [{ "diagonal-up": 1010 }, true],
    [{ "width-top": 625.4 }, true],
    [{ "height-left": 810 }, true],
    [{ "diagonal-up": 100, "diagonal-down": 120 }, true],
  ])("a slip is told from honest tapes: %j", (slip, told) => {
    expect(disagreement(figure({ ...SQUARE, ...slip })) > DISAGREE_MM).toBe(told);
  });

  it("whatever is typed gives a sound figure in finite numbers, or a reason", () => {
    const length = fc.integer({ min: 1, max: 4000 });
    fc.assert(
      fc.property(fc.tuple(length, length, length, length, length, length), ([a, b, c, d, e, f]) => {
        const found = figureOf(
          read({
            "width-top": a,
            "width-bottom": b,
            "height-left": c,
            "height-right": d,
            "diagonal-up": e,
            "diagonal-down": f,
          }),
        );
        if (!found.ok) expect(found.error.kind).toBe("no-such-figure");
        else expect([found.value.lean, disagreement(found.value)].every(Number.isFinite)).toBe(true);
      }),
      { numRuns: 300 },
    );
  });
});

describe("in any opening", () => {
  const shift = fc.double({ min: -25, max: 25, noNaN: true });
  const quads = fc
    .tuple(
      fc.double({ min: 200, max: 2400, noNaN: true }),
      fc.double({ min: 200, max: 2400, noNaN: true }),
      shift,
      shift,
      shift,
      shift,
    )
    .map(
      ([w, h, a, b, c, d]): Quad => ({
        bl: { x: 0, y: 0 },
        br: { x: w, y: 0 },
        tr: { x: w + a, y: h + b },
        tl: { x: c, y: h + d },
      }),
    );

  it("six true readings give the figure back, within a hundredth of a millimetre", () => {
    fc.assert(
      fc.property(quads, (q) => {
        const f = figure({
          "width-top": distance(q.tl, q.tr),
          "width-bottom": distance(q.bl, q.br),
          "height-left": distance(q.bl, q.tl),
          "height-right": distance(q.br, q.tr),
          "diagonal-up": distance(q.bl, q.tr),
          "diagonal-down": distance(q.tl, q.br),
          "width-middle": middleSpan(q, "width"),
        });
        for (const c of ["br", "tr", "tl"] as const) expect(distance(f.quad[c], q[c])).toBeLessThan(0.01);
        expect(f.bow.width).toBeCloseTo(0, 2);
      }),
      { numRuns: 200 },
    );
  });
});

describe("readings that make no figure", () => {
  it("name the one that is furthest off: a diagonal of half an opening", () => {
    const found = figureOf(
      read({
        "width-top": 600,
        "width-bottom": 600,
        "height-left": 900,
        "height-right": 900,
        "diagonal-up": 1081.7,
        "diagonal-down": 100,
      }),
    );
    expect(found).toEqual({ ok: false, error: { kind: "no-such-figure", worst: "diagonal-down" } });
  });
});

describe("the governing reading", () => {
  it("is the smallest of its axis", () => {
    const r = read({ "width-top": 612, "width-middle": 611.5, "width-bottom": 613, "height-left": 904 });
    expect(governing(r, "width")).toEqual({ place: "width-middle", length: mm(611.5) });
    expect(governing(r, "height")?.place).toBe("height-left");
    expect(governing({}, "width")).toBeUndefined();
  });
});

describe("how a corner follows a reading", () => {
  const square: Quad = { bl: { x: 0, y: 0 }, br: { x: 600, y: 0 }, tr: { x: 600, y: 900 }, tl: { x: 0, y: 900 } };
  it("is not told of fewer than five readings", () => {
    expect(figureSlopes(square, ["width-top", "width-bottom", "height-left", "height-right"])).toBeUndefined();
    expect(
      figureSlopes(square, ["width-top", "width-bottom", "height-left", "height-right", "diagonal-up"]),
    ).toHaveLength(5);
  });
  it("a head 1 mm longer moves its right corner out, as far as six readings weigh it; its left stays", () => {
    const at = OUTER.indexOf("width-top");
    const slopes = figureSlopes(square, OUTER)?.[at];
    // Against the sill it is longer by what six readings leave of a millimetre: more than half of it, never all.
    const longer = (slopes?.tr.x ?? 0) - (slopes?.tl.x ?? 0);
    expect(longer).toBeGreaterThan(0.5);
    expect(longer).toBeLessThan(1);
    expect(slopes?.bl).toEqual({ x: 0, y: 0 });
  });
});
