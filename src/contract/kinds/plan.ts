import { z } from "zod";
import type { PlanPayloads } from "../../core/log/kinds/plan.ts";
import { VISIT_PARTS } from "../../core/plan/visit-part.ts";
import { WEIGHTS } from "../../core/plan/week.ts";
import { DayText } from "../lengths.ts";
import { Name, Short } from "../payload-parts.ts";
import { MinuteOfDay, SpanSchema } from "../span.ts";

const Part = z.enum(VISIT_PARTS);
const Weight = z.enum(Object.keys(WEIGHTS) as [keyof typeof WEIGHTS, ...(keyof typeof WEIGHTS)[]]);

/** Schemas of what the entries of the plan carry. */
export const PLAN_SCHEMAS = {
  "plan.person": z
    .strictObject({
      name: Name,
      from: MinuteOfDay,
      to: MinuteOfDay,
      weekdays: z.array(z.int().min(0).max(6)).max(7),
      skills: z.array(Name).max(20),
      gone: z.boolean().optional(),
    })
    .refine((p) => p.from < p.to, { error: "A day's work ends after it begins." }),
  "plan.away": z.strictObject({
    name: Name,
    day: DayText,
    away: z.boolean(),
    why: Short,
    hours: SpanSchema.optional(),
  }),
  "plan.road": z.strictObject({ from: Short, to: Short, minutes: z.int().min(0).max(1440) }),
  "plan.where": z.strictObject({
    place: Short,
    latitude: z.number().min(-90).max(90),
    longitude: z.number().min(-180).max(180),
  }),
  "plan.weight": z.strictObject({ what: Weight, value: z.number().min(0).max(100_000) }),
  "plan.visit": z.strictObject({
    part: Part,
    day: DayText.nullable(),
    from: MinuteOfDay.nullable(),
    person: z.string().max(120),
    helper: Name.nullable(),
    byHand: z.boolean(),
    why: Short,
  }),
  "plan.late": z.strictObject({ name: Name, day: DayText, minutes: z.int().min(0).max(720) }),
  "plan.told": z.strictObject({ part: Part, day: DayText, says: z.string().max(2000) }),
} satisfies { readonly [K in keyof PlanPayloads]: z.ZodType<PlanPayloads[K]> };
