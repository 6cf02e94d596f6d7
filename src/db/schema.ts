import { type SQL, sql } from "drizzle-orm";
import { blob, index, integer, primaryKey, real, sqliteTable, text } from "drizzle-orm/sqlite-core";
import type { Pence } from "../core/money/pence.ts";

/** The round a pane was added to, as its entry says; null where that cannot be read. */
export const addedTo = (t: { readonly payload: unknown }): SQL =>
  sql`(case when json_valid(${t.payload}) then ${t.payload} ->> '$.round' end)`;

/** The truth: one row an entry, never changed. `seq` is the order in which this file heard of them. */
export const entries = sqliteTable(
  "entries",
  {
    seq: integer().primaryKey({ autoIncrement: true }),
    id: text().notNull().unique(),
    at: text().notNull(),
    who: text().notNull(),
    kind: text().notNull(),
    round: text(),
    pane: text(),
    order: text("order_id"),
    /** JSON as it came: read by `entry-log.ts` alone, which knows what to do with what it does not know. */
    payload: text().notNull(),
    /** When this file heard of it, by its own clock; null for what was stored before that was noted. */
    receivedAt: text("received_at"),
    /** What the writer's own clock said, where that was another time. */
    clock: text(),
    /** JSON: the ids that its writer had before them; null where that is not known. */
    seen: text(),
    /** The version of the payload; null for the first. */
    v: integer(),
  },
  (t) => [
    /* Partial, so that looking for what is about nothing goes by an index of its own. */
    index("entries_pane").on(t.pane).where(sql`${t.pane} is not null`),
    index("entries_order").on(t.order).where(sql`${t.order} is not null`),
    index("entries_pane_order").on(t.pane, t.order).where(sql`${t.order} is not null and ${t.pane} is not null`),
    index("entries_firm").on(t.seq).where(sql`${t.pane} is null and ${t.order} is null`),
    index("entries_round").on(t.round).where(sql`${t.round} is not null and ${t.pane} is null`),
    index("entries_forgotten").on(t.at).where(sql`${t.kind} = 'customer.forgotten'`),
    index("entries_added_to").on(addedTo(t)).where(sql`${t.kind} = 'pane.added'`),
  ],
);

/* What lists and searches need, folded from the entries in the transaction that adds them. */

export const rounds = sqliteTable("rounds", {
  id: text().primaryKey(),
  name: text().notNull(),
  place: text().notNull(),
  openedAt: text("opened_at").notNull(),
});

/** Built for each table that holds panes: a column belongs to one. */
const paneColumns = () => ({
  id: text().primaryKey(),
  round: text().notNull(),
  address: text().notNull(),
  opening: text().notNull(),
  light: text().notNull(),
  system: text().notNull(),
  side: text().notNull(),
  urgency: text(),
  holeSince: text("hole_since"),
  lineState: text("line_state"),
  setDay: text("set_day"),
  paintedDay: text("painted_day"),
  signedDay: text("signed_day"),
  entryCount: integer("entry_count").notNull(),
  addedAt: text("added_at").notNull(),
  lastAt: text("last_at").notNull(),
  /** The newest place in the log that has to do with this pane or an order it is on. */
  through: integer().notNull(),
  /** Why its glass failed, as told. */
  cause: text(),
  /** What its unit is made of, where one was chosen. */
  makeup: text({ mode: "json" }),
  /** What the board of orders and the alerts say of it (`core/round/board-facts.ts`). */
  facts: text({ mode: "json" }).notNull(),
  /** Which hole in the wall it stands in (`core/window/opening-key.ts`). */
  place: text().notNull().default(""),
  /** What it tells of the firm's own errors (`core/learn/seen.ts`); `null` (the JSON word) where it tells nothing. */
  seen: text({ mode: "json" }),
});

export const panes = sqliteTable(
  "panes",
  {
    ...paneColumns(),
    round: text()
      .notNull()
      .references(() => rounds.id),
  },
  (t) => [
    index("panes_round").on(t.round),
    index("panes_address").on(t.address),
    index("panes_open").on(t.addedAt).where(sql`${t.signedDay} is null`),
    index("panes_place").on(t.place),
    index("panes_seen").on(t.id).where(sql`${t.seen} <> 'null'`),
    index("panes_closed").on(t.holeSince).where(sql`${t.holeSince} is not null`),
  ],
);

/** The panes of rounds that were struck, as they were (`laid-aside.ts`). */
export const panesAside = sqliteTable("panes_aside", paneColumns());

export const orders = sqliteTable(
  "orders",
  {
    id: text().primaryKey(),
    supplier: text().notNull(),
    reference: text().notNull(),
    stage: text().notNull(),
    openedAt: text("opened_at").notNull(),
    sentDay: text("sent_day"),
    dueDay: text("due_day"),
    /** By when what went back is made again; null where nothing is, or nobody said. */
    againDay: text("again_day"),
    arrivedDay: text("arrived_day"),
    /** When it was last asked after. */
    chasedDay: text("chased_day"),
    /** What the supplier's newest word on it asks, before tax. */
    acknowledgedPence: integer("acknowledged_pence").$type<Pence>(),
  },
  (t) => [index("orders_stage").on(t.stage, t.openedAt), index("orders_supplier").on(t.supplier)],
);

export const orderLines = sqliteTable(
  "order_lines",
  {
    /** The entry that put it there. */
    entry: text().primaryKey(),
    line: text().notNull(),
    order: text("order_id")
      .notNull()
      .references(() => orders.id),
    pane: text()
      .notNull()
      .references(() => panes.id),
    widthNm: integer("width_nm").notNull(),
    heightNm: integer("height_nm").notNull(),
    thicknessNm: integer("thickness_nm").notNull(),
    glass: text().notNull(),
    label: text().notNull(),
    state: text().notNull(),
    /** As it came less as it was ordered, mm; null while nothing was measured. */
    offWidthMm: real("off_width_mm"),
    offHeightMm: real("off_height_mm"),
    /** What it needs of whoever makes it (`core/order/sources.ts`). */
    needs: text().notNull().default("single"),
    /** Panes that came for it and went back, to be made again. */
    wentBack: integer("went_back").notNull().default(0),
  },
  (t) => [index("order_lines_order").on(t.order), index("order_lines_pane").on(t.pane)],
);

/** Who has done a step on which system; first when. */
export const met = sqliteTable(
  "met",
  { who: text().notNull(), system: text().notNull(), firstAt: text("first_at").notNull() },
  (t) => [primaryKey({ columns: [t.who, t.system] })],
);

/** Everyone who ever wrote in the log, and how much. */
export const people = sqliteTable("people", {
  who: text().primaryKey(),
  entries: integer().notNull(),
});

/** What became of each supplier's orders so far. */
export const supplierRecords = sqliteTable("supplier_records", {
  name: text().primaryKey(),
  record: text({ mode: "json" }).notNull(),
});

/** Which make of the tables this file has. */
export const tablesMade = sqliteTable("tables_made", {
  id: integer().primaryKey(),
  version: integer().notNull(),
});

/** One row that a check of health writes: that a write reaches the disk. */
export const pulse = sqliteTable("pulse", {
  id: integer().primaryKey(),
  at: text().notNull(),
});

export const suppliers = sqliteTable("suppliers", {
  name: text().primaryKey(),
  cuts: text().notNull(),
  unit: text().notNull(),
  leadDays: integer("lead_days").notNull(),
});

export const houseRules = sqliteTable("house_rules", {
  rule: text().primaryKey(),
  value: text({ mode: "json" }).notNull(),
});

export const days = sqliteTable("days", {
  day: text().primaryKey(),
  off: integer({ mode: "boolean" }).notNull(),
  wet: integer({ mode: "boolean" }).notNull(),
  lowC: real("low_c"),
});

/** Pictures that entries speak of: kept beside the log in the same file, never changed, safe to send again. */
export const photos = sqliteTable("photos", {
  id: text().primaryKey(),
  addedAt: text("added_at").notNull(),
  width: integer().notNull(),
  height: integer().notNull(),
  /** A JPEG of our own making: nothing of the sent file but its picture. */
  jpeg: blob({ mode: "buffer" }).notNull(),
});

/** What the simulated supplier remembers of the orders it was handed, as a supplier's own system would: not part of the log. */
export const standinOrders = sqliteTable("standin_orders", {
  key: text().primaryKey(),
  kept: text({ mode: "json" }).notNull(),
});
