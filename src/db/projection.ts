import { eq, getTableColumns, inArray, type SQL, sql } from "drizzle-orm";
import type { SQLiteTable } from "drizzle-orm/sqlite-core";
import { foldFirm } from "../core/firm/fold-firm.ts";
import { isHouseRule } from "../core/house/rules.ts";
import { tells } from "../core/learn/seen.ts";
import { seenOnPane } from "../core/learn/seen-on-pane.ts";
import type { Entry, Kind } from "../core/log/kinds.ts";
import { readLog } from "../core/log/standing-entries.ts";
import { foldPane } from "../core/pane/book.ts";
import { foldOrder } from "../core/pane/order-book.ts";
import { boardFacts } from "../core/round/board-facts.ts";
import { writeDay } from "../core/units/day.ts";
import { openingKey } from "../core/window/opening-key.ts";
import type { Running } from "./database.ts";
import {
  allSubjects,
  entriesById,
  entriesOfFirm,
  entriesOfOrder,
  entriesOfRound,
  ordersOfPanes,
  paneLog,
  panesAddedTo,
  panesOfOrders,
  writersOf,
} from "./entry-log.ts";
import { forgetAside, layAside, takeBack } from "./laid-aside.ts";
import { noteMet } from "./met.ts";
import { oncePer } from "./once-per.ts";
import { orderRows } from "./order-rows.ts";
import { inPassing } from "./read-once.ts";
import {
  days,
  houseRules,
  met,
  orderLines,
  orders,
  panes,
  people,
  rounds,
  supplierRecords,
  suppliers,
} from "./schema.ts";
import { keepRecord } from "./supplier-records.ts";

/** Kinds that the firm's own tables are made of. */
const LISTED: ReadonlySet<Kind> = new Set([
  "supplier.added",
  "house.rule",
  "round.weather",
  "weather.told",
  "round.day-off",
  "unread",
]);

/** Brings the tables up to date with entries that were just added, in the transaction that added them. */
export function project(db: Running, added: readonly Entry[]): void {
  for (const who of new Set(added.map((e) => e.who))) {
    const n = added.filter((e) => e.who === who).length;
    db.insert(people)
      .values({ who, entries: n })
      .onConflictDoUpdate({ target: people.who, set: { entries: sql`${people.entries} + ${n}` } })
      .run();
  }
  const subjects = [...added, ...struckBy(db, added)];
  const kinds = new Set(subjects.map((e) => e.kind));
  const ofFirm = subjects.some((e) => e.about.pane === undefined && e.about.order === undefined);
  // What a strike of a strike struck is not looked for: the firm's tables are small, and made again.
  if (ofFirm && (kinds.has("struck") || [...kinds].some((k) => LISTED.has(k)))) projectLists(db);
  const touched = new Set(subjects.flatMap((e) => e.about.pane ?? []));
  const touchedOrders = new Set(subjects.flatMap((e) => e.about.order ?? []));
  for (const round of new Set(subjects.flatMap((e) => (e.about.pane === undefined && e.about.round) || []))) {
    const { came, back, went } = projectRound(db, round);
    for (const pane of came) touched.add(pane);
    for (const order of ordersOfPanes(db, [...back, ...went])) touchedOrders.add(order);
  }
  for (const pane of panesOfOrders(db, [...touchedOrders])) touched.add(pane);
  const cameOrWent = [...touched].filter((pane) => projectPane(db, pane));
  for (const order of ordersOfPanes(db, cameOrWent)) touchedOrders.add(order);
  projectOrders(db, touchedOrders);
}

/** Makes the rows of some panes and of the orders they are on again: their entries were written over. */
export function projectAgain(db: Running, panesAgain: readonly string[]): void {
  forgetAside(db);
  for (const pane of panesAgain) projectPane(db, pane);
  projectOrders(db, new Set(ordersOfPanes(db, panesAgain)));
}

/** Empties the tables and makes them again from the entries alone, one pane and one order after another. */
export function rebuild(db: Running): void {
  forgetAside(db);
  for (const table of [orderLines, orders, panes, rounds, suppliers, houseRules, days, people, met, supplierRecords])
    db.delete(table).run();
  for (const writer of writersOf(db)) db.insert(people).values(writer).run();
  projectLists(db);
  inPassing(() => {
    for (const round of allSubjects(db, "round")) projectRound(db, round);
    for (const pane of allSubjects(db, "pane")) projectPane(db, pane);
    projectOrders(db, new Set(allSubjects(db, "order")));
  });
}

/** A strike changes what its target was about, whatever the strike itself says. */
const struckBy = (db: Running, added: readonly Entry[]): readonly Entry[] =>
  entriesById(
    db,
    added.flatMap((e) => (e.kind === "struck" ? [e.payload.entry] : [])),
  );

interface OfRound {
  /** Panes that are to come on the lists with it. */
  readonly came: readonly string[];
  /** Panes that came back on the lists as they were. */
  readonly back: readonly string[];
  /** Panes that went off the lists. */
  readonly went: readonly string[];
}

/** A round's row. A struck round's panes are laid aside: that it was struck changed nothing of theirs. */
function projectRound(db: Running, id: string): OfRound {
  const there = db.select({ id: rounds.id }).from(rounds).where(eq(rounds.id, id)).get() !== undefined;
  const opened = readLog(entriesOfRound(db, id)).standing.findLast((e) => e.kind === "round.opened");
  if (opened?.kind !== "round.opened") {
    if (!there) return { came: [], back: [], went: [] };
    const went = db
      .select({ id: panes.id })
      .from(panes)
      .where(eq(panes.round, id))
      .all()
      .map((p) => p.id);
    layAside(db, id);
    forgetPanes(db, went);
    db.delete(rounds).where(eq(rounds.id, id)).run();
    return { came: [], back: [], went };
  }
  const row = { name: opened.payload.name, place: opened.payload.place, openedAt: opened.at };
  db.insert(rounds)
    .values({ id, ...row })
    .onConflictDoUpdate({ target: rounds.id, set: row })
    .run();
  if (there) return { came: [], back: [], went: [] };
  const back = new Set(takeBack(db, id));
  return { came: panesAddedTo(db, id).filter((pane) => !back.has(pane)), back: [...back], went: [] };
}

function forgetPanes(db: Running, ids: readonly string[]): void {
  for (let i = 0; i < ids.length; i += 500) {
    const some = ids.slice(i, i + 500);
    db.delete(orderLines).where(inArray(orderLines.pane, some)).run();
    db.delete(panes).where(inArray(panes.id, some)).run();
  }
}

const paneThere = oncePer((db) =>
  db
    .select({ id: panes.id })
    .from(panes)
    .where(eq(panes.id, sql.placeholder("id")))
    .prepare(),
);
const roundThere = oncePer((db) =>
  db
    .select({ id: rounds.id })
    .from(rounds)
    .where(eq(rounds.id, sql.placeholder("id")))
    .prepare(),
);
/** Every column of a table as a placeholder, and as what it becomes where the row is there already. */
function upserted(table: SQLiteTable): { readonly of: Record<string, unknown>; readonly set: Record<string, SQL> } {
  const columns = Object.entries(getTableColumns(table));
  return {
    of: Object.fromEntries(columns.map(([c]) => [c, sql.placeholder(c)])),
    set: Object.fromEntries(
      columns.filter(([c]) => c !== "id").map(([c, column]) => [c, sql.raw(`excluded."${column.name}"`)]),
    ),
  };
}

const storePane = oncePer((db) => {
  const { of, set } = upserted(panes);
  return db
    .insert(panes)
    .values(of as typeof panes.$inferInsert)
    .onConflictDoUpdate({ target: panes.id, set })
    .prepare();
});

/** A pane's row. True where it came on the lists or went off them. */
function projectPane(db: Running, id: string): boolean {
  const there = paneThere(db).get({ id }) !== undefined;
  const { entries, through } = paneLog(db, id);
  const book = foldPane(id, entries);
  const round = book && roundThere(db).get({ id: book.added.round });
  if (!book || !round) {
    if (there) forgetPanes(db, [id]);
    return there;
  }
  const seen = seenOnPane(book);
  const own = book.log.all.filter((e) => e.about.pane === id);
  const { round: of, address, opening, light, system, side } = book.added;
  storePane(db).run({
    id,
    round: of,
    address,
    opening,
    light,
    system,
    side,
    urgency: book.urgency,
    holeSince: book.closed && !book.set ? book.closed.since : null,
    lineState: book.line?.line.state ?? null,
    setDay: book.set?.day ?? null,
    paintedDay: book.painted,
    signedDay: book.signed?.day ?? null,
    entryCount: own.length,
    addedAt: own[0]?.at ?? "",
    lastAt: own.at(-1)?.at ?? "",
    through,
    cause: book.cause,
    makeup: book.makeup,
    facts: boardFacts(book),
    place: openingKey(book.added),
    seen: tells(seen) ? seen : null,
  });
  noteMet(db, book);
  return !there;
}

const supplierOf = oncePer((db) =>
  db
    .select({ supplier: orders.supplier })
    .from(orders)
    .where(eq(orders.id, sql.placeholder("id")))
    .prepare(),
);
const forgetLines = oncePer((db) =>
  db
    .delete(orderLines)
    .where(eq(orderLines.order, sql.placeholder("id")))
    .prepare(),
);
const storeOrder = oncePer((db) => {
  const { of, set } = upserted(orders);
  return db
    .insert(orders)
    .values(of as typeof orders.$inferInsert)
    .onConflictDoUpdate({ target: orders.id, set })
    .prepare();
});
const storeLine = oncePer((db) =>
  db
    .insert(orderLines)
    .values(upserted(orderLines).of as typeof orderLines.$inferInsert)
    .prepare(),
);

function projectOrders(db: Running, ids: ReadonlySet<string>): void {
  const before = new Set<string>();
  for (const id of ids) {
    const was = supplierOf(db).get({ id });
    if (was) before.add(was.supplier);
    const order = foldOrder(id, readLog(entriesOfOrder(db, id)));
    forgetLines(db).run({ id });
    if (!order) {
      db.delete(orders).where(eq(orders.id, id)).run();
      continue;
    }
    before.add(order.supplier);
    const { row, lines } = orderRows(order);
    storeOrder(db).run({ id, ...row });
    const known = new Set([...new Set(lines.map((l) => l.pane))].filter((pane) => paneThere(db).get({ id: pane })));
    for (const line of lines) if (known.has(line.pane)) storeLine(db).run(line);
  }
  for (const supplier of before) keepRecord(db, supplier);
}

function projectLists(db: Running): void {
  const all = entriesOfFirm(db);
  const firm = foldFirm(all);
  for (const table of [suppliers, houseRules, days]) db.delete(table).run();
  for (const s of firm.suppliers)
    db.insert(suppliers).values({ name: s.name, cuts: s.cuts, unit: s.unit, leadDays: s.leadDays }).run();
  for (const e of readLog(all).standing)
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
