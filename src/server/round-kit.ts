import { withFirm } from "../core/firm/firm.ts";
import { byPane } from "../core/log/by-pane.ts";
import { type KitFor, kitOfRound, type RoundKit } from "../core/page/round-kit.ts";
import { foldPane } from "../core/pane/book.ts";
import { reckon } from "../core/pane/reckoning.ts";
import { sharedFindBest } from "../core/size/shared-best.ts";
import { entriesOfPanes, logThrough } from "../db/entry-log.ts";
import { placesOfRound, roundById } from "../db/lists.ts";
import { loadFirm } from "./firm.ts";
import { theDatabase } from "./the-database.ts";
import { today } from "./today.ts";

/** What to have in the van for a day's work on a round; undefined for a round that is not there. */
export function roundKit(id: string, wants: KitFor = {}): RoundKit | undefined {
  const db = theDatabase();
  const round = roundById(db, id);
  if (!round) return undefined;
  const { entries, firm } = loadFirm(db);
  const ids = placesOfRound(db, id).map((p) => p.id);
  const entriesFor = byPane(entriesOfPanes(db, ids));
  const by = withFirm(firm, sharedFindBest);
  const books = ids.flatMap((p) => foldPane(p, entriesFor(p)) ?? []).map((book) => ({ book, r: reckon(book, by) }));
  return kitOfRound(
    { round: { id: round.id, name: round.name }, books, firm, entries, through: logThrough(db), today: today() },
    wants,
  );
}
