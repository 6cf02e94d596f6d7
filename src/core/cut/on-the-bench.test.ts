import { describe, expect, it } from "vitest";
import { seeded } from "../chance/seeded.ts";
import { mm } from "../units/length.ts";
import { cutOrder } from "./cut-order.ts";
import type { CutNode } from "./cutting.ts";
import { looseAfter } from "./on-the-bench.ts";

const piece = (n: number, w: number, h: number): CutNode => ({
  kind: "piece",
  width: mm(w),
  height: mm(h),
  piece: n,
  turned: false,
});
const left = (w: number, h: number): CutNode => ({ kind: "left", width: mm(w), height: mm(h) });

/** 1000 × 800: piece 0 of 500 wide; beside it 1 of 300 × 450 with a left-over above; a strip of 200 left at the right. */
const SHEET: CutNode = {
  kind: "across",
  width: mm(1000),
  height: mm(800),
  parts: [
    piece(0, 500, 800),
    { kind: "up", width: mm(300), height: mm(800), parts: [piece(1, 300, 450), left(300, 350)] },
    left(200, 800),
  ],
};
const told = (done: number) =>
  looseAfter(SHEET, done).map((l) => [
    l.kind === "piece" ? `piece ${l.piece}` : l.kind === "left" ? "left" : `uncut ${l.pieces.join(",")}`,
    l.place.x / mm(1),
    l.place.y / mm(1),
    l.place.width / mm(1),
    l.place.height / mm(1),
  ]);

describe("what lies on the bench", () => {
  it.each([
    [0, [["uncut 0,1", 0, 0, 1000, 800]]],
    [
      1,
      [
        ["piece 0", 0, 0, 500, 800],
        ["uncut 1", 500, 0, 500, 800],
      ],
    ],
    [
      2,
      [
        ["piece 0", 0, 0, 500, 800],
        ["uncut 1", 500, 0, 300, 800],
        ["left", 800, 0, 200, 800],
      ],
    ],
    [
      3,
      [
        ["piece 0", 0, 0, 500, 800],
        ["piece 1", 500, 0, 300, 450],
        ["left", 500, 450, 300, 350],
        ["left", 800, 0, 200, 800],
      ],
    ],
  ] as const)("after %d cuts", (done, lies) => expect(told(done)).toEqual(lies));

  it("is all of the sheet after any number of cuts, one more part with each, and the last leaves nothing uncut", () => {
    for (let seed = 1; seed <= 60; seed++) {
      const root = madeUp(seed);
      const cuts = cutOrder(root).length;
      for (let done = 0; done <= cuts; done++) {
        const lies = looseAfter(root, done);
        expect(lies).toHaveLength(done + 1);
        const area = lies.reduce((s, l) => s + l.place.width * l.place.height, 0);
        expect(area).toBeCloseTo(root.width * root.height, -6);
      }
      expect(looseAfter(root, cuts).some((l) => l.kind === "uncut")).toBe(false);
    }
  });
});

/** A sheet cut up at random, in whole tens of millimetres. */
function madeUp(seed: number): CutNode {
  const draw = seeded(seed);
  const next = (): number => draw.uniform();
  let n = 0;
  const grow = (w: number, h: number, deep: number, was: "across" | "up"): CutNode => {
    if (deep === 0 || next() < 0.2) return next() < 0.3 ? left(w, h) : piece(n++, w, h);
    const kind = was === "across" ? "up" : "across";
    const long = kind === "across" ? w : h;
    if (long < 60) return piece(n++, w, h);
    const at = 10 * (1 + Math.floor(next() * (long / 10 - 2)));
    const lengths = long - at > 40 && next() < 0.5 ? [at, 20, long - at - 20] : [at, long - at];
    return {
      kind,
      width: mm(w),
      height: mm(h),
      parts: lengths.map((l) => (kind === "across" ? grow(l, h, deep - 1, kind) : grow(w, l, deep - 1, kind))),
    };
  };
  return grow(2000, 1600, 4, "up");
}
