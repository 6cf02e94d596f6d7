import { and, asc, desc, eq, gt, inArray, isNotNull, isNull, max, min, or, sql } from "drizzle-orm";
import type { Entry } from "../core/log/kinds.ts";
import { markedVersion } from "../core/log/version.ts";
import type { Running } from "./database.ts";
import { oncePer } from "./once-per.ts";
import { inPassing, readOnce } from "./read-once.ts";
import { addedTo, entries, people } from "./schema.ts";

/* The only reader of the log: whatever stands in the file comes out of here checked, or set aside as `unread`. */

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

const aboutPanes = (db: Running, panes: readonly string[]) =>
  or(inArray(entries.pane, [...panes]), inArray(entries.order, ordersWith(db, panes)));

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
  const rows = ofPane(db).all({ pane });
  return { entries: rows.map(readOnce), through: rows.at(-1)?.seq ?? 0 };
}

/** The same for every pane of a round at once. */
export const entriesOfPanes = (db: Running, panes: readonly string[]): readonly Entry[] =>
  panes.length === 0
    ? []
    : db.select().from(entries).where(aboutPanes(db, panes)).orderBy(asc(entries.seq)).all().map(readOnce);

export const entriesOfOrder = (db: Running, order: string): readonly Entry[] =>
  ofOrder(db).all({ order }).map(readOnce);

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

/** About no pane and no order: written so that SQLite sees the partial index. */
const ofFirm = () => and(isNull(entries.pane), isNull(entries.order));

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

export type AfterQuery = {
  readonly after: number;
  readonly pane?: string | undefined;
  readonly order?: string | undefined;
};

/**
 * What was stored after a place in the log, oldest first, one page. An order that a pane was put on since comes whole, also
 * what was stored of it before that place: whoever asks has not heard of it.
 */
export function entriesAfter(db: Running, q: AfterQuery, most: number) {
  const about =
    q.pane !== undefined ? aboutPanes(db, [q.pane]) : q.order !== undefined ? eq(entries.order, q.order) : undefined;
  const rows = db
    .select()
    .from(entries)
    .where(and(gt(entries.seq, q.after), about))
    .orderBy(asc(entries.seq))
    .limit(most + 1)
    .all();
  const page = rows.slice(0, most);
  const joined = q.pane === undefined || q.after === 0 ? [] : ordersJoinedAfter(db, q.pane, q.after);
  const earlier =
    joined.length === 0
      ? []
      : db
          .select()
          .from(entries)
          .where(and(inArray(entries.order, joined), sql`${entries.seq} <= ${q.after}`))
          .orderBy(asc(entries.seq))
          .all();
  return {
    entries: [...earlier, ...page].map(readOnce),
    through: page.at(-1)?.seq ?? q.after,
    more: rows.length > most,
  };
}

/**
 * What was stored after a place in the log of a round's panes, of the round itself and, where asked, of the firm, oldest first.
 * Orders that its panes stand on come whole as soon as anything was stored of them since. While there is more, `through` is
 * where it goes on; at the end it is the log's newest place.
 */
export function entriesOfRoundAfter(
  db: Running,
  round: string,
  by: { readonly after: number; readonly most: number; readonly withFirm: boolean },
) {
  const end = logThrough(db);
  const panes = panesAddedTo(db, round);
  const own = inChunks(panes, (some) =>
    db
      .select()
      .from(entries)
      .where(and(inArray(entries.pane, some), gt(entries.seq, by.after)))
      .all(),
  );
  const about = by.withFirm ? ofFirm() : and(eq(entries.round, round), isNull(entries.pane), isNull(entries.order));
  const rest = db
    .select()
    .from(entries)
    .where(and(about, gt(entries.seq, by.after)))
    .all();
  const orders = ordersOfPanes(db, panes);
  const news = new Set(
    inChunks(orders, (some) =>
      db
        .selectDistinct({ id: entries.order })
        .from(entries)
        .where(and(inArray(entries.order, some), gt(entries.seq, by.after)))
        .all(),
    ).flatMap((r) => r.id ?? []),
  );
  const whole = inChunks([...news], (some) => db.select().from(entries).where(inArray(entries.order, some)).all());
  const seen = new Set<number>();
  const all = [...own, ...rest].filter((row) => !seen.has(row.seq) && seen.add(row.seq)).sort((a, b) => a.seq - b.seq);
  const page = all.slice(0, by.most);
  const more = all.length > page.length;
  const there = new Set(page.map((row) => row.seq));
  // Orders come with the last page: until then what is said of them would be half.
  const orderRows = more ? [] : whole.filter((row) => !there.has(row.seq)).sort((a, b) => a.seq - b.seq);
  return {
    entries: [...page, ...orderRows].map(readOnce),
    through: more ? (page.at(-1)?.seq ?? end) : end,
    more,
  };
}

/** Orders whose first entry about a pane was stored after a place in the log. */
const ordersJoinedAfter = (db: Running, pane: string, after: number): string[] =>
  db
    .select({ order: entries.order })
    .from(entries)
    .where(and(eq(entries.pane, pane), isNotNull(entries.order)))
    .groupBy(entries.order)
    .having(gt(min(entries.seq), after))
    .all()
    .flatMap((r) => r.order ?? []);

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

const ordersWith = (db: Running, panes: readonly string[]) =>
  db
    .selectDistinct({ order: entries.order })
    .from(entries)
    .where(and(inArray(entries.pane, [...panes]), isNotNull(entries.order)));

/** SQLite takes so many values in one statement that 500 is always safe. */
function inChunks<T, R>(all: readonly T[], ask: (some: T[]) => R[]): R[] {
  const out: R[] = [];
  for (let i = 0; i < all.length; i += 500) out.push(...ask(all.slice(i, i + 500)));
  return out;
}
