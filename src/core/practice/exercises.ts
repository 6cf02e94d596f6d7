import { seeded } from "../chance/seeded.ts";
import type { LengthUnit } from "../units/length.ts";
import { BREAK_OUT } from "./break-out.ts";
import { DATE_PAINT } from "./date-paint.ts";
import { DIAGNOSE } from "./diagnose.ts";
import type { Exercise, Made } from "./exercise.ts";
import { FIND_SLIP } from "./find-slip.ts";
import { FROM_SEAMS } from "./from-seams.ts";
import { LEANING_OPENING } from "./leaning-opening.ts";
import { LIFT_SASH } from "./lift-sash.ts";
import { ORDER_BEADS } from "./order-beads.ts";
import { READ_BACK } from "./read-back.ts";
import { READ_TAPE } from "./read-tape.ts";
import { SAFETY_PLACE } from "./safety-place.ts";
import { SET_STRAIGHTEDGE } from "./set-straightedge.ts";
import { SQUARE_SASH } from "./square-sash.ts";
import { TELL_STACK } from "./tell-stack.ts";

/** In the order in which a pane goes. */
export const EXERCISE_IDS = [
  "diagnose",
  "from-seams",
  "order-beads",
  "read-tape",
  "find-slip",
  "leaning-opening",
  "tell-stack",
  "safety-place",
  "read-back",
  "set-straightedge",
  "break-out",
  "lift-sash",
  "square-sash",
  "date-paint",
] as const;
export type ExerciseId = (typeof EXERCISE_IDS)[number];

export const EXERCISES: Readonly<Record<ExerciseId, Exercise>> = {
  diagnose: DIAGNOSE,
  "from-seams": FROM_SEAMS,
  "order-beads": ORDER_BEADS,
  "read-tape": READ_TAPE,
  "find-slip": FIND_SLIP,
  "leaning-opening": LEANING_OPENING,
  "tell-stack": TELL_STACK,
  "safety-place": SAFETY_PLACE,
  "read-back": READ_BACK,
  "set-straightedge": SET_STRAIGHTEDGE,
  "break-out": BREAK_OUT,
  "lift-sash": LIFT_SASH,
  "square-sash": SQUARE_SASH,
  "date-paint": DATE_PAINT,
};

export type Case = {
  readonly exercise: ExerciseId;
  readonly level: number;
  readonly seed: number;
  readonly unit: LengthUnit;
};

/** The case of a seed: the same on every device, so that what is judged here is judged alike by the server. */
export const madeOf = (exercise: Case): Made =>
  EXERCISES[exercise.exercise].make(seeded(exercise.seed), exercise.level, exercise.unit);
