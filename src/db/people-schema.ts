import { index, integer, real, sqliteTable, text } from "drizzle-orm/sqlite-core";

/* Who may come in. No entries: what is secret is kept as a hash, ends, and is not handed out in an archive. */

export const accounts = sqliteTable("accounts", {
  id: text().primaryKey(),
  name: text().notNull().unique(),
  role: text({ enum: ["owner", "office", "glazier", "guest"] }).notNull(),
  /** The one round that a guest sees. */
  round: text(),
  password: text(),
  pin: text(),
  /** Wrong PINs since the last right one, and until when none is taken. */
  pinWrong: integer("pin_wrong").notNull().default(0),
  pinAgainAt: text("pin_again_at"),
  madeAt: text("made_at").notNull(),
  endedAt: text("ended_at"),
});

export const sessions = sqliteTable("sessions", {
  id: text().primaryKey(),
  hash: text().notNull().unique(),
  account: text()
    .notNull()
    .references(() => accounts.id),
  /** The device as it is told apart in a list: its kind, and what somebody called it. */
  device: text().notNull(),
  /** The session that a shared tablet stands on, where this one was unlocked there by a PIN. */
  tablet: text(),
  shared: integer({ mode: "boolean" }).notNull().default(false),
  madeAt: text("made_at").notNull(),
  seenAt: text("seen_at").notNull(),
  endsAt: text("ends_at").notNull(),
  endedAt: text("ended_at"),
  /** The device was lost: what it keeps is wiped at its next contact. */
  lost: integer({ mode: "boolean" }).notNull().default(false),
});

export const invites = sqliteTable("invites", {
  id: text().primaryKey(),
  hash: text().notNull().unique(),
  name: text().notNull(),
  role: text({ enum: ["owner", "office", "glazier", "guest"] }).notNull(),
  round: text(),
  madeBy: text("made_by").notNull(),
  madeAt: text("made_at").notNull(),
  endsAt: text("ends_at").notNull(),
  usedAt: text("used_at"),
});

export const passkeys = sqliteTable("passkeys", {
  id: text().primaryKey(),
  account: text()
    .notNull()
    .references(() => accounts.id),
  /** base64url */
  publicKey: text("public_key").notNull(),
  counter: integer().notNull(),
  transports: text().notNull(),
  madeAt: text("made_at").notNull(),
});

/** Keys of programs: a supplier's system, a person's calendar. */
export const keys = sqliteTable("keys", {
  id: text().primaryKey(),
  hash: text().notNull().unique(),
  what: text({ enum: ["supplier", "calendar"] }).notNull(),
  /** The supplier's name, or whose calendar. */
  of: text().notNull(),
  madeAt: text("made_at").notNull(),
  usedAt: text("used_at"),
  endedAt: text("ended_at"),
});

/** Who came in, who was refused, who changed who may come in. Only ever added. */
export const audit = sqliteTable("audit", {
  seq: integer().primaryKey({ autoIncrement: true }),
  at: text().notNull(),
  who: text().notNull(),
  what: text().notNull(),
  about: text().notNull(),
  from: text("from_address").notNull(),
});

/** Answers to exercises: each person's own, and nobody else's to see unless the house says so. */
export const practice = sqliteTable(
  "practice",
  {
    id: text().primaryKey(),
    who: text().notNull(),
    at: text().notNull(),
    exercise: text().notNull(),
    level: integer().notNull(),
    right: integer({ mode: "boolean" }).notNull(),
    seconds: real().notNull(),
    offMm: real("off_mm"),
    /** A picture of a try by hand, where one was taken. */
    photo: text(),
  },
  (t) => [index("practice_who").on(t.who, t.at)],
);
