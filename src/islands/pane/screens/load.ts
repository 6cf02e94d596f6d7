import { useEffect, useState } from "react";
import type { View } from "../model.ts";
import type { Screen } from "./screen.ts";

/** Each station is a script of its own: the one that is opened comes with its page, the others when the browser has a moment. */
const LOADERS: Readonly<Record<View, () => Promise<{ readonly screen: Screen }>>> = {
  look: () => import("./look.ts"),
  takeout: () => import("./takeout.ts"),
  measure: () => import("./measure.tsx"),
  specify: () => import("./specify.ts"),
  order: () => import("./order.ts"),
  ready: () => import("./ready.ts"),
  set: () => import("./set.ts"),
  finish: () => import("./finish.ts"),
  signoff: () => import("./signoff.ts"),
  logbook: () => import("./logbook.tsx"),
};

const here = new Map<View, Screen>();

/** The screen of a station, fetched once. */
export async function loadScreen(view: View): Promise<Screen> {
  const known = here.get(view);
  if (known) return known;
  const { screen } = await LOADERS[view]();
  here.set(view, screen);
  return screen;
}

/** One that could not be fetched is asked for again when it is opened. */
const loadAll = (): void => {
  for (const view of Object.keys(LOADERS) as View[]) loadScreen(view).catch(() => undefined);
};

export type Shown = { readonly view: View; readonly screen: Screen };

/**
 * What is shown while a view is open: its own screen, or for the moment that it takes to come the one before. `first` came
 * with the page.
 */
export function useScreen(view: View, first: Shown): Shown {
  const [came, setCame] = useState<Shown>(first);
  here.set(first.view, first.screen);
  const known = here.get(view);
  useEffect(() => {
    const idle = window.requestIdleCallback?.(loadAll, { timeout: 2000 }) ?? window.setTimeout(loadAll, 500);
    return () => {
      window.cancelIdleCallback?.(idle);
      window.clearTimeout(idle);
    };
  }, []);
  useEffect(() => {
    if (known) return;
    let wanted = true;
    const load = (): void => {
      loadScreen(view).then(
        (screen) => wanted && setCame({ view, screen }),
        // Gone from the server, the page is of an older version; gone with the signal, it is asked for when that is back.
        () =>
          wanted && (navigator.onLine ? location.reload() : window.addEventListener("online", load, { once: true })),
      );
    };
    load();
    return () => {
      wanted = false;
      window.removeEventListener("online", load);
    };
  }, [view, known]);
  return known ? { view, screen: known } : came;
}
