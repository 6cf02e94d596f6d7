import { z } from "zod";
import type { Kind, Payloads } from "../core/log/kinds.ts";
import type { OrderPayloads } from "../core/log/payloads-order.ts";
import { BAR_KINDS, SPACINGS } from "../core/measure/found.ts";
import { EDGES, GLASS_KINDS } from "../core/specify/glass.ts";
import { MARK_CORNERS, PARTS, RUNS, TEXTURES } from "../core/specify/looks.ts";
import { PANEL_MAKES } from "../core/specify/panel.ts";
import { EXPOSURES } from "../core/specify/wind.ts";
import { MOST_READING } from "../core/tape/read.ts";
import { DayText, GridName } from "./lengths.ts";
import { Id, Name, Nanometres, Short, Text, Written } from "./payload-parts.ts";
import { CHECKED_MORE } from "./payloads-order.ts";

/** What a cutter takes off again is never more than the room of a rebate. */
const Allowance = z.int().min(0).max(200_000_000);
export const CornerPoint = z.strictObject({
  x: z.int().min(-MOST_READING).max(MOST_READING),
  y: z.int().min(-MOST_READING).max(MOST_READING),
});
const MakeupSchema = z.strictObject({
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
const LooksSchema = z.strictObject({
  tint: Short,
  runs: z.enum(RUNS),
  texture: z.enum(TEXTURES),
  mark: Short,
  markAt: z.enum(MARK_CORNERS),
});

type SpecifyKind = Exclude<Extract<Kind, `specify.${string}` | `order.${string}`>, keyof OrderPayloads>;

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
  parts: z.array(z.enum(PARTS)).max(PARTS.length).optional(),
  note: Short.optional(),
  corners: z.array(CornerPoint).length(4).optional(),
  allowanceNm: z.strictObject({ width: Allowance, height: Allowance }).optional(),
};

/** Specifying and ordering. */
export const SPECIFY_PAYLOADS = {
  "specify.glass": z.strictObject({
    kind: z.enum(GLASS_KINDS),
    thickness: Written,
    edges: z.enum(EDGES),
    pattern: Short,
    offcut: z.boolean().optional(),
  }),
  "specify.location": z.strictObject({
    inDoor: z.boolean(),
    wetRoom: z.boolean(),
    stairs: z.boolean(),
    walkway: z.boolean(),
  }),
  "specify.makeup": z.strictObject({ makeup: MakeupSchema.nullable() }),
  "specify.looks": LooksSchema,
  "specify.panel": z.strictObject({
    panel: z
      .strictObject({
        make: z.enum(PANEL_MAKES),
        mm: z.number().min(1).max(60),
        lineMm: z.number().min(0).max(10000).nullable(),
        neighbourMm: z.number().min(0).max(10000).nullable(),
      })
      .nullable(),
  }),
  "specify.hinges": z.strictObject({
    sashKg: z.number().positive().max(500).nullable(),
    ratedKg: z.number().positive().max(2000).nullable(),
    apartMm: z.number().positive().max(5000).nullable(),
  }),
  "specify.bed": z.strictObject({ compound: Name }),
  "specify.sun": z.strictObject({ partShade: z.boolean(), darkFrame: z.boolean() }),
  "specify.parts": z.strictObject({ parts: z.array(z.enum(PARTS)).max(PARTS.length), note: Short }),
  "specify.exposure": z.strictObject({ exposure: z.enum(EXPOSURES) }),
  "specify.sash": z.strictObject({
    position: z.enum(["upper", "lower", "fixed"]),
    sashKg: z.number().min(0).max(500).nullable(),
  }),
  "specify.match": z.strictObject({ answer: z.enum(["matches", "will-show", "not-asked"]), note: Short }),
  "order.opened": z.strictObject({ supplier: Name, reference: Short }),
  "order.line": z.strictObject({
    line: Id,
    widthNm: Nanometres,
    heightNm: Nanometres,
    thicknessNm: Nanometres,
    label: Short,
    ...MORE_OF_LINE,
  }),
  "order.line-dropped": z.strictObject({ line: Id, reason: Short }),
  "order.sent": z.strictObject({ day: DayText, due: DayText }),
  "order.arrived": z.strictObject({ day: DayText }),
  "order.checked": z.strictObject({
    line: Id,
    width: Written,
    height: Written,
    verdict: z.enum(["accepted", "accepted-with-note", "sent-back"]),
    reason: Text,
    ...CHECKED_MORE,
  }),
} satisfies { readonly [K in SpecifyKind]: z.ZodType<Payloads[K]> };
