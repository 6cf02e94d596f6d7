import { barPlaces } from "../measure/bar-places.ts";
import { barsErrorSentence } from "../measure/bars-fault.ts";
import { type BeforeOrderFacts, type Contradiction, contradictionsOf } from "../order/contradictions.ts";
import { makeupOverall } from "../specify/makeup.ts";
import type { Template } from "../text/template.ts";
import { mm, nm, toMm } from "../units/length.ts";
import type { PaneBook } from "./book.ts";
import { thickerThanRead } from "./candidates.ts";
import { isRouted } from "./conversion.ts";
import { labelOf } from "./order-line.ts";
import { readingsOf } from "./readings-of.ts";
import type { Reckoning } from "./reckoning.ts";
import { routHere } from "./rout-here.ts";
import { type Unknown, unknownsOf } from "./unknowns.ts";

/** Sizes of other panes, to see whether two were swapped. */
export type OtherPane = BeforeOrderFacts["others"][number];

/** What whoever makes it would have to ask; its size and what a unit is made of hold an order by themselves. */
const asked = (book: PaneBook, r: Reckoning): readonly Unknown[] =>
  unknownsOf(book, r).filter((u) => u.id !== "size" && u.id !== "makeup");

/** Of that, what nobody has stood by yet: each with where it is settled. */
export function blanksOf(book: PaneBook, r: Reckoning): readonly Unknown[] {
  const stoodBy = new Set(book.stoodByOrder?.ids ?? []);
  return asked(book, r).filter((u) => !stoodBy.has(u.id));
}

/** How the chosen unit's thickness differs from what was read. @example thickerText(-4) // "The {unit} chosen is 4 mm thinner than …" */
export const thickerText = (off: number | null): Template | null =>
  off === null
    ? null
    : `The {unit} chosen is ${Number(Math.abs(off).toFixed(1))} mm ${off > 0 ? "thicker" : "thinner"} than what was read: choose again, or say by what it is held.`;

/** What too little timber stays of a sash for the unit that was chosen; null where enough does, or it is not read. */
function timberText(book: PaneBook, r: Reckoning): Template | null {
  if (!book.makeup || !isRouted(book)) return null;
  const rout = routHere(readingsOf(book).readings, r.house, mm(makeupOverall(book.makeup)));
  if (!rout || rout.holds) return null;
  const stays = Math.max(0, toMm(rout.upstandHolds ? nm(Math.min(...rout.webs.map((w) => w.left))) : rout.upstandLeft));
  return `The sash would keep ${Number(stays.toFixed(1))} mm of timber, less than the house asks for: choose a slimmer {unit}, or a new sash.`;
}

/** Blanks and contradictions of this pane that nobody has stood by yet. */
export function heldBy(book: PaneBook, r: Reckoning, others: readonly OtherPane[] = []): readonly Contradiction[] {
  const glass = r.worked.ok ? r.worked.value.glass : null;
  const governs = r.worked.ok ? r.worked.value.governs : null;
  const bars = glass && book.bars && barPlaces(book.bars, { widthMm: toMm(glass.width), heightMm: toMm(glass.height) });
  const stoodBy = new Set(book.stoodByOrder?.ids ?? []);
  return contradictionsOf({
    glass,
    opening: governs && { width: governs.width.length, height: governs.height.length },
    leastGap: mm(0),
    squareByEye: book.shape === "square",
    copied: r.opening.copied !== null,
    packed: r.opening.copied?.of === "old-unit" ? (readingsOf(book).readings["old-packed"] ?? null) : null,
    statesOpening: book.basis === "opening",
    overruled: book.overrule !== null,
    toughened: r.chosen.kind === "toughened",
    cutToCome: r.tooBigBy > 0,
    risk: r.chances && r.chances.trouble > r.house.holdShare ? r.chances : null,
    thickness: thickerText(thickerThanRead(book, r)),
    timber: timberText(book, r),
    barsFault: bars && !bars.ok ? barsErrorSentence(bars.error) : null,
    others,
    label: labelOf(book),
    unknown: asked(book, r),
  }).filter((c) => !stoodBy.has(c.id));
}
