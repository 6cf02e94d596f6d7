import { blob, index, integer, real, sqliteTable, text } from "drizzle-orm/sqlite-core";

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
    payload: text({ mode: "json" }).notNull(),
  },
  (t) => [index("entries_pane").on(t.pane), index("entries_order").on(t.order), index("entries_kind").on(t.kind)],
);

/* What lists and searches need, folded from the entries in the transaction that adds them. */

export const rounds = sqliteTable("rounds", {
  id: text().primaryKey(),
  name: text().notNull(),
  place: text().notNull(),
  openedAt: text("opened_at").notNull(),
});

export const panes = sqliteTable(
  "panes",
  {
    id: text().primaryKey(),
    round: text()
      .notNull()
      .references(() => rounds.id),
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
  },
  (t) => [index("panes_round").on(t.round)],
);

export const orders = sqliteTable("orders", {
  id: text().primaryKey(),
  supplier: text().notNull(),
  reference: text().notNull(),
  stage: text().notNull(),
  openedAt: text("opened_at").notNull(),
  sentDay: text("sent_day"),
  dueDay: text("due_day"),
  arrivedDay: text("arrived_day"),
});

export const orderLines = sqliteTable(
  "order_lines",
  {
    line: text().primaryKey(),
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
  },
  (t) => [index("order_lines_order").on(t.order), index("order_lines_pane").on(t.pane)],
);

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
