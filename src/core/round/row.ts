import type { Payloads } from "../log/kinds.ts";
import type { System } from "../look/systems.ts";
import type { PaneBook } from "../pane/book.ts";
import { oldGlassBack } from "../pane/old-glass.ts";
import { orderLineOf } from "../pane/order-line.ts";
import type { Reckoning } from "../pane/reckoning.ts";
import { type Next, nextFor, type Standing, standings } from "../pane/standing.ts";
import { orderHeld } from "../pane/sure.ts";
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
  readonly openHole: boolean;
  /** Date in the spacer, as stamped. */
  readonly dateMark: string;
  /** Something was found wrong with its glass. */
  readonly failed: boolean;
  /** On no order yet, and sized: it can be gathered into one. */
  readonly canOrder: boolean;
  /** What must be said yes to, on the pane's own page, before it can be. */
  readonly held: ReturnType<typeof orderHeld>;
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
    openHole: book.urgency === "open-hole" && !book.closed && !book.set,
    dateMark: book.found?.spacerDate ?? "",
    failed: book.damage.length > 0,
    held: orderHeld(book, r),
    line: orderLineOf(book, r),
    canOrder:
      r.cut.ok && !oldGlassBack(book) && (book.line === null || book.line.line.state === "sent-back") && !book.set,
  };
}

/** What cannot wait, worst first: said at the top of the round. */
export type Alert =
  | { readonly kind: "open-hole"; readonly row: RoundRow }
  | { readonly kind: "closed-over"; readonly row: RoundRow; readonly days: number }
  | { readonly kind: "late"; readonly row: RoundRow; readonly day: Day }
  | { readonly kind: "past-paint"; readonly row: RoundRow; readonly day: Day };

export function alertsOf(rows: readonly RoundRow[], today: Day): readonly Alert[] {
  const holes = rows.filter((r) => r.openHole).map((row): Alert => ({ kind: "open-hole", row }));
  const late = rows.flatMap((row): Alert[] =>
    row.next.kind === "chase" && row.next.day !== undefined ? [{ kind: "late", row, day: row.next.day }] : [],
  );
  const over = rows.flatMap((row): Alert[] => {
    const until = row.waits.find((w) => w.kind === "closed");
    return row.closedDays !== null && until && until.to <= today
      ? [{ kind: "closed-over", row, days: row.closedDays }]
      : [];
  });
  const paint = rows.flatMap((row): Alert[] =>
    row.next.kind === "past-paint" && row.next.day !== undefined
      ? [{ kind: "past-paint", row, day: row.next.day }]
      : [],
  );
  return [...holes, ...over, ...late, ...paint];
}

export const settableToday = (rows: readonly RoundRow[]): number =>
  rows.filter((r) => r.next.kind === "set" || r.next.kind === "take-out" || r.next.kind === "make-ready").length;
