import { z } from "zod";
import { USUAL_FILL } from "../core/specify/heat.ts";
import { LengthIn } from "./lengths.ts";
import { BY, Unit } from "./opening-case.ts";
import { route } from "./route.ts";

const Gas = z.enum(["air", "argon", "krypton"]);

export const HeatCase = z
  .strictObject({
    unit: Unit,
    panes: z.array(LengthIn).min(1).max(4).meta({ description: "Sheets from outside in." }),
    cavities: z
      .array(
        z.strictObject({
          width: LengthIn,
          gas: Gas.default("air"),
          fill: z.number().min(0).max(1).default(USUAL_FILL),
        }),
      )
      .max(3)
      .default([])
      .meta({ description: "One fewer than panes; `fill` is the share of gas, air for the rest." }),
    coatings: z
      .array(
        z.strictObject({
          face: z.int().min(1).max(8).meta({ description: "Counted from outside, 1 up." }),
          emissivity: z.number().min(0.01).max(1).meta({ description: "Normal emissivity, as the maker states it." }),
        }),
      )
      .max(8)
      .default([]),
    insideC: z.number().min(-50).max(60).default(20),
    outsideC: z.number().min(-60).max(60).default(0),
    humidity: z.number().min(0.01).max(1).default(0.5).meta({ description: "Of the room, as a share." }),
  })
  .meta({ id: "HeatCase" });
export type HeatCase = z.output<typeof HeatCase>;

export const HeatAnswer = z
  .strictObject({
    heat: z.number().meta({ description: "W/m²K, at the centre." }),
    heatToOneDecimal: z.number(),
    surfaceC: z.number().meta({ description: "Room-side face at the centre." }),
    dewPointC: z.number(),
    wet: z.boolean().meta({ description: "Surface at or below the dew point." }),
    dryUpTo: z.number().meta({ description: "Highest humidity of the room at which it stays dry, as a share." }),
    text: z.string(),
    says: z.string(),
    ...BY,
  })
  .meta({ id: "HeatAnswer" });

export const CalcHeat = route({
  method: "post",
  path: "/api/calc/heat",
  says: "Heat loss at the centre of upright glass, the temperature of its room face, and when it runs wet.",
  more: "EN 673:2011, vertical: 0.04 + 0.13 m²K/W at the surfaces, 15 K over all cavities shared by iteration, gases at 10 °C mixed by volume, corrected emissivity from normal by the standard's table. Dew point by Magnus over water. The edge of a unit is colder than its centre.",
  input: HeatCase,
  output: HeatAnswer,
  batch: true,
  example: { in: { panes: ["4", "4"], cavities: [{ width: "16" }] }, out: "2.7" },
});
