import { z } from "zod";
import { LengthIn, LengthUnit } from "./lengths.ts";
import { route } from "./route.ts";

const Section = z.union([
  z
    .strictObject({ shape: z.enum(["rectangle", "triangle", "fillet"]), width: LengthIn, depth: LengthIn })
    .meta({ description: "A fillet is a triangle: flat from leg to leg." }),
  z.strictObject({ shape: z.literal("round"), diameter: LengthIn }),
  z
    .strictObject({ shape: z.enum(["cove", "quarter round"]), radius: LengthIn })
    .meta({ description: "A quarter of a circle: tooled hollow into the corner, or standing full in it." }),
]);

export const SealantCase = z
  .strictObject({
    unit: LengthUnit.default("mm"),
    panes: z
      .array(
        z.strictObject({
          width: LengthIn,
          height: LengthIn,
          section: Section,
          inside: LengthIn.default({ mm: 0 }).meta({
            description: "How far inside that rectangle the section's middle runs.",
          }),
          voidMl: z.number().min(0).max(100_000).default(0),
          count: z.int().min(1).max(1000).default(1),
        }),
      )
      .min(1)
      .max(200),
    waste: z.number().min(0).lt(1).default(0.1),
  })
  .meta({ id: "SealantCase" });
export type SealantCase = z.output<typeof SealantCase>;

export const SealantAnswer = z
  .strictObject({
    eachMl: z.array(z.number()),
    totalMl: z.number(),
    cartridges310: z.int(),
    foils600: z.int(),
    rule: z.string(),
    source: z.string(),
  })
  .meta({ id: "SealantAnswer" });

export const CalcSealant = route({
  method: "post",
  path: "/api/calc/sealant",
  says: "Sealant for one or more panes, in ml, cartridges and foils.",
  more: "Section area × (2(W + H) − 8x), exactly, for each; tubes = ⌈total / (size × (1 − waste))⌉ on the total of all panes.",
  input: SealantCase,
  output: SealantAnswer,
  batch: true,
  example: {
    in: { panes: [{ width: "600", height: "900", section: { shape: "round", diameter: "6" } }] },
    out: "84.8 ml: 1 cartridge of 310 ml",
  },
});
