import { z } from "zod";
import type { ReadyPayloads } from "../../core/log/kinds/ready.ts";
import { DRY_FITS } from "../../core/ready/dry-fit.ts";
import { HARDWARE, HARDWARE_FATES } from "../../core/ready/hardware.ts";
import { Short } from "../payload-parts.ts";

/** Schemas of what the entries of this station carry. */
export const READY_SCHEMAS = {
  "ready.dry-fit": z.strictObject({ fit: z.enum(DRY_FITS), note: Short }),
  "ready.hardware": z.strictObject({ what: z.enum(HARDWARE), fate: z.enum(HARDWARE_FATES) }),
  "ready.drains": z.strictObject({
    found: z.int().min(0).max(99),
    clear: z.int().min(0).max(99),
    sleeved: z.int().min(0).max(99).optional(),
    note: Short,
  }),
} satisfies { readonly [K in keyof ReadyPayloads]: z.ZodType<ReadyPayloads[K]> };
