import { and, eq, inArray, isNull, sql } from "drizzle-orm";
import type { Entry, Kind, Payloads } from "../core/log/kinds.ts";
import { emptied, sameAddress, TELLING, tellsOf } from "../core/people/forget.ts";
import type { Database, Running } from "./database.ts";
import { entriesById } from "./entry-log.ts";
import { addedTo, entries, panes, photos } from "./schema.ts";

type Row = Pick<typeof entries.$inferSelect, "id" | "kind" | "pane" | "payload">;

/** The panes that were ever taken down at an address, those off the lists too. */
function panesAt(db: Running, address: string): ReadonlySet<string> {
  const listed = db.select({ id: panes.id, address: panes.address }).from(panes).all();
  const added = db
    .select({ id: entries.pane, address: sql<string | null>`${entries.payload} ->> '$.address'` })
    .from(entries)
    .where(and(eq(entries.kind, "pane.added"), sql`${addedTo(entries)} is not null`))
    .all();
  // One on the lists is where it is said to be by now.
  const isListed = new Set(listed.map((p) => p.id));
  const all = [...listed, ...added.filter((p) => p.id !== null && !isListed.has(p.id))];
  return new Set(all.flatMap((p) => (p.id && sameAddress(p.address ?? "", address) ? [p.id] : [])));
}

/** Rows of the kinds that can tell of a customer: of these panes, and of all addresses. */
const rowsThatMayTell = (db: Running, words: ReadonlySet<string>) => [
  ...db
    .select()
    .from(entries)
    .where(and(isNull(entries.pane), isNull(entries.order), eq(entries.kind, "customer.kept")))
    .all(),
  ...[...words].flatMap((pane) =>
    db
      .select()
      .from(entries)
      .where(and(eq(entries.pane, pane), inArray(entries.kind, [...TELLING])))
      .all(),
  ),
];

/** The panes at an address, and every entry that tells of whoever is there. */
export function tellingOf(db: Running, address: string) {
  const at = panesAt(db, address);
  return {
    panes: [...at],
    entries: entriesById(
      db,
      rowsThatMayTell(db, at).map((row) => row.id),
    ).filter((e) => tellsOf(e, address, at)),
  };
}

const payloadOf = (row: Row): unknown => {
  try {
    return JSON.parse(row.payload);
  } catch {
    return null;
  }
};

/**
 * Takes what tells of whoever was at an address out of the log, and the photos of its windows with it: rows are written over,
 * and nothing but the words is changed. What cannot be read is left empty. Answers with the panes that were touched.
 */
export function forgetCustomer(db: Running, address: string): readonly string[] {
  const at = panesAt(db, address);
  for (const row of rowsThatMayTell(db, at)) {
    const payload = payloadOf(row);
    const is = { kind: row.kind as Kind, about: row.pane ? { pane: row.pane } : {}, payload } as Entry;
    if (payload !== null && !tellsOf(is, address, at)) continue;
    const text = payload === null ? "{}" : JSON.stringify(emptied(is.kind, payload));
    if (text !== row.payload) db.update(entries).set({ payload: text }).where(eq(entries.id, row.id)).run();
  }
  forgetPhotos(db, at);
  return [...at];
}

/** Every picture that was taken of these panes. */
function forgetPhotos(db: Running, ids: ReadonlySet<string>): void {
  const photo = sql<string>`${entries.payload} ->> '$.photo'`;
  const taken = [...ids].flatMap((pane) =>
    db
      .select({ photo })
      .from(entries)
      .where(and(eq(entries.pane, pane), eq(entries.kind, "photo.added")))
      .all(),
  );
  for (const { photo: id } of taken) db.delete(photos).where(eq(photos.id, id)).run();
}

type Forgotten = { readonly address: string; readonly at: string };

/** Who asked to be forgotten, and when. */
const forgottenHere = (db: Running): readonly Forgotten[] =>
  db
    .select({ address: sql<string>`${entries.payload} ->> '$.address'`, at: entries.at })
    .from(entries)
    // Written out and not bound: the index of just these is found by it, for each entry that is stored asks.
    .where(sql`${entries.kind} = 'customer.forgotten'`)
    .all();

/** What was written before somebody was forgotten and comes after it, from a device that was away, comes in without them. */
export function withoutForgotten(db: Running, batch: readonly Entry[]): readonly Entry[] {
  const telling = batch.filter((e) => TELLING.includes(e.kind));
  if (telling.length === 0) return batch;
  const asked: readonly Forgotten[] = [
    ...forgottenHere(db),
    ...batch.flatMap((e) =>
      e.kind === "customer.forgotten"
        ? [{ address: (e.payload as Payloads["customer.forgotten"]).address, at: e.at }]
        : [],
    ),
  ];
  // What is written now is later than any of them: only for what comes late is it asked who was where.
  const late = asked.filter(({ at }) => telling.some((e) => e.at <= at));
  return late.reduce<readonly Entry[]>((all, { address, at }) => {
    const here = panesAt(db, address);
    return all.map((e) =>
      e.at <= at && tellsOf(e, address, here) ? ({ ...e, payload: emptied(e.kind, e.payload) } as Entry) : e,
    );
  }, batch);
}

/** Runs with what is written over made unreadable in the file itself, not only out of reach. */
export function unreadably<T>(db: Database, run: () => T): T {
  db.$client.pragma("secure_delete = ON");
  try {
    return run();
  } finally {
    db.$client.pragma("secure_delete = OFF");
    db.$client.pragma("wal_checkpoint(TRUNCATE)");
  }
}
