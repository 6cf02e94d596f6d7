import { useCallback, useEffect } from "react";
import { STATIONS } from "../../core/plan/stations.ts";
import type { View } from "./model.ts";

const viewIn = (path: string): View | undefined => {
  const last = path.split("/").at(-1);
  return last === "logbook" ? last : STATIONS.find((s) => s === last);
};

/**
 * Opens a view and puts it in the address, so that Back, reload and a sent link come to the same place. What is typed
 * is kept before the view changes.
 */
export function useViewInAddress(pane: string, show: (view: View) => void, before: () => void): (view: View) => void {
  useEffect(() => {
    const onPop = () => {
      const view = viewIn(location.pathname);
      if (view) show(view);
    };
    window.addEventListener("popstate", onPop);
    return () => window.removeEventListener("popstate", onPop);
  }, [show]);
  return useCallback(
    (view: View) => {
      before();
      show(view);
      if (viewIn(location.pathname) !== view) history.pushState(null, "", `/panes/${pane}/${view}`);
    },
    [pane, show, before],
  );
}
