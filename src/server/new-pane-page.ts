import { placeLabel } from "../core/page/pane-page.ts";
import { listRounds, placesOfRound, type RoundRow, roundById, unsignedOfRound } from "../db/lists.ts";
import { theDatabase } from "./the-database.ts";

/** The round that a pane is to be added to, or the newest, with the addresses it has and its panes that are not done; null where there is no round. */
export function newPanePage(asked: string | null): {
  readonly round: RoundRow;
  readonly addresses: string[];
  readonly there: readonly { readonly id: string; readonly label: string }[];
} | null {
  const db = theDatabase();
  const round = (asked && roundById(db, asked)) || listRounds(db)[0];
  if (!round) return null;
  const open = unsignedOfRound(db, round.id);
  const places = placesOfRound(db, round.id);
  return {
    round,
    addresses: [...new Set(places.map((p) => p.address))],
    there: places.filter((p) => open.has(p.id)).map((p) => ({ id: p.id, label: placeLabel(p) })),
  };
}
