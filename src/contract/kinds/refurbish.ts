import { z } from "zod";
import type { RefurbishPayloads } from "../../core/log/kinds/refurbish.ts";
import { FILLED } from "../../core/refurbish/beads-and-seal.ts";
import { CLEANERS, RESULTS } from "../../core/refurbish/cleaners.ts";
import { DayText } from "../lengths.ts";
import { Short } from "../payload-parts.ts";

const SpacerIn = z.number().min(0).max(100).nullable();

/** Schemas of what the entries of this station carry. */
export const REFURBISH_SCHEMAS = {
  "refurbish.gaps": z.strictObject({ left: SpacerIn, right: SpacerIn, top: SpacerIn, bottom: SpacerIn }),
  "refurbish.panes": z.strictObject({ a: Short, b: Short }),
  "refurbish.unit": z.strictObject({
    spacerMm: z.number().min(3).max(40).nullable(),
    boreMm2: z.number().min(1).max(1000).nullable(),
    channelMm: z.number().min(1).max(20).nullable(),
    filledSides: z.union([z.enum(FILLED), z.literal(2), z.literal(4)]).nullable(),
    keyLegMm: z.number().min(0).max(100).nullable(),
  }),
  "refurbish.weighed": z.strictObject({ grams: z.number().min(0).max(20000), minutes: z.int().min(0).max(10000) }),
  "refurbish.cleaned": z.strictObject({ cleaner: z.enum(CLEANERS), result: z.enum(RESULTS) }),
  "refurbish.closed": z.strictObject({ day: DayText, sealant: Short, lookAgain: DayText }),
} satisfies { readonly [K in keyof RefurbishPayloads]: z.ZodType<RefurbishPayloads[K]> };
