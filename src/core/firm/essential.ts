import { isHouseRule } from "../house/rules.ts";
import { threadOf } from "../log/apart.ts";
import type { Entry, Kind } from "../log/kinds.ts";
import { readLog } from "../log/standing-entries.ts";
import { MOST_TIMED } from "../steps/past.ts";
import { isFirmKind } from "./folds.ts";

/** So many of the newest stay as they are, struck or not: what one key takes back or brings back. */
const NEWEST = 60;

/**
 * Of a firm's entries, those that what is true of it still follows from: a page carries these, not the years. `foldFirm`
 * gives the same of both. What is replaced, struck, or of no kind that it folds is left out, but for the newest.
 * Weather and days off before `since` (`yyyy-mm-dd`) are history: nothing waits for them any more.
 * @example a rule changed forty times // its newest
 */
export function essentialOf(entries: readonly Entry[], since?: string): readonly Entry[] {
  const { all, standing, apart } = readLog(entries);
  const kept = new Set(all.slice(-NEWEST).map((e) => e.id));
  const byKind = new Map<string, Entry[]>();
  for (const e of standing) {
    const key = keyOf(e);
    if (key === null || (since !== undefined && "day" in e.payload && e.payload.day !== null && e.payload.day < since))
      continue;
    const same = byKind.get(key);
    if (same) same.push(e);
    else byKind.set(key, [e]);
  }
  const written = new Set(all);
  const unsettled = new Set(apart.flatMap((a) => [a.earlier.id, a.later.id]));
  // Where two wrote apart, what stands follows from all of them.
  const wroteApart = (e: Entry): boolean => !written.has(e) || unsettled.has(e.id);
  for (const same of byKind.values()) for (const e of same.some(wroteApart) ? same : stillCounts(same)) kept.add(e.id);
  // A strike counts while what it struck is carried, and so does a strike of a strike.
  for (const e of all.toReversed()) if (e.kind === "struck" && kept.has(e.id)) kept.add(e.payload.entry);
  for (const e of all) if (e.kind === "struck" && kept.has(e.payload.entry)) kept.add(e.id);
  return all.filter((e) => kept.has(e.id));
}

/** What the firm is folded from, and what must be seen though it is not. */
const isCarried = (kind: Kind): boolean => isFirmKind(kind) || kind === "unread";

/** Entries of one key replace each other; null: nothing is folded of it. */
function keyOf(e: Entry): string | null {
  if (!isCarried(e.kind) || (e.kind === "house.rule" && !isHouseRule(e.payload.rule))) return null;
  if (e.kind === "work.took") return `${e.kind} ${e.payload.system} ${e.payload.station} ${e.payload.step} ${e.who}`;
  return threadOf(e) ?? `${e.kind} ${e.id}`;
}

/** The weather is told once a day: cure and paint look back no further than so many. */
const TOLD_DAYS = 60;

/** Of entries that replace each other: the newest; where a list keeps its order, the first that put it there too. */
function stillCounts(same: readonly Entry[]): readonly Entry[] {
  const last = same.at(-1);
  if (last === undefined) return [];
  if (last.kind === "work.took") return same.slice(-MOST_TIMED);
  // What it was to be on a day that is past stands in what was told by then.
  if (last.kind === "weather.told") return same.slice(-TOLD_DAYS);
  // What was cut from a sheet meanwhile follows from how many there were then, said or counted.
  if (last.kind === "stock.pane" || last.kind === "stock.counted") return same;
  // A value that does not fit its rule is passed over: all of them are kept, there are few.
  if (last.kind === "house.rule") return same.slice(-NEWEST);
  const isGone = (e: Entry): boolean => "gone" in e.payload && e.payload.gone === true;
  if (isGone(last)) return [];
  const since = same.slice(same.findLastIndex(isGone) + 1);
  return [since[0] ?? last, last];
}
