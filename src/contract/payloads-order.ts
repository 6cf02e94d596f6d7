import { z } from "zod";
import type { OrderPayloads } from "../core/log/payloads-order.ts";
import { CHECK_LOOKS } from "../core/order/check-looks.ts";
import { HAD_FROM, WHOSE } from "../core/order/had.ts";
import { EXTRAS, PER } from "../core/order/price.ts";
import { MAKES_OF } from "../core/order/sources.ts";
import { TAKES } from "../core/order/their-cutting.ts";
import { DayText, GridName } from "./lengths.ts";
import { Id, Name, Nanometres, Short, Text, Written } from "./payload-parts.ts";

/** Whole pence: no part of a penny is ever kept. */
export const Pence = z.int().min(0).max(1_000_000_000);

/** What was looked at when a pane came, beside its two sides. */
export const CHECKED_MORE = {
  up: Written.optional(),
  down: Written.optional(),
  thickness: Written.optional(),
  looks: z.partialRecord(z.enum(CHECK_LOOKS), z.enum(["good", "bad"]).optional()).optional(),
};

export const TermsSchema = z.strictObject({
  name: Name,
  makes: z.array(z.enum(MAKES_OF)).max(MAKES_OF.length),
  leastPence: Pence,
  deliveryPence: Pence,
  products: z.array(z.strictObject({ product: Name, pencePerM2: Pence })).max(200),
  extras: z.array(z.strictObject({ extra: z.enum(EXTRAS), pence: Pence, per: z.enum(PER) })).max(50),
  grid: GridName.optional(),
  tolerance: z.strictObject({ smallMm: z.number().min(0).max(10), largeMm: z.number().min(0).max(10) }).optional(),
  takes: z.enum(TAKES).optional(),
});

/** Ordering beyond the order itself, and quotes. */
export const ORDER_PAYLOADS = {
  "supplier.terms": TermsSchema,
  "order.stood-by": z.strictObject({ ids: z.array(Name).min(1).max(30), reason: z.string().trim().min(1).max(200) }),
  "order.read-back": z.strictObject({ line: Id, figures: z.array(z.string().max(20)).max(20) }),
  "order.handed": z.strictObject({ key: Name, to: Name }),
  "order.acknowledged": z.strictObject({
    day: DayText,
    pence: Pence.nullable(),
    due: DayText,
    theirs: Short,
    how: z.enum(["telephone", "written", "their system"]),
  }),
  "order.asked": z.strictObject({ question: Name, line: Id.nullable(), asks: Text }),
  "order.answered": z.strictObject({ question: Name, answer: Text }),
  "order.note": z.strictObject({
    theirs: Short,
    day: DayText,
    lines: z
      .array(
        z.strictObject({
          line: Id,
          widthNm: Nanometres,
          heightNm: Nanometres,
          thicknessNm: Nanometres,
          says: Short,
        }),
      )
      .max(500),
  }),
  "order.promised": z.strictObject({ due: DayText, note: Short }),
  "order.broke": z.strictObject({ line: Id, whose: z.enum(WHOSE), note: Short }),
  "order.had": z.strictObject({
    from: z.enum(HAD_FROM),
    width: Written,
    height: Written,
    thickness: Written.optional(),
    note: Short,
    gone: z.boolean().optional(),
  }),
  "order.outcome": z.strictObject({
    line: Id,
    outcome: z.enum(["credit", "remake", "came"]),
    due: DayText.nullable(),
    note: Short,
  }),
  "quote.made": z.strictObject({
    quote: Id,
    day: DayText,
    lines: z
      .array(
        z.strictObject({
          pane: Id.nullable(),
          says: Short,
          pence: Pence,
          others: z
            .array(z.strictObject({ says: Name, pence: Pence }))
            .max(6)
            .optional(),
        }),
      )
      .max(500),
    taxPence: Pence,
    totalPence: Pence,
  }),
  "quote.spent": z.strictObject({
    quote: Id,
    hours: z.number().min(0).max(10_000),
    glassPence: Pence,
    otherPence: Pence,
  }),
  "quote.answered": z.strictObject({ quote: Id, accepted: z.boolean(), day: DayText, note: Short }),
} satisfies { readonly [K in keyof OrderPayloads]: z.ZodType<OrderPayloads[K]> };
