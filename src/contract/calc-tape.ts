import { z } from "zod";
import { LengthOut, LengthUnit } from "./lengths.ts";
import { route } from "./route.ts";

export const TapeCase = z
  .strictObject({
    text: z.string().max(60).meta({ description: "The reading as written." }),
    unit: LengthUnit.default("mm").meta({ description: "What a plain number means." }),
    write: LengthUnit.optional().meta({
      description: "Unit of the text in the answer; the reading's own when left out.",
    }),
  })
  .meta({ id: "TapeCase" });
export type TapeCase = z.output<typeof TapeCase>;

export const TapeAnswer = z
  .strictObject({
    written: z.string(),
    unit: LengthUnit,
    exact: LengthOut,
    hair: z.enum(["light", "heavy"]).nullable(),
    adjusted: LengthOut,
    rule: z.string(),
    source: z.string(),
  })
  .meta({ id: "TapeAnswer" });

export const CalcTape = route({
  method: "post",
  path: "/api/calc/tape",
  says: "Reads one length as a tape shows it.",
  more: "`exact` is the mark itself; `adjusted` has a hair (a trailing - or +) taken off or added: 1/64 in on an inch tape, 0.25 mm on a metric one. A refusal says why and at which character.",
  input: TapeCase,
  output: TapeAnswer,
  batch: true,
  example: {
    in: { text: "23-11/16+", unit: "in" },
    out: {
      written: "23-11/16+",
      unit: "in",
      exact: { nm: 601662500, mm: 601.6625, text: '23 11/16"' },
      hair: "heavy",
      adjusted: { nm: 602059375, mm: 602.059375, text: '23 45/64"' },
      rule: "1 in = 25.4 mm; a hair is a quarter of 1/16 in or of 1 mm",
      source: "international inch, 1959; house convention for the hair",
    },
  },
});
