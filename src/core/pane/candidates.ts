import { beadAcross } from "../measure/bead.ts";
import { THICKNESS_ERRORS, type ThicknessBy, thicknessFrom } from "../measure/thickness.ts";
import { readsWhole } from "../measure/ways.ts";
import { penceOf } from "../money/pence.ts";
import type { CandidateFacts } from "../specify/candidates.ts";
import type { GlassKind } from "../specify/glass.ts";
import { type Makeup, makeupOverall, NO_SPACER } from "../specify/makeup.ts";
import { type Stack, stacksFor } from "../specify/stack.ts";
import { mm, toMm } from "../units/length.ts";
import type { PaneBook } from "./book.ts";
import { isConversion, isRouted, unitsForSash } from "./conversion.ts";
import type { Reckoning } from "./reckoning.ts";
import { roomOnceRouted } from "./rout-here.ts";
import { isUnit, wasUnit } from "./unit.ts";

/** The units that the thickness read can be, the likeliest first; where one sheet was, those that its sash can take. */
export function stacksOf(book: PaneBook, r: Reckoning): readonly Stack[] {
  const t = thicknessFrom(r.readings);
  if (t.overall === null) return isConversion(book) ? unitsForSash(book, r.house).map((u) => u.stack) : [];
  return stacksFor({
    overall: t.overall,
    panes: t.panes,
    count: 2,
    overallError: mm(errorsOf(t.by).overallMm),
    paneError: mm(errorsOf(t.by).paneMm),
  });
}

const errorsOf = (by: ThicknessBy | null) => THICKNESS_ERRORS[by ?? "caliper"];

/** Sheets and cavities alike to a hundredth of a millimetre. */
const NEAR_MM = 0.01;
const alike = (makeup: Makeup, stack: Stack): boolean => {
  const layers = [...makeup.panes.map((p) => p.mm), ...makeup.cavities.map((c) => c.mm)];
  const is = [...stack.panes, ...stack.spacers].map(toMm);
  return layers.length === is.length && layers.every((mm_, i) => Math.abs(mm_ - (is[i] ?? 0)) < NEAR_MM);
};

/** Which of the stacks was chosen; undefined where what was chosen is another unit. */
export const stackChosen = (makeup: Makeup | null, stacks: readonly Stack[]): Stack | undefined =>
  makeup === null ? undefined : stacks.find((s) => alike(makeup, s));

/**
 * The unit of a stack, otherwise as it was chosen or as the house makes them: its gas, coating and spacer stay.
 * @example 4-16-4, where 4-15-5 with argon was chosen // 4-16-4 with argon
 */
export function makeupOfStack(stack: Stack, chosen: Makeup | null, kind: GlassKind): Makeup {
  const gas = chosen?.cavities[0]?.gas ?? "air";
  // Each sheet keeps its own kind: a laminated one inside is not made float by the one outside.
  const kindAt = (i: number): GlassKind =>
    (i === stack.panes.length - 1 ? chosen?.panes.at(-1) : (chosen?.panes[i] ?? chosen?.panes[0]))?.kind ?? kind;
  return {
    panes: stack.panes.map((p, i) => ({ mm: toMm(p), kind: kindAt(i) })),
    cavities: stack.spacers.map((s) => ({ mm: toMm(s), gas, fill: chosen?.cavities[0]?.fill ?? 1 })),
    coatings: chosen && chosen.panes.length === stack.panes.length ? chosen.coatings : [],
    spacer: chosen?.spacer ?? NO_SPACER,
  };
}

/** How much thicker the chosen unit is than what was read, mm; null where they agree, or one of them is not known. */
export function thickerThanRead(book: PaneBook, r: Reckoning): number | null {
  const { overall, by } = thicknessFrom(r.readings);
  if (overall === null || book.makeup === null) return null;
  const off = makeupOverall(book.makeup) - toMm(overall);
  return Math.abs(off) <= errorsOf(by).overallMm + NEAR_MM ? null : off;
}

/** Room for glass through the thickness: rebate less bed and bead, mm; null until the rebate is read. */
export function roomFor(r: Reckoning): number | null {
  const width = r.readings["rebate-width"];
  if (width === undefined) return null;
  const bed = r.readings["bed-under"] ?? mm(r.house.bedMm);
  return toMm(width) - toMm(bed) - toMm(beadAcross(r.readings) ?? mm(0));
}

/** What the candidates of a sealed unit follow from; null where it is single glass, made whole, or nothing is sized. */
export function candidateFacts(
  book: PaneBook,
  r: Reckoning,
  safetyKind: CandidateFacts["safetyKind"] = "toughened",
): CandidateFacts | null {
  if (!r.cut.ok || !isUnit(book) || readsWhole(book.way)) return null;
  const stacks = stacksOf(book, r);
  const stack = stackChosen(book.makeup, stacks) ?? stacks[0];
  const { glass } = r.cut.value;
  return {
    was: stack ? { panesMm: stack.panes.map(toMm), cavityMm: toMm(stack.spacers[0] ?? mm(16)) } : null,
    again: wasUnit(book),
    roomMm: isRouted(book) ? roomOnceRouted(r.readings, r.house) : roomFor(r),
    widthMm: toMm(glass.width),
    heightMm: toMm(glass.height),
    safetyNeeded: r.safety?.kind === "needed",
    safetyKind,
    emissivity: r.house.coatedEmissivity,
    roomC: r.house.roomC,
    outsideC: r.house.coldOutsideC,
    perM2: penceOf(r.house.unitPerM2),
    leastCharge: penceOf(r.house.leastCharge),
    days: r.house.daysUnit,
  };
}
