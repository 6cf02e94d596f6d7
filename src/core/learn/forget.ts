import type { Day } from "../units/day.ts";

/** After so many days a figure counts half: people change tapes, and shops their cutters. */
export const HALF_LIFE_DAYS = 730;

/** How much what was seen on a day still counts today. @example seen two years ago // 0.5 */
export const weightOf = (seen: Day, today: Day): number => 0.5 ** (Math.max(0, today - seen) / HALF_LIFE_DAYS);
