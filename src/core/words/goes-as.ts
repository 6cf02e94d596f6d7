import type { OwnFrom } from "../learn/own-from.ts";
import type { Chances } from "../size/odds-line.ts";
import { type Grid, type LengthUnit, type Mm, type Nm, toMm } from "../units/length.ts";
import { fromWords, smallText } from "./learnt.ts";
import { percent } from "./percent.ts";

/**
 * Why a line goes to a supplier by another size than was worked out; what the size is follows.
 * @example "Fen End cuts to 1/16 in, and sends 0.9 mm larger than a size goes by (your own, from 34 sides): it goes to them as"
 */
export function goesAsWords(
  supplier: string,
  size: { readonly grid: Grid | null; readonly larger: { readonly by: Nm; readonly own: OwnFrom } | null },
  unit: LengthUnit,
): string {
  const by = size.larger === null ? 0 : toMm(size.larger.by);
  const why = [
    size.grid === null ? "" : `cuts to ${size.grid}`,
    size.larger === null
      ? ""
      : `sends ${smallText(Math.abs(by), unit)} ${by > 0 ? "larger" : "smaller"} than a size goes by (${fromWords(size.larger.own)})`,
  ].filter(Boolean);
  return `${supplier} ${why.join(", and ")}: it goes to them as`;
}

/** @example "Theirs scatter by 1.8 mm (your own, from 34 sides): 2% trouble, where a size reckons with 0.9%." */
export const theirOddsWords = (
  odds: { readonly chances: Chances; readonly scatterMm: Mm; readonly own: OwnFrom },
  usual: Chances | null,
  unit: LengthUnit,
): string =>
  `Theirs scatter by ${smallText(odds.scatterMm, unit)} (${fromWords(odds.own)}): ${percent(odds.chances.trouble)} trouble${usual ? `, where a size reckons with ${percent(usual.trouble)}` : ""}.`;
