import { z } from "zod";
import { Id, Name, Nanometres, Pence, Short, Text } from "./payload-parts.ts";
import { route } from "./route.ts";

const Day = z.int().min(0).max(100_000).meta({ description: "Days since 1970-01-01." });

export const HandedOrderSchema = z
  .strictObject({
    key: Name,
    reference: Short,
    day: Day,
    leadDays: z.int().min(0).max(365),
    delivery: Pence,
    lines: z
      .array(
        z.strictObject({
          line: Id,
          widthNm: Nanometres,
          heightNm: Nanometres,
          thicknessNm: Nanometres,
          glass: Short,
          edges: Short,
          pattern: Short,
          whole: Short.exactOptional(),
          label: Short,
          pence: Pence.nullable(),
        }),
      )
      .min(1)
      .max(500),
  })
  .meta({ id: "HandedOrder" });

export const TheirStateSchema = z
  .strictObject({
    key: z.string(),
    theirs: z.string(),
    question: z
      .strictObject({ id: z.string(), line: z.string(), asks: z.string(), answer: z.string().nullable() })
      .nullable(),
    acknowledged: z.strictObject({ day: Day, pence: Pence, due: Day }).nullable(),
    putOff: Day.nullable(),
    delivered: z
      .strictObject({
        day: Day,
        lines: z.array(
          z.strictObject({
            line: z.string(),
            widthNm: Nanometres,
            heightNm: Nanometres,
            thicknessNm: Nanometres,
            says: z.string(),
          }),
        ),
      })
      .nullable(),
  })
  .meta({ id: "TheirState", description: "How an order stands with whoever makes it." });

export const PostStandinOrder = route({
  method: "post",
  path: "/api/standin/orders",
  says: "The simulated supplier takes an order. The same key again: the same order, never a second one.",
  more: "It asks about one order in four, puts off one in five, and one line in eight comes wrong, by the order's own chance. For trying the application: a real supplier's system stands behind the same interface.",
  input: HandedOrderSchema,
  output: TheirStateSchema,
});

export const PostStandinAnswer = route({
  method: "post",
  path: "/api/standin/answers",
  says: "Answers what the simulated supplier asked.",
  input: z.strictObject({ key: Name, question: Name, answer: Text, day: Day }),
  output: TheirStateSchema,
});

export const GetStandinOrder = route({
  method: "get",
  path: "/api/standin/orders",
  says: "How an order stands with the simulated supplier on a day: acknowledged, put off, delivered with its note.",
  input: z.strictObject({ key: Name, day: z.coerce.number().int().min(0).max(100_000) }),
  output: TheirStateSchema,
});
