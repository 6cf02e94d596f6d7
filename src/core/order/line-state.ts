/** Where one pane on an order is. */
export const LINE_STATES = [
  "open",
  "sent",
  "arrived",
  "accepted",
  "accepted-with-note",
  "sent-back",
  "made-again",
  "broke",
  "dropped",
] as const;
export type LineState = (typeof LINE_STATES)[number];

export type LineStateFact = {
  /** What stands of the pane while its line is so; nothing where another is to be ordered. */
  readonly stands: "ordered" | "accepted" | null;
  /** It is on its way from whoever makes it. */
  readonly coming: boolean;
  /** Nothing came of it: the pane is to be ordered again. */
  readonly again: boolean;
};

/** What each of them means for whoever waits for the pane. */
export const LINE_STATE_FACTS: Readonly<Record<LineState, LineStateFact>> = {
  open: { stands: "ordered", coming: false, again: false },
  sent: { stands: "ordered", coming: true, again: false },
  arrived: { stands: "ordered", coming: false, again: false },
  accepted: { stands: "accepted", coming: false, again: false },
  "accepted-with-note": { stands: "accepted", coming: false, again: false },
  "sent-back": { stands: null, coming: false, again: true },
  // It went back, and the same is made once more: to order another would be one too many.
  "made-again": { stands: "ordered", coming: true, again: false },
  broke: { stands: null, coming: false, again: true },
  dropped: { stands: null, coming: false, again: false },
};
