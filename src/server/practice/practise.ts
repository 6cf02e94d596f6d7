import type { z } from "zod";
import type { PracticeAnswer, PracticeCase, PracticeStanding } from "../../contract/practice.ts";
import type { Firm } from "../../core/firm/firm.ts";
import type { System } from "../../core/frame/systems.ts";
import { type Explains, explainsTo } from "../../core/people/explains.ts";
import { EXERCISE_IDS, type ExerciseId, madeOf } from "../../core/practice/exercises.ts";
import type { HandSkill, HandTally } from "../../core/practice/hand.ts";
import { levelAfter, standingOf } from "../../core/practice/progress.ts";
import { ok } from "../../core/result.ts";
import { metByAll } from "../../db/met.ts";
import { keepPractice, practiceOf, practiceOfAll } from "../../db/practice.ts";
import { loadFirm } from "../firm.ts";
import type { Outcome } from "../http/endpoint.ts";
import { visitor } from "../people/visit.ts";
import { theDatabase } from "../the-database.ts";
import { handsOf, picturesOf, type TryPicture } from "./by-hand.ts";
import { comesAgain } from "./schedule.ts";

/** Judges an answer and keeps it. */
export function practise(asked: PracticeCase, now = new Date()): Outcome<z.output<typeof PracticeAnswer>> {
  const db = theDatabase();
  const who = visitor()?.name ?? asked.who;
  const judged = madeOf(asked).judge({ texts: asked.texts, picks: asked.picks }, asked.seconds);
  keepPractice(db, {
    id: asked.id,
    who,
    at: now.toISOString(),
    exercise: asked.exercise,
    level: asked.level,
    right: judged.right,
    seconds: asked.seconds,
    offMm: judged.offMm,
    photo: null,
  });
  const { right, offMm, says } = judged;
  return ok({ right, offMm, says, standing: standing(who, asked.exercise) });
}

function standing(who: string, exercise: ExerciseId): PracticeStanding {
  const rows = practiceOf(theDatabase(), who, exercise);
  return { exercise, level: levelAfter(rows), due: comesAgain(rows)?.toISOString() ?? null, ...standingOf(rows) };
}

export type LearnPageData = {
  readonly who: string;
  readonly standings: readonly PracticeStanding[];
  /** How much others practised, where the house says that people see each other. */
  readonly others: readonly { readonly who: string; readonly done: number }[];
  /** Who has worked on which systems, where the house says so. */
  readonly met: readonly { readonly who: string; readonly system: System }[];
  /** How much is explained to whoever looks. */
  readonly explains: Explains;
  /** Who wants to be shown what: their own wishes, and those for them. */
  readonly asked: Firm["asked"];
  readonly now: string;
  /** How their tries by hand went. */
  readonly hands: Readonly<Record<HandSkill, HandTally>>;
  readonly pictures: Readonly<Record<HandSkill, readonly TryPicture[]>>;
};

/** The exercises as they stand for whoever looks. */
export function learnPage(asked: string, now = new Date()): LearnPageData {
  const db = theDatabase();
  const who = visitor()?.name ?? asked;
  const { firm } = loadFirm(db);
  const sees = firm.house.peopleSeeEachOther === "yes";
  const by = new Map<string, number>();
  if (sees) for (const r of practiceOfAll(db)) by.set(r.who, (by.get(r.who) ?? 0) + r.done);
  by.delete(who);
  return {
    who,
    standings: EXERCISE_IDS.map((id) => standing(who, id)),
    others: [...by].map(([name, done]) => ({ who: name, done })),
    met: sees ? metByAll(db) : [],
    explains: explainsTo(firm.explains, who),
    asked: firm.asked.filter((a) => a.person === who || a.of === who),
    now: now.toISOString(),
    hands: handsOf(who),
    pictures: picturesOf(who),
  };
}
