import { fail, ok, type Result } from "../result.ts";
import type { Mm } from "../units/length.ts";

/** kg/m³ of the timber that sashes are made of. Source: common data; the firm's own figure beats it. */
export const TIMBER_DENSITY = { softwood: 500, hardwood: 650 } as const;

/** A sash as it is made, mm: outside sizes, the faces of its members, and the rebate that is cut out of them. */
export type SashMembers = {
  readonly outsideMm: { readonly width: Mm; readonly height: Mm };
  readonly stileMm: Mm;
  readonly topRailMm: Mm;
  readonly bottomRailMm: Mm;
  readonly thickMm: Mm;
  /** In the plane of the glass, and through it; nothing where the glass lies on the timber. */
  readonly rebateMm: { readonly depth: Mm; readonly width: Mm };
  readonly density: number;
};

export type SashTimber = { readonly kg: number; readonly sightMm: { readonly width: Mm; readonly height: Mm } };
export type SashMassError =
  | { readonly kind: "no-sight" }
  | { readonly kind: "rebate-through" }
  | { readonly kind: "no-size" };

/**
 * The timber of a sash: what stands between its outside and its sight size, less the ring of the rebate round the sight
 * opening, depth × width in section.
 * @example 600 × 900 outside, 50 all round, 40 thick, rebate 10 × 18, softwood // (0.14 m² × 40 mm − 0.0264 m² × 18 mm) × 500 = 2.56 kg
 */
export function sashTimber(members: SashMembers): Result<SashTimber, SashMassError> {
  const { outsideMm: out, rebateMm: rebate, thickMm } = members;
  if (!(out.width > 0 && out.height > 0 && thickMm > 0)) return fail({ kind: "no-size" });
  const width = out.width - 2 * members.stileMm;
  const height = out.height - members.topRailMm - members.bottomRailMm;
  if (!(width > 0 && height > 0)) return fail({ kind: "no-sight" });
  const narrowest = Math.min(members.stileMm, members.topRailMm, members.bottomRailMm);
  const cut = rebate.depth > 0 && rebate.width > 0;
  if (cut && (rebate.depth >= narrowest || rebate.width >= thickMm)) return fail({ kind: "rebate-through" });
  const ring = (width + 2 * rebate.depth) * (height + 2 * rebate.depth) - width * height;
  const mm3 = (out.width * out.height - width * height) * thickMm - (cut ? ring * rebate.width : 0);
  return ok({ kg: (mm3 * members.density) / 1e9, sightMm: { width, height } });
}
