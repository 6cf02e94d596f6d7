import { z } from "zod";
import type { MeasurePayloads } from "../../core/log/kinds/measure.ts";
import { COATED, HELD, HINGES } from "../../core/measure/found.ts";
import { OPENING, PLACES } from "../../core/measure/places.ts";
import { CIRCUMSTANCES, SHAPES, SITS, WAYS } from "../../core/measure/ways.ts";
import { BarsSchema } from "../line-parts.ts";
import { Short, Written } from "../payload-parts.ts";

/** Schemas of what the entries of this station carry. */
export const MEASURE_SCHEMAS = {
  "measure.reading": z.strictObject({
    place: z
      .enum(PLACES)
      .describe(
        "Where it was read: width-… and height-… of the opening itself; old-width and old-height of an old pane, edge to edge; sight-width and sight-height through standing glass; insert-…, sash-… and window-hole-… of what is made whole.",
      ),
    ...Written.shape,
    sure: z.enum(CIRCUMSTANCES).optional(),
    copied: z.literal(true).optional(),
  }),
  "measure.again": z.strictObject({ place: z.enum(OPENING), ...Written.shape }),
  "measure.stood-by": z.strictObject({ place: z.enum(PLACES), text: z.string().max(60) }),
  "measure.way": z.strictObject({ way: z.enum(WAYS) }),
  "measure.circumstance": z.strictObject({ state: z.enum(CIRCUMSTANCES) }),
  "measure.shape": z.strictObject({ shape: z.enum(SHAPES) }),
  "measure.template": z.strictObject({ taken: z.boolean() }),
  "measure.sits": z.strictObject({ sits: z.enum(SITS) }),
  "measure.bars": BarsSchema,
  "measure.coating": z.strictObject({
    coated: z.enum(COATED),
    face: z.int().min(1).max(6).nullable(),
    how: Short,
  }),
  "measure.found": z.strictObject({
    hinge: z.enum(HINGES),
    marks: Short,
    spacerDate: Short,
    held: z.enum(HELD),
  }),
} satisfies { readonly [K in keyof MeasurePayloads]: z.ZodType<MeasurePayloads[K]> };
