import { sumOf } from "../money/pence.ts";
import { rememberBest } from "../size/best.ts";
import { day } from "../units/day.ts";
import type { Prefs } from "../words/prefs.ts";
import type { KeptLog } from "./kept.ts";
import { composeQuote, type RoundQuote } from "./quote-page.ts";

/** What a round is quoted at, by what a device keeps of it; null where the round is not kept. */
export function quoteFrom(log: KeptLog, id: string, prefs: Prefs): RoundQuote | null {
  const round = log.rounds.find((r) => r.id === id);
  if (!round) return null;
  const panes = log.panes.filter((p) => p.round === id);
  const ids = new Set(panes.map((p) => p.id));
  const agreed = log.orders.filter((o) => o.lines.some((l) => ids.has(l.pane)));
  return composeQuote({
    round: { id: round.id, name: round.name, place: round.place },
    books: panes.map((p) => p.book),
    firm: log.firm,
    findBest: rememberBest(panes.length + 20),
    record: log.kept.records,
    today: day(log.kept.today),
    prefs,
    entries: log.kept.entries.filter((e) => e.about.pane === undefined && e.about.order === undefined),
    through: log.kept.through,
    glassAgreedPence: sumOf(agreed.flatMap((o) => o.acknowledged?.pence ?? [])),
  });
}
