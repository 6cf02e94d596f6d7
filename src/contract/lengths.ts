import { z } from "zod";
import { MOST_READING } from "../core/tape/read.ts";
import { FIRST_DAY, LAST_DAY } from "../core/units/day.ts";

/** A length in JSON: as read on the tape, or as a number of millimetres, or exactly as nanometres. */
export const LengthIn = z
  .union([
    z.string().max(60),
    z.strictObject({
      mm: z
        .number()
        .min(0)
        .max(MOST_READING / 1e6),
    }),
    z.strictObject({ nm: z.int().min(0).max(MOST_READING) }),
  ])
  .meta({ id: "LengthIn", description: 'Text as read ("23 11/16", "601.5"), {"mm": 601.5} or {"nm": 601500000}.' });
export type LengthIn = z.output<typeof LengthIn>;

export const LengthOut = z
  .strictObject({ nm: z.int(), mm: z.number(), text: z.string() })
  .meta({ id: "LengthOut", description: "Exact nanometres, the same in millimetres, and text in the asked unit." });

export const LengthUnit = z.enum(["mm", "in"]);
export const GridName = z.enum(["1 mm", "0.5 mm", "1/16 in", "1/32 in"]);
export const DayText = z.iso
  .date({ error: "Give a day on the calendar as 2026-05-20." })
  .refine((d) => d >= FIRST_DAY && d <= LAST_DAY, {
    error: "The year must be from 2000 to 2100: give the day as 2026-05-20.",
  })
  .meta({ description: "yyyy-mm-dd, from 2000 to 2100" });
