import type { Entry } from "../core/log/kinds.ts";
import { type Alert, alertsOf, settable } from "../core/round/alerts.ts";
import type { BoardFacts } from "../core/round/board-facts.ts";
import type { RoundRow } from "../core/round/row.ts";
import { listRounds, openOrders, panesOfRound, type RoundRow as Round, roundById } from "../db/lists.ts";
import { loadFirm } from "./firm.ts";
import { rowsOf } from "./round-rows.ts";
import { theDatabase } from "./the-database.ts";
import { today } from "./today.ts";

/** Lines that a page of the round is sent with, and that it asks for at once as it is scrolled. */
export const ROWS_AT_ONCE = 60;

export type RoundPageData = {
  readonly round: Round | null;
  /** Nobody has said yet how the firm reads, nor by which rules it calls for safety glass. */
  readonly isNew: boolean;
  readonly others: readonly Round[];
  /** The first lines; the rest is asked for. */
  readonly rows: readonly RoundRow[];
  readonly panes: number;
  readonly alerts: readonly Alert[];
  readonly settable: number;
  readonly openings: number;
  readonly firmEntries: readonly Entry[];
  readonly openOrders: readonly { readonly id: string; readonly supplier: string; readonly reference: string }[];
  readonly today: number;
};

/** A round by its id, or the newest; null where there is none yet. */
export async function roundPage(asked: string | null): Promise<RoundPageData> {
  const db = theDatabase();
  const rounds = listRounds(db);
  const round = (asked && roundById(db, asked)) || rounds[0] || null;
  const loaded = loadFirm(db);
  const panes = round ? panesOfRound(db, round.id) : [];
  const now = today();
  const told = panes.map((p) => ({
    id: p.id,
    where: [p.address, p.opening].filter(Boolean).join(", "),
    facts: p.facts as BoardFacts,
  }));
  return {
    round,
    isNew: !loaded.firm.decided.has("safetySet"),
    others: rounds.filter((r) => r.id !== round?.id),
    rows: await rowsOf(db, panes.slice(0, ROWS_AT_ONCE), loaded, now),
    panes: panes.length,
    alerts: alertsOf(told, { today: now, calendar: loaded.firm.calendar, compounds: loaded.firm.compounds }),
    settable: settable(told),
    openings: new Set(panes.map((p) => `${p.address}\n${p.opening}`)).size,
    firmEntries: loaded.entries,
    openOrders: openOrders(db).map(({ id, supplier, reference }) => ({ id, supplier, reference })),
    today: now,
  };
}

/** Lines of a round from a place on, as many as are asked for at once; null for a round that is not there. */
export async function roundRows(round: string, from: number): Promise<readonly RoundRow[] | null> {
  const db = theDatabase();
  if (!roundById(db, round)) return null;
  return rowsOf(db, panesOfRound(db, round).slice(from, from + ROWS_AT_ONCE), loadFirm(db), today());
}
