import { describe, expect, it } from "vitest";
import { PIN_BOX, pinDrawing } from "./pin.ts";
import { PLUG_BOX, plugDrawing } from "./plug.ts";
import { SEAL_BOX, sealDrawing } from "./seal-path.ts";

/** Every coordinate of a path of M, L and Z, or the corners of a drawn rectangle. */
const numbers = (path: string): readonly number[] => (path.match(/-?\d+(\.\d+)?/g) ?? []).map(Number);
const ends = (path: string): readonly [number, number, number, number] => {
  const [x1 = 0, y1 = 0, x2 = 0, y2 = 0] = numbers(path);
  return [x1, y1, x2, y2];
};

describe("a pin in its bead", () => {
  it.each([
    [25, 12, 15],
    [30, 18, 15],
    [50, 30, 20],
    [15, 6, 0],
  ])("%d long through %d at %d°: down, and away from the glass", (lengthMm, stopMm, angleDeg) => {
    const d = pinDrawing({ lengthMm, stopMm, angleDeg, toGlassMm: 4 });
    const [x1, y1, x2, y2] = ends(d.pin);
    expect(y2).toBeGreaterThan(y1);
    expect(x2).toBeGreaterThanOrEqual(x1);
    expect(Math.atan2(x2 - x1, y2 - y1) * (180 / Math.PI)).toBeCloseTo(angleDeg, 6);
    expect(Math.max(x1, x2)).toBeLessThan(PIN_BOX.width);
  });
  it("one that leans toward the glass is drawn toward it", () => {
    const [x1, , x2] = ends(pinDrawing({ lengthMm: 25, stopMm: 12, angleDeg: -10, toGlassMm: 4 }).pin);
    expect(x2).toBeLessThan(x1);
  });
});

describe("the line of sealant", () => {
  const at = (over: Partial<Parameters<typeof sealDrawing>[0]> = {}) =>
    sealDrawing({
      widthMm: 600,
      heightMm: 900,
      legMm: 15,
      bedMm: 2,
      beadMm: 5.5,
      spreadMm: 11.9,
      fromSightMm: 7.5,
      ...over,
    });
  it("runs inside the pane, with a mark at each corner of its own", () => {
    const d = at();
    expect(d.corners).toHaveLength(4);
    for (const c of d.corners) {
      expect(c.x).toBeGreaterThan(20);
      expect(c.y).toBeGreaterThan(16);
      expect(c.x).toBeLessThan(SEAL_BOX.width / 2);
    }
  });
  it("is as tall as it is wide, to one scale, for a tall pane and a broad one", () => {
    const size = (widthMm: number, heightMm: number) => {
      const d = at({ widthMm, heightMm });
      const [a, , c] = d.corners;
      return ((c?.x ?? 0) - (a?.x ?? 0) + 14) / ((c?.y ?? 0) - (a?.y ?? 0) + 14);
    };
    expect(size(600, 900)).toBeCloseTo(600 / 900, 6);
    expect(size(1200, 500)).toBeCloseTo(1200 / 500, 6);
  });
  it("its middle is drawn where it is said to be, below the sight line", () => {
    const d = at();
    const [, sightY] = ends(d.sight);
    expect(d.run.y).toBeGreaterThan(sightY);
    const half = at({ fromSightMm: 3.75 });
    expect(half.run.y - sightY).toBeCloseTo((d.run.y - sightY) / 2, 6);
  });
});

it("a plug that goes in wrong stands above the one that goes in right", () => {
  const d = plugDrawing();
  const top = (path: string): number => Math.min(...[...path.matchAll(/[ML](\d+) (\d+)/g)].map((m) => Number(m[2])));
  expect(top(d.wrong)).toBeLessThan(top(d.right));
  for (const n of numbers(`${d.frame}${d.right}${d.wrong}`)) expect(n).toBeLessThanOrEqual(PLUG_BOX.width);
});
