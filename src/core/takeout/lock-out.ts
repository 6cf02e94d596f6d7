/** Before anybody breaks a pane to get in. */
export const LOCK_OUT: readonly string[] = [
  "Is there a spare key: a neighbour, a relative, the agent?",
  "Is another door or window open, or openable from outside?",
  "Ring a locksmith: a lock costs less than most panes, and less than a {unit}.",
  "Only then the smallest, plainest pane, away from the lock's own glass; tape it first, gloves and eyes.",
  "Say who asked for it, and see that they may.",
];
