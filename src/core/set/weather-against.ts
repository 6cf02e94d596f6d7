import type { DayForecast } from "../plan/forecast.ts";
import type { Span } from "../plan/week.ts";
import type { Day } from "../units/day.ts";

/** A day's weather as it is known at a window: entered by somebody, or told ahead. */
export type WeatherHere = {
  readonly day: Day;
  readonly rain: readonly Span[];
  readonly lowC: DayForecast["lowC"] | null;
  readonly by: "entered" | "told" | "nothing";
};

/** What speaks against a visit on such a day. */
export type Against =
  | { readonly kind: "cold"; readonly leastC: number; readonly lowC: number }
  | { readonly kind: "rain"; readonly rain: readonly Span[] };

/**
 * What a day's weather has against work that wants it dry, or no colder than so much; nothing where nobody knows the weather of
 * that day.
 * @example face putty outside, not below 5 °C; down to 3, rain from 8 to 13 // cold and rain
 */
export function weatherAgainst(
  wants: { readonly dry: boolean; readonly leastC: number | null },
  weather: WeatherHere | null,
  today: Day,
): readonly Against[] {
  if (weather === null || weather.day !== today || weather.by === "nothing") return [];
  const { lowC, rain } = weather;
  return [
    ...(wants.leastC !== null && lowC !== null && lowC < wants.leastC
      ? [{ kind: "cold" as const, leastC: wants.leastC, lowC }]
      : []),
    ...(wants.dry && rain.length > 0 ? [{ kind: "rain" as const, rain }] : []),
  ];
}
