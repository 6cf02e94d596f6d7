import type { Firm } from "../firm/firm.ts";
import type { OwnFrom } from "../learn/own-from.ts";
import { chancesOf, type OddsInput } from "../size/best.ts";
import type { Chances } from "../size/odds-line.ts";
import { type Mm, nm, toMm } from "../units/length.ts";
import { largerFrom, lineTo } from "./line-to.ts";

type Line = Parameters<typeof lineTo>[0];

/**
 * What may go wrong with this line where this supplier cuts it: their own scatter and how much larger theirs come in place of
 * what a size goes by. Null where no figure of theirs was taken on, or nothing can be told.
 * @example one whose panes scatter twice as far // more trouble than the size itself says
 */
export function theirChances(
  odds: OddsInput,
  line: Line,
  supplier: string,
  firm: Pick<Firm, "house" | "terms" | "ofSuppliers">,
): { readonly chances: Chances; readonly scatterMm: Mm; readonly own: OwnFrom } | null {
  const scatter = firm.ofSuppliers.get(supplier)?.get(line.makeup === undefined ? "cutErrorMm" : "cutErrorUnitMm");
  if (scatter === undefined || line.whole || line.corners) return null;
  const { cutting } = odds.errors;
  const larger = largerFrom(line, supplier, firm);
  const goes = lineTo(line, supplier, firm);
  const chances = chancesOf(
    {
      ...odds,
      errors: {
        ...odds.errors,
        cutting: { ...cutting, mm: scatter.value, off: (cutting.off ?? 0) + (larger ? toMm(larger.by) : 0) },
      },
    },
    { width: nm(goes.widthNm), height: nm(goes.heightNm) },
  );
  return chances && { chances, scatterMm: scatter.value, own: scatter.own };
}
