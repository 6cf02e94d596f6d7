import { beadAcross } from "../measure/bead.ts";
import { thicknessFrom } from "../measure/thickness.ts";
import type { CandidateFacts } from "../specify/candidates.ts";
import { STACK_ERRORS, type Stack, stacksFor } from "../specify/stack.ts";
import { mm, toMm } from "../units/length.ts";
import type { PaneBook } from "./book.ts";
import type { Reckoning } from "./reckoning.ts";
import { isUnit } from "./unit.ts";

/** The units that the thickness read can be, the likeliest first. */
export function stacksOf(r: Reckoning): readonly Stack[] {
  const t = thicknessFrom(r.readings);
  if (t.overall === null) return [];
  return stacksFor({
    overall: t.overall,
    panes: t.panes,
    count: 2,
    overallError: mm(t.by === "slip" ? 1 : STACK_ERRORS.overallMm),
    paneError: mm(t.by === "slip" ? 0.6 : STACK_ERRORS.paneMm),
  });
}

/** Room for glass through the thickness: rebate less bed and bead, mm; null until the rebate is read. */
export function roomFor(r: Reckoning): number | null {
  const width = r.readings["rebate-width"];
  if (width === undefined) return null;
  const bed = r.readings["bed-under"] ?? mm(r.house.bedMm);
  return toMm(width) - toMm(bed) - toMm(beadAcross(r.readings) ?? mm(0));
}

/** What the candidates of a sealed unit follow from; null where it is single glass, or nothing is sized. */
export function candidateFacts(
  book: PaneBook,
  r: Reckoning,
  safetyKind: CandidateFacts["safetyKind"] = "toughened",
): CandidateFacts | null {
  if (!r.cut.ok || !isUnit(book)) return null;
  const [stack] = stacksOf(r);
  const { glass } = r.cut.value;
  return {
    was: stack ? { panesMm: stack.panes.map(toMm), cavityMm: toMm(stack.spacers[0] ?? mm(16)) } : null,
    roomMm: roomFor(r),
    widthMm: toMm(glass.width),
    heightMm: toMm(glass.height),
    safetyNeeded: r.safety?.kind === "needed",
    safetyKind,
    emissivity: r.house.coatedEmissivity,
    roomC: r.house.roomC,
    outsideC: r.house.coldOutsideC,
    perM2: r.house.unitPerM2,
    leastCharge: r.house.leastCharge,
    days: r.house.daysUnit,
  };
}
