import type { Holds } from "../frame/frame.ts";
import { frameOf } from "../frame/systems.ts";
import { detailOf } from "../frame/told-detail.ts";
import { CIRCUMSTANCE_FACTS, type Circumstance } from "../measure/ways.ts";
import type { Template } from "../text/template.ts";
import type { PaneBook } from "./book.ts";

/** What is off so that the edge is seen while the old pane still stands in it, by what holds the glass. */
const EDGE_SEEN: Readonly<Record<Holds, Template>> = {
  putty: "{putty} out",
  beads: "{beads} off",
  "screwed-sash": "sash apart",
  halves: "halves apart",
  mouldings: "mouldings off",
};

/**
 * What a state that readings are taken in is called in this frame, with {words} for the dialect.
 * @example of a puttied sash, "beads-off" // "{putty} out"; of one whose frame nobody said: "edge bared"
 */
export function stateName(book: Pick<PaneBook, "added" | "before">, state: Circumstance): Template {
  if (state !== "beads-off" || book.added.unsaid) return CIRCUMSTANCE_FACTS[state].name;
  const { system } = book.added;
  return EDGE_SEEN[frameOf(system).holds(detailOf(system, book.before.detail))];
}
