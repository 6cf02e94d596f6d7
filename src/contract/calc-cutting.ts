import { z } from "zod";
import { route } from "./route.ts";

const Mm = z.number().min(0).max(10_000);
const Side = z.number().min(1).max(10_000).meta({ description: "mm" });
const Id = z.string().min(1).max(120);
const MOST_PIECES = 2000;

const SheetIn = z.strictObject({
  id: Id,
  width: Side,
  height: Side,
  count: z
    .int()
    .min(0)
    .max(10_000)
    .nullable()
    .default(null)
    .meta({ description: "How many there are; null for as many as are bought." }),
  cost: z.number().min(0).max(1e9).default(1),
  trim: Mm.default(0).meta({ description: "Taken off all round first, mm." }),
});
const PieceIn = z.strictObject({
  id: Id,
  width: Side,
  height: Side,
  count: z.int().min(1).max(MOST_PIECES).default(1),
  turns: z.boolean().default(true).meta({ description: "It may lie either way." }),
  due: z
    .int()
    .min(0)
    .max(1000)
    .default(0)
    .meta({ description: "The smaller, the sooner: where glass runs out, these go first." }),
});

export const CuttingIn = z
  .strictObject({
    sheets: z.array(SheetIn).min(1).max(200),
    pieces: z.array(PieceIn).min(1).max(MOST_PIECES),
    strip: Mm.optional().meta({
      description: "The least strip that can be broken out, mm; left out: 10 mm or 3 times the thickness.",
    }),
    thickness: z.number().min(1).max(25).default(4),
    keep: z
      .strictObject({ width: Mm.default(300), height: Mm.default(300) })
      .prefault({})
      .meta({ description: "A left-over smaller than this is waste." }),
    seconds: z.number().min(0).max(15).default(1),
    rounds: z
      .int()
      .min(1)
      .max(10_000_000)
      .optional()
      .meta({ description: "In place of seconds: the same request has the same answer." }),
    seed: z.int().min(0).max(2_147_483_647).default(1),
  })
  .refine((c) => c.pieces.reduce((n, p) => n + p.count, 0) <= MOST_PIECES, {
    error: `Send at most ${MOST_PIECES} pieces at once.`,
  })
  .meta({ id: "Cutting" });

type Tree =
  | { kind: "piece"; width: number; height: number; piece: string; turned: boolean }
  | { kind: "left"; width: number; height: number }
  | { kind: "across" | "up"; width: number; height: number; parts: Tree[] };
const TreeOut: z.ZodType<Tree> = z
  .lazy(() =>
    z.union([
      z.strictObject({
        kind: z.literal("piece"),
        width: z.number(),
        height: z.number(),
        piece: z.string(),
        turned: z.boolean(),
      }),
      z.strictObject({ kind: z.literal("left"), width: z.number(), height: z.number() }),
      z.strictObject({
        kind: z.enum(["across", "up"]),
        width: z.number(),
        height: z.number(),
        parts: z.array(TreeOut),
      }),
    ]),
  )
  .meta({
    id: "CutTree",
    description: "across: parts stand side by side, left to right; up: one on the other, from the foot.",
  });

const At = { x: z.number(), y: z.number(), width: z.number(), height: z.number() };

export const CalcCutting = route({
  method: "post",
  path: "/api/calc/cutting",
  says: "Plans how panes are cut from sheets: edge to edge, every strip wide enough to break out, at the least cost that can be found.",
  more: "Lengths in mm, places from the sheet's left foot, the trim with it. No glass is lost in a cut. Cheapest sheets first, then left-overs in one piece. Sides that match exactly are joined first; then parts of plans are taken apart and put together again. `bound`: no plan costs less; `proved`: this one costs no more. More time never costs more.",
  input: CuttingIn,
  output: z.strictObject({
    sheets: z.array(
      z.strictObject({
        sheet: z.string(),
        cost: z.number(),
        tree: TreeOut,
        placements: z.array(z.strictObject({ piece: z.string(), turned: z.boolean(), ...At })),
        remnants: z.array(z.strictObject({ kept: z.boolean(), ...At })),
        cuts: z.array(
          z.strictObject({
            n: z.int(),
            runs: z.enum(["across", "up"]),
            at: z.number(),
            long: z.number(),
            of: z.strictObject(At),
          }),
        ),
      }),
    ),
    unplaced: z.array(z.string()),
    cost: z.number(),
    bound: z.number(),
    boundBy: z.enum(["area", "dual-feasible", "piece"]),
    proved: z.boolean(),
    strip: z.number(),
    rounds: z.int(),
    progress: z.array(z.strictObject({ ms: z.number(), cost: z.number(), unplaced: z.int() })),
  }),
  example: {
    in: {
      sheets: [{ id: "s", width: 1000, height: 800 }],
      pieces: [{ id: "a", width: 500, height: 400, count: 4 }],
      rounds: 100,
    },
    out: { cost: 1, bound: 1, proved: true, unplaced: [] },
  },
});
