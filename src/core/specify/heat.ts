import type { Mm } from "../units/length.ts";
/** A gas at 10 °C: kg/m³, Pa s, W/mK, J/kgK. Source: EN 673:2011, table 1. */
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
export type GasName = keyof typeof GASES;

/** How much of the fill is gas when nobody says. Source: usual practice of unit makers. */
export const USUAL_FILL = 0.9;

/** A gas with air for the rest, each property by its share. @example mixed("argon", 0.9).density // 1.6523 */
export function mixed(gas: GasName, share: number): Gas {
  const mixed = (key: keyof Gas): number => share * GASES[gas][key] + (1 - share) * GASES.air[key];
  return {
    density: mixed("density"),
    viscosity: mixed("viscosity"),
    conductivity: mixed("conductivity"),
    heat: mixed("heat"),
  };
}

/** Corrected emissivity of plain glass. Source: EN 673. */
export const UNCOATED = 0.837;

/** Corrected over normal emissivity. Source: EN 673, annex A (EN 12898). */
const RATIOS: readonly (readonly [normal: number, ratio: number])[] = [
  [0.03, 1.22],
  [0.05, 1.18],
  [0.1, 1.14],
  [0.2, 1.1],
  [0.3, 1.06],
  [0.4, 1.03],
  [0.5, 1.0],
  [0.6, 0.98],
  [0.7, 0.96],
  [0.8, 0.95],
  [0.89, 0.94],
];

/**
 * Emissivity as the sum needs it, from the normal one that a maker states; linear between the table's entries.
 * @example corrected(0.05) // 0.059
 * @example corrected(0.89) // 0.8366: plain glass
 */
export function corrected(normal: number): number {
  const first = RATIOS[0] as readonly [number, number];
  const last = RATIOS.at(-1) as readonly [number, number];
  if (normal <= first[0]) return normal * first[1];
  if (normal >= last[0]) return normal * last[1];
  const at = RATIOS.findIndex(([n]) => n > normal);
  const [n0, r0] = RATIOS[at - 1] as readonly [number, number];
  const [n1, r1] = RATIOS[at] as readonly [number, number];
  return normal * (r0 + ((r1 - r0) * (normal - n0)) / (n1 - n0));
}

export type Cavity = {
  readonly widthMm: Mm;
  readonly gas: Gas;
  /** Corrected emissivity of the two faces that look at each other. */
  readonly faces: readonly [number, number];
};

const SIGMA = 5.67e-8;
const MEAN_K = 283;
/** Surface resistances outside and inside, m²K/W, and that of glass a metre thick. Source: EN 673. */
export const R_OUTSIDE = 0.04;
export const R_INSIDE = 0.13;
const GLASS_MK_W = 1;
/** Difference over all cavities together, K. */
const OVER_ALL = 15;

/**
 * Heat loss at the centre of upright glass, W/m²K, by EN 673. The edge of a unit is colder.
 * @example one sheet of 4 mm, no cavity // 5.75
 * @example 4-16-4, air, uncoated // 2.7
 */
export function centreHeat(unit: { readonly glassMm: Mm; readonly cavities: readonly Cavity[] }): number {
  const glass = (unit.glassMm / 1000) * GLASS_MK_W;
  if (unit.cavities.length === 0) return 1 / (R_OUTSIDE + glass + R_INSIDE);
  let shares = unit.cavities.map(() => OVER_ALL / unit.cavities.length);
  let resistances: readonly number[] = [];
  for (let round = 0; round < 100; round++) {
    resistances = unit.cavities.map((c, i) => 1 / conductanceOf(c, shares[i] ?? OVER_ALL));
    const sum = resistances.reduce((a, b) => a + b, 0);
    const next = resistances.map((r) => (OVER_ALL * r) / sum);
    const moved = Math.max(...next.map((t, i) => Math.abs(t - (shares[i] ?? 0))));
    shares = next;
    if (moved < 1e-9) break;
  }
  return 1 / (R_OUTSIDE + resistances.reduce((a, b) => a + b, 0) + glass + R_INSIDE);
}

function conductanceOf(c: Cavity, difference: number): number {
  const width = c.widthMm / 1000;
  const radiation = (4 * SIGMA * MEAN_K ** 3) / (1 / c.faces[0] + 1 / c.faces[1] - 1);
  const grashof = (9.81 * width ** 3 * difference * c.gas.density ** 2) / (MEAN_K * c.gas.viscosity ** 2);
  const prandtl = (c.gas.viscosity * c.gas.heat) / c.gas.conductivity;
  const nusselt = Math.max(1, 0.035 * (grashof * prandtl) ** 0.38);
  return radiation + (nusselt * c.gas.conductivity) / width;
}

/** Vapour pressure over water, hPa, below freezing too. Source: Magnus. @example vapour(20) // 23.3 */
export const vapour = (celsius: number): number => 6.112 * Math.exp((17.62 * celsius) / (243.12 + celsius));

/** Temperature at which air of this humidity begins to shed water, °C. @example dewPoint(20, 0.5) // 9.3 */
export function dewPoint(celsius: number, humidity: number): number {
  const l = Math.log((vapour(celsius) * humidity) / 6.112);
  return (243.12 * l) / (17.62 - l);
}

/**
 * Room-side face at the centre of the pane, °C, and the highest humidity at which it stays dry.
 * @example surfaceOf(2.7, 20, -5) // 11.2 °C; dry up to 57%
 */
export function surfaceOf(
  heat: number,
  insideC: number,
  outsideC: number,
): { readonly celsius: number; readonly dryUpTo: number } {
  const celsius = insideC - heat * R_INSIDE * (insideC - outsideC);
  return { celsius, dryUpTo: Math.min(1, vapour(celsius) / vapour(insideC)) };
}
