import { z } from "zod";
import { GridName, LengthIn, LengthOut } from "./lengths.ts";
import { BY, Corners, EachSide, GapsMm, Mm, Pair, Point, Readings, SidesMm, Unit } from "./opening-case.ts";
import { route } from "./route.ts";

export const FitCase = z
  .strictObject({
    readings: Readings,
    unit: Unit,
    clearance: EachSide.default({ mm: 1.5 }).meta({
      description: "What must stay free on each side. Inward bow adds half of itself to both sides concerned.",
    }),
    grid: GridName.default("1 mm"),
    rebateDepth: EachSide.optional().meta({ description: "Sight line to rebate wall. Without it cover is null." }),
    leastCover: LengthIn.default({ mm: 3 }),
    mostTurnDegrees: z.number().min(0).max(5).default(5),
    aspect: z.number().min(0.05).max(20).optional().meta({
      description:
        "Width over height that must be kept, as a pattern or leads may ask; the largest such pane is given.",
    }),
    glass: Pair.optional().meta({ description: "A pane to try. Left out, only the largest rectangles are given." }),
  })
  .meta({ id: "FitCase" });
export type FitCase = z.output<typeof FitCase>;

const Cover = {
  coverMm: SidesMm.nullable().meta({ description: "Rebate depth less the largest gap, on each side." }),
  leastCover: z.strictObject({ side: z.string(), mm: Mm, enough: z.boolean() }).nullable(),
};

const Placing = z
  .strictObject({
    glass: z.strictObject({ width: LengthOut, height: LengthOut }),
    fits: z.boolean().meta({ description: "The best smallest gap is at least the clearance." }),
    bestGapMm: Mm.meta({ description: "Best smallest gap over every turn and place, after inward bow." }),
    bestTurnDegrees: z.number(),
    sillGapMm: Mm.meta({ description: "The same held parallel to the sill." }),
    fitsAtSill: z.boolean(),
    straightGapMm: Mm.meta({ description: "Best smallest gap to the figure's straight sides, bow left out." }),
    middle: Point,
    gapsMm: GapsMm,
    bindsFirst: z.string(),
    ...Cover,
    easing: z
      .array(z.strictObject({ side: z.string(), fromMm: Mm, toMm: Mm }))
      .meta({ description: "Wood to take off each side for the clearance: left or bottom end first." }),
  })
  .meta({ id: "Placing" });

const Rectangle = z
  .strictObject({
    widthMm: Mm,
    heightMm: Mm,
    turnDegrees: z.number(),
    middle: Point,
    largestGapMm: Mm,
    gapsMm: GapsMm,
    ...Cover,
    onGrid: Placing.nullable().meta({
      description: "Rounded down to the grid and placed again; null when nothing is left.",
    }),
  })
  .nullable();

export const FitAnswer = z
  .strictObject({
    sill: Rectangle.meta({ description: "The largest with the clearance on every side, parallel to the sill." }),
    best: Rectangle.meta({ description: "The turn that makes the largest of the eight corner gaps smallest." }),
    mostGlass: Rectangle.meta({ description: "The turn of the largest area." }),
    mostCovered: Rectangle.meta({
      description:
        "The turn of the largest area that leaves cover enough on every side; null when none does or no depth is given.",
    }),
    ofAspect: Rectangle.meta({
      description: "The largest of the aspect asked for; null when none is asked for or goes in.",
    }),
    given: Placing.nullable(),
    shaped: Corners.nullable().meta({
      description: "A pane of the opening's own shape, from its own bottom left, mm.",
    }),
    ...BY,
  })
  .meta({ id: "FitAnswer" });

export const CalcFit = route({
  method: "post",
  path: "/api/calc/fit",
  says: "Which rectangle of glass goes into the opening as it is, how it lies, and whether a given pane goes in.",
  more: "At a turn, the rectangle's smallest gap on each side is exactly that side's clearance. Gaps are measured square to the opening's sides, at the pane's corners; turns are anticlockwise, at most 5 degrees either way.",
  input: FitCase,
  output: FitAnswer,
  batch: true,
  example: {
    in: {
      readings: { "width-top": "600", "width-bottom": "600", "height-left": "900", "height-right": "900" },
      glass: { width: "597", height: "897" },
    },
    out: "597 × 897 at no turn, the given pane fits with 1.5 mm",
  },
});
