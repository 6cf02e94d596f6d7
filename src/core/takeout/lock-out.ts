import type { Template } from "../text/template.ts";

/** A screw that will not turn, from the gentlest to the last. Source: trade practice. */
export const JAMMED_SCREW: readonly string[] = [
  "Scrape the paint out of its slot; a bit that fills it, pressed hard, a quarter turn tighter first.",
  "A drop of release oil and ten minutes; one sharp tap on the driver.",
  "A new slot cut with a fine saw; or a rubber band between bit and head.",
  "Last, drill its head off, the sash held: the shank is drawn once the half is away.",
];

/** Before anybody breaks a pane to get in. */
export const LOCK_OUT: readonly Template[] = [
  "Is there a spare key: a neighbour, a relative, the agent?",
  "Is another door or window open, or openable from outside?",
  "Ring a locksmith: a lock costs less than most {panes}, and less than a {unit}.",
  "Only then the smallest, plainest {pane}, away from the lock's own glass; tape it first, gloves and eyes.",
  "A lock that is at fault is a job of its own: put it down under Make ready, hardware.",
  "Say who asked for it, and see that they may.",
];
