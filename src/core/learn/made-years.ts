import type { Cause } from "../look/damage.ts";
import type { MadeIn } from "./seen.ts";

/** Units of one year, as they were seen: how many, how many had failed, how old those were in the middle, and by what. */
export type MadeYear = {
  readonly year: number;
  readonly seen: number;
  readonly failed: number;
  /** Null where none failed. */
  readonly ageOfFailed: number | null;
  /** The commonest first. */
  readonly causes: readonly { readonly cause: Cause; readonly units: number }[];
};

/**
 * What fails by the year it was made. Who is called to what fails sees little else: a year with many says that many of it are
 * about and fail now, not how many of all there are.
 * @example 2009 seen in 2024 and 2026, both misted // 2009: 2 of 2, 15 to 17 years old, the older of the middle two
 */
export function madeYears(all: readonly MadeIn[]): readonly MadeYear[] {
  const years = [...new Set(all.map((m) => m.year))].sort((a, b) => a - b);
  return years.map((year) => {
    const ofYear = all.filter((m) => m.year === year);
    const failed = ofYear.filter((m) => m.failed);
    const ages = failed.map((m) => Number(m.day.slice(0, 4)) - year).sort((a, b) => a - b);
    const causes = new Map<Cause, number>();
    for (const m of failed) if (m.cause) causes.set(m.cause, (causes.get(m.cause) ?? 0) + 1);
    return {
      year,
      seen: ofYear.length,
      failed: failed.length,
      ageOfFailed: ages[ages.length >> 1] ?? null,
      causes: [...causes].map(([cause, units]) => ({ cause, units })).sort((a, b) => b.units - a.units),
    };
  });
}
