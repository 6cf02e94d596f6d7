/** A gas at 10 °C. Source: EN 673, table 1. */
export type Gas = {
  readonly density: number;
  readonly viscosity: number;
  readonly conductivity: number;
  readonly heat: number;
};

export const GASES = {
  air: { density: 1.232, viscosity: 1.761e-5, conductivity: 2.496e-2, heat: 1008 },
  argon: { density: 1.699, viscosity: 2.164e-5, conductivity: 1.684e-2, heat: 519 },
  krypton: { density: 3.56, viscosity: 2.4e-5, conductivity: 0.9e-2, heat: 245 },
} as const satisfies Readonly<Record<string, Gas>>;

/** Glass as it comes, and a common low-emissivity coating: emissivity of a face. Source: EN 673, EN 12898. */
export const UNCOATED = 0.837;

export type Cavity = {
  readonly widthMm: number;
  readonly gas: Gas;
  /** Emissivity of the two faces that look at each other. */
  readonly faces: readonly [number, number];
};

const SIGMA = 5.67e-8;
const MEAN_K = 283;
const OUTSIDE = 25;
const INSIDE = 7.7;
/** Difference over all cavities together, K. */
const OVER_ALL = 15;
const GLASS_W_MK = 1;

/**
 * Heat loss at the centre of upright glass, W/m²K, by EN 673.
 * @example one sheet of 4 mm, no cavity // 5.8
 * @example 4-16-4, air, uncoated // 2.7
 */
export function centreHeat(of: { readonly glassMm: number; readonly cavities: readonly Cavity[] }): number {
  const glass = of.glassMm / 1000 / GLASS_W_MK;
  if (of.cavities.length === 0) return 1 / (1 / OUTSIDE + glass + 1 / INSIDE);
  let shares = of.cavities.map(() => OVER_ALL / of.cavities.length);
  let resistances: readonly number[] = [];
  for (let round = 0; round < 50; round++) {
    resistances = of.cavities.map((c, i) => 1 / conductanceOf(c, shares[i] ?? OVER_ALL));
    const sum = resistances.reduce((a, b) => a + b, 0);
    const next = resistances.map((r) => (OVER_ALL * r) / sum);
    const moved = Math.max(...next.map((t, i) => Math.abs(t - (shares[i] ?? 0))));
    shares = next;
    if (moved < 1e-6) break;
  }
  return 1 / (1 / OUTSIDE + resistances.reduce((a, b) => a + b, 0) + glass + 1 / INSIDE);
}

function conductanceOf(c: Cavity, difference: number): number {
  const width = c.widthMm / 1000;
  const radiation = (4 * SIGMA * MEAN_K ** 3) / (1 / c.faces[0] + 1 / c.faces[1] - 1);
  const grashof = (9.81 * width ** 3 * difference * c.gas.density ** 2) / (MEAN_K * c.gas.viscosity ** 2);
  const prandtl = (c.gas.viscosity * c.gas.heat) / c.gas.conductivity;
  const nusselt = Math.max(1, 0.035 * (grashof * prandtl) ** 0.38);
  return radiation + (nusselt * c.gas.conductivity) / width;
}
