import { STATIONS } from "../../core/plan/stations.ts";
import { answerByKey } from "../stage/answer-by-key.ts";
import { useKeys } from "../ui/keys.ts";
import type { View } from "./model.ts";

type Acts = {
  readonly view: View;
  readonly before: string | null;
  readonly after: string | null;
  readonly open: (view: View) => void;
  readonly copy: () => void;
  readonly undo: () => void;
  readonly redo: () => void;
  readonly openTapeLine: () => void;
  readonly openKeys: () => void;
};

/** The keys of a pane's page: a digit for a station, or for an answer of the card that has the focus; a letter for the rest. */
export function usePaneKeys(acts: Acts): void {
  const { view, before, after, open } = acts;
  const keys: Readonly<Record<string, () => unknown>> = {
    "/": acts.openTapeLine,
    "?": acts.openKeys,
    c: acts.copy,
    z: acts.undo,
    y: acts.redo,
    l: () => open("logbook"),
    j: () => after && location.assign(`/panes/${after}/${view}`),
    k: () => before && location.assign(`/panes/${before}/${view}`),
    r: () => location.assign("/"),
  };
  useKeys("pane", (e) => {
    const answer = answerByKey(e);
    if (answer) return () => answer.click();
    const station = STATIONS[Number(e.key) - 1];
    return station ? () => open(station) : keys[e.key];
  });
}
