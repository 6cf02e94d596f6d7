import { and, asc, count, eq, gt, inArray, isNull, max, or, sql } from "drizzle-orm";
import type { Entry } from "../core/log/kinds.ts";
import type { Running } from "./database.ts";
import { entries } from "./schema.ts";

type Row = typeof entries.$inferSelect;

/** A row was checked by its kind's schema on the way in, and rows are never changed: hence the cast. */
const toEntry = (row: Row): Entry =>
  ({
    id: row.id,
    at: row.at,
    who: row.who,
    kind: row.kind,
    about: {
      ...(row.round !== null && { round: row.round }),
      ...(row.pane !== null && { pane: row.pane }),
      ...(row.order !== null && { order: row.order }),
    },
    payload: row.payload,
  }) as Entry;

/** Adds those that are not there yet, in the order given. Answers with the ids that were new. */
export function insertEntries(db: Running, batch: readonly Entry[]): readonly string[] {
  const taken: string[] = [];
  for (const e of batch) {
    const { changes } = db
      .insert(entries)
      .values({
        id: e.id,
        at: e.at,
        who: e.who,
        kind: e.kind,
        round: e.about.round ?? null,
        pane: e.about.pane ?? null,
        order: e.about.order ?? null,
        payload: e.payload,
      })
      .onConflictDoNothing({ target: entries.id })
      .run();
    if (changes > 0) taken.push(e.id);
  }
  return taken;
}

export const entriesById = (db: Running, ids: readonly string[]): readonly Entry[] =>
  inChunks(ids, (some) => db.select().from(entries).where(inArray(entries.id, some)).all()).map(toEntry);

/** The log's newest place and its length. */
export function logEnd(db: Running): { readonly through: number; readonly entries: number } {
  const row = db
    .select({ through: max(entries.seq), n: count() })
    .from(entries)
    .get();
  return { through: row?.through ?? 0, entries: row?.n ?? 0 };
}

/** A pane's own entries and all of the orders it stands on. */
export const entriesOfPane = (db: Running, pane: string): readonly Entry[] =>
  db
    .select()
    .from(entries)
    .where(or(eq(entries.pane, pane), inArray(entries.order, ordersWith(db, [pane]))))
    .orderBy(asc(entries.seq))
    .all()
    .map(toEntry);

/** The same for every pane of a round at once. */
export const entriesOfPanes = (db: Running, panes: readonly string[]): readonly Entry[] =>
  panes.length === 0
    ? []
    : db
        .select()
        .from(entries)
        .where(or(inArray(entries.pane, [...panes]), inArray(entries.order, ordersWith(db, panes))))
        .orderBy(asc(entries.seq))
        .all()
        .map(toEntry);

export const entriesOfOrder = (db: Running, order: string): readonly Entry[] =>
  db.select().from(entries).where(eq(entries.order, order)).orderBy(asc(entries.seq)).all().map(toEntry);

/** Entries about no pane and no order: the firm's own, and its rounds. */
export const entriesOfFirm = (db: Running): readonly Entry[] =>
  db
    .select()
    .from(entries)
    .where(and(isNull(entries.pane), isNull(entries.order)))
    .orderBy(asc(entries.seq))
    .all()
    .map(toEntry);

export const allEntries = (db: Running): readonly Entry[] =>
  db.select().from(entries).orderBy(asc(entries.seq)).all().map(toEntry);

export type AfterQuery = {
  readonly after: number;
  readonly pane?: string | undefined;
  readonly order?: string | undefined;
};

/** What was stored after a place in the log, oldest first, one page. */
export function entriesAfter(db: Running, q: AfterQuery, most: number) {
  const about =
    q.pane !== undefined
      ? or(eq(entries.pane, q.pane), inArray(entries.order, ordersWith(db, [q.pane])))
      : q.order !== undefined
        ? eq(entries.order, q.order)
        : undefined;
  const rows = db
    .select()
    .from(entries)
    .where(and(gt(entries.seq, q.after), about))
    .orderBy(asc(entries.seq))
    .limit(most + 1)
    .all();
  const page = rows.slice(0, most);
  return { entries: page.map(toEntry), through: page.at(-1)?.seq ?? q.after, more: rows.length > most };
}

/** Which of these ids some entry of a kind has added. */
export function addedIds(
  db: Running,
  kind: "pane.added" | "order.opened" | "round.opened",
  ids: readonly string[],
): ReadonlySet<string> {
  const column = kind === "pane.added" ? entries.pane : kind === "order.opened" ? entries.order : entries.round;
  const rows = inChunks(ids, (some) =>
    db
      .select({ id: column })
      .from(entries)
      .where(and(inArray(column, some), eq(entries.kind, kind)))
      .all(),
  );
  return new Set(rows.flatMap((r) => r.id ?? []));
}

const ordersWith = (db: Running, panes: readonly string[]) =>
  db
    .selectDistinct({ order: entries.order })
    .from(entries)
    .where(and(inArray(entries.pane, [...panes]), sql`${entries.order} is not null`));

/** SQLite takes so many values in one statement that 500 is always safe. */
function inChunks<T, R>(all: readonly T[], ask: (some: T[]) => R[]): R[] {
  const out: R[] = [];
  for (let i = 0; i < all.length; i += 500) out.push(...ask(all.slice(i, i + 500)));
  return out;
}
