import { holdsUnits } from "../look/systems.ts";
import type { PaneBook } from "./book.ts";

/** A sealed unit: as the examination found, as was chosen, or else as the system mostly holds. */
export function isUnit(book: Pick<PaneBook, "before" | "makeup" | "glass" | "added">): boolean {
  if (book.before.exam.kind !== undefined) return book.before.exam.kind === "sealed";
  if (book.makeup) return true;
  return book.glass ? false : holdsUnits(book.added.system);
}

/** A unit of which nobody has said yet what it is made of; a door's insert comes whole, and is not asked. */
export const isUnitOpen = (book: Pick<PaneBook, "before" | "makeup" | "glass" | "added" | "way">): boolean =>
  isUnit(book) && book.makeup === null && !book.way.startsWith("insert-");

/** Sheets of a unit until somebody says, mm: what it weighs and bears is reckoned with them. Source: most are two of 4. */
export const USUAL_SHEETS: readonly number[] = [4, 4];
