import { and, eq, inArray, isNotNull } from "drizzle-orm";
import { isHouseRule } from "../core/house/rules.ts";
import type { Entry } from "../core/log/kinds.ts";
import { readLog } from "../core/log/standing-entries.ts";
import { foldPane } from "../core/pane/book.ts";
import { foldOrder, orderStage } from "../core/pane/order-book.ts";
import { foldFirm } from "../core/round/book.ts";
import { writeDay } from "../core/units/day.ts";
import type { Running } from "./database.ts";
import { allEntries, entriesById, entriesOfFirm, entriesOfOrder, entriesOfPane } from "./entry-log.ts";
import { days, entries, houseRules, orderLines, orders, panes, rounds, suppliers } from "./schema.ts";

/** Brings the tables up to date with entries that were just added, in the transaction that added them. */
export function project(db: Running, added: readonly Entry[]): void {
  // A round that is struck takes its panes off every list, or gives them back: rare enough to make all again.
  if (added.some((e) => e.kind === "struck" && e.about.round !== undefined)) {
    rebuild(db);
    return;
  }
  const subjects = [...added, ...struckBy(db, added)];
  if (subjects.some((e) => e.about.pane === undefined && e.about.order === undefined)) projectFirm(db);
  const touched = new Set(subjects.flatMap((e) => e.about.pane ?? []));
  const touchedOrders = new Set(subjects.flatMap((e) => e.about.order ?? []));
  for (const order of ordersOfPanes(db, touched)) touchedOrders.add(order);
  for (const pane of panesOfOrders(db, touchedOrders)) touched.add(pane);
  db.delete(orderLines)
    .where(inArray(orderLines.order, [...touchedOrders]))
    .run();
  for (const pane of touched) projectPane(db, pane);
  for (const order of touchedOrders) projectOrder(db, order);
}

/** Empties the tables and makes them again from the entries alone. */
export function rebuild(db: Running): void {
  for (const table of [orderLines, orders, panes, rounds, suppliers, houseRules, days]) db.delete(table).run();
  const all = allEntries(db);
  projectFirm(db);
  for (const pane of new Set(all.flatMap((e) => e.about.pane ?? []))) projectPane(db, pane);
  for (const order of new Set(all.flatMap((e) => e.about.order ?? []))) projectOrder(db, order);
}

/** A strike changes what its target was about, whatever the strike itself says. */
const struckBy = (db: Running, added: readonly Entry[]): readonly Entry[] =>
  entriesById(
    db,
    added.flatMap((e) => (e.kind === "struck" ? [e.payload.entry] : [])),
  );

const ordersOfPanes = (db: Running, ids: ReadonlySet<string>): readonly string[] =>
  db
    .selectDistinct({ id: entries.order })
    .from(entries)
    .where(and(inArray(entries.pane, [...ids]), isNotNull(entries.order)))
    .all()
    .flatMap((r) => r.id ?? []);

const panesOfOrders = (db: Running, ids: ReadonlySet<string>): readonly string[] =>
  db
    .selectDistinct({ id: entries.pane })
    .from(entries)
    .where(and(inArray(entries.order, [...ids]), isNotNull(entries.pane)))
    .all()
    .flatMap((r) => r.id ?? []);

function projectPane(db: Running, id: string): void {
  const all = entriesOfPane(db, id);
  const book = foldPane(id, all);
  const round = book && db.select({ id: rounds.id }).from(rounds).where(eq(rounds.id, book.added.round)).get();
  if (!book || !round) {
    db.delete(orderLines).where(eq(orderLines.pane, id)).run();
    db.delete(panes).where(eq(panes.id, id)).run();
    return;
  }
  const own = book.log.all.filter((e) => e.about.pane === id);
  const row = {
    ...book.added,
    urgency: book.urgency,
    holeSince: book.closed?.since ?? null,
    lineState: book.line?.line.state ?? null,
    setDay: book.set?.day ?? null,
    paintedDay: book.painted,
    signedDay: book.signed?.day ?? null,
    entryCount: own.length,
    addedAt: own[0]?.at ?? "",
    lastAt: own.at(-1)?.at ?? "",
  };
  db.insert(panes)
    .values({ id, ...row })
    .onConflictDoUpdate({ target: panes.id, set: row })
    .run();
}

function projectOrder(db: Running, id: string): void {
  const order = foldOrder(id, readLog(entriesOfOrder(db, id)));
  db.delete(orderLines).where(eq(orderLines.order, id)).run();
  if (!order) {
    db.delete(orders).where(eq(orders.id, id)).run();
    return;
  }
  const row = {
    supplier: order.supplier,
    reference: order.reference,
    stage: orderStage(order),
    openedAt: order.openedAt,
    sentDay: order.sent?.day ?? null,
    dueDay: order.sent?.due ?? null,
    arrivedDay: order.arrived,
  };
  db.insert(orders)
    .values({ id, ...row })
    .onConflictDoUpdate({ target: orders.id, set: row })
    .run();
  const known = new Set(
    db
      .select({ id: panes.id })
      .from(panes)
      .where(inArray(panes.id, [...new Set(order.lines.map((l) => l.pane))]))
      .all()
      .map((r) => r.id),
  );
  for (const l of order.lines)
    if (known.has(l.pane))
      db.insert(orderLines)
        .values({
          line: l.line,
          order: id,
          pane: l.pane,
          widthNm: l.widthNm,
          heightNm: l.heightNm,
          thicknessNm: l.thicknessNm,
          glass: l.glass,
          label: l.label,
          state: l.state,
        })
        .run();
}

function projectFirm(db: Running): void {
  const all = entriesOfFirm(db);
  const { standing } = readLog(all);
  const firm = foldFirm(all);
  for (const e of standing)
    if (e.kind === "round.opened" && e.about.round !== undefined) {
      const row = { name: e.payload.name, place: e.payload.place, openedAt: e.at };
      db.insert(rounds)
        .values({ id: e.about.round, ...row })
        .onConflictDoUpdate({ target: rounds.id, set: row })
        .run();
    }
  for (const table of [suppliers, houseRules, days]) db.delete(table).run();
  for (const s of firm.suppliers)
    db.insert(suppliers).values({ name: s.name, cuts: s.cuts, unit: s.unit, leadDays: s.leadDays }).run();
  for (const e of standing)
    if (e.kind === "house.rule" && isHouseRule(e.payload.rule)) {
      const value = firm.house[e.payload.rule];
      db.insert(houseRules)
        .values({ rule: e.payload.rule, value })
        .onConflictDoUpdate({ target: houseRules.rule, set: { value } })
        .run();
    }
  const { daysOff, wet, lowC } = firm.calendar;
  for (const d of new Set([...daysOff, ...wet, ...lowC.keys()]))
    db.insert(days)
      .values({ day: writeDay(d), off: daysOff.has(d), wet: wet.has(d), lowC: lowC.get(d) ?? null })
      .run();
}
