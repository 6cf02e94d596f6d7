import { z } from "zod";
import { LengthIn } from "./lengths.ts";
import { BY, Unit } from "./opening-case.ts";
import { route } from "./route.ts";

export const MassCase = z
  .strictObject({
    unit: Unit,
    width: LengthIn,
    height: LengthIn,
    panes: z.array(LengthIn).min(1).max(4).meta({ description: "Thickness of each sheet." }),
    oneLiftsKg: z.number().min(1).max(100).default(20),
    oneLiftsM2: z.number().min(0.1).max(10).default(1),
    twoLiftKg: z.number().min(1).max(200).default(50),
    cupKg: z.number().min(1).max(200).default(25).meta({ description: "What one rated cup carries." }),
  })
  .meta({ id: "MassCase" });
export type MassCase = z.output<typeof MassCase>;

export const MassAnswer = z
  .strictObject({
    kg: z.number(),
    lb: z.number(),
    kgPerM2: z.number(),
    areaM2: z.number(),
    lift: z.enum(["one", "two", "machine"]),
    cups: z.int().nullable().meta({ description: "For two people; null where one lifts it by hand." }),
    says: z.string(),
    ...BY,
  })
  .meta({ id: "MassAnswer" });

export const CalcMass = route({
  method: "post",
  path: "/api/calc/mass",
  says: "What a pane weighs, and who lifts it.",
  more: "2 500 kg/m³. One person up to 20 kg and 1 m², two with rated cups up to 50 kg, more by machine; limits are within.",
  input: MassCase,
  output: MassAnswer,
  batch: true,
  example: { in: { width: "608", height: "900", panes: ["4"] }, out: "5.47 kg, one" },
});
