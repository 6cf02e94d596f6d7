import type { Kind, Payloads } from "../log/kinds.ts";
import type { ExamQuestion } from "../look/exam.ts";
import type { Place } from "../measure/places.ts";
import type { PaneBook } from "./book.ts";

/** One entry that goes along, without its pane. */
export type Carried = { readonly [K in Kind]: { readonly kind: K; readonly payload: Payloads[K] } }[Kind];

/** What is the same in an opening alike; what is wrong with it is its own. */
const COPIED: readonly ExamQuestion[] = ["kind", "opens", "stamp"];

/** The answers about a frame that hold for the next pane in one alike: its readings never go along. */
export function carriedFrom(book: PaneBook): readonly Carried[] {
  const { before } = book;
  const out: Carried[] = [];
  if (book.building.year !== null || book.building.storey !== null)
    out.push({ kind: "look.building", payload: book.building });
  for (const question of COPIED) {
    const answer = before.exam[question];
    if (answer) out.push({ kind: "look.answer", payload: { question, answer } });
  }
  if (before.opens !== null) out.push({ kind: "look.opens", payload: { opens: before.opens } });
  if (Object.keys(before.detail).length > 0) out.push({ kind: "takeout.detail", payload: before.detail });
  if (before.joints) out.push({ kind: "takeout.joints", payload: before.joints });
  if (book.found) out.push({ kind: "measure.found", payload: { ...book.found, marks: "" } });
  return out;
}

/** What does not move between two breaks of one opening. */
const STAYS: readonly Place[] = ["sill-height", "door-distance"];

/**
 * What holds for the next break of this very opening: the answers about its frame, where it is on its wall, and how high. The
 * opening itself is read anew, for a frame moves.
 * @example 1 100 above the floor, no door near, hinges at the left // all three
 */
export function carriedInPlace(book: PaneBook): readonly Carried[] {
  const out: Carried[] = [...carriedFrom(book)];
  if (book.before.profile !== "") out.push({ kind: "takeout.profile", payload: { profile: book.before.profile } });
  if (book.location) out.push({ kind: "specify.location", payload: book.location });
  for (const place of STAYS) {
    const read = book.readings[place];
    if (read?.read.ok && !read.copied)
      out.push({ kind: "measure.reading", payload: { place, text: read.text, unit: read.unit } });
  }
  return out;
}
