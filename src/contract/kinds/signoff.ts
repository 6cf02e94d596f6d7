import { z } from "zod";
import type { SignoffPayloads } from "../../core/log/kinds/signoff.ts";
import { DayText } from "../lengths.ts";
import { Id, Name, Text } from "../payload-parts.ts";

/** Schemas of what the entries of this station carry. */
export const SIGNOFF_SCHEMAS = {
  "signoff.snag": z.strictObject({ snag: Id, says: Name, due: DayText.nullable(), done: z.boolean() }),
  "signoff.check": z.strictObject({ item: Name, good: z.boolean(), note: Text }),
  "signoff.signed": z.strictObject({ day: DayText, told: z.boolean() }),
} satisfies { readonly [K in keyof SignoffPayloads]: z.ZodType<SignoffPayloads[K]> };
