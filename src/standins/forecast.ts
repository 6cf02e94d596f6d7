import { seeded } from "../core/chance/seeded.ts";
import type { DayForecast, Forecast } from "../core/plan/forecast.ts";
import type { Span } from "../core/plan/week.ts";
import type { Day } from "../core/units/day.ts";

const AHEAD_DAYS = 10;
const YEAR = 365.25;
/** A middling northern town: warmest in the last days of July. */
const MEAN_C = 10;
const SWING_C = 7.5;
const WARMEST = 205;

/**
 * A made-up forecast, the same for a day whenever it is asked for: temperatures by the season, rain in spells that go on from
 * day to day, wind. It stands where a real one would, and says nothing of what is further off than ten days.
 */
export function madeUpForecast(today: Day, seed = 1): Forecast {
  return (day) => (day < today || day > today + AHEAD_DAYS ? null : weather(day, seed));
}

function weather(day: Day, seed: number): DayForecast {
  const { uniform, normal } = seeded(seed * 100_003 + day);
  // Spells of weather last a few days: what is drawn for three days together leans on each of them.
  const spell = seeded(seed * 100_003 + Math.floor(day / 3) + 7_000_000).uniform();
  const season = MEAN_C + SWING_C * Math.cos((2 * Math.PI * (day - WARMEST)) / YEAR);
  const high = season + 4 + 2 * normal();
  const isWet = uniform() < (spell < 0.45 ? 0.65 : 0.12);
  const from = 60 * (7 + Math.floor(uniform() * 9));
  const lasts = 60 * (1 + Math.floor(uniform() * 6));
  const rain: readonly Span[] = isWet ? [[from, Math.min(24 * 60, from + lasts)]] : [];
  return {
    rain,
    lowC: Math.round(high - 5 - 3 * uniform()),
    highC: Math.round(high),
    windMs: Math.round(2 + 8 * uniform() ** 2),
  };
}
