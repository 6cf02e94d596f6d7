import type { System } from "../frame/systems.ts";
import type { Payloads } from "../log/kinds.ts";
import { LINE_STATE_FACTS } from "../order/line-state.ts";
import type { PaneBook } from "../pane/book.ts";
import { beforeItsGlass, type Next, nextFor } from "../pane/next.ts";
import { oldGlassBack } from "../pane/old-glass.ts";
import { orderLineOf } from "../pane/order-line.ts";
import type { Reckoning } from "../pane/reckoning.ts";
import { type Standing, standings } from "../pane/standing.ts";
import { isHere } from "../pane/stands.ts";
import { type Wait, waitsOf } from "../pane/waits.ts";
import { STATIONS, type Station } from "../plan/stations.ts";
import { type Day, dayOf } from "../units/day.ts";

/** One line of the round: how far a pane is, what it needs next, what it waits for. */
export type RoundRow = {
  readonly id: string;
  readonly address: string;
  readonly opening: string;
  readonly light: string;
  readonly system: System;
  readonly stations: readonly { readonly station: Station; readonly state: Standing["state"] }[];
  readonly next: Next;
  readonly waits: readonly Wait[];
  /** Days since the hole was closed up for the time being; null where none is. */
  readonly closedDays: number | null;
  /** Date in the spacer, as stamped. */
  readonly dateMark: string;
  /** Something was found wrong with its glass. */
  readonly failed: boolean;
  /** On no order yet, and sized: it can be gathered into one. */
  readonly canOrder: boolean;
  /** What must be said, read or settled at the pane itself before it can be. */
  readonly held: Next | null;
  /** What would go on the order; null while nothing is sized. */
  readonly line: Omit<Payloads["order.line"], "line"> | null;
};

export function rowOf(book: PaneBook, r: Reckoning, today: Day): RoundRow {
  const all = standings(book, r);
  const next = nextFor(book, r, today);
  return {
    id: book.id,
    address: book.added.address,
    opening: book.added.opening,
    light: book.added.light,
    system: book.added.system,
    stations: STATIONS.map((station) => ({ station, state: all[station].state })),
    next,
    waits: waitsOf(book, r, today),
    closedDays: book.closed && !book.set ? today - dayOf(book.closed.since) : null,
    dateMark: book.found?.spacerDate ?? "",
    failed: book.damage.length > 0,
    held: beforeItsGlass(book, r),
    line: orderLineOf(book, r),
    canOrder: canOrder(book, r),
  };
}

/** On no order yet, or to be ordered again; sized, and its glass is neither here nor set nor goes back. */
export const canOrder = (book: PaneBook, r: Reckoning): boolean =>
  r.cut.ok &&
  !oldGlassBack(book) &&
  (book.line === null || LINE_STATE_FACTS[book.line.line.state].again) &&
  !isHere(book) &&
  !book.set;

/** The line of a pane that could not be worked out: it stands in its place, and the others are not touched. */
export const brokenRow = (pane: Pick<RoundRow, "id" | "address" | "opening" | "light" | "system">): RoundRow => ({
  id: pane.id,
  address: pane.address,
  opening: pane.opening,
  light: pane.light,
  system: pane.system,
  stations: STATIONS.map((station) => ({ station, state: "open" })),
  next: { station: "look", kind: "broken" },
  waits: [],
  closedDays: null,
  dateMark: "",
  failed: false,
  canOrder: false,
  held: null,
  line: null,
});
