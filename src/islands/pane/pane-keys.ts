import type { KeyLine } from "../ui/KeyMap.tsx";

export const PANE_KEYS: readonly KeyLine[] = [
  ["/", "type readings in one tape line"],
  ["1 … 9", "open a station, in the order of the tape; on a step's card, one of its answers"],
  ["l", "open the logbook"],
  ["j k", "next pane, pane before"],
  ["c", "copy the ticket"],
  ["z", "take back your newest entry"],
  ["y", "bring it back"],
  ["u", "millimetres or inches"],
  ["r", "back to the round"],
  ["Enter", "keep a reading and go to the next; a step is done"],
  ["← →", "the step before, the step after"],
  ["?", "all keys"],
];
