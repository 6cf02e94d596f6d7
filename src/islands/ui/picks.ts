/** What can be picked, in its order: the value and what is read of it. */
export type Picks<T extends string> = readonly (readonly [T, string])[];

/** As many letters as stand beside each other on two lines of a phone. */
const LETTERS = 44;

/**
 * Whether all there is to pick stands open on a phone, as chips: four at most, with few letters. More of it, or longer,
 * opens as a sheet of its own, so that what comes after stays in reach.
 * @example standOpen([["upper", "upper"], ["lower", "lower"], ["fixed", "fixed"]]) // true
 */
export const standOpen = (picks: Picks<string>): boolean =>
  picks.length <= 4 && picks.reduce((sum, [, says]) => sum + says.length + 4, 0) <= LETTERS;

/** A table of values and their words, as something to pick from. */
export const picksOf = <T extends string>(names: Readonly<Record<T, string>>): Picks<T> =>
  Object.entries(names) as [T, string][];

/** Values that say themselves. */
export const asTheyAre = <T extends string>(values: readonly T[]): Picks<T> => values.map((v) => [v, v] as const);
