import type { ExamAnswers } from "../look/exam.ts";
import type { Hinge } from "../measure/found.ts";
import type { Opens } from "../set/packer-places.ts";
import type { PaneBook } from "./book.ts";
import { locationOf } from "./location.ts";

/** What the examination says of how it hangs; "on hinges" alone does not say at which side. */
const BY_EXAM: Readonly<Record<NonNullable<ExamAnswers["opens"]>, Hinge>> = {
  hinged: "not-said",
  "hinge-left": "left",
  "hinge-right": "right",
  "top-hung": "top",
  "bottom-hung": "bottom",
  slides: "slides",
  hung: "hung",
  fixed: "fixed",
};

/** How the sash hangs: as it was said where it was measured, or else as the examination found. Asked once. */
export function hingeOf(book: Pick<PaneBook, "found" | "before">): Hinge {
  const said = book.found?.hinge ?? "not-said";
  if (said !== "not-said") return said;
  const { opens } = book.before.exam;
  return opens === undefined ? "not-said" : BY_EXAM[opens];
}

/** How the sash opens, as packers see it; what nobody said, and what slides up and down, is packed as what is fixed. */
const OPENS: Readonly<Record<Hinge, Opens>> = {
  left: "hinge-left",
  right: "hinge-right",
  top: "top-hung",
  bottom: "bottom-hung",
  slides: "slides",
  hung: "fixed",
  fixed: "fixed",
  "not-said": "fixed",
};
export const opensAs = (book: Pick<PaneBook, "found" | "before">): Opens => OPENS[hingeOf(book)];

/** What moves: a sash of one of these kinds, nothing, or the leaf of a door, which is no sash. */
export type Moves = "hinged" | "rolls" | "hung" | "fixed" | "leaf" | "not-said";

const MOVES: Readonly<Record<Hinge, Moves>> = {
  left: "hinged",
  right: "hinged",
  top: "hinged",
  bottom: "hinged",
  slides: "rolls",
  hung: "hung",
  fixed: "fixed",
  "not-said": "not-said",
};

type Told = Pick<PaneBook, "found" | "before" | "added" | "location">;

/**
 * It is in the leaf of a door that opens: its frame is of doors only, or somebody said where it is that it is in one.
 * @example {putty} in a front door, hinges at the left // true; the fixed light beside it // false
 */
export const inLeaf = (book: Told): boolean => locationOf(book).inDoor && hingeOf(book) !== "fixed";

/** A fact of the sash and not of the frame. @example a cassette, hinges at the left // "leaf" */
export const movesOf = (book: Told): Moves => (inLeaf(book) ? "leaf" : MOVES[hingeOf(book)]);
