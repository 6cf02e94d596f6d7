import { describe, expect, it } from "vitest";
import { TOE_BOX, toeDrawing } from "./toe-heel.ts";

const points = (path: string): readonly { x: number; y: number }[] =>
  [...path.matchAll(/(-?[\d.]+)[ ,](-?[\d.]+)/g)].map((m) => ({ x: Number(m[1]), y: Number(m[2]) }));
const drawn = (held: "side" | "head" | "foot", side: "left" | "right", dropMm = 0) =>
  toeDrawing({ acrossMm: 600, alongMm: 900, dropMm, times: 4, held, side, dxMm: 420, dyMm: 630 });

describe("the sash drawn by the bar that is held", () => {
  it.each(["side", "head", "foot"] as const)("square it is a rectangle inside its box: %s", (held) => {
    const corners = points(drawn(held, "left").sash);
    const [xs, ys] = [new Set(corners.map((c) => c.x.toFixed(3))), new Set(corners.map((c) => c.y.toFixed(3)))];
    expect([xs.size, ys.size]).toEqual([2, 2]);
    for (const c of corners) {
      expect(c.x).toBeGreaterThanOrEqual(0);
      expect(c.x).toBeLessThanOrEqual(TOE_BOX.width);
      expect(c.y).toBeLessThanOrEqual(TOE_BOX.height);
    }
  });

  /** Corners in the model's order: held near, free near, free far, held far. */
  it.each([
    [
      "side",
      "left",
      "the handle goes down",
      (p: readonly { x: number; y: number }[]) => (p[2]?.y ?? 0) > (p[3]?.y ?? 0),
    ],
    [
      "side",
      "right",
      "the same, mirrored",
      (p: readonly { x: number; y: number }[]) => (p[2]?.y ?? 0) > (p[3]?.y ?? 0),
    ],
    ["head", "left", "its foot goes left", (p: readonly { x: number; y: number }[]) => (p[1]?.x ?? 0) < (p[0]?.x ?? 0)],
    [
      "head",
      "right",
      "its foot goes right",
      (p: readonly { x: number; y: number }[]) => (p[1]?.x ?? 0) > (p[0]?.x ?? 0),
    ],
    ["foot", "left", "its head goes left", (p: readonly { x: number; y: number }[]) => (p[1]?.x ?? 0) < (p[0]?.x ?? 0)],
  ] as const)("held at its %s, %s: %s", (held, side, _, holds) =>
    expect(holds(points(drawn(held, side, 6).sash))).toBe(true),
  );

  it("hangs from its head above, stands on its foot below", () => {
    const held = (by: "head" | "foot") => points(drawn(by, "left").sash);
    expect(held("head")[0]?.y).toBeLessThan(held("head")[1]?.y ?? 0);
    expect(held("foot")[0]?.y).toBeGreaterThan(held("foot")[1]?.y ?? 0);
  });

  it("a packer grows when it is dragged toward the middle of the pane", () => {
    const middle = { x: TOE_BOX.width / 2, y: TOE_BOX.height / 2 };
    for (const held of ["side", "head", "foot"] as const)
      for (const side of ["left", "right"] as const)
        for (const p of drawn(held, side).packers) {
          const toward = (middle.x - p.at.x) * p.inward.x + (middle.y - p.at.y) * p.inward.y;
          expect([held, side, p.id, toward > 20]).toEqual([held, side, p.id, true]);
        }
  });
});
