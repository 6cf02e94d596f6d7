import { frameOf } from "../frame/systems.ts";
import type { Readings } from "../measure/reckoned.ts";
import { THINNEST_UNIT, thicknessFrom } from "../measure/thickness.ts";
import { readsWhole } from "../measure/ways.ts";
import { type Mm, type Nm, toMm } from "../units/length.ts";
import type { PaneBook } from "./book.ts";
import { readingsOf } from "./readings-of.ts";

type Asked = Pick<PaneBook, "before" | "makeup" | "glass" | "added" | "damage" | "readings">;

/**
 * Whether a sealed unit was there, as far as somebody saw it: what the examination found; mist between its sheets, which one
 * sheet cannot have; or how thick the old glass was read. Undefined where nothing tells.
 */
function seenSealed(book: Asked): boolean | undefined {
  if (book.before.exam.kind !== undefined) return book.before.exam.kind === "sealed";
  if (book.damage.includes("misted")) return true;
  const { readings } = readingsOf(book);
  const thick = thicknessFrom(readings).overall ?? readings["old-thickness"] ?? null;
  return thick === null ? undefined : thick >= THINNEST_UNIT;
}

/** By what one sheet or a sealed unit is taken to be there: somebody's word or choice, its thickness, or what such frames mostly hold. */
export type SealedBy = "said" | "thickness" | "usual";

export function sealedBy(book: Asked): SealedBy {
  if (book.before.exam.kind !== undefined || book.damage.includes("misted")) return "said";
  if (seenSealed(book) !== undefined) return "thickness";
  return book.makeup || book.glass || book.before.option?.option === "double" ? "said" : "usual";
}

/** A sealed unit is to go in: one was chosen, single glass gives way to it, or what was there was one. */
export function isUnit(book: Asked): boolean {
  if (book.makeup !== null || book.before.option?.option === "double") return true;
  return seenSealed(book) ?? (book.glass ? false : frameOf(book.added.system).takesUnits);
}

/** A sealed unit was there: as was seen, or else as the system mostly holds. */
export function wasUnit(book: Asked): boolean {
  const seen = seenSealed(book);
  if (seen !== undefined) return seen;
  if (book.before.option?.option === "double") return false;
  return book.makeup !== null ? true : book.glass ? false : frameOf(book.added.system).takesUnits;
}

/**
 * Overall thickness of the unit that was there, mm: as it was read, else that of the one chosen in its place; null where it was
 * one sheet, or nobody can say.
 */
export function oldUnitMm(
  book: Asked,
  r: { readonly readings: Readings; readonly glass: { readonly thickness: Nm } },
): number | null {
  if (!wasUnit(book)) return null;
  const read = thicknessFrom(r.readings).overall ?? r.readings["old-thickness"] ?? null;
  if (read !== null) return toMm(read);
  return book.makeup ? toMm(r.glass.thickness) : null;
}

/** A unit of which nobody has said yet what it is made of; a door's insert comes whole, and is not asked. */
export const isUnitOpen = (book: Asked & Pick<PaneBook, "way">): boolean =>
  isUnit(book) && book.makeup === null && !readsWhole(book.way);

/**
 * Sheets and cavities from outside in, as chosen, or two of 4 with what its thickness leaves between, 16 where nobody read that;
 * undefined for single glass.
 */
export const layersOf = (
  book: Parameters<typeof isUnit>[0],
  overall: Nm | null,
): { readonly panesMm: readonly Mm[]; readonly cavitiesMm: readonly Mm[] } | undefined =>
  !isUnit(book)
    ? undefined
    : book.makeup
      ? { panesMm: book.makeup.panes.map((p) => p.mm), cavitiesMm: book.makeup.cavities.map((c) => c.mm) }
      : { panesMm: USUAL_SHEETS, cavitiesMm: [overall === null ? USUAL_CAVITY_MM : Math.max(4, toMm(overall) - 8)] };

/** Width of a spacer nobody measured, mm: what two sheets of 4 leave of the commonest unit of 24. */
export const USUAL_CAVITY_MM = 16;

/** Sheets of a unit until somebody says, mm: what it weighs and bears is reckoned with them. Source: most are two of 4. */
export const USUAL_SHEETS: readonly number[] = [4, 4];
