import type { Mm } from "../units/length.ts";

/** Gravity, m/s². Source: ISO 80000-3. */
const G = 9.80665;

export type HingeLoad = {
  readonly beforeKg: number;
  readonly afterKg: number;
  /** Pull on the top hinge, outward from the frame, newtons; the bottom one is pushed in by as much. */
  readonly pullN: { readonly before: number; readonly after: number } | null;
  /** Against what hinges or stays are rated for; null where nobody read their rating. */
  readonly holds: boolean | null;
};

/**
 * What a sash's hinges or stays carry before and after its glass is changed. A side-hung sash hangs by the moment of half
 * its width: the top hinge is pulled by m g (W / 2) / apart. A top-hung sash's stays carry its mass; no pull is worked out.
 * @example side-hung, 20 kg after, 600 wide, hinges 900 apart // 20 × 9.80665 × 300 / 900 = 65.4 N
 */
export function hingeLoad(sash: {
  readonly sashKg: number;
  readonly oldGlassKg: number;
  readonly newGlassKg: number;
  readonly widthMm: Mm;
  /** Middle of the top hinge to middle of the bottom one; null for stays. */
  readonly apartMm: Mm | null;
  readonly ratedKg: number | null;
}): HingeLoad {
  const afterKg = sash.sashKg + sash.newGlassKg - sash.oldGlassKg;
  const pull = (kg: number): number => (kg * G * (sash.widthMm / 2)) / (sash.apartMm ?? 1);
  return {
    beforeKg: sash.sashKg,
    afterKg,
    pullN: sash.apartMm === null ? null : { before: pull(sash.sashKg), after: pull(afterKg) },
    holds: sash.ratedKg === null ? null : afterKg <= sash.ratedKg,
  };
}

export type SpringPair = { readonly eachKg: number; readonly travelMm: Mm };

/**
 * A pair of spring or spiral balances for a sliding sash: each lifts half of the whole new sash, over the height it
 * travels. A generic figure: the maker's own table decides.
 * @example new sash of 14.4 kg, 900 high // a pair lifting 7.2 kg each, 900 of travel
 */
export const springPair = (sashAfterKg: number, travelMm: Mm): SpringPair => ({
  eachKg: sashAfterKg / 2,
  travelMm,
});

/** Hanging a sash back on springs, in order. */
export const REHANG: readonly string[] = [
  "Wind or draw each spring with its own tool, hand on the rod, face away: let nothing spin free.",
  "Hook both sides before the sash takes its weight, the same number of turns each.",
  "Hold the sash at half height: it stays. It creeps down: a turn more each side. It creeps up: a turn less.",
  "Only then the stops, and a try over the whole way.",
];
