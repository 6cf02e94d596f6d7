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

export type SprigPlan = {
  readonly across: readonly Nm[];
  readonly upright: readonly Nm[];
  readonly count: number;
};

/**
 * For a pane cut to shape: along each of its sides, from its foot on, anticlockwise.
 * @example sides of 597, 498, 760 and 498, 75 from the corners, 225 apart at most // 3 + 3 + 4 + 3 … 13
 */
export function sprigsAlong(sides: readonly Nm[], rule: SprigRule): SprigPlan {
  const places = sides.map((s) => sprigPlaces(s, rule));
  return {
    across: places[0] ?? [],
    upright: places.at(-1) ?? [],
    count: places.reduce((sum, p) => sum + p.length, 0),
  };
}

/** For a whole pane: `across` for the top and the bottom, `upright` for each jamb. */
export function sprigPlan(width: Nm, height: Nm, rule: SprigRule): SprigPlan {
  const across = sprigPlaces(width, rule);
  const upright = sprigPlaces(height, rule);
  return { across, upright, count: 2 * (across.length + upright.length) };
}
