import { z } from "zod";
import { MATERIALS } from "../core/size/errors.ts";
import { GridName, LengthIn, LengthOut } from "./lengths.ts";
import { BY, EachSide, Mm, Pair, Readings, Unit } from "./opening-case.ts";
import { route } from "./route.ts";

export const MOST_SAMPLES = 1_000_000;

const Range = z
  .strictObject({ lo: z.number().min(-50).max(50), hi: z.number().min(-50).max(50) })
  .refine((m) => m.lo <= m.hi, { message: "The least movement is more than the most: give the smaller one as lo" });

const Common = {
  unit: Unit,
  tapeSpread: z.number().min(0).max(50).optional().meta({
    description: "Spread of one reading, mm. Default 0.5, or 0.4 where the unit is inches.",
  }),
  cutting: z
    .strictObject({ kind: z.enum(["within", "spread"]), mm: z.number().min(0).max(50) })
    .default({ kind: "within", mm: 1 })
    .meta({ description: "within: anything up to so much off; spread: a normal curve of that spread." }),
  grid: GridName.default("1 mm"),
  leastCover: LengthIn.default({ mm: 3 }),
  lies: z.enum(["centred", "pushed"]).default("centred"),
  costs: z
    .strictObject({ binds: z.number().min(0).max(1e6), coverLost: z.number().min(0).max(1e6) })
    .default({ binds: 1, coverLost: 1 }),
  alike: z.number().min(0).max(0.1).default(0).meta({
    description: "Chances nearer than this to the least count as ties, which go to the smaller deduction.",
  }),
};

export const LineOddsCase = z
  .strictObject({
    readings: z.array(LengthIn).min(1).max(3).meta({ description: "One dimension: one to three readings of it." }),
    rebateDepth: LengthIn.optional(),
    movement: Range.optional().meta({ description: "mm added to every true size. Default by material." }),
    material: z.enum(MATERIALS).default("timber"),
    deductions: z.array(LengthIn).max(50).optional().meta({ description: "Default: the grid from 0 to 20 mm." }),
    ...Common,
  })
  .meta({ id: "LineOddsCase" });
export type LineOddsCase = z.output<typeof LineOddsCase>;

export const OpeningOddsCase = z
  .strictObject({
    opening: Readings,
    rebateDepth: EachSide.optional(),
    doubt: z.number().min(0).max(3).default(0).meta({
      description:
        "How far all of these figures may be off themselves, mm: of sizes alike by them the one farther from trouble is best. The house reckons with 0.7.",
    }),
    movement: z
      .strictObject({ width: Range, height: Range })
      .optional()
      .meta({ description: "mm added to every true size of that dimension; both at the same share of their ranges." }),
    shareMovement: z.boolean().default(true),
    when: z.enum(["day", "year"]).default("day").meta({
      description:
        "day: one movement a draw. year: binds on the tightest day of the range, or loses cover on the widest.",
    }),
    material: z.enum(MATERIALS).default("timber"),
    glass: z.array(Pair).max(50).optional().meta({ description: "Sizes to ask about." }),
    deductions: z.array(LengthIn).max(50).optional().meta({
      description: "Taken off both ways alike. Default: the grid from 0 to 20 mm.",
    }),
    samples: z.int().min(100).max(MOST_SAMPLES).default(20_000),
    seed: z.int().min(0).max(2_147_483_647).default(1),
    ...Common,
  })
  .meta({ id: "OpeningOddsCase" });
export type OpeningOddsCase = z.output<typeof OpeningOddsCase>;

export const OddsCase = z.union([LineOddsCase, OpeningOddsCase]).meta({ id: "OddsCase" });
export type OddsCase = z.output<typeof OddsCase>;

const Chances = {
  binds: z.number(),
  coverLost: z.number().nullable().meta({ description: "null while no rebate depth is given." }),
  trouble: z.number().meta({ description: "Either of the two." }),
};

export const OddsAnswer = z
  .strictObject({
    method: z.enum(["exact", "sampled"]),
    curve: z.array(
      z.strictObject({
        off: LengthOut,
        glass: z.union([LengthOut, z.strictObject({ width: LengthOut, height: LengthOut })]),
        ...Chances,
      }),
    ),
    sizes: z.array(z.strictObject({ width: LengthOut, height: LengthOut, ...Chances })),
    best: z
      .strictObject({
        off: z.union([LengthOut, z.strictObject({ width: LengthOut, height: LengthOut })]),
        cost: z.number(),
        ...Chances,
      })
      .nullable()
      .meta({ description: "Least expected cost on the grid from 0 to 20 mm; null without a rebate depth." }),
    samples: z.int().nullable(),
    seed: z.int().nullable(),
    standardError: Mm.nullable().meta({
      description: "The largest it can be at so many samples: half over their root.",
    }),
    ...BY,
  })
  .meta({ id: "OddsAnswer" });

export const CalcOdds = route({
  method: "post",
  path: "/api/calc/odds",
  says: "The chance that a pane binds, and that the rebate covers it too little, for every deduction.",
  more: "One dimension (`readings`): the true sizes are the readings less normal errors; the pane is cut off its order; the opening moves. Exact, by products over the stations and quadrature over cut and movement. An opening (`opening`): with a corner read, the whole figure is drawn again and again, the pane laid in each at its best turn; then evened; cover is lost when, so laid, it falls short on any side. Without corners, asked about a day, the two dimensions exactly, sharing one movement; about a year, drawn with a usual lean. The order is the smallest reading less the deduction, floored to the grid.",
  input: OddsCase,
  output: OddsAnswer,
  batch: true,
  example: {
    in: { readings: ["612", "611.5", "613"], rebateDepth: "8" },
    out: "a line for each deduction from 0 to 20 mm, and the best",
  },
});
