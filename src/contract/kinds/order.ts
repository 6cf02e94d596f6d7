import { z } from "zod";
import type { OrderPayloads } from "../../core/log/kinds/order.ts";
import { CHASED_HOW } from "../../core/order/chased.ts";
import { HAD_FROM, WHOSE } from "../../core/order/had.ts";
import { GLASS_KINDS } from "../../core/specify/glass.ts";
import { DayText } from "../lengths.ts";
import { CHECKED_MORE, MORE_OF_LINE } from "../line-parts.ts";
import { Id, Name, Nanometres, Pence, Short, Text, Written } from "../payload-parts.ts";

/** Schemas of what the entries of this station carry. */
export const ORDER_SCHEMAS = {
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
  "order.chased": z.strictObject({ day: DayText, how: z.enum(CHASED_HOW), says: Short, due: DayText.nullable() }),
  "order.broke": z.strictObject({ line: Id, whose: z.enum(WHOSE), note: Short }),
  "order.cut-here": z.strictObject({ here: z.boolean() }),
  "order.had": z.strictObject({
    from: z.enum(HAD_FROM),
    width: Written,
    height: Written,
    thickness: Written.optional(),
    glass: z.enum(GLASS_KINDS).optional(),
    cuts: z.int().min(0).max(4).optional(),
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
} satisfies { readonly [K in keyof OrderPayloads]: z.ZodType<OrderPayloads[K]> };
