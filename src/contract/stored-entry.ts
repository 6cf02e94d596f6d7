import type { Entry, EntryOf, Kind } from "../core/log/kinds.ts";
import { broughtUp, markedVersion } from "../core/log/version.ts";
import { FIRST_DAY, LAST_DAY } from "../core/units/day.ts";
import { PAYLOADS } from "./entry.ts";

/** An entry as the file holds it: whatever an older or a newer version wrote, or a hand that repaired the file. */
export type StoredEntry = {
  readonly id: string;
  readonly at: string;
  readonly who: string;
  readonly kind: string;
  readonly about: Entry["about"];
  readonly clock?: string | null;
  /** JSON, as stored. */
  readonly seen?: string | null;
  /** The version of the payload; null for the first. */
  readonly v?: number | null;
  /** JSON, as stored. */
  readonly payload: string;
};

const isKind = (kind: string): kind is Kind => Object.hasOwn(PAYLOADS, kind) && kind !== "unread";
const AT = /^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d\.\d{3}Z$/;
const isTime = (at: string): boolean =>
  AT.test(at) && at.slice(0, 10) >= FIRST_DAY && at.slice(0, 10) <= LAST_DAY && !Number.isNaN(Date.parse(at));

/** Longer than this, what was stored is cut where it is shown. */
const MOST_SHOWN = 300;

/**
 * Reads what is stored tolerantly: an entry that its kind's schema does not know becomes one of kind `unread`, which says
 * why. Never throws.
 * @example kind "finish.visit", payload {"day":"0026-05-20","visit":"paint"} // unread: "day: The year must be …"
 */
export function readStored(e: StoredEntry): Entry {
  const { id, at, who, about } = e;
  if (!isTime(at)) return aside(e, `its time, ${e.at.slice(0, 40)}, is outside the years 2000 to 2100`);
  if (!isKind(e.kind)) return aside(e, "this version knows no entry of that kind");
  let payload: unknown;
  try {
    payload = JSON.parse(e.payload);
  } catch {
    return aside(e, "what it says is damaged");
  }
  const up = broughtUp(e.kind, e.v ?? 1, payload);
  if (up === null) return aside(e, "a newer version wrote it");
  const read = PAYLOADS[e.kind].safeParse(up.payload);
  if (read.success)
    return {
      id,
      at,
      who,
      about,
      kind: e.kind,
      payload: read.data,
      ...(e.clock && { clock: e.clock }),
      ...seenOf(e.seen ?? null),
      ...markedVersion(e.kind),
    } as Entry;
  const issue = read.error.issues[0];
  const says = issue?.message.replace(/^.*received undefined$/, "is missing");
  return aside(e, [issue?.path.map(String).join("."), says].filter(Boolean).join(": "));
}

/** Set aside, at the time it was written, or at the first there is where that is none. */
function aside(e: StoredEntry, why: string): EntryOf<"unread"> {
  return {
    id: e.id,
    at: isTime(e.at) ? e.at : `${FIRST_DAY}T00:00:00.000Z`,
    who: e.who,
    about: e.about,
    kind: "unread",
    payload: { kind: e.kind, why, was: e.payload.slice(0, MOST_SHOWN) },
  };
}

/** What its writer had before them; nothing where that cannot be read. */
function seenOf(stored: string | null): Pick<Entry, "seen"> {
  if (stored === null) return {};
  try {
    const seen: unknown = JSON.parse(stored);
    return Array.isArray(seen) ? { seen: seen.map(String) } : {};
  } catch {
    return {};
  }
}
