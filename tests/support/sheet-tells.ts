import type { System } from "../../src/core/frame/systems.ts";
import type { Cause, Damage } from "../../src/core/look/damage.ts";
import { EXAM_QUESTIONS, type ExamAnswers } from "../../src/core/look/exam.ts";
import type { LengthUnit } from "../../src/core/units/length.ts";
import { ORDER, ORDER_LINE, PANE, type Teller } from "./told.ts";

/* How the jobs of the sheets are told: what is common to many of them. */

export type SheetJob = {
  readonly name: string;
  readonly system: System;
  readonly unit?: LengthUnit;
  readonly tell: (t: Teller) => void;
};

export const mm = (text: string) => ({ text, unit: "mm" as const });
export const look = (t: Teller, damage: Damage, cause: Cause, all: ExamAnswers = {}) => {
  t.tell("look.damage", { damage: [damage] });
  t.tell("look.cause", { cause });
  for (const question of EXAM_QUESTIONS)
    if (all[question] !== undefined) t.tell("look.answer", { question, answer: all[question] });
};
export const state = (t: Teller, given: "guess" | "first-visit" | "beads-off" | "cleared") =>
  void t.tell("measure.circumstance", { state: given });
export const location = (
  t: Teller,
  given: Partial<Record<"inDoor" | "wetRoom" | "stairs" | "walkway", boolean>> & { readonly noDoorMm?: number },
) => void t.tell("specify.location", { inDoor: false, wetRoom: false, stairs: false, walkway: false, ...given });
export const unit = (panes: readonly number[], cavities: readonly number[], more: object = {}) => ({
  makeup: {
    panes: panes.map((x) => ({ mm: x, kind: "float" as const })),
    cavities: cavities.map((x) => ({ mm: x, gas: "air" as const, fill: 1 })),
    coatings: [],
    spacer: "",
    ...more,
  },
});
export const ordered = (t: Teller, line: object = {}, due = "2026-05-18") => {
  t.tell("order.opened", { supplier: "Fen End", reference: "R 7" }, { order: ORDER });
  t.tell("order.line", { ...ORDER_LINE, ...line }, { order: ORDER, pane: PANE });
  t.tell("order.sent", { day: "2026-05-11", due }, { order: ORDER });
};
export const came = (t: Teller, width: string, height: string, verdict: "accepted" | "sent-back" = "accepted") => {
  t.tell("order.arrived", { day: "2026-05-18" }, { order: ORDER });
  t.tell(
    "order.checked",
    { line: ORDER_LINE.line, width: mm(width), height: mm(height), verdict, reason: "" },
    { order: ORDER },
  );
};
export const done = (t: Teller, station: "takeout" | "ready" | "set" | "finish", steps: readonly string[]) => {
  for (const step of steps) t.tell("step.marked", { station, step, state: "done", reason: "" });
};
