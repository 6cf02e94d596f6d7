import { z } from "zod";
import { LengthIn, LengthOut } from "./lengths.ts";
import { BY, Mm, Unit } from "./opening-case.ts";
import { route } from "./route.ts";

export const StackCase = z
  .strictObject({
    unit: Unit,
    overall: LengthIn,
    panes: z.array(LengthIn).max(3).default([]).meta({ description: "Panes as read; each must be in the stack." }),
    count: z
      .union([z.literal(2), z.literal(3)])
      .default(2)
      .meta({ description: "Sheets of glass in the unit." }),
    overallError: LengthIn.default({ mm: 0.5 }),
    paneError: LengthIn.default({ mm: 0.2 }),
    most: z.int().min(1).max(500).default(50),
  })
  .meta({ id: "StackCase" });
export type StackCase = z.output<typeof StackCase>;

/** A unit that is made, as it is answered. */
export const StackOut = z.strictObject({
  text: z.string(),
  make: z.enum(["metric", "inch"]),
  panes: z.array(LengthOut),
  spacers: z.array(LengthOut),
  overall: LengthOut,
  equalPanes: z.boolean(),
  offMm: Mm,
  score: z.number().meta({ description: "Squared differences over the errors; 0 is exact." }),
});

export const StackAnswer = z
  .strictObject({
    stacks: z.array(StackOut),
    possible: z.int(),
    says: z.string(),
    ...BY,
  })
  .meta({ id: "StackAnswer" });

export const CalcStack = route({
  method: "post",
  path: "/api/calc/stack",
  says: "Which sealed units of panes and spacers that are made can be as thick as this.",
  more: "Possible when the overall differs by at most its error, inclusive, and each pane read is in the stack within its own. Ranked by squared differences over the errors, equal panes before unequal; metric and inch makes are exact and not mixed.",
  input: StackCase,
  output: StackAnswer,
  batch: true,
  example: { in: { overall: "24", panes: ["4"] }, out: "4-16-4 first" },
});
