import { type DBSchema, type IDBPDatabase, openDB } from "idb";
import type { Entry } from "../../core/log/kinds.ts";

/** An entry that this browser wrote and the server does not have; with why, once the server would not take it. */
export type Waiting = { readonly entry: Entry; readonly refused: string | null };

interface Schema extends DBSchema {
  entries: { key: string; value: Waiting };
  drafts: { key: string; value: string };
}

const NAME = "pp-out";
/** Where an earlier version kept what waits. */
const OLD_PREFIX = "pp-out:";

/** What waits to be sent, and what is half typed, in this browser's own database. It outlives the page, and a dead server. */
export type Outbox = {
  /** Resolves once they are on the disk of this device, and rejects where they are not: it is full, or keeps nothing. */
  readonly put: (entries: readonly Entry[]) => Promise<void>;
  readonly refuse: (entry: Entry, why: string) => Promise<void>;
  readonly drop: (ids: readonly string[]) => Promise<void>;
  /** In the order in which they were written. */
  readonly all: () => Promise<readonly Waiting[]>;
  readonly draft: (key: string, text: string) => Promise<void>;
  readonly drafts: (prefix: string) => Promise<ReadonlyMap<string, string>>;
};

const byTime = (a: Waiting, b: Waiting): number =>
  a.entry.at < b.entry.at
    ? -1
    : a.entry.at > b.entry.at
      ? 1
      : a.entry.id < b.entry.id
        ? -1
        : a.entry.id > b.entry.id
          ? 1
          : 0;

export function createOutbox(): Outbox {
  let opening: Promise<IDBPDatabase<Schema>> | undefined;
  const db = (): Promise<IDBPDatabase<Schema>> => {
    opening ??= openDB<Schema>(NAME, 1, {
      upgrade(d) {
        d.createObjectStore("entries");
        d.createObjectStore("drafts");
      },
    }).then(async (d) => {
      await takeOver(d);
      return d;
    });
    opening.catch(() => {
      opening = undefined;
    });
    return opening;
  };
  const writing = async () => (await db()).transaction("entries", "readwrite", { durability: "strict" });

  return {
    async put(entries) {
      const tx = await writing();
      await Promise.all([...entries.map((entry) => tx.store.put({ entry, refused: null }, entry.id)), tx.done]);
    },
    async refuse(entry, why) {
      const tx = await writing();
      await Promise.all([tx.store.put({ entry, refused: why }, entry.id), tx.done]);
    },
    async drop(ids) {
      const tx = await writing();
      await Promise.all([...ids.map((id) => tx.store.delete(id)), tx.done]);
    },
    all: async () => (await (await db()).getAll("entries")).sort(byTime),
    async draft(key, text) {
      const d = await db();
      if (text === "") await d.delete("drafts", key);
      else await d.put("drafts", text, key);
    },
    async drafts(prefix) {
      const d = await db();
      const range = IDBKeyRange.bound(prefix, `${prefix}\uffff`);
      const [keys, texts] = await Promise.all([d.getAllKeys("drafts", range), d.getAll("drafts", range)]);
      return new Map(keys.map((k, i) => [k.slice(prefix.length), texts[i] ?? ""]));
    },
  };
}

/** What an earlier version left in the browser's small store comes over, once. */
async function takeOver(db: IDBPDatabase<Schema>): Promise<void> {
  if (typeof localStorage === "undefined") return;
  const left = Object.keys(localStorage).filter((k) => k.startsWith(OLD_PREFIX));
  for (const key of left) {
    try {
      const entry = JSON.parse(localStorage.getItem(key) ?? "") as Entry;
      await db.put("entries", { entry, refused: null }, entry.id);
    } catch {
      // Not an entry: nothing of it could be sent.
    }
    localStorage.removeItem(key);
  }
}
