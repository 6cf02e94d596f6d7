import { useStore } from "@nanostores/react";
import { useEffect, useRef, useState } from "react";
import type { About } from "../../core/log/kind-fact.ts";
import type { Entry } from "../../core/log/kinds.ts";
import type { Prefs } from "../../core/words/prefs.ts";
import { usePrefs } from "../ui/prefs.ts";
import { createLogStore, type LogStore } from "./log-store.ts";

type Of = {
  readonly prefs: Prefs;
  readonly entries: readonly Entry[];
  readonly through: number;
  readonly about: About;
  /** What else the page was sent with. */
  readonly firmEntries?: readonly Entry[] | undefined;
};

/** The log of one page as it grows, and the reader whose entries go in it. */
export function useLog(log: Of): {
  readonly store: LogStore;
  readonly entries: readonly Entry[];
  readonly prefs: Prefs;
} {
  const prefs = usePrefs(log.prefs);
  const who = useRef(prefs.who);
  who.current = prefs.who;
  const [store] = useState(() =>
    createLogStore({
      initial: log.entries,
      through: log.through,
      about: log.about,
      who: () => who.current,
      knows: log.firmEntries,
    }),
  );
  useEffect(() => store.start(), [store]);
  return { store, entries: useStore(store.entries, { ssr: "initial" }), prefs };
}
