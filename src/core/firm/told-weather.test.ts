import { describe, expect, it } from "vitest";
import { Teller } from "../../../tests/support/told.ts";
import { compoundById } from "../bed/compounds.ts";
import { paintWindow } from "../finish/paint-window.ts";
import { addDays, dayOf, writeDay } from "../units/day.ts";
import { essentialOf } from "./essential.ts";
import { foldFirm } from "./fold-firm.ts";

const DRY = { wet: false, lowC: 12 };
const WET = { wet: true, lowC: 9 };
type Say = (t: Teller) => void;
const told =
  (day: string, days: readonly { wet: boolean; lowC: number | null }[]): Say =>
  (t) =>
    t.tell("weather.told", { day, days }, {});
const entered =
  (day: string, wet: boolean, lowC: number | null = null): Say =>
  (t) =>
    t.tell("round.weather", { day, wet, lowC }, {});
const firmOf = (...says: readonly Say[]) => {
  const t = new Teller();
  for (const say of says) say(t);
  return foldFirm(t.entries);
};
const at = (firm: ReturnType<typeof firmOf>, day: string) => [
  firm.calendar.wet.has(dayOf(day)),
  firm.calendar.lowC.get(dayOf(day)) ?? null,
  firm.weatherTold.has(dayOf(day)),
];

describe("the weather as it is told", () => {
  it.each<[string, readonly Say[], string, readonly [boolean, number | null, boolean]]>([
    ["nothing told", [], "2026-05-21", [false, null, false]],
    ["told wet", [told("2026-05-20", [DRY, WET])], "2026-05-21", [true, 9, true]],
    ["told no further", [told("2026-05-20", [DRY, WET])], "2026-05-22", [false, null, false]],
    [
      "told again since: the newest stands",
      [told("2026-05-20", [DRY, WET]), told("2026-05-21", [DRY])],
      "2026-05-21",
      [false, 12, true],
    ],
    [
      "a day that is past keeps what was told of it",
      [told("2026-05-20", [WET]), told("2026-05-21", [DRY])],
      "2026-05-20",
      [true, 9, true],
    ],
    [
      "entered dry before it was told wet",
      [entered("2026-05-21", false), told("2026-05-20", [DRY, WET])],
      "2026-05-21",
      [false, null, false],
    ],
    [
      "entered wet and cold over told dry",
      [told("2026-05-20", [DRY, DRY]), entered("2026-05-21", true, 2)],
      "2026-05-21",
      [true, 2, false],
    ],
    [
      "a house that does not go by it",
      [told("2026-05-20", [WET]), (t) => t.tell("house.rule", { rule: "toldWeather", value: "no" }, {})],
      "2026-05-20",
      [false, null, false],
    ],
  ])("%s", (_, says, day, is) => expect(at(firmOf(...says), day)).toEqual(is));

  it("putty set on a Monday is painted after the wet days that nobody entered", () => {
    const linseed = compoundById("linseed");
    if (!linseed) throw new Error("no linseed putty");
    const set = dayOf("2026-05-11");
    const first = (says: readonly Say[]) => {
      const w = paintWindow(linseed, set, firmOf(...says).calendar);
      return w.kind === "window" && w.from !== null ? writeDay(w.from) : null;
    };
    // Seven days: Monday the 18th. It and Tuesday are told wet, and one dry day comes before the brush: Thursday.
    expect(first([])).toBe("2026-05-18");
    expect(first([told("2026-05-18", [WET, WET, DRY, DRY])])).toBe("2026-05-21");
    expect(
      first([told("2026-05-18", [WET, WET, DRY, DRY]), entered("2026-05-18", false), entered("2026-05-19", false)]),
    ).toBe("2026-05-18");
  });

  it("what somebody entered and struck out again is told as before", () => {
    const t = new Teller();
    t.tell("weather.told", { day: "2026-05-20", days: [WET] }, {});
    const wrong = t.tell("round.weather", { day: "2026-05-20", wet: false, lowC: null }, {});
    expect([...foldFirm(t.entries).weatherEntered]).toEqual([dayOf("2026-05-20")]);
    t.tell("struck", { entry: wrong.id, reason: "" }, {});
    const firm = foldFirm(t.entries);
    expect([firm.weatherEntered.size, ...at(firm, "2026-05-20")]).toEqual([0, true, 9, true]);
  });
  it("what a page carries tells the same of the days that are past", () => {
    const t = new Teller();
    for (let n = 0; n < 90; n++)
      t.tell("weather.told", { day: writeDay(addDays(dayOf("2026-02-01"), n)), days: [n % 3 ? DRY : WET, DRY] }, {});
    const [all, carried] = [foldFirm(t.entries), foldFirm(essentialOf(t.entries))];
    const late = [...all.calendar.wet].filter((d) => d > dayOf("2026-03-15"));
    expect(late.length).toBeGreaterThan(10);
    for (const day of late) expect(carried.calendar.wet.has(day)).toBe(true);
    expect(essentialOf(t.entries)).toHaveLength(60);
  });
});
