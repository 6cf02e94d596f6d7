import { describe, expect, test } from "vitest";
import { SIDES } from "../core/geometry/quad.ts";
import { CORNERS } from "../core/takeout/beads.ts";
import { BOARD_BOX, boardOf, onStrip } from "./board.ts";

const points = (d: string): readonly (readonly [number, number])[] =>
  [...d.matchAll(/[ML](-?[\d.]+) (-?[\d.]+)/g)].map((m) => [Number(m[1]), Number(m[2])]);
const area = (d: string): number => {
  const p = points(d);
  return Math.abs(
    p.reduce((sum, [x, y], i) => {
      const [nx, ny] = p[(i + 1) % p.length] ?? [0, 0];
      return sum + x * ny - nx * y;
    }, 0) / 2,
  );
};

describe("the sash on the stage", () => {
  test.each([
    [600, 1200, 0.5, true],
    [150, 150, 1, true],
    [1200, 2400, 0.5, true],
    [2400, 600, 1.8, false],
    [100, 2000, 0.42, false],
  ])("%d × %d is drawn at a shape of %d, true to it: %s", (widthMm, heightMm, shape, toShape) => {
    const b = boardOf({ widthMm, heightMm, joints: {} });
    const outer = { w: b.sash.width + 52, h: b.sash.height + 52 };
    expect(outer.w / outer.h).toBeCloseTo(shape, 6);
    expect(b.toShape).toBe(toShape);
  });

  test("everything that is tapped lies in the box, and no bar is too short for a thumb", () => {
    for (const [widthMm, heightMm] of [
      [150, 150],
      [1200, 2400],
      [2400, 1200],
      [3000, 300],
      [300, 3000],
    ] as const) {
      const b = boardOf({ widthMm, heightMm, joints: {} });
      for (const p of [
        ...SIDES.flatMap((s) => [b.sides[s].on, b.sides[s].out]),
        ...CORNERS.flatMap((c) => [b.corners[c].on, b.corners[c].out]),
      ]) {
        expect(p.x).toBeGreaterThan(0);
        expect(p.x).toBeLessThan(BOARD_BOX.width);
        expect(p.y).toBeGreaterThan(0);
        expect(p.y).toBeLessThan(BOARD_BOX.height);
      }
      for (const s of SIDES) expect(Math.max(b.bars[s].width, b.bars[s].height)).toBeGreaterThan(38);
    }
  });

  test("four strips always cover the same ground: what one corner gives to one strip it takes from the other", () => {
    const whole = (joints: Parameters<typeof boardOf>[0]["joints"]): number => {
      const b = boardOf({ widthMm: 600, heightMm: 900, joints });
      return SIDES.reduce((sum, s) => sum + area(b.strips[s]), 0);
    };
    const b = boardOf({ widthMm: 600, heightMm: 900, joints: {} });
    const ring = b.sash.width * b.sash.height - b.sight.width * b.sight.height;
    expect(whole({})).toBeCloseTo(ring, 0);
    expect(whole({ "top-left": { kind: "runs", side: "top" } })).toBeCloseTo(ring, 0);
    expect(
      whole({
        "top-left": { kind: "runs", side: "left" },
        "top-right": { kind: "laps", side: "top" },
        "bottom-left": { kind: "runs", side: "bottom" },
        "bottom-right": { kind: "mitred" },
      }),
    ).toBeCloseTo(ring, 0);
  });

  test("a strip that runs through is longer than one that stops at it", () => {
    const through = boardOf({ widthMm: 600, heightMm: 900, joints: { "top-left": { kind: "runs", side: "top" } } });
    const stops = boardOf({ widthMm: 600, heightMm: 900, joints: { "top-left": { kind: "runs", side: "left" } } });
    expect(area(through.strips.top)).toBeGreaterThan(area(stops.strips.top));
    expect(area(through.strips.left)).toBeLessThan(area(stops.strips.left));
  });

  test("seams that nobody said are told apart from those that were", () => {
    const b = boardOf({ widthMm: 600, heightMm: 900, joints: { "top-left": { kind: "mitred" } } });
    expect(b.seams.filter((s) => s.said)).toHaveLength(1);
  });

  test("the knife goes in where it is said", () => {
    const b = boardOf({ widthMm: 600, heightMm: 900, joints: {} });
    expect(onStrip(b, "left", "middle")).toEqual(b.sides.left.on);
    expect(onStrip(b, "left", "top").y).toBeLessThan(b.sides.left.on.y);
    expect(onStrip(b, "bottom", "right").x).toBeGreaterThan(b.sides.bottom.on.x);
  });
});
