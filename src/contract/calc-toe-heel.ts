import { z } from "zod";
import { LengthIn, LengthUnit } from "./lengths.ts";
import { route } from "./route.ts";

const Pair = z.strictObject({ width: LengthIn, height: LengthIn });

export const ToeHeelCase = z
  .strictObject({
    unit: LengthUnit.default("mm"),
    sash: Pair.meta({ description: "The four bars, pinned at their corners." }),
    drop: z
      .number()
      .min(-1000)
      .max(1000)
      .optional()
      .meta({ description: "mm, handle side down; or give the head gaps." }),
    heads: z
      .strictObject({ hinge: LengthIn, handle: LengthIn })
      .optional()
      .meta({ description: "Gaps at the head, at the hinge and at the handle." }),
    pane: Pair.optional(),
    packed: z
      .strictObject({ upright: LengthIn, sideways: LengthIn })
      .optional()
      .meta({ description: "Bottom and top packers together; the two side ones together." }),
    apart: z
      .strictObject({ dx: LengthIn, dy: LengthIn })
      .optional()
      .meta({ description: "How far apart the two upright ones stand along their edges, and the two side ones." }),
  })
  .meta({ id: "ToeHeelCase" });
export type ToeHeelCase = z.output<typeof ToeHeelCase>;

export const ToeHeelAnswer = z
  .strictObject({
    dropMm: z.number(),
    gammaDeg: z.number(),
    diagonal: z.strictObject({
      hangsMm: z.number(),
      squareMm: z.number(),
      lengthenMm: z.number(),
      lengthenFirstOrderMm: z.number(),
    }),
    wrongDiagonal: z
      .strictObject({ hangsMm: z.number(), squareMm: z.number(), dropWouldBeMm: z.number() })
      .meta({ description: "Hinge head to handle foot; and the drop if the same were packed into this one." }),
    add: z.strictObject({ uprightOnlyMm: z.number(), sidewaysOnlyMm: z.number() }).nullable().meta({
      description: "What lifts it square: all by upright packers, or all by side ones. Null without `apart`.",
    }),
    restsAtMm: z
      .number()
      .nullable()
      .meta({ description: "Drop at which it rests as packed, to first order. Null without pane, packed and apart." }),
    rule: z.string(),
    source: z.string(),
  })
  .meta({ id: "ToeHeelAnswer" });

export const CalcToeHeel = route({
  method: "post",
  path: "/api/calc/toe-heel",
  says: "What packers across the diagonal do to a sash: the lift they must make, and where it rests as packed.",
  more: "Handle side down by s: sin γ = s / W. The diagonal from hinge foot to handle head goes from √(W² + H² − 2Hs) to √(W² + H²) exactly, s H / √(W² + H²) to first order. Upright packers alone: s dx / W; side ones alone: s dy / W. Rests at γ = ((H − h) − p) / dx + ((W − w) − q) / dy to first order.",
  input: ToeHeelCase,
  output: ToeHeelAnswer,
  batch: true,
  example: { in: { sash: { width: "600", height: "900" }, drop: 6 }, out: "lengthen by 5.004, 4.992 to first order" },
});
