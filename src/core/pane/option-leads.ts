import type { OptionFacts, OptionKind } from "../look/options.ts";
import { type MakesOf, makesOfLine, proposedSource } from "../order/sources.ts";
import type { PaneBook } from "./book.ts";
import { quickestMaker } from "./quickest-maker.ts";
import type { Reckoning } from "./reckoning.ts";
import { sourceFacts } from "./source-facts.ts";
import { wasUnit } from "./unit.ts";
import { wholeOf } from "./whole-here.ts";

type By = Parameters<typeof sourceFacts>[2];

/** What each way of repair waits for, by the glass that was there; null where nothing is made for it. */
const WAITS_FOR: Readonly<Record<OptionKind, ((glass: MakesOf) => MakesOf) | null>> = {
  repack: null,
  refurbish: null,
  glass: (glass) => glass,
  sash: () => "sashes",
  insert: () => "inserts",
  double: () => "units",
  window: () => "sashes",
};

/** The way of repair that the pane stands sized and specified for: what Order knows is of it, and of no other. */
const sizedFor = (book: PaneBook): OptionKind =>
  wholeOf(book) ?? (book.before.option?.option === "double" ? "double" : "glass");

/**
 * Working days that each way of repair waits for whoever would make it, where one of the firm's suppliers is known to: what
 * Look promises is what Order says.
 * @example door works who make inserts say 6 days // { insert: 6 }
 * @example the same with an insert chosen, and unit makers who say 8 // { glass: 8, insert: 6 }: a unit alone is not made by them
 */
export function optionLeads(book: PaneBook, r: Reckoning, by: By): OptionFacts["leads"] {
  const out: Partial<Record<OptionKind, number>> = {};
  const sized = sourceFacts(book, r, by);
  const own = sizedFor(book);
  const glass = makesOfLine({ glass: r.glass.kind, makeup: wasUnit(book) ? {} : undefined });
  for (const kind of Object.keys(WAITS_FOR) as OptionKind[]) {
    const make = WAITS_FOR[kind]?.(glass);
    if (make === undefined) continue;
    // Of the pane itself Order knows more than of a kind: its price, a rack.
    const proposed = kind === own && sized ? proposedSource(sized) : undefined;
    // Who never said what they make sells glass of some kind; of joinery and inserts their days say nothing.
    const known = proposed && !(proposed.unsaid && wholeOf(book)) ? proposed.leadDays : null;
    const days = known ?? quickestMaker(make, by);
    // Even from one's own rack it is in tomorrow at the soonest, as the house's figures have it.
    if (days !== null) out[kind] = Math.max(1, days);
  }
  return out;
}
