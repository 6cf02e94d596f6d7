import type { z } from "zod";
import type { HandTallySchema, PracticeHand } from "../../contract/practice-hand.ts";
import { HAND_SKILLS, type HandSkill, type HandTally, handTally } from "../../core/practice/hand.ts";
import { ok } from "../../core/result.ts";
import { keepPractice, practiceOf } from "../../db/practice.ts";
import type { Outcome } from "../http/endpoint.ts";
import { visitor } from "../people/visit.ts";
import { theDatabase } from "../the-database.ts";

/** Tries stand among the answers to exercises, by a name of their own. */
const asExercise = (skill: HandSkill): string => `hand ${skill}`;

/** How one person's tries of a skill went; of one thickness only, where it is given. */
export const handOf = (who: string, skill: HandSkill, level?: number): HandTally =>
  handTally(practiceOf(theDatabase(), who, asExercise(skill)).filter((r) => level === undefined || r.level === level));

/** How their tries of every skill went. */
export const handsOf = (who: string): Readonly<Record<HandSkill, HandTally>> =>
  Object.fromEntries(HAND_SKILLS.map((s) => [s, handOf(who, s)])) as Record<HandSkill, HandTally>;

/** A try of which there is a picture. */
export type TryPicture = { readonly photo: string; readonly right: boolean; readonly at: string };
const MOST_PICTURES = 4;

/** The newest pictures of one person's tries, by skill. */
export function picturesOf(who: string): Readonly<Record<HandSkill, readonly TryPicture[]>> {
  const picturesOf = (skill: HandSkill): readonly TryPicture[] =>
    practiceOf(theDatabase(), who, asExercise(skill))
      .flatMap(({ photo, right, at }) => (photo === null ? [] : [{ photo, right, at }]))
      .slice(-MOST_PICTURES);
  return {
    score: picturesOf("score"),
    putty: picturesOf("putty"),
    sealant: picturesOf("sealant"),
    sprig: picturesOf("sprig"),
    blade: picturesOf("blade"),
  };
}

/** Keeps a try. */
export function triedByHand(hand: PracticeHand, now = new Date()): Outcome<z.output<typeof HandTallySchema>> {
  const who = visitor()?.name ?? hand.who;
  const { id, skill, level, right, photo } = hand;
  keepPractice(theDatabase(), {
    id,
    who,
    at: now.toISOString(),
    exercise: asExercise(skill),
    level,
    right,
    seconds: 0,
    offMm: null,
    photo,
  });
  return ok(handOf(who, skill, level === 0 ? undefined : level));
}
