import { z } from "zod";
import { LengthIn, LengthOut, LengthUnit } from "./lengths.ts";
import { route } from "./route.ts";

export const FixingsCase = z
  .strictObject({
    unit: LengthUnit.default("mm"),
    width: LengthIn,
    height: LengthIn,
    corner: LengthIn.default({ mm: 75 }),
    pitch: LengthIn.default({ mm: 225 }),
    pin: z
      .strictObject({
        length: LengthIn,
        stop: LengthIn.meta({ description: "Through the stop, square to the frame, where the pin goes in." }),
        angle: z
          .number()
          .min(-60)
          .max(60)
          .default(0)
          .meta({ description: "Degrees away from the glass; less than 0 is toward it." }),
        toGlass: LengthIn.default({ mm: 0 }),
      })
      .optional(),
  })
  .meta({ id: "FixingsCase" });
export type FixingsCase = z.output<typeof FixingsCase>;

export const FixingsAnswer = z
  .strictObject({
    across: z.array(LengthOut).meta({ description: "Head and foot, from their left end." }),
    upright: z.array(LengthOut).meta({ description: "Each jamb, from its foot." }),
    count: z.int(),
    pin: z
      .strictObject({
        intoFrameMm: z.number(),
        clearMm: z.number(),
        says: z.enum(["holds", "short", "proud", "toward-glass"]),
      })
      .nullable(),
    rule: z.string(),
    source: z.string(),
  })
  .meta({ id: "FixingsAnswer" });

export const CalcFixings = route({
  method: "post",
  path: "/api/calc/fixings",
  says: "Where sprigs stand on each side of a pane, and whether a pin holds and clears the glass.",
  more: "The end ones at the corner distance, equal pitch between them not over the rule; one in the middle where the side is no longer than twice the corner distance; never none. Places are rounded to the nanometre. A pin holds with length × cos(angle) − stop.",
  input: FixingsCase,
  output: FixingsAnswer,
  batch: true,
  example: {
    in: { width: "600", height: "900" },
    out: "head and foot 75, 300, 525; jambs 75, 262.5, 450, 637.5, 825; 16 in all",
  },
});
