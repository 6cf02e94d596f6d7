import { z } from "zod";
import { LengthIn } from "./lengths.ts";
import { BY, Unit } from "./opening-case.ts";
import { route } from "./route.ts";

export const PlateCase = z
  .strictObject({
    unit: Unit,
    width: LengthIn,
    height: LengthIn,
    thickness: LengthIn,
    kind: z.enum(["float", "patterned", "laminated", "toughened"]).default("float"),
    loadKpa: z.number().min(0).max(20).meta({ description: "Wind pressure on this sheet, kPa." }),
    strengthMpa: z.number().min(1).max(500).optional().meta({ description: "Instead of the default design strength." }),
  })
  .meta({ id: "PlateCase" });
export type PlateCase = z.output<typeof PlateCase>;

export const PlateAnswer = z
  .strictObject({
    stressMpa: z.number(),
    deflectionMm: z.number(),
    strengthMpa: z.number(),
    deflectionLimitMm: z.number(),
    holds: z.boolean(),
    overstated: z.boolean().meta({ description: "Deflection over half the thickness: linear theory overstates." }),
    says: z.string(),
    ...BY,
  })
  .meta({ id: "PlateAnswer" });

export const CalcPlate = route({
  method: "post",
  path: "/api/calc/plate",
  says: "Stress and deflection of a pane under wind, four edges simply supported. Indicative, never a design.",
  more: "Linear thin plate by Lévy's series, E 70 GPa, ν 0.23; stress at the centre across the short span. Design strength by EN 16612: kmod 0.74 for wind, 45 MPa annealed, 120 toughened, partial factors 1.8 and 1.2; deflection to the short span over 60.",
  input: PlateCase,
  output: PlateAnswer,
  batch: true,
  example: { in: { width: "1000", height: "1000", thickness: "6", loadKpa: 1 }, out: "7.55 MPa, 3.05 mm" },
});
