import { describe, expect, it } from "vitest";
import { dropAs, type Packers, SQUARE_WITHIN_MM } from "../set/simulate.ts";
import { type Case, madeOf } from "./exercises.ts";
import { PACKED_AT } from "./square-sash.ts";

const CASES = [1, 2, 3, 4, 5].flatMap((level) =>
  [11, 12, 13, 14].map((seed): Case => ({ exercise: "square-sash", level, seed, unit: "mm" })),
);
function bench(asked: Case) {
  const made = madeOf(asked);
  if (made.form.kind !== "packers") throw new Error(made.form.kind);
  const { facts } = made.form;
  const play = {
    along: facts.sash.heightMm - facts.pane.heightMm,
    across: facts.sash.widthMm - facts.pane.widthMm,
  };
  const give = (p: Packers, seconds = 5) =>
    made.judge({ texts: PACKED_AT.map((at) => String(p[at])), picks: [] }, seconds);
  return { made, form: made.form, facts, play, give };
}
/** All ways to pack it that keep to the play and stand on something. */
const halves = (most: number): readonly number[] => Array.from({ length: 2 * most + 1 }, (_, i) => i / 2);

describe("squaring a sash against the clock", () => {
  it.each(CASES)(
    "level $level, seed $seed: it begins out of square, and can be packed square with what goes in",
    (given) => {
      const { form, facts, play, give } = bench(given);
      expect(Math.abs(dropAs(facts, form.start))).toBeGreaterThan(SQUARE_WITHIN_MM);
      expect(give(form.start).right).toBe(false);
      const square = halves(play.along).flatMap((up) =>
        halves(play.across)
          .map(
            (side): Packers => ({ foot: Math.min(up, 1), head: Math.max(0, up - 1), hingeSide: side, handleSide: 0 }),
          )
          .filter((p) => Math.abs(dropAs(facts, p)) <= SQUARE_WITHIN_MM && p.foot > 0),
      );
      expect(square.length).toBeGreaterThan(0);
      for (const p of square) expect(give(p).right).toBe(true);
      const [one] = square;
      if (!one) return;
      expect(give(one, form.seconds).right).toBe(true);
      const late = give(one, form.seconds + 1);
      expect([late.right, late.says]).toEqual([
        false,
        expect.stringContaining(`${form.seconds + 1} seconds of ${form.seconds}`),
      ]);
      // The same on no foot, and with more than there is room for.
      expect(give({ ...one, foot: 0, head: one.head + one.foot })).toMatchObject({
        right: false,
        says: expect.stringContaining("stands on nothing"),
      });
      expect(give({ ...one, head: play.along }).says).toContain("more than there is room for");
    },
  );
  it("grows shorter with the level", () =>
    expect(
      [1, 2, 3, 4, 5].map((level) => bench({ exercise: "square-sash", level, seed: 1, unit: "mm" }).form.seconds),
    ).toEqual([120, 90, 60, 45, 30]));
  it.each([[[]], [["1", "2", "3"]], [["1", "2", "3", "a lot"]], [["1", "2", "3", "-1"]]])("%j is no packing", (texts) =>
    expect(madeOf(CASES[0] as Case).judge({ texts, picks: [] }, 1)).toMatchObject({ right: false, offMm: null }),
  );
});
