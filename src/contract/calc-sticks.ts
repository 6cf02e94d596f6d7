import { z } from "zod";
import { LengthIn, LengthOut, LengthUnit } from "./lengths.ts";
import { route } from "./route.ts";

export const SticksCase = z
  .strictObject({
    unit: LengthUnit.default("mm"),
    pieces: z
      .array(z.strictObject({ length: LengthIn, count: z.int().min(1).max(60).default(1) }))
      .max(60)
      .meta({ description: "At most 60 pieces in all. Mitred lengths are the long points." }),
    stock: z.array(LengthIn).min(1).max(12),
    kerf: LengthIn.default({ mm: 3 }),
  })
  .meta({ id: "SticksCase" });
export type SticksCase = z.output<typeof SticksCase>;

export const SticksAnswer = z
  .strictObject({
    count: z.int(),
    sticks: z.array(z.strictObject({ stock: LengthOut, pieces: z.array(LengthOut), left: LengthOut })),
    boughtMm: z.number(),
    proven: z
      .boolean()
      .meta({ description: "False where the search was cut short: then it is a good way, not surely the best." }),
    rule: z.string(),
    source: z.string(),
  })
  .meta({ id: "SticksAnswer" });

export const CalcSticks = route({
  method: "post",
  path: "/api/calc/sticks",
  says: "Beads or stops from stock lengths with the fewest sticks, then the least length bought.",
  more: "n pieces on a stick lose n − 1 saw cuts. Exact by branch and bound.",
  input: SticksCase,
  output: SticksAnswer,
  batch: true,
  example: {
    in: {
      pieces: [
        { length: "900", count: 2 },
        { length: "600", count: 2 },
      ],
      stock: ["2400"],
    },
    out: "2 sticks",
  },
});
