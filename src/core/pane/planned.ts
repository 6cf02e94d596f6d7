import type { HouseRules } from "../house/rules.ts";
import { DIAGONALS, HEIGHTS, type Place, REBATE_SIDES, WIDTHS } from "../measure/places.ts";
import type { Readings } from "../measure/reckoned.ts";
import { addNm, type Nm, nm } from "../units/length.ts";
import { type PaneBook, stepKey } from "./book.ts";
import { isRouted, unitThought } from "./conversion.ts";
import { depthForUnit, routHere } from "./rout-here.ts";

/** The opening as it is to become: the rebate is to be routed deeper for a sealed unit, and was read as it is now. */
export type Planned = {
  /** So much deeper on every side. */
  readonly by: Nm;
  /** So much wider, through the glass; null until rebate, timber and the unit are known. */
  readonly wider: Nm | null;
  /** It was routed since, and nobody read it again: what is worked out is still the plan. */
  readonly isCut: boolean;
  /** What would be read once it is routed as planned. */
  readonly readings: Readings;
};

/**
 * The plan of a sash that goes from single glass to a sealed unit, until it is read again as it was routed; null where there is
 * none, or nothing to rout.
 * The depth rests on the rebate alone, so it is planned before anybody knows which unit it is for.
 * @example 600 between rebates 10 deep, cover 12, gap 3 and 2 for what is off // by 7 mm: planned for 614
 */
export function plannedOf(book: PaneBook, readings: Readings, house: HouseRules): Planned | null {
  const depth = readings["rebate-depth"];
  if (!isRouted(book) || depth === undefined) return null;
  const mark = book.steps.get(stepKey("ready", "rout"));
  const routedAt = mark?.state === "done" ? mark.at : null;
  if (routedAt !== null && isReadSince(book, routedAt)) return null;
  const by = nm(Math.max(0, depthForUnit(house, readings) - depth));
  const wider = routHere(readings, house, unitThought(book, house))?.width.by ?? null;
  if (by === 0 && !wider) return null;
  return { by, wider, isCut: routedAt !== null, readings: routed(readings, { by, wider: wider ?? nm(0) }) };
}

/** Width and height were both read after a time. */
function isReadSince(book: PaneBook, at: string): boolean {
  const since = new Set(book.log.standing.filter((e) => e.kind === "measure.reading" && e.at > at).map((e) => e.id));
  const isNew = (p: Place): boolean => since.has(book.readings[p]?.entry ?? "");
  return WIDTHS.some(isNew) && HEIGHTS.some(isNew);
}

/**
 * Readings as they would be once every side is routed deeper by so much: widths and heights grow by it twice, diagonals by
 * Pythagoras of both.
 */
export function routed(readings: Readings, { by, wider }: { readonly by: Nm; readonly wider: Nm }): Readings {
  const out: Partial<Record<Place, Nm>> = { ...readings };
  const grow = (place: Place, more: Nm): void => {
    const was = readings[place];
    if (was !== undefined) out[place] = addNm(was, more);
  };
  const both = nm(2 * by);
  for (const face of ["", "back-"] as const) {
    for (const p of [...WIDTHS, ...HEIGHTS]) grow(`${face}${p}`, both);
    const across = meanOf(WIDTHS.map((p) => readings[`${face}${p}`]));
    const up = meanOf(HEIGHTS.map((p) => readings[`${face}${p}`]));
    for (const p of DIAGONALS) {
      const was = readings[`${face}${p}`];
      if (was === undefined || across === null || up === null) continue;
      out[`${face}${p}`] = nm(Math.round(Math.sqrt(was ** 2 + 2 * both * (across + up) + 2 * both ** 2)));
    }
  }
  for (const p of ["rebate-depth", ...REBATE_SIDES] as const) grow(p, by);
  grow("rebate-width", wider);
  return out;
}

function meanOf(values: readonly (Nm | undefined)[]): number | null {
  const there = values.filter((v) => v !== undefined);
  return there.length === 0 ? null : there.reduce((a, b) => a + b, 0) / there.length;
}
