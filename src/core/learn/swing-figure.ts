import type { HouseRules } from "../house/rules.ts";
import { type Material, MOVES } from "../size/errors.ts";
import { dayOf } from "../units/day.ts";
import { weightOf } from "./forget.ts";
import { parted } from "./outliers.ts";
import { type By, figure, hundredths, LEAST_SPREAD_MM, type OwnFigure, SPREAD_WORTH, SURE } from "./own-figure.ts";
import type { PaneSeen } from "./seen.ts";
import { swingOf } from "./swing.ts";

/** What a room that somebody read is off, mm a metre. */
const ROOM_ERROR = 1;

/**
 * How far openings of a material go over a year, either side of their middle. Where within the year they are mostly read
 * nobody learns from it: that stays as the house says, and the range grows or shrinks about it.
 */
export function swingFigure(panes: readonly PaneSeen[], material: Material, by: By): OwnFigure {
  const all = panes.flatMap((p) => p.room.filter((r) => r.material === material));
  const { usual, outliers } = parted(all, (r) => r.byMm, LEAST_SPREAD_MM);
  const [lo, hi] = MOVES[material];
  const half = (h: HouseRules): number => (h[hi] - h[lo]) / 2;
  const swing = swingOf(
    usual.map((r) => ({
      read: dayOf(r.read),
      set: dayOf(r.day),
      by: (1000 * r.byMm) / r.lengthMm,
      weight: weightOf(dayOf(r.day), by.today),
    })),
    { half: Math.max(0.05, half(by.defaults)), error: ROOM_ERROR, worth: SPREAD_WORTH, share: SURE },
  );
  const own = hundredths(swing.half);
  const middle = (by.house[lo] + by.house[hi]) / 2;
  const plain = figure({
    id: `move-${material}`,
    rule: hi,
    says: `Openings in ${material} grow and shrink over a year, either side of their middle, by`,
    own,
    within: swing.within,
    from: { seen: usual.length, of: "fits" },
    outliers: outliers.map((r) => ({ byMm: r.byMm, of: material, day: r.day })),
    worth: SPREAD_WORTH,
    by,
  });
  return {
    ...plain,
    unit: "mm a metre",
    now: hundredths(half(by.house)),
    prior: { ...plain.prior, value: half(by.defaults) },
    widest: plain.own === null ? null : swing.widest,
    sets:
      plain.own === null
        ? []
        : [
            { rule: lo, own: hundredths(Math.min(0, middle - own)), house: by.defaults[lo] },
            { rule: hi, own: hundredths(Math.max(0, middle + own)), house: by.defaults[hi] },
          ],
  };
}
