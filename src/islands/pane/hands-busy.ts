import { standingAt } from "../../core/pane/standing.ts";
import type { Station } from "../../core/plan/stations.ts";
import { usePane } from "../panels/pane-context.ts";
import { IS_WORK, type View } from "./model.ts";

/** Hands are at work here and not done: nobody is sent elsewhere in the middle of it. */
export function useHandsBusy(view: View): boolean {
  const { book, reckoning } = usePane();
  return IS_WORK[view] && standingAt(view as Station, book, reckoning).state !== "done";
}
