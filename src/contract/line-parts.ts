import { z } from "zod";
import { BAR_KINDS, HINGES, SPACINGS } from "../core/measure/found.ts";
import { CHECK_LOOKS } from "../core/order/check-looks.ts";
import { EDGES, GLASS_KINDS } from "../core/specify/glass.ts";
import { MARK_CORNERS, PARTS, PATTERN_ON, RUNS, TEXTURES } from "../core/specify/looks.ts";
import { WHOLE_SIZES, WHOLES } from "../core/specify/whole.ts";
import { MOST_READING } from "../core/tape/read.ts";
import { GridName } from "./lengths.ts";
import { Short, Written } from "./payload-parts.ts";

/** What a cutter takes off again is never more than the room of a rebate. */
const Allowance = z.int().min(0).max(200_000_000);
/** What somebody is known to cut too large is a few millimetres. */
const Larger = z.int().min(-20_000_000).max(20_000_000);
export const CornerPoint = z.strictObject({
  x: z.int().min(-MOST_READING).max(MOST_READING),
  y: z.int().min(-MOST_READING).max(MOST_READING),
});
export const MakeupSchema = z.strictObject({
  panes: z
    .array(z.strictObject({ mm: z.number().min(1).max(60), kind: z.enum(GLASS_KINDS) }))
    .min(2)
    .max(4),
  cavities: z
    .array(
      z.strictObject({
        mm: z.number().min(1).max(60),
        gas: z.enum(["air", "argon", "krypton"]),
        fill: z.number().min(0).max(1),
      }),
    )
    .min(1)
    .max(3),
  coatings: z.array(z.strictObject({ face: z.int().min(1).max(8), emissivity: z.number().min(0.01).max(1) })).max(8),
  spacer: Short,
});
export const BarsSchema = z.strictObject({
  uprights: z.int().min(0).max(40),
  crosses: z.int().min(0).max(40),
  width: Written.nullable(),
  colour: Short,
  kind: z.enum(BAR_KINDS),
  spacing: z.enum(SPACINGS),
  given: Short,
});
export const LooksSchema = z.strictObject({
  tint: Short,
  pattern: Short.optional(),
  patternOn: z.enum(PATTERN_ON).optional(),
  runs: z.enum(RUNS),
  texture: z.enum(TEXTURES),
  mark: Short,
  markAt: z.enum(MARK_CORNERS),
});

/** A head that is part of a circle is told by many points. */
const MOST_CORNERS = 64;

/** What a line of an order says beside its size, thickness and label. */
export const MORE_OF_LINE = {
  glass: z.enum(GLASS_KINDS),
  edges: z.enum(EDGES),
  pattern: Short,
  grid: GridName,
  basis: z.literal("opening").optional(),
  makeup: MakeupSchema.optional(),
  looks: LooksSchema.optional(),
  bars: BarsSchema.optional(),
  whole: z
    .strictObject({
      what: z.enum(WHOLES),
      family: Short,
      over: z.enum(WHOLE_SIZES),
      safety: z.boolean().nullable(),
      hangs: z.enum(HINGES).optional(),
    })
    .optional(),
  parts: z.array(z.enum(PARTS)).max(PARTS.length).optional(),
  note: Short.optional(),
  corners: z.array(CornerPoint).min(4).max(MOST_CORNERS).optional(),
  template: z.literal(true).optional(),
  theirsLargerNm: z.strictObject({ width: Larger, height: Larger }).optional(),
  allowanceNm: z.strictObject({ width: Allowance, height: Allowance }).optional(),
};

/** What was looked at when a pane came, beside its two sides. */
export const CHECKED_MORE = {
  up: Written.optional(),
  down: Written.optional(),
  thickness: Written.optional(),
  looks: z.partialRecord(z.enum(CHECK_LOOKS), z.enum(["good", "bad"]).optional()).optional(),
};
