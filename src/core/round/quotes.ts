import type { Entry, EntryOf } from "../log/kinds.ts";
import { readLog } from "../log/standing-entries.ts";

/** A quote as it was made, and what became of it. */
export type QuoteBook = EntryOf<"quote.made">["payload"] & {
  readonly who: string;
  readonly answered: EntryOf<"quote.answered">["payload"] | null;
  readonly spent: EntryOf<"quote.spent">["payload"] | null;
};

/** The quotes of a round, the newest first. */
export function quotesOf(round: string, entries: readonly Entry[]): readonly QuoteBook[] {
  const own = readLog(entries).standing.filter((e) => e.about.round === round);
  return own
    .flatMap((e): QuoteBook[] => {
      if (e.kind !== "quote.made") return [];
      const { quote } = e.payload;
      const answered = own.findLast((x) => x.kind === "quote.answered" && x.payload.quote === quote);
      const spent = own.findLast((x) => x.kind === "quote.spent" && x.payload.quote === quote);
      return [
        {
          ...e.payload,
          who: e.who,
          answered: answered?.kind === "quote.answered" ? answered.payload : null,
          spent: spent?.kind === "quote.spent" ? spent.payload : null,
        },
      ];
    })
    .reverse();
}
