import { z } from "zod";
import { LengthIn, LengthOut, LengthUnit } from "./lengths.ts";
import { route } from "./route.ts";

const EdgeName = z.enum(["bottom", "top", "left", "right"]);

export const PackersCase = z
  .strictObject({
    unit: LengthUnit.default("mm"),
    gap: LengthIn.optional().meta({ description: "The gap that is to be made up, up to 100 mm." }),
    box: z
      .array(LengthIn)
      .max(40)
      .default([{ mm: 1 }, { mm: 1.5 }, { mm: 2 }, { mm: 3 }, { mm: 4 }, { mm: 5 }, { mm: 6 }])
      .meta({ description: "Thicknesses in the box; as many of each as it takes." }),
    tolerance: LengthIn.default({ mm: 0.5 }),
    pane: z.strictObject({ width: LengthIn, height: LengthIn }).optional(),
    opens: z.enum(["fixed", "hinge-left", "hinge-right", "top-hung", "bottom-hung", "slides"]).default("fixed"),
    share: z.number().min(0).max(0.5).default(0.25).meta({ description: "1/4 by the one school, 1/10 by the other." }),
    corner: LengthIn.default({ mm: 75 }).meta({ description: "Least from the corner to the block's near end." }),
    length: LengthIn.default({ mm: 100 }).meta({ description: "Length of a block." }),
    drains: z
      .array(z.strictObject({ edge: EdgeName, at: LengthIn, width: LengthIn }))
      .max(40)
      .default([]),
  })
  .meta({ id: "PackersCase" });
export type PackersCase = z.output<typeof PackersCase>;

export const PackersAnswer = z
  .strictObject({
    stack: z
      .strictObject({ pieces: z.array(LengthOut), sum: LengthOut })
      .nullable()
      .meta({ description: "Null where the box cannot make it up, or no gap was given." }),
    places: z.array(
      z.strictObject({
        edge: EdgeName,
        atMm: z.number().meta({ description: "Middle of the block, from the edge's left or lower end." }),
        job: z.enum(["carries", "braces", "locates"]),
        moved: z.boolean().meta({ description: "Moved on, clear of a drain." }),
      }),
    ),
    rule: z.string(),
    source: z.string(),
  })
  .meta({ id: "PackersAnswer" });

export const CalcPackers = route({
  method: "post",
  path: "/api/calc/packers",
  says: "Packers for a gap from what is in the box, and where they stand by how the sash opens.",
  more: "Stack: sum within [gap − tolerance, gap], the fewest first, then the larger sum, then the thicker pieces. Places: the middle at the larger of share × edge and corner + half the block, and never over a drain: then on toward the middle until clear. Seen from the side the pane goes in.",
  input: PackersCase,
  output: PackersAnswer,
  batch: true,
  example: {
    in: { gap: "5", pane: { width: "600", height: "900" }, opens: "hinge-left" },
    out: "one of 5; bottom 150 carries, top 450 braces",
  },
});
