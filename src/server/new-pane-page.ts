import { listRounds, placesOfRound, type RoundRow, roundById } from "../db/lists.ts";
import { theDatabase } from "./the-database.ts";

/** The round that a pane is to be added to, or the newest, and the addresses it has; null where there is no round. */
export function newPanePage(asked: string | null): { readonly round: RoundRow; readonly addresses: string[] } | null {
  const db = theDatabase();
  const round = (asked && roundById(db, asked)) || listRounds(db)[0];
  if (!round) return null;
  return { round, addresses: [...new Set(placesOfRound(db, round.id).map((p) => p.address))] };
}
