import { and, asc, count, desc, eq, inArray, isNull, lt, ne, sql } from "drizzle-orm";
import type { Kind, Payloads } from "../core/log/kinds.ts";
import type { Database } from "./database.ts";
import { entries, orderLines, orders, panes, rounds, suppliers } from "./schema.ts";

export type RoundRow = typeof rounds.$inferSelect;
export type PaneRow = typeof panes.$inferSelect;
export type OrderRow = typeof orders.$inferSelect & { readonly lines: number };

/** Newest first. */
export const listRounds = (db: Database): readonly RoundRow[] =>
  db.select().from(rounds).orderBy(desc(rounds.openedAt), asc(rounds.id)).all();

export const roundById = (db: Database, id: string): RoundRow | undefined =>
  db.select().from(rounds).where(eq(rounds.id, id)).get();

/** In the order in which they were added, which is the order of the walk. */
export const panesOfRound = (db: Database, round: string): readonly PaneRow[] =>
  db.select().from(panes).where(eq(panes.round, round)).orderBy(asc(panes.addedAt), asc(panes.id)).all();

/** The newest entry of a kind of each other pane at an address, with where that pane is. */
export function newestAt<K extends Kind>(
  db: Database,
  kind: K,
  address: string,
  except: string,
): readonly { readonly pane: string; readonly label: string; readonly payload: Payloads[K] }[] {
  const rows = db
    .select({ pane: panes.id, opening: panes.opening, light: panes.light, payload: entries.payload })
    .from(entries)
    .innerJoin(panes, eq(panes.id, entries.pane))
    .where(and(eq(entries.kind, kind), eq(panes.address, address), ne(panes.id, except)))
    .orderBy(asc(entries.seq))
    .all();
  const newest = new Map(
    rows.map(({ pane, opening, light, payload }) => [
      pane,
      { pane, label: [opening, light].filter(Boolean).join(", "), payload: payload as Payloads[K] },
    ]),
  );
  return [...newest.values()];
}

export const paneById = (db: Database, id: string): PaneRow | undefined =>
  db.select().from(panes).where(eq(panes.id, id)).get();

/** Open orders first, then by the newest. Dropped lines do not count. */
export const listOrders = (db: Database): readonly OrderRow[] =>
  db
    .select({
      id: orders.id,
      supplier: orders.supplier,
      reference: orders.reference,
      stage: orders.stage,
      openedAt: orders.openedAt,
      sentDay: orders.sentDay,
      dueDay: orders.dueDay,
      arrivedDay: orders.arrivedDay,
      lines: sql<number>`count(case when ${orderLines.state} <> 'dropped' then 1 end)`,
    })
    .from(orders)
    .leftJoin(orderLines, eq(orderLines.order, orders.id))
    .groupBy(orders.id)
    .orderBy(
      sql`case ${orders.stage} when 'open' then 0 when 'sent' then 1 when 'arrived' then 2 else 3 end`,
      desc(orders.openedAt),
    )
    .all();

export const listSuppliers = (db: Database) => db.select().from(suppliers).orderBy(asc(suppliers.name)).all();

/** Everyone who ever wrote in the log, who wrote most first. */
export const listPeople = (db: Database): readonly string[] =>
  db
    .select({ who: entries.who })
    .from(entries)
    .groupBy(entries.who)
    .orderBy(desc(count()), asc(entries.who))
    .all()
    .map((r) => r.who);

/** Sizes of other panes of a round as they stand on orders. */
export const sizesOfRound = (
  db: Database,
  round: string,
  except: string,
): readonly { readonly label: string; readonly widthNm: number; readonly heightNm: number }[] =>
  db
    .select({ label: orderLines.label, widthNm: orderLines.widthNm, heightNm: orderLines.heightNm })
    .from(orderLines)
    .innerJoin(panes, eq(panes.id, orderLines.pane))
    .where(and(eq(panes.round, round), ne(panes.id, except), ne(orderLines.state, "dropped")))
    .all();

/** What became of each supplier's orders: days sent and come, panes checked in, and panes sent back. */
export function supplierRecords(db: Database): readonly {
  readonly name: string;
  readonly gone: readonly { readonly sent: string; readonly arrived: string }[];
  readonly panes: number;
  readonly sentBack: number;
  /** What was checked in, as it was measured, beside what was ordered. */
  readonly measured: readonly {
    readonly widthNm: number;
    readonly heightNm: number;
    readonly came: Payloads["order.checked"];
  }[];
}[] {
  const all = db.select().from(orders).all();
  const lines = db
    .select({
      supplier: orders.supplier,
      state: orderLines.state,
      line: orderLines.line,
      widthNm: orderLines.widthNm,
      heightNm: orderLines.heightNm,
    })
    .from(orderLines)
    .innerJoin(orders, eq(orders.id, orderLines.order))
    .all();
  const came = new Map(
    db
      .select({ payload: entries.payload })
      .from(entries)
      .where(eq(entries.kind, "order.checked"))
      .orderBy(asc(entries.seq))
      .all()
      .map((r) => [(r.payload as Payloads["order.checked"]).line, r.payload as Payloads["order.checked"]]),
  );
  const checked = ["accepted", "accepted-with-note", "sent-back"];
  return [...new Set(all.map((o) => o.supplier))].map((name) => {
    const own = lines.filter((l) => l.supplier === name && checked.includes(l.state));
    return {
      name,
      gone: all.flatMap((o) =>
        o.supplier === name && o.sentDay && o.arrivedDay ? [{ sent: o.sentDay, arrived: o.arrivedDay }] : [],
      ),
      panes: own.length,
      sentBack: own.filter((l) => l.state === "sent-back").length,
      measured: own.flatMap(({ line, widthNm, heightNm }) => {
        const check = came.get(line);
        return check ? [{ widthNm, heightNm, came: check }] : [];
      }),
    };
  });
}

/** Panes that are not signed off, oldest first. */
export const openPanes = (db: Database): readonly string[] =>
  db
    .select({ id: panes.id })
    .from(panes)
    .where(isNull(panes.signedDay))
    .orderBy(asc(panes.addedAt), asc(panes.id))
    .all()
    .map((r) => r.id);

/** What was acknowledged for orders that hold panes of a round, pence before tax: the newest word on each. */
export function acknowledgedOfRound(db: Database, round: string): number {
  const rows = db
    .select({ order: entries.order, payload: entries.payload })
    .from(entries)
    .where(
      and(
        eq(entries.kind, "order.acknowledged"),
        inArray(
          entries.order,
          db
            .select({ id: orderLines.order })
            .from(orderLines)
            .innerJoin(panes, eq(panes.id, orderLines.pane))
            .where(eq(panes.round, round)),
        ),
      ),
    )
    .orderBy(asc(entries.seq))
    .all();
  const newest = new Map(rows.map((r) => [r.order, (r.payload as Payloads["order.acknowledged"]).pence ?? 0] as const));
  return [...newest.values()].reduce((s, p) => s + p, 0);
}

/** Panes of the same address, opening and light that were added before this one, the newest first. */
export const sameOpening = (db: Database, of: PaneRow): readonly string[] =>
  db
    .select({ id: panes.id })
    .from(panes)
    .where(
      and(
        eq(panes.address, of.address),
        eq(panes.opening, of.opening),
        eq(panes.light, of.light),
        ne(panes.id, of.id),
        lt(panes.addedAt, of.addedAt),
      ),
    )
    .orderBy(desc(panes.addedAt))
    .limit(3)
    .all()
    .map((r) => r.id);
