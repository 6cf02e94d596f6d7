import type { Firm } from "../core/firm/firm.ts";
import { type Forecast, weatherOf } from "../core/plan/forecast.ts";
import type { WeatherHere } from "../core/set/weather-against.ts";
import type { Day } from "../core/units/day.ts";
import { madeUpForecast } from "../standins/forecast.ts";

/** Whoever tells the weather: made up, until a real one is connected. */
export const theForecast = (now: Day): Forecast => madeUpForecast(now);

/** The weather of a day: as entered, else as it is told. */
export const weatherOn = (day: Day, firm: Pick<Firm, "calendar" | "weatherEntered">): WeatherHere => ({
  day,
  ...weatherOf(day, theForecast(day)(day), firm.calendar, firm.weatherEntered.has(day)),
});
