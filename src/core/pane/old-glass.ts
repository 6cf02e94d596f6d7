import { frameOf } from "../frame/systems.ts";
import { detailOf } from "../frame/told-detail.ts";
import { isLoose, isSpoilt } from "../look/damage.ts";
import { examVerdict } from "../look/exam.ts";
import { goesBack } from "../look/options.ts";
import type { PaneBook } from "./book.ts";

type Asked = Pick<PaneBook, "before" | "added">;

/** The old glass goes back: opened and resealed, or packed and bedded anew. Nothing is ordered for it. */
export const oldGlassBack = (book: Asked): boolean =>
  goesBack(book.before.option?.option) || book.before.refurbish.closed !== null;

/** The old glass goes back, and nothing was ordered or fetched since: nothing is sized, chosen or bought. */
export const oldGlassOnly = (book: Pick<PaneBook, "before" | "added" | "line" | "had">): boolean =>
  oldGlassBack(book) && book.line === null && book.had === null;

/** The same, where it is packed and bedded anew and nothing else. */
export const packedAnew = (book: Pick<PaneBook, "before" | "added" | "line" | "had">): boolean =>
  book.before.option?.option === "repack" && oldGlassOnly(book);

/** Its packing alone was said to be wrong, and nothing of the glass. */
export const packingFailed = (book: Pick<PaneBook, "damage" | "cause">): boolean =>
  book.cause === "packing" && !isSpoilt(book.damage);

/** Sound glass in a bed or sash that is not, as it was examined or as its packing alone was said to be wrong: packed anew before anybody orders another, unless somebody chose otherwise. */
export const mayStay = (book: Pick<PaneBook, "before" | "damage" | "cause">): boolean =>
  book.before.option === null &&
  isLoose(book.damage) &&
  (examVerdict(book.before.exam).glassSound || packingFailed(book));

/** It does not even come out: its {beads} do, and its {packers}, while it stands in its gaskets. */
export const staysIn = (book: Asked): boolean =>
  book.before.option?.option === "repack" &&
  detailOf(book.added.system, book.before.detail).bond === "gasket" &&
  frameOf(book.added.system).glassStays;
