import { z } from "zod";
import { MOST_LEVEL } from "../core/practice/exercise.ts";
import { EXERCISE_IDS } from "../core/practice/exercises.ts";
import { Id, Name } from "./payload-parts.ts";
import { route } from "./route.ts";

const ExerciseName = z.enum(EXERCISE_IDS);

/** An answer to a made-up case: the case is named by its seed, and made again to judge it. */
export const PracticeCase = z
  .strictObject({
    id: Id.meta({ description: "Sent twice it is kept once." }),
    who: Name.meta({ description: "Whoever is signed in, where anybody has to be." }),
    exercise: ExerciseName,
    level: z.int().min(1).max(MOST_LEVEL),
    seed: z.int().min(0).max(4_294_967_295),
    unit: z.enum(["mm", "in"]),
    texts: z.array(z.string().max(60)).max(4).default([]),
    picks: z.array(z.int().min(0).max(60)).max(8).default([]),
    seconds: z.number().min(0).max(3600),
  })
  .meta({ id: "PracticeCase" });
export type PracticeCase = z.output<typeof PracticeCase>;

export const PracticeStanding = z
  .strictObject({
    exercise: ExerciseName,
    level: z.int(),
    /** When it comes again, ISO; null where it was never done. */
    due: z.string().nullable(),
    done: z.int(),
    rightOfTwenty: z.number().nullable(),
    seconds: z.number().nullable(),
    spreadMm: z.number().nullable(),
  })
  .meta({ id: "PracticeStanding" });
export type PracticeStanding = z.output<typeof PracticeStanding>;

export const PracticeAnswer = z
  .strictObject({
    right: z.boolean(),
    offMm: z.number().nullable(),
    says: z.string(),
    standing: PracticeStanding,
  })
  .meta({ id: "PracticeAnswer" });

export const PostPractice = route({
  method: "post",
  path: "/api/practice",
  says: "Judges an answer to a made-up case, keeps it for whoever answered, and says when the exercise comes again.",
  more: "The case follows from exercise, level, seed and unit. Lengths are given as text, as a tape is read; picks are places in what was offered, from 0. Nobody sees anybody else's, unless a house rule says so.",
  input: PracticeCase,
  output: PracticeAnswer,
  example: {
    in: {
      id: "01900000-0000-7000-8000-00000000000a",
      who: "Nell Harrow",
      exercise: "from-seams",
      level: 1,
      seed: 7,
      unit: "mm",
      picks: [0],
      seconds: 6,
    },
    out: "right or not, with what is right",
  },
});
