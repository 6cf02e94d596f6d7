import { z } from "zod";
import { LengthIn, LengthOut } from "./lengths.ts";
import { BY, Pair, Unit } from "./opening-case.ts";
import { route } from "./route.ts";

export const SashMassCase = z
  .strictObject({
    unit: Unit,
    outside: Pair.meta({ description: "The sash over its timber, edge to edge." }),
    stile: LengthIn.meta({ description: "Face of a stile, from its outer edge to the sight line." }),
    topRail: LengthIn.optional().meta({ description: "As the stile where it is not given." }),
    bottomRail: LengthIn.optional().meta({ description: "As the top rail where it is not given." }),
    thickness: LengthIn.meta({ description: "Of the timber, through the glass." }),
    rebateDepth: LengthIn.default({ mm: 0 }).meta({ description: "In the plane of the glass." }),
    rebateWidth: LengthIn.default({ mm: 0 }).meta({ description: "Through the glass." }),
    timber: z.enum(["softwood", "hardwood"]).default("softwood"),
    density: z.number().min(200).max(1500).optional().meta({ description: "kg/m³; the timber's own if not given." }),
    glass: z
      .strictObject({ width: LengthIn, height: LengthIn, panes: z.array(LengthIn).min(1).max(4) })
      .optional()
      .meta({ description: "Its glass, and the thickness of each sheet of it." }),
    addedKg: z.number().min(0).max(500).default(0).meta({ description: "Fittings and what else is added." }),
  })
  .meta({ id: "SashMassCase" });
export type SashMassCase = z.output<typeof SashMassCase>;

export const SashMassAnswer = z
  .strictObject({
    timberKg: z.number(),
    glassKg: z.number(),
    kg: z.number(),
    sight: z.strictObject({ width: LengthOut, height: LengthOut }),
    ...BY,
  })
  .meta({ id: "SashMassAnswer" });

export const CalcSashMass = route({
  method: "post",
  path: "/api/calc/sash-mass",
  says: "What a sash weighs, from its members, its rebate and its glass.",
  more: "Timber: (outside − sight opening) × thickness, less the rebate's ring round the sight opening, depth × width; softwood 500, hardwood 650 kg/m³. Glass 2 500 kg/m³, each sheet by its own thickness.",
  input: SashMassCase,
  output: SashMassAnswer,
  batch: true,
  example: {
    in: {
      outside: { width: "600", height: "900" },
      stile: "50",
      thickness: "40",
      rebateDepth: "10",
      rebateWidth: "18",
      glass: { width: "516", height: "816", panes: ["4"] },
    },
    out: "2.56 kg of timber, 4.21 kg of glass",
  },
});
