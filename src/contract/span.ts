import { z } from "zod";

export const MinuteOfDay = z.int().min(0).max(1440).meta({ description: "Minutes since midnight, where the work is." });

/** From when till when of a day, in minutes since midnight. */
export const SpanSchema = z
  .tuple([MinuteOfDay, MinuteOfDay])
  .refine(([from, to]) => from < to, { error: "A span ends after it begins." })
  .meta({ description: "From and to, minutes since midnight." });
