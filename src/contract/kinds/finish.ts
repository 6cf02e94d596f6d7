import { z } from "zod";
import { VISITS } from "../../core/finish/visit.ts";
import type { FinishPayloads } from "../../core/log/kinds/finish.ts";
import { DayText } from "../lengths.ts";
import { Short } from "../payload-parts.ts";

/** Schemas of what the entries of this station carry. */
export const FINISH_SCHEMAS = {
  "finish.painted": z.strictObject({ day: DayText }),
  "finish.paint-left": z.strictObject({ to: z.enum(["customer", "painter"]), note: Short }),
  "finish.visit": z.strictObject({ day: DayText, visit: z.enum(VISITS) }),
} satisfies { readonly [K in keyof FinishPayloads]: z.ZodType<FinishPayloads[K]> };
