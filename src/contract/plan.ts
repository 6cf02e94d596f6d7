import { z } from "zod";
import { WEIGHTS } from "../core/plan/week.ts";
import type { WeekCase } from "../core/plan/week-case.ts";
import { DayText } from "./lengths.ts";
import { weekBroughtUp } from "./older-week.ts";
import { Short } from "./payload-parts.ts";
import { route } from "./route.ts";
import { SpanSchema } from "./span.ts";

const Id = z.string().min(1).max(120);
const Minutes = z.number().min(0).max(1440);

export const WeekSchema = z
  .strictObject({
    days: z
      .array(
        z.strictObject({
          day: DayText,
          rain: z.array(SpanSchema).max(24).default([]),
          lowC: z.number().min(-60).max(60).nullable().default(null),
          windMs: z.number().min(0).max(100).nullable().default(null),
          light: SpanSchema.nullable().default(null),
        }),
      )
      .min(1)
      .max(31)
      .refine((days) => days.every((d, i) => i === 0 || d.day > (days[i - 1]?.day ?? "")), {
        error: "Days stand in order, each once.",
      })
      .meta({ description: "Days on which anybody works, in order. Lags in working days count these." }),
    people: z
      .array(
        z.strictObject({
          name: Id,
          hours: SpanSchema,
          off: z.array(DayText).max(40).default([]),
          only: z
            .array(z.strictObject({ day: DayText, hours: SpanSchema }))
            .max(40)
            .optional()
            .meta({ description: "Days on which they work other hours, as half of one." }),
          skills: z.array(Id).max(20).default([]),
          start: Short.default("yard"),
        }),
      )
      .min(1)
      .max(12)
      .refine((all) => new Set(all.map((p) => p.name)).size === all.length, { error: "Two people have one name." }),
    visits: z
      .array(
        z.strictObject({
          id: Id,
          place: Short,
          minutes: z.number().min(1).max(1440),
          minutesBy: z
            .record(Short, z.number().min(1).max(1440))
            .optional()
            .meta({ description: "How long it takes those who are quicker or slower at it, by name." }),
          helperMinutes: Minutes.default(0),
          helperFrom: Minutes.default(0).meta({ description: "So long after its beginning the helper is needed." }),
          skills: z
            .array(Id)
            .max(20)
            .default([])
            .meta({ description: "Licences that whoever does it must have, each of them." }),
          outside: z.boolean().default(false),
          mostWindMs: z.number().min(0).max(100).nullable().default(null),
          dry: z.boolean().default(false),
          leastC: z.number().min(-60).max(60).nullable().default(null),
          earliest: DayText,
          latest: DayText.nullable().default(null),
          promised: DayText.nullable().default(null),
          between: SpanSchema.nullable().default(null).meta({ description: "It begins within these, both included." }),
          noDate: z.boolean().default(false).meta({ description: "What it waits for has no day: it is put on none." }),
          openHole: z.boolean().default(false),
          after: z
            .array(z.strictObject({ id: Id, lagDays: z.int().min(0).max(60), lagCounts: z.enum(["working", "all"]) }))
            .max(4)
            .default([])
            .meta({
              description: "The lag counts from the day after; it begins on the day after the lag at the earliest.",
            }),
          held: z
            .strictObject({ day: DayText, person: Id, helper: Id.nullable().default(null) })
            .nullable()
            .default(null)
            .meta({ description: "Given by hand: it stays on that day with these people." }),
        }),
      )
      .max(400)
      .refine((all) => new Set(all.map((v) => v.id)).size === all.length, { error: "Two visits have one id." })
      .refine(
        (all) =>
          all.every((v) => v.helperFrom + v.helperMinutes <= Math.min(v.minutes, ...Object.values(v.minutesBy ?? {}))),
        {
          error:
            "A helper is there no longer than the visit lasts: helperFrom and helperMinutes together are no more than minutes.",
        },
      )
      .refine(noCircle, { error: "Visits follow each other in a circle." }),
    roads: z
      .array(z.strictObject({ from: Short, to: Short, minutes: Minutes }))
      .max(20_000)
      .default([]),
    roadElse: Minutes.default(12),
    grid: z
      .int()
      .min(1)
      .max(60)
      .default(1)
      .meta({ description: "Visits begin at whole multiples of so many minutes." }),
    weights: z
      .strictObject(
        Object.fromEntries(
          Object.entries(WEIGHTS).map(([name, value]) => [name, z.number().min(0).max(100_000).default(value)]),
        ) as { [K in keyof typeof WEIGHTS]: z.ZodDefault<z.ZodNumber> },
      )
      .prefault({}),
  })
  .meta({ id: "Week", description: "Who works when, what is to be done where, and what the days are like." });

function noCircle(
  all: readonly { readonly id: string; readonly after: readonly { readonly id: string }[] }[],
): boolean {
  const placed = new Set<string>();
  const known = new Set(all.map((v) => v.id));
  let left = all;
  for (;;) {
    const now = left.filter((v) => v.after.every((a) => placed.has(a.id) || !known.has(a.id)));
    if (now.length === 0) return left.length === 0;
    for (const v of now) placed.add(v.id);
    left = left.filter((v) => !placed.has(v.id));
  }
}

export const StopSchema = z.strictObject({
  visit: Id,
  day: DayText,
  person: Id,
  from: Minutes,
  to: z.number().min(0).max(2880),
  helper: Id.nullable(),
});

const WeekCostSchema = z.strictObject({
  unplaced: z.number(),
  late: z.number(),
  hole: z.number(),
  travel: z.number(),
  uneven: z.number(),
  stop: z.number(),
  wait: z.number(),
});

export const PostLayOut = route({
  method: "post",
  path: "/api/plan/lay-out",
  says: "Lays a week out: who goes where, when, so that no hard rule is broken and what it costs is small.",
  more: "Hard: working hours with the road there and home, days off, skills, the helper's presence, earliest and latest days, dry, cold, wind, daylight, agreed hours, what follows what, and what was given by hand. Soft, by weights: visits without a day, days late, days that a hole is open, road, evenness, stops, waiting. Ruin and recreate from a seed; what comes out is never dearer than `standing` where that breaks nothing. With `rounds` in place of `seconds` the same request has the same answer.",
  before: weekBroughtUp,
  input: z.strictObject({
    week: WeekSchema,
    standing: z.array(StopSchema).max(400).default([]),
    seconds: z.number().min(0).max(15).default(1),
    rounds: z.int().min(0).max(100_000).optional(),
    seed: z.int().min(0).max(2_147_483_647).default(1),
  }),
  output: z.strictObject({
    stops: z.array(StopSchema),
    unplaced: z.array(
      z.strictObject({
        visit: z.string(),
        why: z.looseObject({ kind: z.string() }),
        frees: z.array(z.string()).meta({ description: "Each by itself would let it in." }),
      }),
    ),
    cost: WeekCostSchema,
    total: z.number(),
    rounds: z.int(),
    progress: z
      .array(z.strictObject({ ms: z.number(), cost: z.number() }))
      .meta({ description: "Each time it became cheaper." }),
  }),
  example: {
    in: {
      week: {
        days: [{ day: "2026-05-21" }, { day: "2026-05-22", rain: [[540, 720]] }],
        people: [{ name: "Nell", hours: [480, 990] }],
        visits: [{ id: "a", place: "4 Ottermole Row", minutes: 90, dry: true, earliest: "2026-05-22" }],
        roads: [{ from: "yard", to: "4 Ottermole Row", minutes: 15 }],
      },
      rounds: 10,
    },
    out: { stops: [{ visit: "a", day: "2026-05-22", person: "Nell", from: 720, to: 810, helper: null }] },
  },
});

export const GetPlan = route({
  method: "get",
  path: "/api/plan",
  says: "The firm's plan as it stands: the week as it would be laid out, the visits that have a day, and what is against them.",
  input: null,
  output: z.looseObject({
    case: z.unknown(),
    stops: z.array(StopSchema),
    broken: z.array(z.unknown()),
    promises: z
      .array(
        z.strictObject({
          pane: z.string(),
          where: z.string(),
          asked: z.enum(["told", "wanted", "closed"]).meta({
            description: "They were told of a visit, they want it by then, or the hole is closed up until then.",
          }),
          day: DayText,
          fitBy: DayText.meta({ description: "The last day to fit it, what it is set in reckoned with." }),
          planned: DayText.nullable(),
          restsOn: z.enum(["set", "here", "rack", "glass", "not-ordered", "nobody"]),
          supplier: z.string().nullable(),
          orders: z.int().nullable().meta({ description: "Orders of theirs that it is reckoned by." }),
          right: z.number().min(0).max(1).meta({ description: "Chance that what comes is right." }),
          chance: z.number().min(0).max(1).nullable().meta({ description: "That the day is kept as the plan stands." }),
        }),
      )
      .meta({ description: "Days that somebody counts on, the least likely to be kept first." }),
  }),
});

/** What the schema lets through is a case that core reads. */
export const asCase = (week: z.output<typeof WeekSchema>): WeekCase => week;
