import type { Damage } from "../core/look/damage.ts";
import type { Box } from "./board.ts";
import { open, polygon, type Xy } from "./path.ts";

type Mark = { readonly d: string; readonly ink: "d-crack" | "d-hole" | "d-mist" };

/** Shares of the glass, from its left and its top. */
const CRACK: readonly (readonly [number, number])[] = [
  [0.66, 1],
  [0.6, 0.86],
  [0.7, 0.73],
  [0.56, 0.6],
  [0.6, 0.46],
];
const BRANCH: readonly (readonly [number, number])[] = [
  [0.7, 0.73],
  [0.88, 0.64],
  [1, 0.66],
];
const HOLE: readonly (readonly [number, number])[] = [
  [0.38, 0.5],
  [0.46, 0.42],
  [0.55, 0.45],
  [0.62, 0.4],
  [0.64, 0.52],
  [0.57, 0.6],
  [0.45, 0.58],
];
const MIST: readonly (readonly [number, number])[] = [
  [0, 1],
  [0, 0.82],
  [0.18, 0.76],
  [0.4, 0.86],
  [0.64, 0.72],
  [0.82, 0.8],
  [1, 0.74],
  [1, 1],
];

/**
 * What is wrong with the glass, as one sees it from where one stands: only that it is, not where.
 * @example cracked // a crack from the foot, with its branch
 */
export function damageOn(glass: Box, damage: readonly Damage[]): readonly Mark[] {
  const at = ([x, y]: readonly [number, number]): Xy => ({
    x: glass.left + x * glass.width,
    y: glass.top + y * glass.height,
  });
  const crack: readonly Mark[] = [
    { d: open(CRACK.map(at)), ink: "d-crack" },
    { d: open(BRANCH.map(at)), ink: "d-crack" },
  ];
  const whole: Mark = { d: polygon([at([0, 0]), at([1, 0]), at([1, 1]), at([0, 1])]), ink: "d-hole" };
  if (damage.includes("gone")) return [whole];
  return [
    ...(damage.includes("misted") ? [{ d: polygon(MIST.map(at)), ink: "d-mist" } as const] : []),
    ...(damage.includes("cracked") || damage.includes("standing") ? crack : []),
    ...(damage.includes("holed") ? [{ d: polygon(HOLE.map(at)), ink: "d-hole" } as const] : []),
  ];
}
