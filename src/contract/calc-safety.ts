import { z } from "zod";
import { LengthIn } from "./lengths.ts";
import { BY, Unit } from "./opening-case.ts";
import { route } from "./route.ts";

export const SafetyCase = z
  .strictObject({
    unit: Unit,
    set: z.enum(["M", "F"]).meta({ description: "M: height and door edge. F: area, walkway, wet room, stairs." }),
    width: LengthIn,
    height: LengthIn,
    sillHeight: LengthIn.optional().meta({ description: "Floor to the lower edge of the glass." }),
    doorDistance: LengthIn.optional().meta({ description: "Edge of the glass to the nearest door edge." }),
    noDoorWithin: LengthIn.optional().meta({
      description: "Where there is no door to measure to: none stands nearer than this.",
    }),
    inDoor: z.boolean().default(false),
    wetRoom: z.boolean().default(false),
    stairs: z.boolean().default(false),
    walkway: z.boolean().default(false),
    special: z
      .array(z.enum(["fire", "guarding", "overhead", "shop-front", "wired"]))
      .max(5)
      .default([])
      .meta({ description: "Never decided here: a licensed person is asked." }),
    cutOnSite: z.boolean().default(false).meta({ description: "It would be cut, drilled or eased after." }),
  })
  .meta({ id: "SafetyCase" });
export type SafetyCase = z.output<typeof SafetyCase>;

export const SafetyAnswer = z
  .strictObject({
    verdict: z.enum(["needed", "not-needed", "small-pane-6mm", "not-known", "ask-licensed"]),
    because: z.string().nullable(),
    missing: z.array(z.enum(["sill-height", "door-distance"])),
    kinds: z.array(z.enum(["toughened", "laminated"])).meta({ description: "What would do." }),
    ask: z.array(z.string()).meta({ description: "Whose licence it wants." }),
    says: z.string(),
    ...BY,
  })
  .meta({ id: "SafetyAnswer" });

export const CalcSafety = route({
  method: "post",
  path: "/api/calc/safety",
  says: "Whether a pane here should be safety glass, by one of two rule sets. Guidance: the local code decides.",
  more: "Set M: in doors and within 300 mm of a door edge, lower edge under 1 500 mm above the floor; elsewhere under 800 mm; a pane of 250 mm or less the least way and at most 0.5 m² may be 6 mm annealed. Set F: in doors; within 24 in of a door edge with the lower edge under 60 in; over 9 sq ft with the lower edge under 18 in, the upper above 36 in and a walkway within 36 in; wet rooms under 60 in; stairs and landings. Distances are inclusive, heights are not.",
  input: SafetyCase,
  output: SafetyAnswer,
  batch: true,
  example: { in: { set: "M", width: "600", height: "1000", sillHeight: "300" }, out: "needed: low" },
});
