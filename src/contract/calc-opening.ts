import { z } from "zod";
import { BY, Corners, Mm, Readings, Unit } from "./opening-case.ts";
import { route } from "./route.ts";

export const OpeningCase = z
  .strictObject({
    readings: Readings,
    back: Readings.optional().meta({ description: "The same from the other face: the difference is twist." }),
    unit: Unit,
  })
  .meta({ id: "OpeningCase" });
export type OpeningCase = z.output<typeof OpeningCase>;

const Assumption = z.strictObject({ kind: z.string(), says: z.string() });
const SlipOut = z.strictObject({
  place: z.string(),
  with: z.string().nullable(),
  kind: z.string(),
  meantMm: Mm,
  says: z.string(),
});

export const OpeningAnswer = z
  .strictObject({
    corners: Corners,
    outOfSquareMm: Mm.nullable().meta({ description: "Difference of the diagonals as read; null until both are." }),
    leanMm: Mm.meta({ description: "The largest over the corners of jamb length times |cos(corner angle)|." }),
    bowMm: z
      .strictObject({ width: Mm.nullable(), height: Mm.nullable() })
      .meta({ description: "Middle reading less the figure's own middle distance; negative bulges inward." }),
    residualsMm: z
      .record(z.string(), Mm)
      .meta({ description: "Reading less what the figure gives, for the outer six." }),
    disagreementMm: Mm.meta({ description: "Root of the squares of the residuals." }),
    assumptions: z.array(Assumption).meta({ description: "What was taken for granted because nobody read it." }),
    missing: z.array(Assumption).meta({ description: "What each reading that is missing would tell." }),
    slips: z.array(SlipOut).meta({ description: "Readings that the others contradict, with the likeliest slip." }),
    twistMm: z.record(z.string(), Mm).meta({ description: "Other face less this face, where both were read." }),
    says: z.string(),
    ...BY,
  })
  .meta({ id: "OpeningAnswer" });

export const CalcOpening = route({
  method: "post",
  path: "/api/calc/opening",
  says: "The opening as it is: the four-sided figure nearest to the readings, its lean, bow and what they contradict.",
  more: "Bottom left is (0,0), bottom right on +x, y up, mm. The figure has the least sum of squared differences to the six outer readings, unweighted; middle readings give bow. With fewer readings, right angles and parallels fill what is free and are said as assumptions.",
  input: OpeningCase,
  output: OpeningAnswer,
  batch: true,
  example: {
    in: {
      readings: {
        "width-top": "612",
        "width-middle": "611.5",
        "width-bottom": "613",
        "height-left": "904",
        "height-middle": "904.5",
        "height-right": "903",
        "diagonal-up": "1089",
        "diagonal-down": "1091.5",
      },
    },
    out: "corners, lean 4.4 mm, out of square 2.5 mm, bow −1 mm in the width",
  },
});
