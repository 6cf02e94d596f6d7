import { z } from "zod";
import { HAND_SKILLS } from "../core/practice/hand.ts";
import { Id, Name } from "./payload-parts.ts";
import { route } from "./route.ts";

/** One try on scrap, judged by whoever tried. */
export const PracticeHand = z
  .strictObject({
    id: Id.meta({ description: "Sent twice it is kept once." }),
    who: Name.meta({ description: "Whoever is signed in, where anybody has to be." }),
    skill: z.enum(HAND_SKILLS),
    level: z
      .int()
      .min(0)
      .max(30)
      .default(0)
      .meta({ description: "Thickness of the scrap, whole mm; 0 where it does not matter." }),
    right: z.boolean(),
    photo: Id.nullable().default(null).meta({ description: "A picture of it, kept under this id." }),
  })
  .meta({ id: "PracticeHand" });
export type PracticeHand = z.output<typeof PracticeHand>;

export const HandTallySchema = z
  .strictObject({ tries: z.int(), good: z.int(), of: z.int(), inRow: z.int() })
  .meta({ id: "HandTally" });

export const PostPracticeHand = route({
  method: "post",
  path: "/api/practice/hand",
  says: "Keeps one try on scrap for whoever tried, and says how the last ten went.",
  more: "Nobody sees anybody else's.",
  input: PracticeHand,
  output: HandTallySchema,
  example: {
    in: { id: "01900000-0000-7000-8000-00000000000b", who: "Nell Harrow", skill: "score", level: 4, right: true },
    out: { tries: 1, good: 1, of: 1, inRow: 1 },
  },
});
