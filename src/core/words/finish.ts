import type { PaintWindow, UnfitReason } from "../finish/paint-window.ts";
import { plural } from "../text/counted.ts";
import { sayDay } from "./days.ts";

export const UNFIT_WORDS: Readonly<Record<UnfitReason, string>> = {
  "day-off": "not a working day",
  wet: "wet",
  "wet-before": "wet the day before",
};

/** When to paint, in one sentence, and why not where there is no day. */
export function paintSentence(window: PaintWindow): string {
  if (window.kind === "not-painted") return "This compound cannot be painted.";
  const cold = window.coldDays === 0 ? "" : ` ${window.coldDays} cold ${plural(window.coldDays, "day")} did not count.`;
  if (window.from === null) {
    if (window.closes !== null && window.closes < window.opens)
      return `It is not cured before its last day, ${sayDay(window.closes)}.${cold} Follow the label, and ask the maker.`;
    const reasons = [...new Set(window.unfit.map((u) => UNFIT_WORDS[u.why]))].join(", ");
    const until = window.closes === null ? "in the days ahead" : `by ${sayDay(window.closes)}`;
    return `No fit day to paint ${until}: ${reasons}. Change the calendar, or paint on the best of them.${cold}`;
  }
  const until = window.closes === null ? "" : `, by ${sayDay(window.closes)} or it cracks`;
  return `Paint from ${sayDay(window.from)}${until}.${cold}`;
}
