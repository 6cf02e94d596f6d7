import type { Entry, EntryOf } from "../log/kinds.ts";
import type { LineState } from "../order/line-state.ts";

/** What has happened to one line of an order since it was put there. */
export type LineLife = {
  readonly state: LineState;
  /** Of the pane that came last; null while it is on its way. */
  readonly check: EntryOf<"order.checked"> | null;
  /** Those that came before it and went back to be made again. */
  readonly wentBack: readonly EntryOf<"order.checked">[];
  /** What was said of the one that went back last. */
  readonly outcome: EntryOf<"order.outcome">["payload"] | null;
  readonly broke: EntryOf<"order.broke">["payload"] | null;
};

/** A line that nothing was said of by itself. */
export const untouched = (state: LineState): LineLife => ({
  state,
  check: null,
  wentBack: [],
  outcome: null,
  broke: null,
});

/**
 * The life of each line that something happened to, by its id: checked in, sent back, made again, come once more, checked again.
 * `rest` is where a line is of which nothing was said by itself: where its order is.
 * @example checked in and sent back, "made again by 26 May" // made-again; "it has come" after it // arrived, to be checked anew
 */
export function linesLived(own: readonly Entry[], rest: LineState): ReadonlyMap<string, LineLife> {
  const lives = new Map<string, LineLife>();
  const at = (line: string): LineLife => lives.get(line) ?? untouched(rest);
  for (const e of own) {
    if (e.kind === "order.checked") {
      const was = at(e.payload.line);
      // A check by somebody who did not know that it broke makes nothing whole.
      lives.set(e.payload.line, { ...was, state: was.broke ? "broke" : e.payload.verdict, check: e });
    }
    if (e.kind === "order.outcome") lives.set(e.payload.line, afterOutcome(at(e.payload.line), e.payload));
    if (e.kind === "order.broke")
      lives.set(e.payload.line, { ...at(e.payload.line), state: "broke", broke: e.payload });
  }
  // What was taken off stays off, whatever else was written by somebody who did not know.
  for (const e of own)
    if (e.kind === "order.line-dropped") lives.set(e.payload.line, { ...at(e.payload.line), state: "dropped" });
  return lives;
}

function afterOutcome(was: LineLife, outcome: EntryOf<"order.outcome">["payload"]): LineLife {
  const said = { ...was, outcome };
  switch (outcome.outcome) {
    case "credit":
      return said;
    case "remake":
      return was.check?.payload.verdict === "sent-back"
        ? { ...said, state: "made-again", check: null, wentBack: [...was.wentBack, was.check] }
        : said;
    case "came":
      return was.state === "made-again" ? { ...said, state: "arrived", broke: null } : said;
  }
}
