import type { EntryOf } from "../log/kinds.ts";

/** A sheet as one person took it off the rack. */
export type Taken = {
  readonly entry: string;
  readonly who: string;
  readonly at: string;
  readonly panes: readonly string[];
};

/** A sheet that two people took, and only one was there. */
export type TakenTwice = { readonly sheet: string; readonly first: Taken; readonly again: Taken };

export const takenBy = (e: EntryOf<"stock.cut">): Taken => ({
  entry: e.id,
  who: e.who,
  at: e.at,
  panes: e.payload.panes,
});

/**
 * What concerns a pane of it: glass that it counts on was taken by somebody else too.
 * @example Bram took "A1" for the porch, Nell for the kitchen // both panes
 */
export const takenTwiceFor = (all: readonly TakenTwice[], pane: string): readonly TakenTwice[] =>
  all.filter((t) => t.first.panes.includes(pane) || t.again.panes.includes(pane));
