import { describe, expect, it } from "vitest";
import { dayOf } from "../units/day.ts";
import { againstText } from "../words/weather-here.ts";
import { type WeatherHere, weatherAgainst } from "./weather-against.ts";

const TODAY = dayOf("2026-11-30");
const weather = (more: Partial<WeatherHere> = {}): WeatherHere => ({
  day: TODAY,
  rain: [],
  lowC: 8,
  by: "told",
  ...more,
});
const PUTTY = { dry: true, leastC: 5 };
const COLD = { kind: "cold", leastC: 5, lowC: 3 };
const RAIN = { kind: "rain", rain: [[480, 780]] };

describe("weather against the work of today", () => {
  it.each<[string, Parameters<typeof weatherAgainst>[0], WeatherHere | null, readonly object[]]>([
    ["a mild dry day", PUTTY, weather(), []],
    ["just warm enough", PUTTY, weather({ lowC: 5 }), []],
    ["down to 3", PUTTY, weather({ lowC: 3 }), [COLD]],
    ["rain in the morning", PUTTY, weather({ rain: [[480, 780]] }), [RAIN]],
    ["both", PUTTY, weather({ lowC: 3, rain: [[480, 780]] }), [COLD, RAIN]],
    ["what may get wet", { dry: false, leastC: 5 }, weather({ rain: [[480, 780]] }), []],
    ["a gasket minds no cold", { dry: false, leastC: null }, weather({ lowC: -9 }), []],
    ["how cold it gets is not known", PUTTY, weather({ lowC: null }), []],
    ["nobody knows the weather", PUTTY, weather({ by: "nothing", lowC: 3 }), []],
    ["kept since yesterday", PUTTY, weather({ day: dayOf("2026-11-29"), lowC: 3 }), []],
    ["none was sent", PUTTY, null, []],
  ])("%s", (_, wants, told, against) => expect(weatherAgainst(wants, told, TODAY)).toEqual(against));

  it.each([
    [
      "mm",
      "told",
      "Today goes down to 3 °C by the forecast, and linseed {putty} wants 5 °C or more all day: warm the place, bring the sash in, or another day. Rain 8:00 to 13:00 by the forecast: what is done outside here wants a dry day, or a cover.",
    ],
    [
      "in",
      "entered",
      "Today goes down to 37 °F as entered, and linseed {putty} wants 41 °F or more all day: warm the place, bring the sash in, or another day. Rain 8:00 to 13:00 as entered: what is done outside here wants a dry day, or a cover.",
    ],
  ] as const)("in words, %s", (unit, by, says) => {
    const told = weather({ lowC: 3, rain: [[480, 780]], by });
    expect(againstText(weatherAgainst(PUTTY, told, TODAY), by, "linseed {putty}", unit)).toBe(says);
  });
});
