import { useState } from "react";
import { type KeyLine, KeyMap } from "../ui/KeyMap.tsx";
import { useKeys } from "../ui/keys.ts";
import type { LogStore } from "./log-store.ts";

const KEYS: readonly KeyLine[] = [
  ["z", "take back your newest entry here"],
  ["y", "bring it back"],
  ["r", "to the round"],
  ["o", "to the orders"],
  ["u", "millimetres or inches"],
  ["?", "all keys"],
];

/** The keys of a page that writes to the log and has none of its own. */
export function PageKeys({ store }: { readonly store: LogStore }) {
  const [open, setOpen] = useState(false);
  const acts: Readonly<Record<string, () => unknown>> = {
    z: store.undo,
    y: store.redo,
    r: () => location.assign("/"),
    o: () => location.assign("/orders"),
    "?": () => setOpen(true),
  };
  useKeys("page", (e) => acts[e.key]);
  return open ? <KeyMap keys={KEYS} close={() => setOpen(false)} /> : null;
}
