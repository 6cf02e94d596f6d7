import type { Mm } from "../units/length.ts";
export type UnitSize = { readonly widthMm: Mm; readonly heightMm: Mm };

/** Which sides of the spacer hold beads: all, or two of them. */
export const FILLED = ["all", "two long", "two short", "one long, one short"] as const;
export type Filled = (typeof FILLED)[number];
/** By name, or as it is counted: 4 is all of them, 2 the two long ones. */
export type FilledSides = Filled | 2 | 4;
export const filledOf = (sides: FilledSides): Filled => (sides === 4 ? "all" : sides === 2 ? "two long" : sides);

/** What a refurbished unit takes: its drying beads and its edge seal. */
export type RefurbishNeeds = {
  /** Length of the bore that is filled, mm. */
  readonly boreMm: Mm;
  readonly beadsMl: number;
  readonly beadsG: number;
  readonly sealMl: number;
  /** Tubes of 310 ml, the waste allowed for. */
  readonly tubes: number;
};

/** Drying beads as they lie, g/ml. Source: common data of molecular sieve beads, 0.7 to 0.8. */
export const BEAD_DENSITY = 0.75;
export const TUBE_ML = 310;

/**
 * Drying beads and edge seal of a unit of this glass size. The bore's centre line runs a channel's depth and half the
 * spacer's height inside the glass edge; each filled side loses its two corner-key legs. The seal fills the channel outside the spacer, all round.
 * @example 600 × 900, channel 4, spacer 16 wide and 7 high, bore 80 mm², keys 25, all sides // 2 740 mm, 219 ml, 164 g of beads; 189 ml of seal
 */
export function refurbishNeeds(unit: {
  readonly glass: UnitSize;
  readonly channelMm: Mm;
  readonly spacerMm: Mm;
  readonly spacerHighMm: Mm;
  /** How far the bore's centre line runs inside the glass edge; a channel and half the spacer's height if not given. */
  readonly insetMm?: Mm | undefined;
  readonly boreMm2: number;
  readonly keyLegMm: Mm;
  readonly filledSides: FilledSides;
  readonly fill?: number;
  readonly density?: number;
  readonly shouldersMl?: number;
  readonly waste: number;
}): RefurbishNeeds {
  const inset = 2 * (unit.insetMm ?? unit.channelMm + unit.spacerHighMm / 2);
  const side = (length: Mm): number => Math.max(0, length - inset - 2 * unit.keyLegMm);
  const [w, h] = [side(unit.glass.widthMm), side(unit.glass.heightMm)];
  const [long, short] = w > h ? [w, h] : [h, w];
  const bores: Readonly<Record<Filled, number>> = {
    all: 2 * (long + short),
    "two long": 2 * long,
    "two short": 2 * short,
    "one long, one short": long + short,
  };
  const boreMm = bores[filledOf(unit.filledSides)];
  const beadsMl = (unit.boreMm2 * boreMm * (unit.fill ?? 1)) / 1000;
  const inner = (unit.glass.widthMm - 2 * unit.channelMm) * (unit.glass.heightMm - 2 * unit.channelMm);
  const sealMl = (unit.spacerMm * (unit.glass.widthMm * unit.glass.heightMm - inner)) / 1000 + (unit.shouldersMl ?? 0);
  return {
    boreMm,
    beadsMl,
    beadsG: beadsMl * (unit.density ?? BEAD_DENSITY),
    sealMl,
    tubes: Math.ceil(sealMl / (TUBE_ML * (1 - unit.waste)) - 1e-9),
  };
}

/** Two weighings agree when the later lost no more than this share: the scale shows no less. */
export const DRY_SHARE = 0.002;

export type Weighing = { readonly grams: number; readonly minutes: number };
export type Drying =
  | { readonly kind: "weigh-first" }
  | { readonly kind: "again"; readonly lost: number }
  | { readonly kind: "dry"; readonly lostInAll: number };

/**
 * How far the drying is: weighed on, until two weighings at least half an hour apart agree.
 * @example 172 g, then 165 g after an hour, then 165 g after another // dry; 7 g of water gone
 */
export function dryingOf(weighings: readonly Weighing[]): Drying {
  const all = [...weighings].sort((a, b) => a.minutes - b.minutes);
  const [first] = all;
  const last = all.at(-1);
  if (!first || !last || all.length < 2) return { kind: "weigh-first" };
  const before = all.slice(0, -1).findLast((w) => last.minutes - w.minutes >= APART_MINUTES);
  if (!before) return { kind: "again", lost: first.grams - last.grams };
  return before.grams - last.grams <= before.grams * DRY_SHARE
    ? { kind: "dry", lostInAll: first.grams - last.grams }
    : { kind: "again", lost: before.grams - last.grams };
}

const APART_MINUTES = 30;
