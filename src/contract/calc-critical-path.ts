import { z } from "zod";
import { DayText } from "./lengths.ts";
import { BY } from "./opening-case.ts";
import { route } from "./route.ts";

const Counts = z.enum(["working", "all"]);
const Name = z.string().min(1).max(60);

export const CriticalPathCase = z
  .strictObject({
    from: DayText.meta({ description: "The first day on which anything may begin." }),
    by: DayText.optional().meta({ description: "The day all must be done by; the earliest end if not given." }),
    workingWeekdays: z
      .array(z.int().min(0).max(6))
      .max(7)
      .default([1, 2, 3, 4, 5])
      .meta({ description: "0 is Sunday." }),
    daysOff: z.array(DayText).max(400).default([]),
    tasks: z
      .array(
        z.strictObject({
          id: Name,
          days: z.int().min(1).max(260).meta({ description: "Of its own calendar, the day it finishes included." }),
          counts: Counts.default("working"),
          after: z
            .array(
              z.strictObject({
                id: Name,
                lagDays: z.int().min(0).max(260).default(0),
                lagCounts: Counts.default("working"),
              }),
            )
            .max(20)
            .default([]),
        }),
      )
      .min(1)
      .max(200),
  })
  .meta({ id: "CriticalPathCase" });
export type CriticalPathCase = z.output<typeof CriticalPathCase>;

const Span = z.strictObject({ start: DayText, finish: DayText });

export const CriticalPathAnswer = z
  .strictObject({
    end: DayText,
    tasks: z.array(
      z.strictObject({ id: z.string(), earliest: Span, latest: Span, float: z.int(), critical: z.boolean() }),
    ),
    critical: z.array(z.string()).meta({ description: "Tasks without float, in the order given." }),
    ...BY,
  })
  .meta({ id: "CriticalPathAnswer" });

export const CalcCriticalPath = route({
  method: "post",
  path: "/api/calc/critical-path",
  says: "When each task of a job can begin at the earliest and must at the latest, and what may not slip.",
  more: "Durations are days of the task's own calendar, the day it finishes included. What follows begins on the next day of its own calendar; a lag counts working or all days from the day after. Float is in days of the task's own calendar; critical is what has none.",
  input: CriticalPathCase,
  output: CriticalPathAnswer,
  batch: true,
  example: {
    in: {
      from: "2026-05-18",
      tasks: [
        { id: "order", days: 1 },
        { id: "set", days: 1, after: [{ id: "order", lagDays: 5 }] },
        { id: "skins", days: 7, counts: "all", after: [{ id: "set" }] },
      ],
    },
    out: "order 18 May, set 26 May, skins from 27 May until 2 June; all critical",
  },
});
