import { v7 as uuidv7 } from "uuid";
import type { ToldWeather } from "../core/log/kinds/firm.ts";
import type { Entry } from "../core/log/kinds.ts";
import { THE_HOUSE } from "../core/people/the-house.ts";
import type { Forecast } from "../core/plan/forecast.ts";
import { addDays, type Day, writeDay } from "../core/units/day.ts";
import { appendEntries } from "../db/append.ts";
import type { Database } from "../db/database.ts";
import { loadFirm } from "./firm.ts";
import { log } from "./log.ts";
import { today } from "./today.ts";
import { theForecast } from "./weather.ts";

/** Told so many days ahead, at most. */
const MOST_DAYS = 21;

/** The weather of a day and those after it, as far as it is told. @example told to the tenth day ahead // eleven of them */
export function toldFrom(now: Day, forecast: Forecast): readonly ToldWeather[] {
  const told: ToldWeather[] = [];
  for (let n = 0; n < MOST_DAYS; n++) {
    const day = forecast(addDays(now, n));
    if (!day) break;
    told.push({ wet: day.rain.length > 0, lowC: day.lowC });
  }
  return told;
}

/**
 * Keeps the weather as it is told, once a day from the first pane that was set on: cure and paint go by it on the days that
 * nobody entered, also when those are past and nobody tells them any more.
 */
export function keepWeather(db: Database, added: readonly Entry[], now: Date): void {
  const { weatherToldOn: last } = loadFirm(db).firm;
  if (last === null ? !added.some((e) => e.kind === "set.done") : last >= today()) return;
  const days = toldFrom(today(), theForecast(today()));
  if (days.length === 0) return;
  const entry: Entry = {
    id: uuidv7(),
    at: now.toISOString(),
    who: THE_HOUSE,
    about: {},
    kind: "weather.told",
    payload: { day: writeDay(today()), days },
  };
  const done = appendEntries(db, [entry], { receivedAt: now.toISOString(), sure: false });
  if (!done.ok) log.error({ err: done.error }, "the weather as it was told was not kept");
}
