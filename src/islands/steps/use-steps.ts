import { useCallback } from "react";
import { stepKey } from "../../core/pane/book.ts";
import { notDry } from "../../core/pane/drying.ts";
import { paintOwed } from "../../core/pane/paint-owed.ts";
import { stepHeld } from "../../core/pane/step-held.ts";
import { stepsAt } from "../../core/pane/steps-at.ts";
import type { Station } from "../../core/plan/stations.ts";
import type { Step } from "../../core/steps/step.ts";
import { writeDay } from "../../core/units/day.ts";
import { usePane } from "../panels/pane-context.ts";
import { useStage } from "../stage/stage-context.ts";
import { isTimed } from "./StepTook.tsx";

export type StepsHere = {
  readonly steps: readonly Step[];
  readonly isOpen: (s: Step) => boolean;
  /** The first that is neither done nor left out. */
  readonly next: Step | undefined;
  /** That; where all is ticked, what is not dry yet. */
  readonly due: Step | undefined;
  /** The one whose card is open, on the stage and beside it. */
  readonly shown: Step | undefined;
  readonly mark: (step: Step, state: "done" | "skipped" | "open", reason?: string) => void;
};

/** The steps of a station, the one now worked on, and the way to say that one is done: the same for its card, its line and its drawing. */
export function useSteps(station: Station): StepsHere {
  const { book, reckoning, today, write } = usePane();
  const { step: picked, openStep, refuse } = useStage();
  const steps = stepsAt(station, book, reckoning);
  const isOpen = (s: Step): boolean => !book.steps.has(stepKey(station, s.id));
  const next = steps.find(isOpen);
  // Where all is ticked, what is not dry yet still wants a word.
  const drying = next ? undefined : notDry(book, (at) => (at === station ? steps : []), Date.now())[0]?.step;
  const due = next ?? drying;
  const shown = steps.find((s) => s.id === picked) ?? due ?? steps.at(-1);
  const mark = useCallback(
    (step: Step, state: "done" | "skipped" | "open", reason = "") => {
      // What speaks against it is said, and can be overruled with a reason.
      if (state === "done" && stepHeld(step, station, book, reckoning, { today, nowMs: Date.now() }) !== null) {
        openStep(step.id);
        refuse(step.id);
        return;
      }
      if (state === "done" && step.ticks?.length && !book.before.ticked.get(stepKey(station, step.id))?.length)
        write("step.sides", { station, step: step.id, done: [...step.ticks] });
      write("step.marked", { station, step: step.id, state, reason });
      // Ticked is painted: nobody says it twice.
      if (state === "done" && step.paints && paintOwed(book, reckoning))
        write("finish.painted", { day: writeDay(today) });
      refuse(null);
      // What dries or is timed is still to be told of: the card stays with it.
      if (state === "open") return;
      const stays = state === "done" && (step.driesHours !== undefined || isTimed(book.id, station, step.id));
      // Out of turn, the work goes on from here: what was due before it is one tap away.
      const after = steps.slice(steps.indexOf(step) + 1).find((s) => !book.steps.has(stepKey(station, s.id)));
      openStep(stays ? step.id : (after?.id ?? null));
    },
    [station, steps, book, reckoning, today, write, openStep, refuse],
  );
  return { steps, isOpen, next, due, shown, mark };
}
