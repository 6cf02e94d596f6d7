import type { OptionFacts, OptionKind } from "../look/options.ts";
import { type MakesOf, proposedSource } from "../order/sources.ts";
import type { PaneBook } from "./book.ts";
import { quickestMaker } from "./quickest-maker.ts";
import type { Reckoning } from "./reckoning.ts";
import { needsOf, sourceFacts } from "./source-facts.ts";

type By = Parameters<typeof sourceFacts>[2];

/** What each way of repair waits for; null where nothing is made for it. */
const WAITS_FOR: Readonly<Record<OptionKind, MakesOf | "this-pane" | null>> = {
  repack: null,
  refurbish: null,
  glass: "this-pane",
  sash: "sashes",
  insert: "inserts",
  double: "units",
  window: "sashes",
};

/**
 * Working days that each way of repair waits for whoever would make it, where one of the firm's suppliers is known to: what
 * Look promises is what Order says.
 * @example door works who make inserts say 6 days // { insert: 6 }
 */
export function optionLeads(book: PaneBook, r: Reckoning, by: By): OptionFacts["leads"] {
  const out: Partial<Record<OptionKind, number>> = {};
  const sized = sourceFacts(book, r, by);
  const own = needsOf(book, r);
  for (const kind of Object.keys(WAITS_FOR) as OptionKind[]) {
    const make = WAITS_FOR[kind];
    if (make === null) continue;
    // Of the pane itself Order knows more than of a kind: its price, a rack.
    const proposed = make === "this-pane" && sized ? proposedSource(sized)?.leadDays : undefined;
    const days = proposed ?? quickestMaker(make === "this-pane" ? own : make, by);
    // Even from one's own rack it is in tomorrow at the soonest, as the house's figures have it.
    if (days !== null) out[kind] = Math.max(1, days);
  }
  return out;
}
