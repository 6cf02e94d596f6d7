import { describe, expect, it } from "vitest";
import { pastInUse } from "../firm/firm.ts";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import type { Past } from "../steps/past.ts";
import { minutesWithin, ownMinutes } from "./own-minutes.ts";
import { stepTimes } from "./step-times.ts";

const timed = (minutes: number, more: { who?: string; day?: string; metres?: number } = {}) => ({
  minutes,
  who: more.who ?? "Nell",
  day: more.day ?? "2026-05-20",
  metres: more.metres ?? null,
});
const given = (usual: number, who: string | null = null, metres: number | null = null) => ({ usual, who, metres });

describe("how long a piece of work takes here", () => {
  it.each<[string, Parameters<typeof ownMinutes>[0], number, number | undefined]>([
    ["two times say nothing", [timed(10), timed(12)], 20, undefined],
    // √20 × 10 × 12 × 14 = 7 513; its 3.5th root.
    ["three, and the house's word for half of one", [timed(10), timed(12), timed(14)], 20, 12.8],
    ["as the house says", [timed(20), timed(20), timed(20)], 20, 20],
    // Two years old counts half: √20 × 10 × 10 × √40, rooted by 3.
    ["an old one counts half", [timed(40, { day: "2024-05-20" }), timed(10), timed(10)], 20, 14.1],
  ])("%s", (_, all, usual, minutes) => {
    const own = ownMinutes(all, given(usual));
    expect(own && Math.round(own.minutes * 10) / 10).toBe(minutes ?? null);
  });
  it("goes by the metre where the length is known: 2 a metre on 3 m", () => {
    const all = [2, 4, 5].map((m) => timed(2 * m, { metres: m }));
    expect(ownMinutes(all, given(6, null, 3))?.minutes).toBeCloseTo(6, 6);
  });
  it("names what took ten times as long, and does not count it", () => {
    const own = ownMinutes(
      [9, 10, 11, 10, 120].map((m) => timed(m)),
      given(10),
    );
    expect(own?.outliers.map((t) => t.minutes)).toEqual([120]);
    expect(own?.seen).toBe(4);
    expect(own?.minutes).toBeCloseTo(10, 0);
  });
  it("takes slow hands for slow hands, where they were slow twice", () => {
    const quick = [6, 6, 6, 6].map((m) => timed(m, { who: "Bram" }));
    const slow = [40, 41, 39].map((m) => timed(m));
    expect(ownMinutes([...quick, ...slow], given(10))?.outliers).toEqual([]);
    expect(ownMinutes([...quick, ...slow], given(10, "Nell"))?.minutes).toBeGreaterThan(25);
    // Once is a clock that ran on.
    expect(ownMinutes([...quick, timed(40)], given(10))?.outliers.map((t) => t.minutes)).toEqual([40]);
  });
  it("a house that does not go by its minutes is reckoned by none of them", () => {
    const past: Past = new Map([["a", [{ ...timed(10), system: "timber-putty", station: "set", step: "bed" }]]]);
    expect(pastInUse({ house: HOUSE_DEFAULTS, past })).toBe(past);
    expect(pastInUse({ house: { ...HOUSE_DEFAULTS, ownMinutes: "no" }, past }).size).toBe(0);
  });
  it("is surer the more often it was timed, and lies within what it says", () => {
    const width = (n: number): number => {
      const own = ownMinutes(
        Array.from({ length: n }, (_, i) => timed(i % 2 ? 9 : 11)),
        given(20),
      );
      if (!own) throw new Error("timed often enough");
      const { lo, hi } = minutesWithin(own.belief);
      expect(lo).toBeLessThan(own.minutes);
      expect(hi).toBeGreaterThan(own.minutes);
      return hi - lo;
    };
    expect(width(4)).toBeGreaterThan(width(12));
    expect(width(12)).toBeGreaterThan(width(30));
  });
  // 400 firms whose truth is known: a time is a third longer or shorter, the house is out by half as much again.
  it("has the truth within what it says nine times in ten", () => {
    let seed = 7;
    const chance = (): number => {
      seed = (seed * 1_103_515_245 + 12_345) % 2_147_483_648;
      return (seed + 0.5) / 2_147_483_648;
    };
    const normal = (): number => Math.sqrt(-2 * Math.log(chance())) * Math.cos(2 * Math.PI * chance());
    let [within, firms] = [0, 0];
    for (; firms < 400; firms++) {
      const truth = 20 * Math.exp(0.5 * normal());
      const times = Array.from({ length: 3 + (firms % 10) }, () => timed(truth * Math.exp(0.35 * normal())));
      const own = ownMinutes(times, given(20));
      const w = own && minutesWithin(own.belief);
      if (w && w.lo <= truth && truth <= w.hi) within++;
    }
    expect(within / firms).toBeGreaterThan(0.87);
    expect(within / firms).toBeLessThan(0.96);
  });
});

describe("minutes of steps, as they are shown", () => {
  const hack = { system: "timber-putty", station: "takeout", step: "face-putty" } as const;
  const past = new Map([
    [
      "a",
      [
        ...[10, 12, 14].map((m) => ({ ...timed(m), ...hack, usual: 20 })),
        { ...timed(12, { who: "Bram" }), ...hack, usual: 20 },
      ],
    ],
    ["b", [{ ...timed(8, { metres: 3 }), ...hack, step: "beads" }]],
  ]);
  it("says everybody's, and only the people who are shown, from their third time on", () => {
    const [a, b] = stepTimes(past, (who) => who === "Nell");
    expect(a?.own.map((o) => [o.who, Math.round(o.minutes), o.seen])).toEqual([
      [null, 13, 4],
      ["Nell", 12, 3],
    ]);
    expect([a?.usual, a?.timed, a?.metres]).toEqual([20, 4, null]);
    expect([b?.step, b?.own, b?.usual]).toEqual(["beads", [], null]);
    expect(stepTimes(past, () => false)[0]?.own).toHaveLength(1);
  });
  it("says a work of length for the length of the last", () => {
    const along = [3, 2, 4].map((m) => ({ ...timed(4 * m, { metres: m }), ...hack, usual: 16 }));
    const [row] = stepTimes(new Map([["a", along]]), () => false);
    expect([row?.metres, row?.usual, Math.round(row?.own[0]?.minutes ?? 0)]).toEqual([4, 16, 16]);
  });
  it("names who took ten times as long only where people are shown", () => {
    const all = [9, 10, 11, 10, 120].map((m) => ({ ...timed(m), ...hack }));
    const named = (shown: boolean) => stepTimes(new Map([["a", all]]), () => shown)[0]?.outliers.map((o) => o.who);
    expect([named(true), named(false)]).toEqual([["Nell"], [null]]);
  });
});
