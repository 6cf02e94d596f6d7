import { z } from "zod";
import { FILLED } from "../core/refurbish/beads-and-seal.ts";
import { LengthIn, LengthUnit } from "./lengths.ts";
import { route } from "./route.ts";

export const DesiccantCase = z
  .strictObject({
    unit: LengthUnit.default("mm"),
    width: LengthIn,
    height: LengthIn,
    channel: LengthIn.meta({ description: "Depth of the channel outside the spacer." }),
    spacer: LengthIn.meta({ description: "The spacer's width: the cavity." }),
    spacerHeight: LengthIn.default({ mm: 7 }).meta({
      description: "The bore's centre line runs half of it inside the channel.",
    }),
    inset: LengthIn.optional().meta({
      description:
        "How far the bore's centre line runs inside the glass edge; channel and half the spacer's height if not given.",
    }),
    boreMm2: z.number().min(0.1).max(2000),
    keyLeg: LengthIn.default({ mm: 25 }),
    filledSides: z
      .union([z.enum(FILLED), z.literal(2), z.literal(4)])
      .default("all")
      .meta({ description: "4 is all of them, 2 the two long ones." }),
    fill: z.number().min(0).max(1).default(1),
    density: z.number().min(0.1).max(5).default(0.75).meta({ description: "g/ml, as the beads lie." }),
    shouldersMl: z.number().min(0).max(10_000).default(0),
    waste: z.number().min(0).lt(1).default(0.1),
  })
  .meta({ id: "DesiccantCase" });
export type DesiccantCase = z.output<typeof DesiccantCase>;

export const DesiccantAnswer = z
  .strictObject({
    boreLengthMm: z.number(),
    beadsMl: z.number(),
    beadsG: z.number(),
    sealMl: z.number(),
    cartridges310: z.int(),
    rule: z.string(),
    source: z.string(),
  })
  .meta({ id: "DesiccantAnswer" });

export const CalcDesiccant = route({
  method: "post",
  path: "/api/calc/desiccant",
  says: "Drying beads and edge seal of a unit that is refurbished.",
  more: "Beads: bore area × its centre line on the filled sides, less two corner-key legs a side, × fill × density. Seal: spacer width × (W H − (W − 2d)(H − 2d)), plus shoulders.",
  input: DesiccantCase,
  output: DesiccantAnswer,
  batch: true,
  example: {
    in: { width: "600", height: "900", channel: "4", spacer: "16", boreMm2: 80 },
    out: "2740 mm of bore, 164 g of beads, 189 ml of seal",
  },
});
