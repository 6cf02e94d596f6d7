import Papa from "papaparse";
import type { Place } from "../core/measure/places.ts";
import { foldPane, type PaneBook } from "../core/pane/book.ts";
import { tableOf } from "../core/round/openings-table.ts";
import { safeCell } from "../core/round/safe-cell.ts";
import type { Written } from "../core/tape/written.ts";
import { entriesOfPanes } from "../db/entry-log.ts";
import { placesOfRound, roundById } from "../db/lists.ts";
import { theDatabase } from "./the-database.ts";

export type KnownPane = {
  readonly id: string;
  readonly added: PaneBook["added"];
  readonly readings: Readonly<Partial<Record<Place, Written>>>;
};

/** The panes of one round as they are measured; undefined for a round that is not there. */
export function roundOpenings(id: string): { readonly name: string; readonly books: readonly PaneBook[] } | undefined {
  const db = theDatabase();
  const round = roundById(db, id);
  if (!round) return undefined;
  const panes = placesOfRound(db, id);
  const entries = entriesOfPanes(
    db,
    panes.map((p) => p.id),
  );
  return {
    name: round.name,
    books: panes.flatMap(
      (p) =>
        foldPane(
          p.id,
          entries.filter((e) => e.about.pane === p.id || e.kind === "struck"),
        ) ?? [],
    ),
  };
}

export function openingsPage(id: string) {
  const round = roundOpenings(id);
  if (!round) return undefined;
  const known = round.books.map(
    (b): KnownPane => ({
      id: b.id,
      added: b.added,
      readings: Object.fromEntries(
        Object.entries(b.readings).flatMap(([p, r]) => (r ? [[p, { text: r.text, unit: r.unit }]] : [])),
      ),
    }),
  );
  return { id, name: round.name, known };
}

/** All openings of a round as CSV: what comes out can be read in again without loss. */
export function openingsCsv(id: string): string | undefined {
  const round = roundOpenings(id);
  if (!round) return undefined;
  const { headings, rows } = tableOf(round.books);
  const data = rows.map((row) => row.map(safeCell));
  return `${Papa.unparse({ fields: [...headings], data }, { newline: "\r\n", quotes: true })}\r\n`;
}
