import { z } from "zod";
import { REMAKE_WHYS } from "../../core/learn/remake.ts";
import { WENT } from "../../core/learn/went.ts";
import type { LearnPayloads } from "../../core/log/kinds/learn.ts";
import { WHOSE } from "../../core/order/had.ts";
import { DayText } from "../lengths.ts";
import { Id, Pence, Short, Written } from "../payload-parts.ts";

/** Schemas of what the entries that the firm learns from carry. */
export const LEARN_SCHEMAS = {
  "set.fit": z.strictObject({ went: z.enum(WENT), width: Written.optional(), height: Written.optional() }),
  "remake.kept": z.strictObject({
    line: z.union([Id, z.literal("")]),
    day: DayText,
    why: z.enum(REMAKE_WHYS),
    whose: z.enum(WHOSE),
    pence: Pence.nullable(),
    note: Short,
    gone: z.boolean().optional(),
  }),
} satisfies { readonly [K in keyof LearnPayloads]: z.ZodType<LearnPayloads[K]> };
