import type { Step } from "../steps/step.ts";
import { partsInOrder } from "./assembly.ts";
import type { StepFacts } from "./facts.ts";
import { afterSteps, beforeSteps } from "./front-steps.ts";
import { stepsOfPart } from "./part-steps.ts";

/**
 * The steps of taking this pane out: guard and mark, then part by part in the order in which the frame comes apart, then
 * count and sweep. None where the sash cannot be opened: only a new sash will do.
 */
export function takeoutSteps(f: StepFacts): readonly Step[] {
  if (f.closed) return [];
  return [...beforeSteps(f), ...partsInOrder(f).flatMap((part) => stepsOfPart(part, f)), ...afterSteps(f)];
}
