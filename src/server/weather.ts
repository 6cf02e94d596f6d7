import type { Firm } from "../core/firm/firm.ts";
import type { Entry } from "../core/log/kinds.ts";
import { type Forecast, weatherOf } from "../core/plan/forecast.ts";
import type { WeatherHere } from "../core/set/weather-against.ts";
import { type Day, dayOf } from "../core/units/day.ts";
import { madeUpForecast } from "../standins/forecast.ts";

/** Whoever tells the weather: made up, until a real one is connected. */
export const theForecast = (now: Day): Forecast => madeUpForecast(now);

/** Days whose weather somebody entered. */
export const enteredDays = (entries: readonly Entry[]): ReadonlySet<Day> =>
  new Set(entries.flatMap((e) => (e.kind === "round.weather" ? [dayOf(e.payload.day)] : [])));

/** The weather of a day: as entered, else as it is told. */
export const weatherOn = (day: Day, entries: readonly Entry[], firm: Pick<Firm, "calendar">): WeatherHere => ({
  day,
  ...weatherOf(day, theForecast(day)(day), firm.calendar, enteredDays(entries).has(day)),
});
