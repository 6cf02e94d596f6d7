import { z } from "zod";
import { DayText } from "./lengths.ts";
import { route } from "./route.ts";

const Days = z.array(DayText).max(2000);

export const PaintCase = z
  .strictObject({
    compound: z
      .union([
        z.enum(["linseed", "acrylic", "two-part"]),
        z.strictObject({
          leastDays: z.int().min(0).max(365).nullable(),
          mostDays: z.int().min(0).max(365).nullable(),
          leastC: z.number().min(-40).max(40),
          dryBefore: z.int().min(0).max(30),
        }),
      ])
      .default("linseed")
      .meta({ description: "A compound by name, or its own label." }),
    set: DayText.meta({ description: "Day 0." }),
    workingWeekdays: z
      .array(z.int().min(0).max(6))
      .max(7)
      .default([1, 2, 3, 4, 5])
      .meta({ description: "0 is Sunday." }),
    daysOff: Days.default([]),
    wet: Days.default([]),
    lowC: z
      .record(DayText, z.number().min(-90).max(60))
      .refine((days) => Object.keys(days).length <= 1000, { error: "Give at most 1 000 days." })
      .default({})
      .meta({ description: "Lowest °C by day." }),
  })
  .meta({ id: "PaintCase" });
export type PaintCase = z.output<typeof PaintCase>;

export const PaintAnswer = z
  .strictObject({
    painted: z.boolean().meta({ description: "False where the compound cannot be painted." }),
    opens: DayText.nullable().meta({ description: "First day on which the least cure is done, included." }),
    closes: DayText.nullable().meta({ description: "Last day, included; null where nothing presses." }),
    from: DayText.nullable().meta({ description: "First fit day in the window; null when there is none." }),
    coldDays: z.int(),
    unfit: z.array(z.strictObject({ day: DayText, why: z.enum(["day-off", "wet", "wet-before"]) })),
    message: z.string(),
    rule: z.string(),
    source: z.string(),
  })
  .meta({ id: "PaintAnswer" });

export const CalcPaintWindow = route({
  method: "post",
  path: "/api/calc/paint-window",
  says: "When to paint what was set on day 0: first and last day, and the first fit day between them.",
  more: "Cure runs through all days but those colder than the compound's least. A day is fit when it is a working day, not wet, and none of the dry-before days is wet. A day that is not listed is dry and mild. Where nothing closes the window, 90 days are looked through.",
  input: PaintCase,
  output: PaintAnswer,
  batch: true,
  example: {
    in: { compound: "linseed", set: "2026-05-04" },
    out: { painted: true, opens: "2026-05-11", closes: "2026-06-01", from: "2026-05-11", coldDays: 0, unfit: [] },
  },
});
