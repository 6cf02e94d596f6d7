import { z } from "zod";
import { LengthIn, LengthUnit } from "./lengths.ts";
import { route } from "./route.ts";

const Pair = z.strictObject({ width: LengthIn, height: LengthIn });

export const PuttyCase = z
  .strictObject({
    unit: LengthUnit.default("mm"),
    tight: Pair.meta({ description: "Rebate wall to rebate wall." }),
    glass: Pair,
    thickness: LengthIn,
    rebateDepth: LengthIn.meta({ description: "Sight line to rebate wall, in the plane of the glass." }),
    rebateWidth: LengthIn.meta({ description: "Upstand to outer face, through the glass." }),
    bed: LengthIn.default({ mm: 2 }),
    nose: LengthIn.default({ mm: 0 }).meta({ description: "Flat left at the sight line; 0 is a plain triangle." }),
    setBack: LengthIn.default({ mm: 0 }).meta({
      description: "How far the face putty's foot stays back from the sight line.",
    }),
    edgeFillShare: z.number().min(0).max(1).default(1),
    density: z.number().min(0.1).max(20).default(2).meta({ description: "t/m³" }),
    waste: z.number().min(0).lt(1).default(0.1),
  })
  .meta({ id: "PuttyCase" });
export type PuttyCase = z.output<typeof PuttyCase>;

export const PuttyAnswer = z
  .strictObject({
    frontRoomMm: z.number(),
    bedMl: z.number(),
    faceMl: z.number(),
    edgeMl: z.number(),
    totalMl: z.number(),
    netKg: z.number(),
    buyKg: z.number(),
    cartridges310: z.int(),
    foils600: z.int(),
    rule: z.string(),
    source: z.string(),
  })
  .meta({ id: "PuttyAnswer" });

export const CalcPutty = route({
  method: "post",
  path: "/api/calc/putty",
  says: "Bed, face and edge putty for one pane.",
  more: "Each section times its mitred way round, exactly: area A with its centroid x inside the tight line has volume A (2(W + H) − 8x). The bed is as deep as the rebate; the face fillet runs from the glass at the sight line, or set back from it, to the outer edge; the edge gap is filled by the share given. Bought = net / (1 − waste).",
  input: PuttyCase,
  output: PuttyAnswer,
  batch: true,
  example: {
    in: {
      tight: { width: "600", height: "900" },
      glass: { width: "597", height: "897" },
      thickness: "4",
      rebateDepth: "10",
      rebateWidth: "18",
    },
    out: "bed 59.2 ml, face 178.4 ml, edge 17.96 ml; 0.51 kg net, 0.57 kg to buy",
  },
});
