import { composeRoundHead, type RoundHeadData, type RoundLinesData } from "../core/page/round-page.ts";
import { forGuest } from "../core/people/guest-sees.ts";
import type { BoardFacts } from "../core/round/board-facts.ts";
import type { RoundRow } from "../core/round/row.ts";
import { listRounds, panesOfRound, roundById } from "../db/lists.ts";
import { openOrders } from "../db/order-lists.ts";
import { loadFirm } from "./firm.ts";
import { visitor } from "./people/visit.ts";
import { rowsOf } from "./round-rows.ts";
import { theDatabase } from "./the-database.ts";
import { today } from "./today.ts";

/** Lines that a page of the round is sent with, and that it asks for at once as it is scrolled. */
export const ROWS_AT_ONCE = 60;

export type RoundPageData = {
  readonly head: RoundHeadData | null;
  readonly lines: RoundLinesData;
  /** Nobody has said yet how the firm reads, nor by which rules it calls for safety glass. */
  readonly isNew: boolean;
};

/** A round by its id, or the newest; no head where there is none yet. */
export async function roundPage(asked: string | null): Promise<RoundPageData> {
  const db = theDatabase();
  const rounds = listRounds(db);
  const round = (asked && roundById(db, asked)) || rounds[0] || null;
  const loaded = loadFirm(db);
  const panes = round ? panesOfRound(db, round.id) : [];
  const now = today();
  const isGuest = visitor()?.role === "guest";
  return {
    head:
      round &&
      composeRoundHead(
        round,
        isGuest ? [] : rounds.filter((r) => r.id !== round.id),
        panes.map((p) => ({ ...p, facts: p.facts as BoardFacts })),
        loaded.firm,
        now,
      ),
    lines: {
      rows: await rowsOf(db, panes.slice(0, ROWS_AT_ONCE), loaded, now),
      panes: panes.length,
      firmEntries: isGuest ? forGuest(loaded.entries, new Set(panes.map((p) => p.address))) : loaded.entries,
      openOrders: (isGuest ? [] : openOrders(db)).map(({ id, supplier, reference }) => ({ id, supplier, reference })),
      today: now,
    },
    isNew: !loaded.firm.decided.has("safetySet"),
  };
}

/** Lines of a round from a place on, as many as are asked for at once; null for a round that is not there. */
export async function roundRows(round: string, from: number): Promise<readonly RoundRow[] | null> {
  const db = theDatabase();
  if (!roundById(db, round)) return null;
  return rowsOf(db, panesOfRound(db, round).slice(from, from + ROWS_AT_ONCE), loadFirm(db), today());
}
