import { and, asc, desc, eq, inArray, isNotNull, isNull, max, or, sql } from "drizzle-orm";
import type { Entry } from "../core/log/kinds.ts";
import { markedVersion } from "../core/log/version.ts";
import { aboutPanes, ofFirm } from "./about.ts";
import type { Running } from "./database.ts";
import { rowOfCells } from "./entry-cells.ts";
import { oncePer } from "./once-per.ts";
import { inPassing, readOnce } from "./read-once.ts";
import { addedTo, entries, people } from "./schema.ts";

/* The only reader of the log, beside what was stored after a place in it (`log-after.ts`): whatever stands in the file comes out of here checked, or set aside as `unread`. */

/** Adds those that are not there yet, in the order given. Answers with the ids that were new. */
export function insertEntries(db: Running, batch: readonly Entry[], receivedAt: string): readonly string[] {
  const taken: string[] = [];
  for (const e of batch) {
    const { changes } = storeEntry(db).run({
      id: e.id,
      at: e.at,
      who: e.who,
      kind: e.kind,
      round: e.about.round ?? null,
      pane: e.about.pane ?? null,
      order: e.about.order ?? null,
      payload: JSON.stringify(e.payload),
      receivedAt,
      clock: e.clock ?? null,
      seen: e.seen ? JSON.stringify(e.seen) : null,
      v: markedVersion(e.kind).v ?? null,
    });
    if (changes > 0) taken.push(e.id);
  }
  return taken;
}

const WRITTEN = [
  "id",
  "at",
  "who",
  "kind",
  "round",
  "pane",
  "order",
  "payload",
  "receivedAt",
  "clock",
  "seen",
  "v",
] as const satisfies readonly (keyof typeof entries.$inferInsert)[];

const storeEntry = oncePer((db) =>
  db
    .insert(entries)
    .values(Object.fromEntries(WRITTEN.map((c) => [c, sql.placeholder(c)])) as unknown as typeof entries.$inferInsert)
    .onConflictDoNothing({ target: entries.id })
    .prepare(),
);

export const entriesById = (db: Running, ids: readonly string[]): readonly Entry[] =>
  ids.length === 0
    ? []
    : byIds(db)
        .all({ ids: asList(ids) })
        .map(readOnce);

/** Any number of ids as one value, so that a query over them is built once and not for each number of them. */
const asList = (ids: readonly string[]): string => JSON.stringify(ids);
const LISTED = sql`(SELECT value FROM json_each(${sql.placeholder("ids")}))`;

const byIds = oncePer((db) => db.select().from(entries).where(inArray(entries.id, LISTED)).prepare());

/** The log's newest place. */
export const logThrough = (db: Running): number => newest(db).get()?.through ?? 0;

const newest = oncePer((db) =>
  db
    .select({ through: max(entries.seq) })
    .from(entries)
    .prepare(),
);

/** The log's newest place and its length. */
export const logEnd = (db: Running): { readonly through: number; readonly entries: number } => ({
  through: logThrough(db),
  entries:
    db
      .select({ n: sql<number>`coalesce(sum(${people.entries}), 0)` })
      .from(people)
      .get()?.n ?? 0,
});

/** A pane's own entries and all of the orders it stands on. */
export const entriesOfPane = (db: Running, pane: string): readonly Entry[] => paneLog(db, pane).entries;

/** Asked thousands of times in a row: built once for a database, or for a transaction on it. */
const ofPane = oncePer((db) =>
  db
    .select()
    .from(entries)
    .where(
      or(
        eq(entries.pane, sql.placeholder("pane")),
        inArray(
          entries.order,
          db
            .selectDistinct({ order: entries.order })
            .from(entries)
            .where(and(eq(entries.pane, sql.placeholder("pane")), isNotNull(entries.order))),
        ),
      ),
    )
    .orderBy(asc(entries.seq))
    .prepare(),
);
const ofOrder = oncePer((db) =>
  db
    .select()
    .from(entries)
    .where(eq(entries.order, sql.placeholder("order")))
    .orderBy(asc(entries.seq))
    .prepare(),
);

/** The same with the newest of their places in the log. */
export function paneLog(db: Running, pane: string): { readonly entries: readonly Entry[]; readonly through: number } {
  const rows = ofPane(db).values({ pane }).map(rowOfCells);
  return { entries: rows.map(readOnce), through: rows.at(-1)?.seq ?? 0 };
}

/** The same for every pane of a round at once. */
export const entriesOfPanes = (db: Running, panes: readonly string[]): readonly Entry[] =>
  panes.length === 0
    ? []
    : db
        .select()
        .from(entries)
        .where(aboutPanes(db, panes))
        .orderBy(asc(entries.seq))
        .values()
        .map((cells) => readOnce(rowOfCells(cells)));

export const entriesOfOrder = (db: Running, order: string): readonly Entry[] =>
  ofOrder(db)
    .values({ order })
    .map((cells) => readOnce(rowOfCells(cells)));

/** The entry that opened each of these orders, read at once. */
export const openingsOf = (db: Running, orders: readonly string[]): ReadonlyMap<string, Entry> =>
  new Map(
    orders.length === 0
      ? []
      : openedIn(db)
          .all({ ids: asList(orders) })
          .flatMap((row) => (row.order === null ? [] : [[row.order, readOnce(row)] as const])),
  );
const openedIn = oncePer((db) =>
  db
    .select()
    .from(entries)
    .where(and(inArray(entries.order, LISTED), eq(entries.kind, "order.opened")))
    .prepare(),
);

/** Entries about no pane and no order: the firm's own, and its rounds. */
export const entriesOfFirm = (db: Running): readonly Entry[] =>
  db.select().from(entries).where(ofFirm()).orderBy(asc(entries.seq)).all().map(readOnce);

/** The newest place of an entry of the firm's own. */
export const firmThrough = (db: Running): number => newestOfFirm(db).get()?.seq ?? 0;

const newestOfFirm = oncePer((db) =>
  db.select({ seq: entries.seq }).from(entries).where(ofFirm()).orderBy(desc(entries.seq)).limit(1).prepare(),
);

/** Entries about a round itself, and no pane. */
export const entriesOfRound = (db: Running, round: string): readonly Entry[] =>
  db
    .select()
    .from(entries)
    .where(and(eq(entries.round, round), isNull(entries.pane)))
    .orderBy(asc(entries.seq))
    .all()
    .map(readOnce);

/** Panes that were ever added to a round. */
export const panesAddedTo = (db: Running, round: string): readonly string[] =>
  db
    .selectDistinct({ id: entries.pane })
    .from(entries)
    .where(and(sql`${entries.kind} = 'pane.added'`, eq(addedTo(entries), round)))
    .all()
    .flatMap((r) => r.id ?? []);

export const allEntries = (db: Running): readonly Entry[] =>
  inPassing(() => db.select().from(entries).orderBy(asc(entries.seq)).all().map(readOnce));

/** Everything that entries are about, by its kind, each once. */
export const allSubjects = (db: Running, what: "pane" | "order" | "round"): readonly string[] =>
  db
    .selectDistinct({ id: entries[what] })
    .from(entries)
    .where(isNotNull(entries[what]))
    .all()
    .flatMap((r) => r.id ?? []);

/** How much each has written. */
export const writersOf = (db: Running): readonly { readonly who: string; readonly entries: number }[] =>
  db.select({ who: entries.who, entries: sql<number>`count(*)` }).from(entries).groupBy(entries.who).all();

export const ordersOfPanes = (db: Running, panes: readonly string[]): readonly string[] =>
  panes.length === 0
    ? []
    : ofPanesOrders(db)
        .all({ ids: asList(panes) })
        .flatMap((r) => r.order ?? []);

const ofPanesOrders = oncePer((db) =>
  db
    .selectDistinct({ order: entries.order })
    .from(entries)
    .where(and(inArray(entries.pane, LISTED), isNotNull(entries.order)))
    .prepare(),
);

export const panesOfOrders = (db: Running, orders: readonly string[]): readonly string[] =>
  orders.length === 0
    ? []
    : ofOrdersPanes(db)
        .all({ ids: asList(orders) })
        .flatMap((r) => r.id ?? []);

const ofOrdersPanes = oncePer((db) =>
  db
    .selectDistinct({ id: entries.pane })
    .from(entries)
    .where(and(inArray(entries.order, LISTED), isNotNull(entries.pane)))
    .prepare(),
);

/** Which of these ids some entry of a kind has added. */
export const addedIds = (db: Running, kind: keyof typeof ADDED, ids: readonly string[]): ReadonlySet<string> =>
  new Set(
    ids.length === 0
      ? []
      : ADDED[kind](db)
          .all({ ids: asList(ids) })
          .flatMap((r) => r.id ?? []),
  );

const addedBy = (kind: Entry["kind"], column: typeof entries.pane | typeof entries.order | typeof entries.round) =>
  oncePer((db) =>
    db
      .selectDistinct({ id: column })
      .from(entries)
      .where(and(inArray(column, LISTED), eq(entries.kind, kind)))
      .prepare(),
  );

const ADDED = {
  "pane.added": addedBy("pane.added", entries.pane),
  "order.opened": addedBy("order.opened", entries.order),
  "round.opened": addedBy("round.opened", entries.round),
};
