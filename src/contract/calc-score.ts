import { z } from "zod";
import { LengthIn, LengthOut } from "./lengths.ts";
import { BY, Pair, Unit } from "./opening-case.ts";
import { route } from "./route.ts";

export const ScoreCase = z
  .strictObject({
    unit: Unit,
    sheet: Pair.meta({ description: "Its datum corner is square." }),
    pane: Pair,
    thickness: LengthIn,
    offset: LengthIn.default({ mm: 2.5 }).meta({
      description: "From the cutter's wheel to the side of its head that runs along the straightedge.",
    }),
  })
  .meta({ id: "ScoreCase" });
export type ScoreCase = z.output<typeof ScoreCase>;

export const ScoreAnswer = z
  .strictObject({
    scores: z.array(
      z.strictObject({
        cuts: z.enum(["width", "height"]),
        at: LengthOut,
        long: LengthOut,
        straightedge: z.strictObject({ datumSide: LengthOut, farSide: LengthOut }),
        offcut: z.strictObject({ width: LengthOut, height: LengthOut }),
      }),
    ),
    leastStrip: LengthOut,
    says: z.string(),
    ...BY,
  })
  .meta({ id: "ScoreAnswer" });

export const CalcScore = route({
  method: "post",
  path: "/api/calc/score",
  says: "How a pane is scored from the datum corner of a sheet: which cut first, and where the straightedge stands.",
  more: "Of the two orders, the one that leaves the larger single offcut; then the shorter score; then width first. The straightedge stands at size − offset on the datum side of the score, at size + offset on the far side. The least strip that breaks out is the larger of 10 mm and 3 times the thickness, that width included, for offcut and pane alike.",
  input: ScoreCase,
  output: ScoreAnswer,
  batch: true,
  example: {
    in: {
      sheet: { width: "1000", height: "800" },
      pane: { width: "400", height: "300" },
      thickness: "4",
      offset: "2.5",
    },
    out: "height at 300 first, straightedge at 297.5 or 302.5; then width at 400",
  },
});
