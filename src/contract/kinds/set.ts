import { z } from "zod";
import { COMPOUND_IDS } from "../../core/bed/compound.ts";
import type { SetPayloads } from "../../core/log/kinds/set.ts";
import { FACING_SIGNS } from "../../core/set/facing.ts";
import { LABEL, MostC } from "../label.ts";
import { DayText } from "../lengths.ts";
import { Id, Name, Short } from "../payload-parts.ts";

/** Schemas of what the entries of this station carry. */
export const SET_SCHEMAS = {
  "set.done": z.strictObject({
    day: DayText,
    compound: Name,
    sprigs: z.int().min(0).max(500).nullable(),
    as: z.strictObject({ kind: z.enum(COMPOUND_IDS), name: Name, mostC: MostC, ...LABEL }).optional(),
  }),
  "set.material": z.strictObject({ what: Name, batch: Short, expiry: DayText.nullable() }),
  "set.tag": z.strictObject({ tag: z.union([Id, z.literal("")]) }),
  "set.facing": z.strictObject({ sign: z.enum(FACING_SIGNS), seen: Short }),
} satisfies { readonly [K in keyof SetPayloads]: z.ZodType<SetPayloads[K]> };
