import { eq, sql } from "drizzle-orm";
import type { System } from "../core/frame/systems.ts";
import type { PaneBook } from "../core/pane/book.ts";
import type { Running } from "./database.ts";
import { oncePer } from "./once-per.ts";
import { met } from "./schema.ts";

/** Notes who has done steps on this system. What is struck later is forgotten when the tables are made again. */
export function noteMet(db: Running, book: PaneBook): void {
  const first = new Map<string, string>();
  for (const { state, who, at } of book.steps.values())
    if (state === "done" && at < (first.get(who) ?? "\uffff")) first.set(who, at);
  for (const [who, firstAt] of first) note(db).run({ who, system: book.added.system, firstAt });
}

const note = oncePer((db) =>
  db
    .insert(met)
    .values({ who: sql.placeholder("who"), system: sql.placeholder("system"), firstAt: sql.placeholder("firstAt") })
    .onConflictDoNothing()
    .prepare(),
);

export const whoMet = (db: Running, system: string): readonly string[] =>
  db
    .select({ who: met.who })
    .from(met)
    .where(eq(met.system, system))
    .all()
    .map((r) => r.who);

/** Which systems each person has worked on. */
export const metByAll = (db: Running): readonly { readonly who: string; readonly system: System }[] =>
  db
    .select({ who: met.who, system: met.system })
    .from(met)
    .orderBy(met.who, met.firstAt)
    .all()
    .map((r) => ({ who: r.who, system: r.system as System }));
