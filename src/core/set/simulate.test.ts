import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { dropAs, dropWith, type Packers, type SimulatorFacts, SQUARE_WITHIN_MM, squareBy } from "./simulate.ts";

const facts: SimulatorFacts = {
  sash: { widthMm: 600, heightMm: 900 },
  pane: { widthMm: 594, heightMm: 894 },
  dxMm: 500,
  dyMm: 800,
};
const BOX = [1, 1.5, 2, 3, 4, 5, 6];
const none: Packers = { foot: 0, head: 0, hingeSide: 0, handleSide: 0 };

describe("a sash squared by its packers", () => {
  it("hangs by its play: (6/500 + 6/800) × 600 = 11.7 with none", () =>
    expect(dropAs(facts, none)).toBeCloseTo(11.7, 9));
  it("4 down is 5 at the head less 1.67: the box has a way within half a millimetre", () => {
    // Foot 2, hinge side 4: (4/500 + 2/800) × 600 = 6.3 down; 5 at the head leaves 0.3.
    const p = { ...none, foot: 2, hingeSide: 4 };
    const advice = squareBy(facts, p, BOX);
    expect(advice).toMatchObject({ place: "head", addMm: 5 });
    expect(advice?.leavesMm).toBeCloseTo(0.3, 9);
  });
  it("slack in the hinges is lifted as well", () => {
    const p = { ...none, foot: 2, head: 4, hingeSide: 6 };
    expect(dropAs(facts, p)).toBeCloseTo(0, 9);
    expect(squareBy(facts, p, BOX)).toBeNull();
    expect(squareBy({ ...facts, slackMm: 3.6 }, p, BOX)).toMatchObject({ place: "head", addMm: 3 });
  });
  it.each([
    // A millimetre upright turns 600/500 of one at the handle, a millimetre sideways 600/800.
    ["5 at the head", { ...none, head: 5 }, 6],
    ["5 at the foot", { ...none, foot: 5 }, 6],
    ["4 at the handle's side", { ...none, handleSide: 4 }, 3],
    ["nothing", none, 0],
  ])("across the wrong diagonal %s lowers what it would have lifted", (_, p, by) => {
    expect(dropWith(facts, p, false)).toBeCloseTo(11.7 - by, 9);
    expect(dropWith(facts, p, true)).toBeCloseTo(11.7 + by, 9);
  });
  it("too thick is taken out, never below nothing", () => {
    const advice = squareBy(facts, { ...none, foot: 3, head: 6, hingeSide: 6 }, BOX);
    expect(advice?.addMm).toBe(-3);
  });
  it("whatever hangs, doing as it says brings it nearer square, and again until it is or nothing helps", () => {
    const mm = fc.integer({ min: 0, max: 12 }).map((n) => n / 2);
    fc.assert(
      fc.property(mm, mm, mm, mm, fc.integer({ min: 0, max: 12 }), (foot, head, hingeSide, handleSide, slackMm) => {
        const f = { ...facts, slackMm };
        let p: Packers = { foot, head, hingeSide, handleSide };
        for (let i = 0; i < 6; i++) {
          const advice = squareBy(f, p, BOX);
          const before = Math.abs(dropAs(f, p));
          if (!advice) return;
          p = { ...p, [advice.place]: p[advice.place] + advice.addMm };
          expect(p[advice.place]).toBeGreaterThanOrEqual(0);
          expect(dropAs(f, p)).toBeCloseTo(advice.leavesMm, 9);
          expect(Math.abs(dropAs(f, p))).toBeLessThan(before);
        }
        expect(Math.abs(dropAs(f, p))).toBeLessThan(Math.max(SQUARE_WITHIN_MM, 12));
      }),
    );
  });
});
