import { z } from "zod";
import type { SizePayloads } from "../../core/log/kinds/size.ts";
import { CIRCUMSTANCES } from "../../core/measure/ways.ts";
import { BASES } from "../../core/size/basis.ts";
import { HOLDS } from "../../core/size/lay.ts";
import { SCHOOLS } from "../../core/size/school.ts";
import { GridName } from "../lengths.ts";
import { CornerPoint } from "../line-parts.ts";
import { Short, Text, Written } from "../payload-parts.ts";

/** Schemas of what the entries of this station carry. */
export const SIZE_SCHEMAS = {
  "size.rule": z.strictObject({
    school: z.enum(SCHOOLS),
    off: Written.nullable(),
    offHeight: Written.nullable().optional(),
    grid: GridName,
    hold: z.enum(HOLDS).optional(),
  }),
  "size.shaped": z.strictObject({ corners: z.array(CornerPoint).length(4), reason: Text.min(1) }),
  "size.shaped-dropped": z.strictObject({}),
  "size.overruled": z.strictObject({ width: Written, height: Written, reason: Text.min(1) }),
  "size.overrule-dropped": z.strictObject({}),
  "size.basis": z.strictObject({ basis: z.enum(BASES) }),
  "size.risk-taken": z.strictObject({ state: z.enum([...CIRCUMSTANCES, "not-said"]), reason: Short }),
} satisfies { readonly [K in keyof SizePayloads]: z.ZodType<SizePayloads[K]> };
