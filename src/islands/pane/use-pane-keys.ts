import { useEffect, useRef } from "react";
import { STATIONS } from "../../core/plan/stations.ts";
import { isTyping } from "../shared/keys.ts";
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

/** What each key does on a pane's page, while nobody types in a field. */
export function usePaneKeys(acts: Acts): void {
  const press = useRef((_: KeyboardEvent) => {});
  press.current = (e) => {
    if (isTyping(e)) return;
    const { view, before, after, open } = acts;
    const station = STATIONS[Number(e.key) - 1];
    const keys: Readonly<Record<string, () => void>> = {
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
    const act = station ? () => open(station) : keys[e.key];
    if (!act) return;
    e.preventDefault();
    act();
  };
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => press.current(e);
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, []);
}
