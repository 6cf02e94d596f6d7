/** What dries longer than this is not dry on the day it was put on, h: nobody waits for it. Source: trade practice. */
const SAME_DAY_HOURS = 6;

/**
 * Whether what a step puts on dries over night.
 * @example a primer of 16 h // true; one of 4 h // false
 */
export const driesOverNight = (hours: number | undefined): boolean => (hours ?? 0) > SAME_DAY_HOURS;
