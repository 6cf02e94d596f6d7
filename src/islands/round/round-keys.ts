import type { KeyLine } from "../ui/KeyMap.tsx";

export const ROUND_KEYS: readonly KeyLine[] = [
  ["j k", "next pane, pane before"],
  ["Enter", "open it where it stands"],
  ["n", "new pane"],
  ["o", "gather panes into an order"],
  ["/", "find a pane"],
  ["u", "millimetres or inches"],
  ["?", "all keys"],
];
