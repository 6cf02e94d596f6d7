import { and, asc, eq, gte, lt, ne } from "drizzle-orm";
import type { Running } from "./database.ts";
import { panes, rounds } from "./schema.ts";

/** A pane as a list of windows needs it. */
export type WindowRow = {
  readonly id: string;
  readonly round: string;
  readonly roundName: string;
  readonly address: string;
  readonly opening: string;
  readonly light: string;
  readonly system: string;
  readonly cause: string | null;
  readonly place: string;
  readonly addedAt: string;
  readonly signedDay: string | null;
};

const ROW = {
  id: panes.id,
  round: panes.round,
  roundName: rounds.name,
  address: panes.address,
  opening: panes.opening,
  light: panes.light,
  system: panes.system,
  cause: panes.cause,
  place: panes.place,
  addedAt: panes.addedAt,
  signedDay: panes.signedDay,
};

export const placeOf = (db: Running, pane: string): string | undefined =>
  db.select({ place: panes.place }).from(panes).where(eq(panes.id, pane)).get()?.place;

/** Every pane that ever stood in one hole in the wall, the oldest first. */
export const panesAt = (db: Running, place: string): readonly WindowRow[] =>
  db
    .select(ROW)
    .from(panes)
    .innerJoin(rounds, eq(rounds.id, panes.round))
    .where(eq(panes.place, place))
    .orderBy(asc(panes.addedAt))
    .all();

/** Panes in other openings of one address. */
export const panesBeside = (db: Running, address: string, place: string): readonly WindowRow[] =>
  db
    .select(ROW)
    .from(panes)
    .innerJoin(rounds, eq(rounds.id, panes.round))
    .where(and(eq(panes.address, address), ne(panes.place, place)))
    .orderBy(asc(panes.addedAt))
    .all();

/** Panes whose place begins so, the oldest first: all of one address. */
export const allWindows = (db: Running, begins: string): readonly WindowRow[] =>
  db
    .select(ROW)
    .from(panes)
    .innerJoin(rounds, eq(rounds.id, panes.round))
    .where(and(gte(panes.place, begins), lt(panes.place, `${begins}\uffff`)))
    .orderBy(asc(panes.addedAt))
    .all();
