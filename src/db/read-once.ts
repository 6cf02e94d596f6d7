import { readStored, type StoredEntry } from "../contract/stored-entry.ts";
import type { Entry } from "../core/log/kinds.ts";
import type { entries } from "./schema.ts";

type Row = typeof entries.$inferSelect;
type Read = { readonly row: Row; readonly entry: Entry };

/** Of each of two generations: what was asked for lately stays, the rest is let go of by the thousand. */
const MOST = 10_000;
let young = new Map<string, Read>();
let old = new Map<string, Read>();
let passing = false;

/**
 * The entry of a stored row. A log's rows do not change, so one that was read lately is not taken apart and checked again;
 * a row that stands otherwise in the file than when it was read (repaired, or another firm's file) is.
 */
export function readOnce(row: Row): Entry {
  if (passing) return readStored(storedOf(row));
  const there = young.get(row.id) ?? old.get(row.id);
  const read = there && same(there.row, row) ? there : { row, entry: readStored(storedOf(row)) };
  if (young.get(row.id) !== read) {
    if (young.size >= MOST) [old, young] = [young, new Map()];
    young.set(row.id, read);
  }
  return read.entry;
}

/** Named one by one: a row spread out is twice as slow. */
const storedOf = (row: Row): StoredEntry => ({
  id: row.id,
  at: row.at,
  who: row.who,
  kind: row.kind,
  about: aboutOf(row),
  payload: row.payload,
  clock: row.clock,
  seen: row.seen,
  v: row.v,
});

/** What is read while this runs is not kept: a whole log read once would only push out what is asked for again. */
export function inPassing<T>(run: () => T): T {
  const before = passing;
  passing = true;
  try {
    return run();
  } finally {
    passing = before;
  }
}

const READ = [
  "kind",
  "at",
  "who",
  "round",
  "pane",
  "order",
  "payload",
  "clock",
  "seen",
  "v",
] as const satisfies readonly (keyof Row)[];

const same = (a: Row, b: Row): boolean => READ.every((c) => a[c] === b[c]);

const aboutOf = (row: Row): Entry["about"] => ({
  ...(row.round !== null && { round: row.round }),
  ...(row.pane !== null && { pane: row.pane }),
  ...(row.order !== null && { order: row.order }),
});
