import { describe, expect, it } from "vitest";
import { seeded } from "../chance/seeded.ts";
import { BREAK_OUT } from "./break-out.ts";

const made = (seed: number, level: number) => {
  const m = BREAK_OUT.make(seeded(seed), level, "mm");
  if (m.picture.kind !== "cuts" || m.form.kind !== "choice") throw new Error("another picture");
  return { ...m, of: m.picture.of, cuts: m.picture.cuts, options: m.form.options };
};

describe("which score comes first", () => {
  it.each([1, 2, 3, 4, 5])("at level %d: of all that is drawn only the right one runs from edge to edge", (level) => {
    for (let seed = 1; seed <= 60; seed++) {
      const { of, cuts, options, judge } = made(seed, level);
      const through = cuts.flatMap((c, i) =>
        c.long === (c.runs === "across" ? of.height : of.width) &&
        (c.runs === "across" ? c.of.y === of.y : c.of.x === of.x)
          ? [i]
          : [],
      );
      expect([seed, options.length, through.length]).toEqual([seed, cuts.length, 1]);
      expect(judge({ texts: [], picks: [through[0] ?? -1] }).right).toBe(true);
      expect(judge({ texts: [], picks: [((through[0] ?? 0) + 1) % cuts.length] }).right).toBe(false);
    }
  });
  it("no piece of it is too narrow to break", () => {
    for (let seed = 1; seed <= 40; seed++)
      for (const c of made(seed, 5).cuts)
        expect(Math.min(c.at, (c.runs === "across" ? c.of.width : c.of.height) - c.at)).toBeGreaterThanOrEqual(180);
  });
});
