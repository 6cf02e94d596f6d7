import { z } from "zod";
import { ReadEntrySchema } from "./entry.ts";
import { DayText } from "./lengths.ts";
import { Id, Name, Text } from "./payload-parts.ts";
import { route } from "./route.ts";

const Told = z
  .strictObject({ entries: z.array(ReadEntrySchema), through: z.int() })
  .meta({ id: "OrderTold", description: "What was written down of it: entries that are in the log now." });

export const PostHand = route({
  method: "post",
  path: "/api/orders/hand",
  says: "Hands an order to its supplier's system, and writes down what they said. Safe to send again.",
  input: z.strictObject({ order: Id, who: Name }),
  output: Told,
});

export const PostAnswer = route({
  method: "post",
  path: "/api/orders/answer",
  says: "Answers what a supplier's system asked about an order.",
  input: z.strictObject({ order: Id, who: Name, question: Name, answer: Text }),
  output: Told,
});

export const PostAsk = route({
  method: "post",
  path: "/api/orders/ask",
  says: "Asks a supplier's system how an order stands, and writes down what is new.",
  more: "`day` asks as of a later day: for trying out with the simulated supplier.",
  input: z.strictObject({ order: Id, who: Name, day: DayText.optional() }),
  output: Told,
});
