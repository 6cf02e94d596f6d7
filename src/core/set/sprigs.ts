import type { Side } from "../geometry/quad.ts";
import { type Nm, nm } from "../units/length.ts";

export type SprigRule = { readonly corner: Nm; readonly pitch: Nm };

/** Nobody sets sprigs nearer than this, whatever a rule says: a slip in it makes no plan of thousands. */
export const LEAST_PITCH: Nm = nm(10_000_000);

/**
 * Where sprigs stand along a side, from one corner: the end ones at the corner distance, equal pitch between, never
 * more than the rule; a short side has one in its middle. Never none.
 * @example sprigPlaces(mm(900), { corner: mm(75), pitch: mm(225) }) // 75, 262.5, 450, 637.5, 825
 */
export function sprigPlaces(side: Nm, rule: SprigRule): readonly Nm[] {
  if (side <= 2 * rule.corner) return [nm(Math.round(side / 2))];
  const between = side - 2 * rule.corner;
  const pitches = Math.ceil(between / Math.max(rule.pitch, LEAST_PITCH));
  return Array.from({ length: pitches + 1 }, (_, i) => nm(Math.round(rule.corner + (between * i) / pitches)));
}

/** Where they stand on each side, from its left or its lower end. */
export type SprigPlan = {
  readonly sides: Readonly<Record<Side, readonly Nm[]>>;
  readonly count: number;
};

/**
 * Along each side of a pane, as long as it is: of one that is cut to shape, its own.
 * @example sides of 597, 498, 760 and 498, 75 from the corners, 225 apart at most // 3 + 3 + 4 + 3 … 13
 */
export function sprigPlan(sides: Readonly<Record<Side, Nm>>, rule: SprigRule): SprigPlan {
  const on = (side: Side): readonly Nm[] => sprigPlaces(sides[side], rule);
  const places = { left: on("left"), right: on("right"), bottom: on("bottom"), top: on("top") };
  return { sides: places, count: Object.values(places).reduce((sum, p) => sum + p.length, 0) };
}

/** Whether sides that lie opposite each other have the same places. @example a rectangle // true; a raking head // false */
export const sameOpposite = ({ sides }: SprigPlan): boolean =>
  alike(sides.left, sides.right) && alike(sides.bottom, sides.top);

const alike = (a: readonly Nm[], b: readonly Nm[]): boolean => a.length === b.length && a.every((p, i) => p === b[i]);
