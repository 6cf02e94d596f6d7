import type { HouseRules } from "../house/rules.ts";
import { loadShares, type PlateVerdict, plateCheck } from "../specify/plate.ts";
import { windKpa } from "../specify/wind.ts";
import { toMm } from "../units/length.ts";
import type { PaneBook } from "./book.ts";
import type { Reckoning } from "./reckoning.ts";
import { isUnitOpen, USUAL_SHEETS } from "./unit.ts";
import { wholeOf } from "./whole-here.ts";

export type WindHere = {
  readonly loadKpa: number;
  /** Each sheet bears its share of it. */
  readonly holds: boolean;
  /** The sheet that is nearest to what it can bear. */
  readonly worst: PlateVerdict;
};

/**
 * Whether the glass that stands now bears the wind where it is: by its size, its sheets, the exposure that was said (a town
 * until it is) and the floor. Null while it has no size, and for what comes whole: how thick that is its maker knows. Indicative only, by EN 16612 values.
 * @example 1604 × 1804 of 4 mm float on a coast // holds: false
 */
export function windHere(book: PaneBook, r: Reckoning, house: HouseRules): WindHere | null {
  if (!r.cut.ok || wholeOf(book)) return null;
  const loadKpa = windKpa(book.exposure ?? "town", book.building.storey ?? 0, house);
  const { width, height } = r.cut.value.glass;
  const sheets = book.makeup
    ? book.makeup.panes
    : isUnitOpen(book)
      ? USUAL_SHEETS.map((mm) => ({ mm, kind: r.glass.kind }))
      : [{ mm: toMm(r.glass.thickness), kind: r.glass.kind }];
  const shares = loadShares(sheets.map((s) => s.mm));
  const checks = sheets.map((s, i) =>
    plateCheck({
      widthMm: toMm(width),
      heightMm: toMm(height),
      thicknessMm: s.mm,
      loadKpa: loadKpa * (shares[i] ?? 1),
      kind: s.kind,
    }),
  );
  const used = (c: PlateVerdict): number => c.stressMpa / c.strengthMpa;
  const [first] = checks;
  if (!first) return null;
  return {
    loadKpa,
    holds: checks.every((c) => c.holds),
    worst: checks.reduce((a, b) => (used(b) > used(a) ? b : a), first),
  };
}
