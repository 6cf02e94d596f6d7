import { GLASS_NAMES, type GlassKind } from "../specify/glass.ts";
import { type Makeup, makeupText } from "../specify/makeup.ts";
import { writeNumber } from "../tape/write.ts";
import { nm } from "../units/length.ts";
import { type Dialect, say } from "./dialect.ts";

/**
 * What the glass is, in the words of an order. Thickness in millimetres always: that is what it is made in.
 * @example glassText({ thicknessNm: mm(4), glass: "float" }, "a") // "4 mm clear float"
 * @example the same of a unit // "24 mm sealed unit, 4-16-4, argon, coated on 3, warm edge, black"
 */
export function glassText(
  of: { readonly thicknessNm: number; readonly glass: GlassKind; readonly makeup?: Makeup | null | undefined },
  dialect: Dialect,
): string {
  const thick = `${writeNumber(nm(of.thicknessNm), "mm")} mm`;
  return say(of.makeup ? `${thick} {unit}, ${makeupText(of.makeup)}` : `${thick} ${GLASS_NAMES[of.glass]}`, dialect);
}
