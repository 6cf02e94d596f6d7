import { describe, expect, it } from "vitest";
import { figures, many, one, side } from "../../../tests/support/seen-panes.ts";
import { seeded } from "../chance/seeded.ts";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import { figureSentence } from "../words/learnt.ts";
import { isClear, toAdopt } from "./own-figures.ts";
import { NOTHING_SEEN, type PaneSeen } from "./seen.ts";

describe("figures of the firm's own", () => {
  it("nine sides say nothing, ten do: all 1.2 larger, against a nought worth two: 1.2 × 10 / 12, a little less for their age", () => {
    expect(
      one(
        "off-single",
        many(9, () => side(1.2)),
      ).own,
    ).toBeNull();
    const ten = one(
      "off-single",
      many(10, () => side(1.2)),
    );
    expect(ten.own).toBe(1);
    expect(ten.from).toEqual({ seen: 10, of: "sides" });
    expect(ten.within.lo).toBeLessThan(1);
    expect(ten.within.hi).toBeGreaterThan(1);
    expect(isClear(ten)).toBe(true);
  });
  it("a pane made wrong is named, and moves nothing", () => {
    const f = one("off-single", [...many(20, (i) => side(i % 2 ? 0.3 : -0.3)), side(-10)]);
    expect(f.own).toBe(0);
    expect(f.outliers).toEqual([{ byMm: -10, of: "Salt Lane", day: "2026-05-01" }]);
    expect(f.from.seen).toBe(20);
  });
  it("sealed units are a figure apart", () => {
    const panes = [...many(12, () => side(1)), ...many(12, () => side(-1, { sealed: true }))];
    expect(one("off-single", panes).own).toBeGreaterThan(0.8);
    expect(one("off-units", panes).own).toBeLessThan(-0.8);
  });
  it("the tape that checked them is taken out of their scatter, once", () => {
    const scattered = many(40, (i) => side(i % 2 ? 0.7 : -0.7));
    const fine = one("cut-single", scattered, { ...HOUSE_DEFAULTS, tapeErrorMm: 0 });
    const coarse = one("cut-single", scattered, { ...HOUSE_DEFAULTS, tapeErrorMm: 0.5 });
    expect(fine.own).toBeCloseTo(1.2, 1);
    expect(coarse.own).toBeLessThan(fine.own ?? 0);
  });
  it("what was seen years ago counts little", () => {
    const old = many(20, () => side(2, { day: "2016-05-01" }));
    const young = many(20, () => side(0));
    expect(one("off-single", [...old, ...young]).own).toBeLessThan(0.15);
  });
  it("places read twice: differences of 0.7 are a tape of 0.5", () => {
    const twice = many(30, (i) => ({
      ...NOTHING_SEEN,
      twice: [{ who: "Nell", tape: "in" as const, day: "2026-05-01", byMm: i % 2 ? 0.7 : -0.7 }],
    }));
    expect(one("tape-in", twice).own).toBeCloseTo(0.48, 1);
    expect(one("tape-mm", twice).from.seen).toBe(0);
  });
  // Read in the middle of winter, set at the end of July: 1.2 a metre is 0.6 either side; of the quarters between nobody knows
  // more than the house: √(0.6² + ½).
  it.each<[string, string, string, number, number]>([
    ["wider in summer", "2026-01-20", "2026-07-22", 1.2, 0.93],
    ["wider in winter", "2026-07-22", "2026-01-20", 1.2, 0.93],
    ["twice as much", "2026-01-20", "2026-07-22", 2.4, 1.39],
  ])("timber that went over half a year, %s", (_, read, day, perMetre, half) => {
    const rooms = many(30, () => ({
      ...NOTHING_SEEN,
      room: [{ material: "timber" as const, read, day, byMm: perMetre / 2, lengthMm: 500 }],
    }));
    const f = one("move-timber", rooms);
    expect(f.own).toBeCloseTo(half, 1);
    // The house's −1.5 to +0.5 has its middle at −0.5.
    expect(f.sets).toEqual([
      { rule: "timberShrinkMm", own: Math.round((-0.5 - (f.own ?? 0)) * 100) / 100, house: -1.5 },
      { rule: "timberGrowMm", own: Math.round(Math.max(0, -0.5 + (f.own ?? 0)) * 100) / 100, house: 0.5 },
    ]);
  });
  it("seen in all quarters it says when they are widest", () => {
    const room = (read: string, day: string, byMm: number) => ({
      ...NOTHING_SEEN,
      room: [{ material: "timber" as const, read, day, byMm, lengthMm: 1000 }],
    });
    const rooms = [
      ...many(20, () => room("2026-01-28", "2026-07-30", 3)),
      ...many(20, () => room("2025-10-29", "2026-04-30", 0)),
    ];
    expect(figureSentence(one("move-timber", rooms), "mm")).toMatch(/Widest about the end of July\.$/);
  });
  it("read and set in one week it says no more than the house", () => {
    const rooms = many(12, () => ({
      ...NOTHING_SEEN,
      room: [{ material: "timber" as const, read: "2026-05-01", day: "2026-05-06", byMm: 0.1, lengthMm: 500 }],
    }));
    const f = one("move-timber", rooms);
    expect(f.own).toBeCloseTo(1, 1);
    expect(f.widest).toBeNull();
    expect(toAdopt([f])).toEqual([]);
  });
  it("is taken on by itself only where what is in use lies outside of it", () => {
    const c = seeded(3);
    const unsure = many(12, () => side(0.1 + 0.6 * c.normal()));
    expect(toAdopt(figures(unsure)).flatMap((f) => f.sets.map((x) => x.rule))).not.toContain("cutOffMm");
    expect(toAdopt(figures(many(30, () => side(1.2)))).flatMap((f) => f.sets.map((x) => x.rule))).toContain("cutOffMm");
    // Once taken on it says the same, and is not taken on again.
    const house = {
      ...HOUSE_DEFAULTS,
      cutOffMm:
        one(
          "off-single",
          many(30, () => side(1.2)),
        ).own ?? 0,
    };
    expect(
      toAdopt(
        figures(
          many(30, () => side(1.2)),
          house,
        ),
      ).flatMap((f) => f.sets.map((x) => x.rule)),
    ).not.toContain("cutOffMm");
  });
});

describe("an inch tape beside a metric one", () => {
  const metric = (n: number, byMm: number, more: Partial<PaneSeen["sides"][number]> = {}) =>
    many(n, () => side(byMm, more));
  const inch = (n: number, byMm: number, more: Partial<PaneSeen["sides"][number]> = {}) =>
    many(n, () => side(byMm, { tape: "in", ...more }));
  it("says nothing before both tapes have measured ten sides of one kind of glass", () => {
    expect(one("off-inches", inch(40, 1)).from.seen).toBe(0);
    expect(one("off-inches", [...metric(9, 0), ...inch(40, 1)]).own).toBeNull();
    expect(one("off-inches", [...metric(20, 0, { sealed: true }), ...inch(40, 1)]).own).toBeNull();
    expect(one("off-inches", [...metric(20, 0), ...inch(9, 1)]).own).toBeNull();
  });
  it("metric 0.2 larger, inches 0.9: 0.7 more; each kind of glass is held against its own", () => {
    const f = one("off-inches", [...metric(60, 0.2), ...inch(60, 0.9)]);
    expect(f.own).toBeCloseTo(0.7, 1);
    expect(f.within.lo).toBeLessThan(0.7);
    expect(f.within.hi).toBeGreaterThan(0.7);
    expect(f.sets).toEqual([{ rule: "inchTapeOffMm", own: f.own, house: 0 }]);
    const both = one("off-inches", [
      ...metric(60, 0),
      ...inch(60, 0.5),
      ...metric(60, 1, { sealed: true }),
      ...inch(60, 1.5, { sealed: true }),
    ]);
    expect(both.own).toBeCloseTo(0.5, 1);
  });
  it("once taken on it no longer stands in what both tapes say together", () => {
    const panes = [...metric(60, 0.2), ...inch(60, 0.9)];
    expect(one("off-single", panes).own).toBeCloseTo(0.55, 1);
    expect(one("off-single", panes, { ...HOUSE_DEFAULTS, inchTapeOffMm: 0.7 }).own).toBeCloseTo(0.2, 1);
  });
  it("the truth lies inside of nine in ten about nine times in ten", () => {
    const c = seeded(11);
    let inside = 0;
    for (let firm = 0; firm < 300; firm++) {
      const truth = 0.7 * c.normal();
      const cutter = 0.5 * c.normal();
      const scatter = 0.4 + 0.4 * c.uniform();
      const f = one("off-inches", [
        ...many(30, () => side(cutter + scatter * c.normal())),
        ...many(20, () => side(cutter + truth + scatter * c.normal(), { tape: "in" })),
      ]);
      inside += Number(f.within.lo <= truth && truth <= f.within.hi);
    }
    expect(inside / 300).toBeGreaterThan(0.87);
  });
});
