import { and, asc, count, eq, sql } from "drizzle-orm";
import type { Running } from "./database.ts";
import { practice } from "./people-schema.ts";

export type PracticeRow = typeof practice.$inferSelect;

/** Older answers say nothing of a hand today, and a page carries no more. */
const MOST_OF_ONE = 200;

/** Keeps an answer; the same id again changes nothing. */
export const keepPractice = (db: Running, row: PracticeRow): void =>
  void db.insert(practice).values(row).onConflictDoNothing().run();

/** One person's answers to one exercise, or to all, the oldest first. */
export const practiceOf = (db: Running, who: string, exercise?: string): readonly PracticeRow[] =>
  db
    .select()
    .from(practice)
    .where(exercise === undefined ? eq(practice.who, who) : and(eq(practice.who, who), eq(practice.exercise, exercise)))
    .orderBy(sql`${practice.at} desc`)
    .limit(exercise === undefined ? 20 * MOST_OF_ONE : MOST_OF_ONE)
    .all()
    .reverse();

/** How much everybody practised. */
export const practiceOfAll = (
  db: Running,
): readonly { readonly who: string; readonly exercise: string; readonly done: number }[] =>
  db
    .select({ who: practice.who, exercise: practice.exercise, done: count() })
    .from(practice)
    .groupBy(practice.who, practice.exercise)
    .orderBy(asc(practice.who))
    .all();
