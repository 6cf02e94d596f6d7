import { z } from "zod";
import { LengthIn } from "./lengths.ts";
import { BY, Unit } from "./opening-case.ts";
import { route } from "./route.ts";

export const BalanceCase = z
  .strictObject({
    unit: Unit,
    sash: z.enum(["upper", "lower"]),
    sashKg: z.number().min(0).max(500).meta({ description: "The whole sash with its old glass." }),
    oldGlassKg: z.number().min(0).max(500),
    newGlassKg: z.number().min(0).max(500),
    offKg: z
      .number()
      .min(0)
      .max(5)
      .default(0.25)
      .meta({ description: "An upper sash's weights heavier, a lower's lighter, each." }),
    metal: z.enum(["lead", "steel"]).default("lead"),
    diameter: LengthIn.default({ mm: 40 }).meta({ description: "Of the round weight to add." }),
  })
  .meta({ id: "BalanceCase" });
export type BalanceCase = z.output<typeof BalanceCase>;

export const BalanceAnswer = z
  .strictObject({
    beforeKg: z.number().meta({ description: "Each of the two weights." }),
    afterKg: z.number(),
    changeKg: z.number().meta({ description: "To add to each; less than 0 is taken off." }),
    newSashKg: z.number(),
    lengthMm: z
      .number()
      .meta({ description: "Of round bar of the metal, for what is added to one; 0 where nothing is." }),
    springKg: z.number().meta({ description: "Lift that springs or spiral balances must give together." }),
    says: z.string(),
    ...BY,
  })
  .meta({ id: "BalanceAnswer" });

export const CalcBalance = route({
  method: "post",
  path: "/api/calc/balance",
  says: "What each weight of a sliding sash must be, before and after new glass, and the bar to add.",
  more: "Each of two weights is half the sash, an upper sash's 0.25 kg more, a lower's 0.25 kg less; a change of glass changes each by half of it. Lead 11 340, steel 7 850 kg/m³.",
  input: BalanceCase,
  output: BalanceAnswer,
  batch: true,
  example: { in: { sash: "lower", sashKg: 9, oldGlassKg: 4.1, newGlassKg: 5.47 }, out: "4.25 then 4.935 kg" },
});
