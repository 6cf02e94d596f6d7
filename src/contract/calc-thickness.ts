import { z } from "zod";
import { StackOut } from "./calc-stack.ts";
import { LengthIn, LengthOut } from "./lengths.ts";
import { BY, Unit } from "./opening-case.ts";
import { route } from "./route.ts";

export const ThicknessCase = z
  .strictObject({
    unit: Unit,
    overall: LengthIn.optional().meta({ description: "By caliper." }),
    pane: LengthIn.optional().meta({ description: "The nearer pane, by caliper." }),
    farPane: LengthIn.optional(),
    slip: z
      .strictObject({
        far: LengthIn.optional().meta({ description: "Mark at the outer glass face." }),
        near: LengthIn.optional().meta({ description: "Mark at the inner face of that pane." }),
        stop: LengthIn.optional().meta({ description: "Mark at the stop's face." }),
        bed: LengthIn.default({ mm: 1.5 }),
      })
      .optional()
      .meta({ description: "Marks on a slip of wood, from the end that stood on the upstand." }),
    panes: z.union([z.literal(2), z.literal(3)]).default(2),
    overallError: LengthIn.default({ mm: 0.5 }),
    paneError: LengthIn.default({ mm: 0.2 }),
    most: z.int().min(1).max(500).default(50),
  })
  .meta({ id: "ThicknessCase" });
export type ThicknessCase = z.output<typeof ThicknessCase>;

export const ThicknessAnswer = z
  .strictObject({
    overall: LengthOut.nullable(),
    by: z.enum(["caliper", "slip", "edge"]).nullable(),
    bySlip: LengthOut.nullable().meta({ description: "Far mark less the bed." }),
    panes: z
      .array(LengthOut)
      .meta({ description: "As read, the nearer first: by slip the difference of its two marks." }),
    room: LengthOut.nullable(),
    stacks: z.array(StackOut),
    possible: z.int().meta({ description: "How many stacks there are, listed or not." }),
    conflicts: z.array(z.strictObject({ kind: z.string(), says: z.string() })),
    ...BY,
  })
  .meta({ id: "ThicknessAnswer" });

export const CalcThickness = route({
  method: "post",
  path: "/api/calc/thickness",
  says: "How thick a unit is, by caliper or by a slip of wood, and which stacks of panes and spacers it can be.",
  more: "A stack is possible when the overall reading is off by at most its error and each pane read is in the stack within its own, both inclusive. Ranked by the squared differences over the errors; equal panes before unequal. Metric and inch makes are not mixed.",
  input: ThicknessCase,
  output: ThicknessAnswer,
  batch: true,
  example: { in: { overall: "24", pane: "4" }, out: "4-16-4 first" },
});
