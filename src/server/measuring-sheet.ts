import { labelOf } from "../core/pane/order-line.ts";
import { roundOpenings } from "./round-openings.ts";

/** Blank places on a sheet where no round is asked for: two side by side, two below. */
const BLANK = 4;

/** What a measuring sheet is printed for: the panes of a round with nothing read yet at the front, or blanks. */
export function measuringSheet(round: string | null): {
  readonly title: string;
  readonly openings: readonly ({ readonly label: string } | null)[];
} {
  const found = round === null ? undefined : roundOpenings(round);
  if (!found) return { title: "", openings: Array.from({ length: BLANK }, () => null) };
  return { title: found.name, openings: found.books.map((b) => ({ label: labelOf(b) })) };
}
