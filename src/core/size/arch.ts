import type { Point } from "../geometry/point.ts";
import type { OpeningReadings } from "../measure/figure.ts";
import { type Mm, type Nm, toMm } from "../units/length.ts";

/** An opening with upright jambs and a head that is part of one circle; mm, origin at its bottom left, y up. */
export type Arch = {
  readonly width: Mm;
  /** From the sill to where the head springs from a jamb. */
  readonly spring: number;
  /** From the sill to the head's highest, in the middle. */
  readonly crown: number;
  readonly radius: number;
};

/** Why readings make no such opening. */
export type NoArch =
  | {
      readonly kind: "not-read";
      readonly places: readonly ("width-bottom" | "height-left" | "height-right" | "height-middle")[];
    }
  /** It springs higher at one jamb, mm. */
  | { readonly kind: "uneven"; readonly by: number }
  /** Its two diagonals, from the foot to where it springs, differ: it leans, mm. */
  | { readonly kind: "leans"; readonly by: number }
  /** The crown is no higher than where it springs. */
  | { readonly kind: "flat" }
  /** It rises by more than half its width: no part of a circle that springs from upright jambs does. mm too much. */
  | { readonly kind: "pointed"; readonly by: number };

/** How far the two jambs, or the two diagonals, may differ, mm: the least gap and a millimetre of a shaped pane still hold it. */
const EVEN_MM = 3;
/** How far over half the width a half circle may be read to rise, mm. */
const OVER_MM = 2;

/**
 * The arch that readings make: the least width, the lower springing and the crown. A circle through three points.
 * @param readings - widths below where it springs; heights at the left jamb, in the middle, at the right jamb; nm
 * @example 600 wide, springs at 500, crown 700 // rises 200: radius (300² + 200²) / 400 = 325
 */
export function archOf(
  readings: OpeningReadings,
): { readonly ok: true; readonly value: Arch } | { readonly ok: false; readonly error: NoArch } {
  const no = (error: NoArch) => ({ ok: false as const, error });
  const widths = [readings["width-bottom"], readings["width-middle"], readings["width-top"]].filter(
    (w): w is Nm => w !== undefined,
  );
  const { "height-left": left, "height-right": right, "height-middle": middle } = readings;
  if (widths.length === 0 || left === undefined || right === undefined || middle === undefined)
    return no({
      kind: "not-read",
      places: [
        ...(widths.length === 0 ? (["width-bottom"] as const) : []),
        ...(left === undefined ? (["height-left"] as const) : []),
        ...(middle === undefined ? (["height-middle"] as const) : []),
        ...(right === undefined ? (["height-right"] as const) : []),
      ],
    });
  const uneven = Math.abs(toMm(left) - toMm(right));
  if (uneven > EVEN_MM) return no({ kind: "uneven", by: uneven });
  const { "diagonal-up": up, "diagonal-down": down } = readings;
  const leans = up === undefined || down === undefined ? 0 : Math.abs(toMm(up) - toMm(down));
  if (leans > EVEN_MM) return no({ kind: "leans", by: leans });
  const width = Math.min(...widths.map(toMm));
  const spring = Math.min(toMm(left), toMm(right));
  const crown = toMm(middle);
  const rise = crown - spring;
  if (rise <= 0) return no({ kind: "flat" });
  const over = rise - width / 2;
  if (over > OVER_MM) return no({ kind: "pointed", by: over });
  return { ok: true, value: { width, spring, crown, radius: ((width / 2) ** 2 + rise ** 2) / (2 * rise) } };
}

/**
 * How high the head stands so far in from a jamb, mm above the sill: what proves that it is part of a circle.
 * @example width 600, crown 700, radius 325, 150 in // 375 + √(325² − 150²) = 663.3
 */
export function headAt(arch: Arch, inFromJamb: number): number {
  const across = arch.width / 2 - inFromJamb;
  return arch.crown - arch.radius + Math.sqrt(Math.max(0, arch.radius ** 2 - across ** 2));
}

/** Points along the head, right to left: chords of a pane this large lie within a tenth of a millimetre of the circle. */
const CHORDS = 32;
/** Points are written this finely, mm, and inward. */
const FINE = 10;

/**
 * The pane for it, `room` in along jambs, sill and head: points in mm from its own bottom left, anticlockwise; foot, then the
 * head from right to left. Null when nothing is left.
 * @example the arch above with 1.5 of room // 597 wide, 498.2 where it springs, 697 at its crown, radius 323.5
 */
export function archedPane(arch: Arch, room: number): readonly Point[] | null {
  const inward = (v: number): number => Math.floor(v * FINE + 1e-6) / FINE;
  const width = inward(arch.width - 2 * room);
  const crown = arch.crown - 2 * room;
  const radius = arch.radius - room;
  const centre = crown - radius;
  const half = Math.asin(Math.min(1, width / 2 / radius));
  if (width <= 0 || centre + radius * Math.cos(half) <= 0) return null;
  const head = Array.from({ length: CHORDS + 1 }, (_, i): Point => {
    const turn = half - (2 * half * i) / CHORDS;
    const x = width / 2 + radius * Math.sin(turn);
    return {
      x: Math.min(width, Math.max(0, Math.round(x * FINE) / FINE)),
      y: inward(centre + radius * Math.cos(turn)),
    };
  });
  return [{ x: 0, y: 0 }, { x: width, y: 0 }, ...head];
}
