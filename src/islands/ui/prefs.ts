import { atom } from "nanostores";
import { useSyncExternalStore } from "react";
import type { Prefs } from "../../core/words/prefs.ts";

const changed = atom<Prefs | null>(null);
const YEAR_S = 31_536_000;
let heard: BroadcastChannel | null = null;

/** This reader's unit, dialect and name, the same in every island of the page and in every tab. */
export function usePrefs(initial: Prefs): Prefs {
  return useSyncExternalStore(
    (tell) => {
      listen();
      return changed.listen(tell);
    },
    () => changed.get() ?? initial,
    () => initial,
  );
}

/** Keeps a change for the next page, the printouts and the other tabs. */
export function changePrefs(now: Prefs, change: Partial<Prefs>): void {
  const next = { ...now, ...change };
  for (const name of ["unit", "dialect", "who"] as const) {
    const cookie = `${name}=${encodeURIComponent(next[name])}; path=/; max-age=${YEAR_S}; samesite=lax`;
    // biome-ignore lint/suspicious/noDocumentCookie: the Cookie Store API is not in every browser a glazier carries
    document.cookie = cookie;
  }
  changed.set(next);
  listen();
  heard?.postMessage(next);
}

function listen(): void {
  if (heard || typeof BroadcastChannel === "undefined") return;
  heard = new BroadcastChannel("plain-pane-prefs");
  heard.onmessage = (e: MessageEvent<Prefs>) => changed.set(e.data);
}
