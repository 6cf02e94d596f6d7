import { and, asc, eq, gt, inArray, isNotNull, isNull, min, or, sql } from "drizzle-orm";
import { aboutPanes, ofFirm } from "./about.ts";
import type { Running } from "./database.ts";
import { logThrough, ordersOfPanes, panesAddedTo } from "./entry-log.ts";
import { readOnce } from "./read-once.ts";
import { entries } from "./schema.ts";

/* What was stored after a place in the log: for whoever has the rest. Each entry comes out checked, as from `entry-log.ts`. */

export type AfterQuery = {
  readonly after: number;
  readonly pane?: string | undefined;
  readonly order?: string | undefined;
  /** With those of a pane, what is about the firm and no pane: what a pane comes to follows from that as well. */
  readonly firm?: "too" | undefined;
};

/**
 * What was stored after a place in the log, oldest first, one page. An order that a pane was put on since comes whole, also
 * what was stored of it before that place: whoever asks has not heard of it.
 */
export function entriesAfter(db: Running, q: AfterQuery, most: number) {
  const ofPane = q.pane === undefined ? undefined : aboutPanes(db, [q.pane]);
  const about = ofPane
    ? q.firm === "too"
      ? or(ofPane, ofFirm())
      : ofPane
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

/** SQLite takes so many values in one statement that 500 is always safe. */
function inChunks<T, R>(all: readonly T[], ask: (some: T[]) => R[]): R[] {
  const out: R[] = [];
  for (let i = 0; i < all.length; i += 500) out.push(...ask(all.slice(i, i + 500)));
  return out;
}
