import { byPane } from "../core/log/by-pane.ts";
import { composeQuote, type RoundQuote } from "../core/page/quote-page.ts";
import { foldPane } from "../core/pane/book.ts";
import { sharedFindBest } from "../core/size/shared-best.ts";
import type { Prefs } from "../core/words/prefs.ts";
import { entriesOfPanes, entriesOfRound, logThrough } from "../db/entry-log.ts";
import { acknowledgedOfRound, placesOfRound, roundById } from "../db/lists.ts";
import { loadFirm } from "./firm.ts";
import { recordsOf } from "./supplier-records.ts";
import { theDatabase } from "./the-database.ts";
import { today } from "./today.ts";

/** What a round would be quoted at now; undefined for a round that is not there. */
export function roundQuote(id: string, prefs: Prefs): RoundQuote | undefined {
  const db = theDatabase();
  const round = roundById(db, id);
  if (!round) return undefined;
  const { firm, entries } = loadFirm(db);
  const ids = placesOfRound(db, id).map((p) => p.id);
  const entriesFor = byPane(entriesOfPanes(db, ids));
  return composeQuote({
    round: { id: round.id, name: round.name, place: round.place },
    books: ids.flatMap((p) => foldPane(p, entriesFor(p)) ?? []),
    firm,
    findBest: sharedFindBest,
    record: recordsOf(db),
    today: today(),
    prefs,
    entries: [...new Map([...entries, ...entriesOfRound(db, id)].map((e) => [e.id, e])).values()],
    through: logThrough(db),
    glassAgreedPence: acknowledgedOfRound(db, id),
  });
}
