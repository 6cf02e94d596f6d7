import { type Apart, joinApart } from "./apart.ts";
import type { Entry } from "./kinds.ts";

/** Order of the log: by time, then by id, whoever wrote it and in whatever order it arrived. */
export const byTime = (a: Entry, b: Entry): number =>
  a.at < b.at ? -1 : a.at > b.at ? 1 : a.id < b.id ? -1 : a.id > b.id ? 1 : 0;

export type Log = {
  /** Every entry once, in order. */
  readonly all: readonly Entry[];
  /** Those that hold: not struck, and no strikes. What was written apart is joined: each says what is true once it is there. */
  readonly standing: readonly Entry[];
  /** Where two said different things of the same without seeing each other's, and nobody settled it yet. */
  readonly apart: readonly Apart[];
  /** For each struck entry, the strike that holds against it. */
  readonly struck: ReadonlyMap<string, Entry & { readonly kind: "struck" }>;
};

/**
 * Sorts, drops repeats, and works out what is struck. A strike may itself be struck (that is "redo"), by a later entry
 * only; a strike of an ordinary entry holds whenever it was written, so clocks that disagree lose nothing.
 */
export function readLog(entries: readonly Entry[]): Log {
  const all = [...new Map(entries.map((e) => [e.id, e])).values()].sort(byTime);
  const byId = new Map(all.map((e) => [e.id, e]));
  const struck = new Map<string, Entry & { readonly kind: "struck" }>();
  for (const e of all.toReversed()) {
    if (e.kind !== "struck" || struck.has(e.id)) continue;
    const target = byId.get(e.payload.entry);
    if (target === undefined || target.id === e.id) continue;
    if (target.kind === "struck" && byTime(target, e) > 0) continue;
    struck.set(target.id, e);
  }
  const held = all.filter((e) => e.kind !== "struck" && !struck.has(e.id));
  return { all, ...joinApart(held, all), struck };
}

/** What one key takes back: this writer's newest entry that holds. Strikes are passed over: redo has a key of its own. */
export function lastToUndo(log: Log, who: string): Entry | undefined {
  return log.standing.findLast((e) => e.who === who);
}

/** What one key brings back: this writer's newest strike that holds and was itself not followed by new work. */
export function lastToRedo(log: Log, who: string): Entry | undefined {
  const mine = log.all.filter((e) => e.who === who);
  for (const e of mine.toReversed()) {
    if (e.kind === "struck") {
      const target = log.all.find((t) => t.id === e.payload.entry);
      if (!log.struck.has(e.id) && target?.kind !== "struck") return e;
      continue;
    }
    if (!log.struck.has(e.id)) {
      const later = mine.some((s) => s.kind === "struck" && byTime(s, e) > 0 && !log.struck.has(s.id));
      if (!later) return undefined;
    }
  }
  return undefined;
}
