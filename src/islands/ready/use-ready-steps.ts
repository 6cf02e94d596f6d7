import { stepsAt } from "../../core/pane/steps-at.ts";
import type { Step } from "../../core/steps/step.ts";
import { usePane } from "../panels/pane-context.ts";

/** The steps of making the frame ready; those of a unit that is opened and resealed stand in a list of their own. */
export function useReadySteps(): readonly Step[] {
  const { book, reckoning: r } = usePane();
  return stepsAt("ready", book, r).filter((s) => !s.id.startsWith("ru-"));
}
