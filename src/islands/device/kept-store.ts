import { type DBSchema, type IDBPDatabase, openDB } from "idb";
import type { KeptPage } from "../../contract/kept.ts";
import type { Entry } from "../../core/log/kinds.ts";
import type { Kept } from "../../core/page/kept.ts";
import type { SupplierRecord } from "../../core/pane/source-facts.ts";
import { writtenOver } from "../../core/people/forget.ts";
import type { RoundRow } from "../../core/round/row.ts";
import { handsStill } from "./hands-still.ts";

/** A round that this device keeps. */
export type KeptRound = {
  readonly id: string;
  /** Where in the server's log it goes on from. */
  readonly through: number;
  /** Whether all of it came once. */
  readonly whole: boolean;
  /** When it was last asked for on this device, and when it last agreed with the server; ms. */
  readonly wantedAt: number;
  readonly agreedAt: number;
  /** The server's day when it agreed, and this device's own that day. */
  readonly today: number;
  readonly ownDay: number;
};
type Office = {
  readonly records: KeptPage["records"];
  readonly openings: readonly Entry[];
  readonly people: readonly string[];
};

/** The firm's own entries are kept under this in the place of a round. */
const FIRM = "firm";
/** What was sent from here, and has not come back yet. */
const OWN = "own";

/** A line of the round that was made here, and of what. */
export type KeptLine = { readonly of: string; readonly row: RoundRow };

interface Schema extends DBSchema {
  lines: { key: string; value: KeptLine };
  entries: { key: [string, string]; value: Entry };
  rounds: { key: string; value: KeptRound };
  office: { key: string; value: Office };
}

let opening: Promise<IDBPDatabase<Schema>> | undefined;
const db = (): Promise<IDBPDatabase<Schema>> => {
  opening ??= openDB<Schema>("pp-kept", 1, {
    upgrade(d) {
      d.createObjectStore("lines");
      d.createObjectStore("entries");
      d.createObjectStore("rounds", { keyPath: "id" });
      d.createObjectStore("office");
    },
  });
  opening.catch(() => {
    opening = undefined;
  });
  return opening;
};

/** This device's own day, days since 1970. */
const ownDay = (at: number): number => {
  const d = new Date(at);
  return Math.floor(Date.UTC(d.getFullYear(), d.getMonth(), d.getDate()) / 86_400_000);
};

export const keptRounds = async (): Promise<readonly KeptRound[]> => (await db()).getAll("rounds");
/** What the kept rounds are called. */
export async function roundNames(): Promise<ReadonlyMap<string, string>> {
  const firm = await (await db()).getAll("entries", IDBKeyRange.bound([FIRM, ""], [FIRM, "\uffff"]));
  return new Map(
    firm.flatMap((e) => (e.kind === "round.opened" ? [[e.about.round ?? "", e.payload.name] as const] : [])),
  );
}

/** Notes that a round is wanted on this device. Answers with how it stands. */
export async function wantRound(id: string, at: number): Promise<KeptRound> {
  const d = await db();
  const before = await d.get("rounds", id);
  const wanted = before
    ? { ...before, wantedAt: at }
    : { id, through: 0, whole: false, wantedAt: at, agreedAt: 0, today: 0, ownDay: 0 };
  await d.put("rounds", wanted);
  return wanted;
}

/** So many are put down at a time: whoever scrolls meanwhile gets a frame between. */
const AT_A_TIME = 60;

/**
 * Takes what the server sent of a round. Entries first, some at a time, and how far they go last of all: broken off
 * between, the same come again and are put down once.
 */
export async function takeKept(round: string, page: KeptPage, at: number): Promise<void> {
  const d = await db();
  const all = page.entries as readonly Entry[];
  for (let from = 0; from < all.length; from += AT_A_TIME) {
    await handsStill();
    const some = d.transaction("entries", "readwrite");
    for (const e of all.slice(from, from + AT_A_TIME)) {
      void some.store.put(e, [e.about.pane === undefined && e.about.order === undefined ? FIRM : round, e.id]);
      void some.store.delete([OWN, e.id]);
    }
    await some.done;
  }
  const tx = d.transaction(["rounds", "office"], "readwrite");
  const was = await tx.objectStore("rounds").get(round);
  void tx.objectStore("rounds").put({
    id: round,
    wantedAt: was?.wantedAt ?? at,
    through: page.through,
    whole: !page.more || was?.whole === true,
    agreedAt: page.more ? (was?.agreedAt ?? 0) : at,
    today: page.today,
    ownDay: ownDay(at),
  });
  void tx
    .objectStore("office")
    .put({ records: page.records, openings: page.openings as readonly Entry[], people: page.people }, FIRM);
  await tx.done;
}

/** Writes over what is kept here of whoever asked to be forgotten. Answers with the photos that go. */
export async function forgetKept(): Promise<readonly string[]> {
  const d = await db();
  const [keys, entries] = await Promise.all([d.getAllKeys("entries"), d.getAll("entries")]);
  const over = writtenOver([...entries].sort((a, b) => (a.at < b.at ? -1 : 1)));
  const by = new Map(over.entries.map((e) => [e.id, e]));
  const tx = d.transaction("entries", "readwrite");
  for (const key of keys) {
    const e = by.get(key[1]);
    if (e) void tx.store.put(e, key);
  }
  await tx.done;
  return over.photos;
}

/** What was written here and has been sent: it stays known without a signal until it comes back with its round. */
export async function keepSent(entries: readonly Entry[]): Promise<void> {
  const tx = (await db()).transaction("entries", "readwrite");
  for (const e of entries) void tx.store.put(e, [OWN, e.id]);
  await tx.done;
}

export const keptLine = async (pane: string): Promise<KeptLine | undefined> => (await db()).get("lines", pane);
export const keepLine = async (pane: string, line: KeptLine): Promise<void> =>
  void (await (await db()).put("lines", line, pane));

/** Takes a round off this device. What waits to be sent is kept elsewhere, and stays. */
export async function forgetRound(id: string): Promise<void> {
  const tx = (await db()).transaction(["entries", "rounds"], "readwrite");
  void tx.objectStore("entries").delete(IDBKeyRange.bound([id, ""], [id, "\uffff"]));
  void tx.objectStore("rounds").delete(id);
  await tx.done;
}

export type KeptHere = Kept & { readonly people: readonly string[]; readonly agreedAt: number };

/** All that is kept here of the firm's log, with what waits to be sent; null where nothing is. */
export async function readAllKept(waiting: readonly Entry[], at: number): Promise<KeptHere | null> {
  const d = await db();
  const [entries, rounds, office] = await Promise.all([d.getAll("entries"), d.getAll("rounds"), d.get("office", FIRM)]);
  const whole = rounds.filter((r) => r.whole);
  const [newest] = [...whole].sort((a, b) => b.agreedAt - a.agreedAt);
  if (!newest) return null;
  return {
    entries: [...entries, ...waiting],
    through: Math.min(...whole.map((r) => r.through)),
    today: newest.today + (ownDay(at) - newest.ownDay),
    records: (office?.records ?? []) as unknown as readonly SupplierRecord[],
    openings: office?.openings ?? [],
    people: office?.people ?? [],
    agreedAt: newest.agreedAt,
  };
}
