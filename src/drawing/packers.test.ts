import { describe, expect, it } from "vitest";
import type { Side } from "../core/geometry/quad.ts";
import type { Way } from "../core/geometry/way.ts";
import { type PackerSpot, spotsFor } from "../core/set/packer-places.ts";
import { PACKERS_BOX, packersDrawing } from "./packers.ts";

/* Corners of a path as it is drawn: x to the right, y down. */
const corners = (d: string): readonly (readonly [number, number])[] =>
  [...d.matchAll(/[ML](-?[\d.]+) (-?[\d.]+)/g)].map((m) => [Number(m[1]), Number(m[2])]);
/** Twice the area that a path goes round. */
const round = (d: string): number => {
  const p = corners(d);
  return Math.abs(
    p.reduce(
      (sum, [x, y], i) => sum + x * (p[(i + 1) % p.length]?.[1] ?? 0) - y * (p[(i + 1) % p.length]?.[0] ?? 0),
      0,
    ),
  );
};
const rule = { share: 0.25, cornerMm: 75, lengthMm: 100 };

describe("packers of a rectangle, drawn", () => {
  // 600 × 1200 in a box of 260 × 300 with 44 to each side: at 0.1767 to the millimetre, 106 × 212 in its middle.
  const d = packersDrawing({
    widthMm: 600,
    heightMm: 1200,
    blockMm: 100,
    hinge: "left",
    spots: spotsFor({ edgesMm: { left: 1200, right: 1200, bottom: 600, top: 600 }, opens: "hinge-left", rule }),
  });
  it("the pane stands in the middle of its box", () => {
    expect(corners(d.pane)).toEqual([
      [77, 256],
      [183, 256],
      [183, 44],
      [77, 44],
    ]);
    expect(round(d.sash)).toBeGreaterThan(round(d.pane));
  });
  it("the one that carries is under the foot at the hinge, the one that braces over the head at the handle", () => {
    const at = (edge: PackerSpot["edge"], job: PackerSpot["job"]) =>
      d.blocks.find((b) => b.job === job && (edge === "bottom" ? b.label.y > 260 : b.label.y < 40))?.label;
    const [foot, head] = [at("bottom", "carries"), at("top", "braces")];
    expect(foot?.x).toBeCloseTo(77 + 26.5, 1);
    expect(head?.x).toBeCloseTo(77 + 79.5, 1);
  });
  it("every figure stands clear of the sash", () => {
    const xs = corners(d.sash).map(([x]) => x);
    const ys = corners(d.sash).map(([, y]) => y);
    for (const { label } of d.blocks) {
      const isBeside = label.x < Math.min(...xs) || label.x > Math.max(...xs);
      // A figure stands on its line, and is some eight high.
      const isOver = label.y < Math.min(...ys) || label.y - 8 > Math.max(...ys);
      expect(isBeside || isOver).toBe(true);
    }
  });
  it("the weight goes from the handle's head to the hinge's foot", () => {
    expect(corners(d.path ?? "")).toEqual([
      [183, 44],
      [77, 256],
    ]);
    const right = packersDrawing({ widthMm: 600, heightMm: 1200, blockMm: 100, hinge: "right", spots: [] });
    expect(corners(right.path ?? "")).toEqual([
      [77, 44],
      [183, 256],
    ]);
    expect(packersDrawing({ widthMm: 600, heightMm: 1200, blockMm: 100, hinge: null, spots: [] }).path).toBeNull();
  });
});

describe("packers of a pane with a raking head, drawn", () => {
  const sides: Readonly<Record<Side, Way>> = {
    bottom: [
      { x: 0, y: 0 },
      { x: 800, y: 0 },
    ],
    right: [
      { x: 800, y: 0 },
      { x: 800, y: 900 },
    ],
    top: [
      { x: 0, y: 600 },
      { x: 800, y: 900 },
    ],
    left: [
      { x: 0, y: 0 },
      { x: 0, y: 600 },
    ],
  };
  const edgesMm = { left: 600, right: 900, bottom: 800, top: Math.hypot(800, 300) };
  const d = packersDrawing({
    widthMm: 800,
    heightMm: 900,
    sides,
    blockMm: 100,
    hinge: null,
    spots: spotsFor({ edgesMm, opens: "fixed", rule }),
  });
  // 172 of 800: 0.215 to the millimetre; its foot lies at y 246.75, its head begins at 117.75.
  const SCALE = 0.215;
  it("its head slopes as it does", () => {
    const [footLeft, footRight, headRight, headLeft] = corners(d.pane);
    expect([footLeft?.[1], footRight?.[1]]).toEqual([246.75, 246.75]);
    expect((footRight?.[1] ?? 0) - (headRight?.[1] ?? 0)).toBeCloseTo(900 * SCALE, 2);
    expect((footLeft?.[1] ?? 0) - (headLeft?.[1] ?? 0)).toBeCloseTo(600 * SCALE, 2);
  });
  it("every block touches its side with one long face and lies outside of the pane with the rest", () => {
    const middle = [PACKERS_BOX.width / 2, 200] as const;
    for (const b of d.blocks) {
      const [from, to, far] = corners(b.d);
      if (!from || !to || !far) throw new Error("a block has four corners");
      const on = [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2] as const;
      const off = (p: readonly [number, number]): number =>
        (p[0] - on[0]) * (middle[0] - on[0]) + (p[1] - on[1]) * (middle[1] - on[1]);
      expect(off(far)).toBeLessThan(off(to));
    }
    // Along the head, a quarter in: 200 across and 75 up from its lower end.
    const [head] = d.blocks.filter((b) => !b.turned && b.label.y < 200);
    const [from, to] = corners(head?.d ?? "");
    expect(((from?.[0] ?? 0) + (to?.[0] ?? 0)) / 2).toBeCloseTo(44 + 200 * SCALE, 1);
    expect(((from?.[1] ?? 0) + (to?.[1] ?? 0)) / 2).toBeCloseTo(246.75 - 675 * SCALE, 1);
  });
});
