import type { PaneBook } from "../pane/book.ts";
import type { Next } from "../pane/next.ts";
import type { Station } from "../plan/stations.ts";
import { type Day, dayOf } from "../units/day.ts";

/** Stations whose work is done where the window is. */
export const ON_SITE: readonly Station[] = ["takeout", "ready", "set", "finish"];

/** Whether what stands next can be done on that day: on site, and not before it may be. */
export const canBeDone = (next: Next, on: Day): boolean =>
  ON_SITE.includes(next.station) &&
  !((next.kind === "wait-paint" || next.kind === "come-back") && (next.day === undefined || next.day > on));

/** A day was given to it: somebody comes back, or a second pair of hands is booked. */
export const isGivenTo = (book: PaneBook, on: Day): boolean =>
  (book.visit !== null && dayOf(book.visit.day) === on) ||
  (book.before.hands !== null && dayOf(book.before.hands.day) === on);

/**
 * Which of several panes a day's work is on until somebody says otherwise: those given to it, or all that can be done.
 * @example three can be done, one has its helper booked for that day // that one
 */
export function daysWork<P extends { readonly given: boolean; readonly can: boolean }>(
  panes: readonly P[],
): readonly P[] {
  const can = panes.filter((p) => p.can);
  const given = can.filter((p) => p.given);
  return given.length > 0 ? given : can;
}
