import { describe, expect, it } from "vitest";
import { seeded } from "../chance/seeded.ts";
import { dayOf } from "../units/day.ts";
import { type Moved, swingOf } from "./swing.ts";

/* How far openings go over a year. The wave of a made-up firm is known, and what was seen of it is not exact. */

const PRIOR = { half: 1, error: 1, worth: 6, share: 0.9 };
const between = (read: string, set: string, by: number): Moved => ({
  read: dayOf(read),
  set: dayOf(set),
  by,
  weight: 1,
});
const often = (n: number, m: Moved): readonly Moved[] => Array.from({ length: n }, () => m);

describe("the swing of a year", () => {
  it("is the house's word while nothing was seen, and may be anything", () => {
    const s = swingOf([], PRIOR);
    expect(s.half).toBeCloseTo(1, 10);
    expect(s.widest).toBeNull();
    expect([s.within.lo < 0.3, s.within.hi > 1.5]).toEqual([true, true]);
  });
  it.each<[string, readonly Moved[], number]>([
    ["half a year apart it shows both ways: 1.5 either side", often(60, between("2026-01-15", "2026-07-16", 3)), 1.66],
    ["and closing as much", often(60, between("2026-07-16", "2027-01-15", -3)), 1.66],
    ["nothing moved", often(60, between("2026-01-15", "2026-07-16", 0)), 0.71],
    ["on one day nothing can move: the house's word", often(60, between("2026-05-01", "2026-05-01", 0)), 1],
  ])("%s", (_, moved, half) => expect(swingOf(moved, PRIOR).half).toBeCloseTo(half, 1));
  it("a quarter more, to be sure of the rest: seen both ways of the year it is no more than it is", () => {
    const moved = [
      ...often(60, between("2026-01-15", "2026-07-16", 0)),
      ...often(60, between("2026-04-15", "2026-10-15", 0)),
    ];
    expect(swingOf(moved, PRIOR).half).toBeLessThan(0.2);
  });
  it.each<[string, string, number, number, number]>([
    ["2026-01-15", "2026-07-16", 3, 190, 205],
    ["2026-01-15", "2026-07-16", -3, 8, 22],
    ["2026-04-15", "2026-10-15", 3, 281, 296],
  ])("read %s, set %s, %d: widest about then", (read, set, by, from, to) => {
    const { widest } = swingOf(often(60, between(read, set, by)), PRIOR);
    expect(widest).toBeGreaterThanOrEqual(from);
    expect(widest).toBeLessThanOrEqual(to);
  });
  it("what is old counts by its weight", () => {
    const old = often(60, between("2020-01-15", "2020-07-16", 6)).map((m) => ({ ...m, weight: 0.01 }));
    // 0.6 of 6 among 60 of 2 are 2.04 between them: √(1.02² + ½).
    expect(swingOf([...old, ...often(60, between("2026-01-15", "2026-07-16", 2))], PRIOR).half).toBeCloseTo(1.24, 1);
  });
  it("of 400 made-up firms the truth lies inside of its nine chances in ten in about nine of ten", () => {
    const c = seeded(11);
    let inside = 0;
    const firms = 400;
    for (let f = 0; f < firms; f++) {
      const [a, b] = [c.normal() * Math.SQRT1_2, c.normal() * Math.SQRT1_2];
      const at = (d: number): number =>
        a * Math.cos((2 * Math.PI * d) / 365.25) + b * Math.sin((2 * Math.PI * d) / 365.25);
      const moved = Array.from({ length: 8 + Math.floor(c.uniform() * 60) }, (): Moved => {
        const read = Math.floor(20_000 + c.uniform() * 730);
        const set = read + 3 + Math.floor(c.uniform() * 120);
        return { read, set, by: at(set) - at(read) + c.normal(), weight: 1 };
      });
      const { lo, hi } = swingOf(moved, PRIOR).within;
      if (Math.hypot(a, b) >= lo && Math.hypot(a, b) <= hi) inside++;
    }
    expect(inside / firms).toBeGreaterThan(0.85);
    expect(inside / firms).toBeLessThan(0.95);
  });
});
