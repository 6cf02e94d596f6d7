import { type MeasuredUnit, NOT_MEASURED, type RefurbishUnit } from "../log/kinds/refurbish.ts";
import { thicknessFrom } from "../measure/thickness.ts";
import { type RefurbishNeeds, refurbishNeeds, type UnitSize } from "../refurbish/beads-and-seal.ts";
import { toMm } from "../units/length.ts";
import type { PaneBook } from "./book.ts";
import type { Reckoning } from "./reckoning.ts";
import { layersOf, USUAL_CAVITY_MM } from "./unit.ts";

/** What an opened unit mostly has beside its spacer's width, until somebody measures it. Source: common spacer bar, 7 mm high. */
const USUAL_OPENED = { boreMm2: 70, channelMm: 4, filledSides: "all", keyLegMm: 25 } as const;
/** What they follow from most: without any of them the amounts are a guess. */
const WEIGHTY = ["spacerMm", "boreMm2", "channelMm", "keyLegMm"] as const;
const SPACER_HIGH_MM = 7;

/** The unit that is opened and closed again: what it is made of, and what goes back in. */
export type OpenedUnit = {
  /** As measured; where nobody did, as such units mostly are, and its spacer by the thickness that was read. */
  readonly unit: RefurbishUnit;
  readonly measured: MeasuredUnit;
  /** Every length of it was measured. */
  readonly isRead: boolean;
  readonly size: UnitSize | null;
  /** Null until its width and height are read. */
  readonly needs: RefurbishNeeds | null;
};

/**
 * What an opened unit takes: measured edge to edge as it lies, or as it was sized.
 * @example read 600 × 900 and 24 thick, its spacer not measured // spacer 16, bore 70 mm², and its beads by that
 */
export function openedUnit(book: PaneBook, r: Pick<Reckoning, "readings" | "cut" | "house">): OpenedUnit {
  const { readings } = r;
  const overall = thicknessFrom(readings).overall ?? readings["old-thickness"] ?? null;
  const measured = book.before.refurbish.unit ?? NOT_MEASURED;
  const unit: RefurbishUnit = {
    spacerMm: measured.spacerMm ?? layersOf(book, overall)?.cavitiesMm[0] ?? USUAL_CAVITY_MM,
    boreMm2: measured.boreMm2 ?? USUAL_OPENED.boreMm2,
    channelMm: measured.channelMm ?? USUAL_OPENED.channelMm,
    filledSides: measured.filledSides ?? USUAL_OPENED.filledSides,
    keyLegMm: measured.keyLegMm ?? USUAL_OPENED.keyLegMm,
  };
  const [width, height] = [readings["old-width"], readings["old-height"]];
  const glass = width !== undefined && height !== undefined ? { width, height } : r.cut.ok ? r.cut.value.glass : null;
  const size = glass && { widthMm: toMm(glass.width), heightMm: toMm(glass.height) };
  return {
    unit,
    measured,
    isRead: WEIGHTY.every((key) => measured[key] !== null),
    size,
    needs: size && refurbishNeeds({ glass: size, ...unit, spacerHighMm: SPACER_HIGH_MM, waste: r.house.waste }),
  };
}
