import type { Day } from "../units/day.ts";
import type { Span } from "./week.ts";

/** A day's weather as it is told ahead. */
export type DayForecast = {
  readonly rain: readonly Span[];
  readonly lowC: number;
  readonly highC: number;
  readonly windMs: number;
};

/** Whoever tells the weather: null for a day that is too far off. */
export type Forecast = (day: Day) => DayForecast | null;

/**
 * The weather that a plan goes by: what somebody entered for a day stands before what is told.
 * @example told dry, entered wet // it rains all day
 */
export function weatherOf(
  day: Day,
  told: DayForecast | null,
  entered: { readonly wet: ReadonlySet<Day>; readonly lowC: ReadonlyMap<Day, number> },
  isEntered: boolean,
): {
  readonly rain: readonly Span[];
  readonly lowC: number | null;
  readonly highC: number | null;
  readonly windMs: number | null;
  readonly by: "entered" | "told" | "nothing";
} {
  const low = entered.lowC.get(day);
  if (isEntered)
    return {
      rain: entered.wet.has(day) ? [[0, 1440]] : [],
      lowC: low ?? told?.lowC ?? null,
      highC: told?.highC ?? null,
      windMs: told?.windMs ?? null,
      by: "entered",
    };
  return told ? { ...told, by: "told" } : { rain: [], lowC: null, highC: null, windMs: null, by: "nothing" };
}
