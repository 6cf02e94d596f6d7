import type { RefurbishUnit } from "../log/kinds/refurbish.ts";
import { thicknessFrom } from "../measure/thickness.ts";
import { type RefurbishNeeds, refurbishNeeds, type UnitSize } from "../refurbish/beads-and-seal.ts";
import { toMm } from "../units/length.ts";
import type { PaneBook } from "./book.ts";
import type { Reckoning } from "./reckoning.ts";
import { layersOf, USUAL_CAVITY_MM } from "./unit.ts";

/** What an opened unit mostly has beside its spacer's width, until somebody measures it. Source: common spacer bar, 7 mm high. */
const USUAL_OPENED = { boreMm2: 70, channelMm: 4, filledSides: "all", keyLegMm: 25 } as const;
const SPACER_HIGH_MM = 7;

/** The unit that is opened and closed again: what it is made of, and what goes back in. */
export type OpenedUnit = {
  readonly unit: RefurbishUnit;
  /** Somebody measured it; else it is as such units mostly are, its spacer by the thickness that was read. */
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
  const read = book.before.refurbish.unit;
  const unit = read ?? { ...USUAL_OPENED, spacerMm: layersOf(book, overall)?.cavitiesMm[0] ?? USUAL_CAVITY_MM };
  const [width, height] = [readings["old-width"], readings["old-height"]];
  const glass = width !== undefined && height !== undefined ? { width, height } : r.cut.ok ? r.cut.value.glass : null;
  const size = glass && { widthMm: toMm(glass.width), heightMm: toMm(glass.height) };
  return {
    unit,
    isRead: read !== null,
    size,
    needs: size && refurbishNeeds({ glass: size, ...unit, spacerHighMm: SPACER_HIGH_MM, waste: r.house.waste }),
  };
}
