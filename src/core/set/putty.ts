import { fail, ok, type Result } from "../result.ts";
import { type Mm, type Nm, toMm } from "../units/length.ts";

/** The rebate in section and the pane in it. Tight is rebate wall to rebate wall. */
export type PuttyInput = {
  readonly tight: { readonly width: Nm; readonly height: Nm };
  readonly glass: { readonly width: Nm; readonly height: Nm };
  readonly thickness: Nm;
  readonly rebateDepth: Nm;
  readonly rebateWidth: Nm;
  readonly bed: Nm;
  /** Flat left at the sight line: 0 makes the fillet a triangle, more makes it a trapezium. */
  readonly nose: Nm;
  /** How far the face putty's foot stays back from the sight line, so that none is seen from the room. */
  readonly setBack?: Nm | undefined;
  readonly edgeFillShare: number;
  /** t/m³, which is g/cm³. */
  readonly density: number;
  readonly waste: number;
};

export type PuttyError =
  | { readonly kind: "no-front-room"; readonly shortByMm: Mm }
  | { readonly kind: "glass-larger-than-opening" }
  | { readonly kind: "rebate-too-deep" }
  | { readonly kind: "set-back-too-far" }
  | { readonly kind: "falls-through" }
  | { readonly kind: "waste-out-of-range" };

export type Putty = {
  /** Rebate width less bed and glass: what the face putty has to lie on, mm. */
  readonly frontRoomMm: Mm;
  readonly bedMl: number;
  readonly faceMl: number;
  readonly edgeMl: number;
  readonly totalMl: number;
  readonly netKg: number;
  readonly buyKg: number;
};

/** The same section along a way round that is so much longer or shorter: a pane cut to shape. @example share 0.9 // nine tenths of it */
export const alongShare = (putty: Putty, share: number): Putty => ({
  ...putty,
  bedMl: putty.bedMl * share,
  faceMl: putty.faceMl * share,
  edgeMl: putty.edgeMl * share,
  totalMl: putty.totalMl * share,
  netKg: putty.netKg * share,
  buyKg: putty.buyKg * share,
});

/**
 * Volume in mm³ of a section swept round a mitred rectangle: its area (mm²) times the rectangle's way round, less what
 * the corners take because its centroid lies `inside` (mm) the tight line. Exact by Pappus on each mitred side.
 * @example sweptVolume(10, 0, 600, 900) // 30 000 mm³
 */
export const sweptVolume = (area: number, inside: Mm, width: Mm, height: Mm): number =>
  area * (2 * (width + height) - 8 * inside);

/**
 * Bed, face and edge putty for one pane. The face fillet runs from the glass at the sight line, or set back from it, to the
 * outer edge of the rebate; the bed is as deep as the rebate; the edge gap is filled by the share given.
 * @example a 611.5 × 903 opening, 608 × 900 × 4 glass, rebate 10 deep and 18 wide, bed 2 // about 0.48 kg net
 */
export function puttyFor(input: PuttyInput): Result<Putty, PuttyError> {
  if (!(input.waste >= 0 && input.waste < 1)) return fail({ kind: "waste-out-of-range" });
  const [W, H, w, h] = [input.tight.width, input.tight.height, input.glass.width, input.glass.height].map(toMm) as [
    number,
    number,
    number,
    number,
  ];
  if (w > W || h > H) return fail({ kind: "glass-larger-than-opening" });
  const depth = toMm(input.rebateDepth);
  // Past half of the opening the two sides' rebates would meet, and nothing would be left to see through.
  if (2 * depth >= Math.min(W, H)) return fail({ kind: "rebate-too-deep" });
  if (w <= W - 2 * depth || h <= H - 2 * depth) return fail({ kind: "falls-through" });
  const foot = depth - toMm(input.setBack ?? (0 as Nm));
  if (foot <= 0) return fail({ kind: "set-back-too-far" });
  const bed = toMm(input.bed);
  const nose = toMm(input.nose);
  const front = toMm(input.rebateWidth) - bed - toMm(input.thickness);
  if (front <= 0) return fail({ kind: "no-front-room", shortByMm: 0 - front });
  const faceInside = (foot / 3) * ((front + 2 * nose) / (front + nose));
  const bedMl = sweptVolume(bed * depth, depth / 2, W, H) / 1000;
  const faceMl = sweptVolume(((front + nose) / 2) * foot, faceInside, W, H) / 1000;
  const edgeMl = ((W * H - w * h) * toMm(input.thickness) * input.edgeFillShare) / 1000;
  const totalMl = bedMl + faceMl + edgeMl;
  const netKg = (totalMl * input.density) / 1000;
  return ok({ frontRoomMm: front, bedMl, faceMl, edgeMl, totalMl, netKg, buyKg: netKg / (1 - input.waste) });
}

/** How many tubes of a size hold a volume when a share is wasted. @example tubesFor(310, 310, 0.1) // 2 */
export const tubesFor = (ml: number, tubeMl: number, waste: number): number =>
  Math.max(0, Math.ceil(ml / (tubeMl * (1 - waste)) - 1e-9));
