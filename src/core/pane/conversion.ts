import { frameOf } from "../frame/systems.ts";
import type { HouseRules } from "../house/rules.ts";
import type { Place } from "../measure/places.ts";
import { thicknessFrom } from "../measure/thickness.ts";
import type { Rout } from "../size/rout.ts";
import { makeupOverall } from "../specify/makeup.ts";
import { slimUnits } from "../specify/slim-units.ts";
import type { Stack } from "../specify/stack.ts";
import { mm, type Nm } from "../units/length.ts";
import type { PaneBook } from "./book.ts";
import { readingsOf } from "./readings-of.ts";
import { routHere } from "./rout-here.ts";
import { tapeUnit } from "./size-grid.ts";

/** A unit that could go where one sheet was, and what has to be routed for it. */
export type UnitForSash = {
  readonly stack: Stack;
  /** What is routed for it; null until rebate and timber are read. */
  readonly rout: Rout | null;
};

type Told = Pick<PaneBook, "before" | "added" | "readings" | "way">;

/** A sealed unit goes where single glass was: no old unit says how thick it is to be, the sash does. */
export const isConversion = (book: Pick<PaneBook, "before">): boolean => book.before.option?.option === "double";

/** Its rebate can be routed for it. */
export const isRouted = (book: Pick<PaneBook, "before" | "added">): boolean =>
  isConversion(book) && frameOf(book.added.system).canBeEased;

/** What is read of a sash before it can be said whether a unit goes into it. */
export const CONVERSION_READS = [
  "rebate-depth",
  "rebate-width",
  "timber-thickness",
  "member-face",
] as const satisfies readonly Place[];

/**
 * The units that are made for old sashes, in the makes of the tape that read it, each with what must be routed: first those
 * for which timber enough stays, the thickest of them before the others, as it is the warmest; then, from the slimmest,
 * those for which it does not. While the sash is not read they stand from the slimmest.
 * @example timber 44, rebate 18 wide, upstand 10 at least // 4-12-4 first: 2 + 20 + 1 + 10 = 33, 11 stay; 4-16-4 last, 7 stay
 */
export function unitsForSash(book: Told, house: HouseRules): readonly UnitForSash[] {
  const { readings } = readingsOf(book);
  const all = slimUnits(tapeUnit(book)).map((stack) => ({ stack, rout: routHere(readings, house, stack.overall) }));
  const holding = all.filter((u) => u.rout?.holds);
  return [...holding.toReversed(), ...all.filter((u) => !u.rout?.holds)];
}

/** How thick a unit is thought of for this sash: the one chosen, one that was read, or the one we would take. */
export const unitThought = (book: Told & Pick<PaneBook, "makeup">, house: HouseRules): Nm | undefined =>
  book.makeup
    ? mm(makeupOverall(book.makeup))
    : (thicknessFrom(readingsOf(book).readings).overall ?? unitsForSash(book, house)[0]?.stack.overall);

/** Whether any unit leaves timber enough; null until the sash is read. */
export function conversionHolds(book: Told, house: HouseRules): boolean | null {
  const all = unitsForSash(book, house);
  if (all.every((u) => u.rout === null)) return null;
  return all.some((u) => u.rout?.holds);
}

/** What of a sash is still to be read before a unit can be chosen for it; none where it is not converted, or not routed. */
export const conversionUnread = (book: Told): readonly Place[] => {
  if (!isRouted(book) || thicknessFrom(readingsOf(book).readings).overall !== null) return [];
  return CONVERSION_READS.filter((p) => p !== "member-face" && !book.readings[p]?.read.ok);
};
