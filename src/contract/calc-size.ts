import { z } from "zod";
import { OPENING, type OpeningPlace } from "../core/measure/places.ts";
import { SCHOOLS } from "../core/size/school.ts";
import { GridName, LengthIn, LengthOut, LengthUnit } from "./lengths.ts";
import { route } from "./route.ts";

const Readings = z.strictObject(
  Object.fromEntries(OPENING.map((p) => [p, LengthIn.optional()])) as Record<
    OpeningPlace,
    z.ZodOptional<typeof LengthIn>
  >,
);
const Pair = z.strictObject({ width: LengthIn, height: LengthIn });
const PairOut = z.strictObject({ width: LengthOut, height: LengthOut });
const Mm = z.number();
const Sides = z.strictObject({ left: Mm, right: Mm, bottom: Mm, top: Mm });
const SideGap = z.strictObject({ least: Mm, most: Mm });
const Point = z.strictObject({ x: Mm, y: Mm });

export const SizeCase = z
  .strictObject({
    readings: Readings.meta({ description: "Rebate wall to rebate wall. One width and one height at the least." }),
    unit: LengthUnit.default("mm").meta({
      description: "What a plain number means, and the unit of texts in the answer.",
    }),
    school: z.enum(SCHOOLS).default("easy"),
    grid: GridName.default("1 mm"),
    off: LengthIn.optional().meta({ description: "School `own`: what comes off each dimension, both sides together." }),
    oldPane: Pair.optional().meta({ description: "School `like-for-like`: the old pane, edge to edge." }),
    rebateDepth: LengthIn.optional().meta({ description: "Sight line to rebate wall. Without it cover is null." }),
    leastCover: LengthIn.default({ mm: 3 }),
    thickness: LengthIn.default({ mm: 4 }),
    overrule: Pair.optional().meta({ description: "A size that a person put in the place of the sum." }),
  })
  .meta({ id: "SizeCase" });
export type SizeCase = z.output<typeof SizeCase>;

const Governs = z.strictObject({ place: z.enum(OPENING), length: LengthOut });

export const SizeAnswer = z
  .strictObject({
    glass: PairOut.meta({ description: "Width and height to cut, on the grid." }),
    governs: z.strictObject({ width: Governs, height: Governs }),
    deduction: z.strictObject({ width: LengthOut, height: LengthOut, source: z.string() }),
    reckoned: PairOut.meta({ description: "Before the grid." }),
    overruled: z.boolean(),
    edgeGap: PairOut.meta({ description: "Glass edge to rebate wall on each side, when centred." }),
    massKg: z.number(),
    opening: z
      .strictObject({
        corners: z.strictObject({ bl: Point, br: Point, tr: Point, tl: Point }),
        leanMm: Mm,
        outOfSquareMm: Mm.nullable(),
        bowMm: z.strictObject({ width: Mm.nullable(), height: Mm.nullable() }),
        residualsMm: z.record(z.string(), Mm),
        assumptions: z.array(z.string()),
        pane: z.strictObject({ middle: Point, turnDegrees: z.number() }),
        gapsMm: z.strictObject({ left: SideGap, right: SideGap, bottom: SideGap, top: SideGap }),
        spareMm: Mm.meta({ description: "Best smallest gap over every turn up to 5 degrees and every place." }),
        spareAtSillMm: Mm,
        tooBigByMm: Mm,
        coverMm: Sides.nullable(),
        leastCover: z.strictObject({ side: z.string(), mm: Mm, enough: z.boolean() }).nullable(),
      })
      .nullable()
      .meta({ description: "The pane in the opening as it is; null when no four-sided figure has these readings." }),
    openingProblem: z.string().nullable(),
    rule: z.string(),
    source: z.string(),
  })
  .meta({ id: "SizeAnswer" });

export const CalcSize = route({
  method: "post",
  path: "/api/calc/size",
  says: "The glass to cut for an opening: smallest reading less what comes off, rounded down, then laid in the opening as it is.",
  more: "Seen from the side where the pane goes in; bottom left is (0,0), bottom right on +x, y up, mm. The figure has the least sum of squared differences to the six outer readings; bow is a middle reading less the figure's own middle.",
  input: SizeCase,
  output: SizeAnswer,
  batch: true,
  example: {
    in: {
      readings: { "width-top": "612", "width-middle": "611.5", "width-bottom": "613", "height-left": "904" },
      school: "easy",
    },
    out: "glass 608 × 901 mm, and the opening it lies in",
  },
});
