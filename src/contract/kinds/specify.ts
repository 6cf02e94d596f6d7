import { z } from "zod";
import type { SpecifyPayloads } from "../../core/log/kinds/specify.ts";
import { EDGES, GLASS_KINDS } from "../../core/specify/glass.ts";
import { PARTS } from "../../core/specify/looks.ts";
import { PANEL_MAKES } from "../../core/specify/panel.ts";
import { EXPOSURES } from "../../core/specify/wind.ts";
import { LooksSchema, MakeupSchema } from "../line-parts.ts";
import { Name, Short, Written } from "../payload-parts.ts";

/** Schemas of what the entries of this station carry. */
export const SPECIFY_SCHEMAS = {
  "specify.glass": z.strictObject({
    kind: z.enum(GLASS_KINDS),
    thickness: Written,
    edges: z.enum(EDGES),
    pattern: Short,
    offcut: z.boolean().optional(),
  }),
  "specify.location": z.strictObject({
    inDoor: z.boolean(),
    wetRoom: z.boolean(),
    stairs: z.boolean(),
    walkway: z.boolean(),
    noDoorMm: z.number().positive().max(10000).nullable().optional(),
  }),
  "specify.makeup": z.strictObject({ makeup: MakeupSchema.nullable() }),
  "specify.looks": LooksSchema,
  "specify.panel": z.strictObject({
    panel: z
      .strictObject({
        make: z.enum(PANEL_MAKES),
        mm: z.number().min(1).max(60),
        lineMm: z.number().min(0).max(10000).nullable(),
        neighbourMm: z.number().min(0).max(10000).nullable(),
      })
      .nullable(),
  }),
  "specify.hinges": z.strictObject({
    sashKg: z.number().positive().max(500).nullable(),
    ratedKg: z.number().positive().max(2000).nullable(),
    apartMm: z.number().positive().max(5000).nullable(),
  }),
  "specify.bed": z.strictObject({ compound: Name }),
  "specify.sun": z.strictObject({ partShade: z.boolean(), darkFrame: z.boolean() }),
  "specify.parts": z.strictObject({ parts: z.array(z.enum(PARTS)).max(PARTS.length), note: Short }),
  "specify.insert": z.strictObject({ safety: z.boolean() }),
  "specify.exposure": z.strictObject({ exposure: z.enum(EXPOSURES) }),
  "specify.sash": z.strictObject({
    position: z.enum(["upper", "lower", "fixed"]),
    sashKg: z.number().min(0).max(500).nullable(),
  }),
  "specify.match": z.strictObject({ answer: z.enum(["matches", "will-show", "not-asked"]), note: Short }),
} satisfies { readonly [K in keyof SpecifyPayloads]: z.ZodType<SpecifyPayloads[K]> };
