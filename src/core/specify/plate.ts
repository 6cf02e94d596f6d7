import type { Mm } from "../units/length.ts";
/** A pane under wind: four edges simply supported, uniform load. Linear thin plate. */
export type PlateInput = {
  readonly widthMm: Mm;
  readonly heightMm: Mm;
  readonly thicknessMm: Mm;
  readonly loadKpa: number;
};

export type Plate = {
  /** Largest bending stress, at the centre across the short span, MPa. */
  readonly stressMpa: number;
  /** At the centre, mm. */
  readonly deflectionMm: Mm;
  /** Deflection over half the thickness: linear theory then overstates both. */
  readonly overstated: boolean;
};

/** Source: EN 16612; glass. */
export const YOUNG_MPA = 70_000;
export const POISSON = 0.23;

/**
 * Stress and deflection by Lévy's series, terms added until both change by less than one part in a hundred thousand.
 * @example 1000 × 1000 × 6 at 1 kPa // 7.55 MPa and 3.05 mm
 */
export function plateUnder(plate: PlateInput): Plate {
  const a = Math.min(plate.widthMm, plate.heightMm);
  const b = Math.max(plate.widthMm, plate.heightMm);
  const q = plate.loadKpa / 1000; // kPa is 1e-3 N/mm²
  const stiff = (YOUNG_MPA * plate.thicknessMm ** 3) / (12 * (1 - POISSON ** 2));
  let deflection = 0;
  let moment = (q * a * a) / 8;
  for (let m = 1; m < 400; m += 2) {
    const alpha = (m * Math.PI * b) / (2 * a);
    const sign = ((m - 1) / 2) % 2 === 0 ? 1 : -1;
    // 1/cosh, without overflow for a long plate.
    const inverse = alpha > 350 ? 0 : 1 / Math.cosh(alpha);
    const inner = alpha * Math.tanh(alpha) + 2;
    const w = ((4 * q * a ** 4) / (Math.PI ** 5 * stiff)) * (sign / m ** 5) * (1 - (inner * inverse) / 2);
    const bigA = (-2 * inner * inverse) / (Math.PI ** 5 * m ** 5);
    const bigB = (2 * inverse) / (Math.PI ** 5 * m ** 5);
    const mx = -q * a * a * Math.PI ** 2 * m ** 2 * (2 * POISSON * bigB - (1 - POISSON) * bigA) * sign;
    deflection += w;
    moment += mx;
    if (m > 5 && Math.abs(w) < 1e-7 * deflection && Math.abs(mx) < 1e-7 * moment) break;
  }
  return {
    stressMpa: (6 * moment) / plate.thicknessMm ** 2,
    deflectionMm: deflection,
    overstated: deflection > plate.thicknessMm / 2,
  };
}

/** What glass is allowed under wind, MPa. Source: EN 16612:2019, f = kmod ksp fgk / γA + (fbk − fgk) / γv. */
export const DESIGN = {
  /** Characteristic strength of annealed and toughened glass. */
  annealedMpa: 45,
  toughenedMpa: 120,
  /** Wind gusts of ten minutes in all; patterned glass by its surface. */
  kmodWind: 0.74,
  surface: { float: 1, laminated: 1, patterned: 0.75, toughened: 1 },
  gammaAnnealed: 1.8,
  gammaToughened: 1.2,
} as const;

/** @example designStrength("float") // 18.5 MPa */
export function designStrength(kind: "float" | "laminated" | "patterned" | "toughened"): number {
  const annealed = (DESIGN.kmodWind * DESIGN.surface[kind] * DESIGN.annealedMpa) / DESIGN.gammaAnnealed;
  return kind === "toughened"
    ? annealed + (DESIGN.toughenedMpa - DESIGN.annealedMpa) / DESIGN.gammaToughened
    : annealed;
}

/** Deflection is let be up to the short span over this. Source: EN 16612, usual serviceability. */
export const SPAN_OVER = 60;

export type PlateVerdict = Plate & {
  readonly strengthMpa: number;
  readonly deflectionLimitMm: Mm;
  readonly holds: boolean;
};

/** A pane against its allowed stress and deflection: indicative, never a design. */
export function plateCheck(pane: PlateInput & { readonly kind: Parameters<typeof designStrength>[0] }): PlateVerdict {
  const plate = plateUnder(pane);
  const strengthMpa = designStrength(pane.kind);
  const deflectionLimitMm = Math.min(pane.widthMm, pane.heightMm) / SPAN_OVER;
  return {
    ...plate,
    strengthMpa,
    deflectionLimitMm,
    holds: plate.stressMpa <= strengthMpa && plate.deflectionMm <= deflectionLimitMm,
  };
}

/** What each sheet of a unit carries of the wind: by its stiffness, the cube of its thickness. @example [4, 6] // 0.229, 0.771 */
export function loadShares(panesMm: readonly Mm[]): readonly number[] {
  const sum = panesMm.reduce((s, p) => s + p ** 3, 0);
  return panesMm.map((p) => p ** 3 / sum);
}
