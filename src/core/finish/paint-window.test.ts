import { describe, expect, it } from "vitest";
import { COMPOUNDS, compoundById } from "../bed/compounds.ts";
import { MONDAY_TO_FRIDAY, type WorkCalendar } from "../plan/calendar.ts";
import { dayOf, writeDay } from "../units/day.ts";
import { paintWindow } from "./paint-window.ts";

const LINSEED = { leastDays: 7, mostDays: 28, leastC: 5, dryBefore: 1 };

type Weather = {
  readonly wet?: readonly string[];
  readonly off?: readonly string[];
  readonly cold?: readonly string[];
};
const calendar = ({ wet = [], off = [], cold = [] }: Weather = {}): WorkCalendar => ({
  workingWeekdays: MONDAY_TO_FRIDAY,
  daysOff: new Set(off.map(dayOf)),
  wet: new Set(wet.map(dayOf)),
  lowC: new Map(cold.map((d) => [dayOf(d), 2])),
});
const say = (compound: Parameters<typeof paintWindow>[0], set: string, weather: Weather = {}) => {
  const w = paintWindow(compound, dayOf(set), calendar(weather));
  if (w.kind === "not-painted") return null;
  return {
    opens: writeDay(w.opens),
    closes: w.closes && writeDay(w.closes),
    from: w.from && writeDay(w.from),
    cold: w.coldDays,
  };
};

/* 4 May 2026 is a Monday. */
describe("when linseed putty may be painted", () => {
  it.each([
    ["all dry and mild", "2026-05-04", {}, "2026-05-11", "2026-05-11", "2026-06-01"],
    ["opens on a Saturday", "2026-05-02", {}, "2026-05-09", "2026-05-11", "2026-05-30"],
    [
      "wet when it opens, so the day after is spoilt too",
      "2026-05-04",
      { wet: ["2026-05-11"] },
      "2026-05-11",
      "2026-05-13",
      "2026-06-01",
    ],
    ["wet the day before", "2026-05-04", { wet: ["2026-05-10"] }, "2026-05-11", "2026-05-12", "2026-06-01"],
    ["a day off", "2026-05-04", { off: ["2026-05-11"] }, "2026-05-11", "2026-05-12", "2026-06-01"],
    [
      "two cold days do not count",
      "2026-05-04",
      { cold: ["2026-05-06", "2026-05-07"] },
      "2026-05-13",
      "2026-05-13",
      "2026-06-01",
    ],
    [
      "cold on the day of setting itself changes nothing",
      "2026-05-04",
      { cold: ["2026-05-04"] },
      "2026-05-11",
      "2026-05-11",
      "2026-06-01",
    ],
  ] as const)("%s", (_, set, weather, opens, from, closes) => {
    expect(say(LINSEED, set, weather)).toMatchObject({ opens, from, closes });
  });

  it("a day with no fit day says so, with a reason for each", () => {
    const w = paintWindow({ ...LINSEED, mostDays: 8 }, dayOf("2026-05-04"), calendar({ wet: ["2026-05-11"] }));
    expect(w).toMatchObject({ from: null, unfit: [{ why: "wet" }, { why: "wet-before" }] });
  });
  it("so cold that it closes before it opens", () => {
    const cold = Array.from({ length: 30 }, (_, i) => writeDay((dayOf("2026-05-05") + i) as never));
    expect(say(LINSEED, "2026-05-04", { cold })).toMatchObject({ from: null, cold: 30 });
  });
  it("exactly at its least temperature it does cure", () => {
    const w = paintWindow(LINSEED, dayOf("2026-05-04"), { ...calendar(), lowC: new Map([[dayOf("2026-05-06"), 5]]) });
    expect(w).toMatchObject({ coldDays: 0 });
  });
});

describe("other compounds", () => {
  it("silicone is not painted", () => expect(say(compoundById("silicone") ?? LINSEED, "2026-05-04")).toBeNull());
  it("two-part is painted the same day, without a last day", () => {
    expect(say(compoundById("two-part") ?? LINSEED, "2026-05-04")).toEqual({
      opens: "2026-05-04",
      closes: null,
      from: "2026-05-04",
      cold: 0,
    });
  });
  it("a winter without end ends the search", () => {
    const w = paintWindow({ ...LINSEED, mostDays: null }, dayOf("2026-05-04"), {
      ...calendar(),
      lowC: new Map(Array.from({ length: 800 }, (_, i) => [(dayOf("2026-05-04") + i) as never, -5])),
    });
    expect(w.kind).toBe("window");
  });
  it("each names its source and what it needs", () => {
    for (const c of COMPOUNDS) expect([c.id, c.needs !== "", c.source !== ""]).toEqual([c.id, true, true]);
  });
});
