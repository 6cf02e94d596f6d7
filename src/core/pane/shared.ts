import { type Entry, KINDS, type Kind, type Payloads } from "../log/kinds.ts";
import { rowOf } from "../round/lights.ts";
import type { PaneBook } from "./book.ts";
import { type Carried, carriedFrom } from "./carried.ts";

/** What an answer is about, whichever pane it is said of: the newest of it counts. */
export function subjectOf(e: { readonly kind: Kind; readonly payload: unknown }): string {
  const { key } = KINDS[e.kind];
  return key === null ? e.kind : `${e.kind} ${(key as (payload: unknown) => string)(e.payload)}`;
}

/** What was answered of a pane. */
export const subjectsIn = (standing: readonly Entry[], pane: string): readonly string[] => [
  ...new Set(standing.filter((e) => e.about.pane === pane).map(subjectOf)),
];

/**
 * What was said of one pane and holds for the next one in the same sash: its frame, what it is set in, the glass that was
 * chosen, and where it is. Readings of the opening never go along; how high its row stands does, within the row.
 * @example 4 mm float chosen and the row 900 above the floor // both for the pane beside it, the glass alone for the row below
 */
export function sharedFrom(book: PaneBook, there: { readonly light: string }): readonly Carried[] {
  const out: Carried[] = [...carriedFrom(book)];
  const also = <K extends Kind>(kind: K, payload: Payloads[K] | null) => {
    if (payload !== null) out.push({ kind, payload } as unknown as Carried);
  };
  also("look.special", saidLast(book, "look.special"));
  also("look.wants", book.before.wants);
  also("look.option", book.before.option);
  also("measure.bars", book.bars);
  also("measure.coating", book.coating);
  also("specify.glass", book.glass);
  also("specify.makeup", book.makeup && { makeup: book.makeup });
  also("specify.panel", book.panel && { panel: book.panel });
  also("specify.location", book.location);
  also("specify.exposure", book.exposure && { exposure: book.exposure });
  also("specify.looks", book.looks);
  also("specify.match", book.match);
  also("specify.bed", book.bed === null ? null : { compound: book.bed });
  also("specify.sash", book.sash);
  const row = rowOf(book.added.light);
  const high = book.readings["sill-height"];
  if (high?.read.ok && row !== null && row === rowOf(there.light))
    also("measure.reading", { place: "sill-height", text: high.text, unit: high.unit });
  return out;
}

const saidLast = <K extends Kind>(book: PaneBook, kind: K): Payloads[K] | null =>
  (book.log.standing.findLast((e) => e.kind === kind && e.about.pane === book.id)?.payload as Payloads[K]) ?? null;

/** Of that, what nobody said of the other pane for itself. */
export const newThere = (shared: readonly Carried[], said: readonly string[]): readonly Carried[] =>
  shared.filter((c) => !said.includes(subjectOf(c)));
