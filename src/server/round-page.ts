import type { Entry } from "../core/log/kinds.ts";
import { foldPane } from "../core/pane/book.ts";
import { reckon } from "../core/pane/reckoning.ts";
import { alertsOf, type RoundRow, rowOf } from "../core/round/row.ts";
import { entriesOfPanes } from "../db/entry-log.ts";
import { listOrders, listRounds, panesOfRound, type RoundRow as Round } from "../db/lists.ts";
import { loadFirm } from "./firm.ts";
import { theDatabase } from "./the-database.ts";
import { today } from "./today.ts";

export type RoundPageData = {
  readonly round: Round | null;
  readonly others: readonly Round[];
  readonly rows: readonly RoundRow[];
  readonly alerts: ReturnType<typeof alertsOf>;
  readonly openings: number;
  readonly firmEntries: readonly Entry[];
  readonly openOrders: readonly { readonly id: string; readonly supplier: string; readonly reference: string }[];
  readonly today: number;
};

/** A round by its id, or the newest; null where there is none yet. */
export function roundPage(asked: string | null): RoundPageData {
  const db = theDatabase();
  const rounds = listRounds(db);
  const round = rounds.find((r) => r.id === asked) ?? rounds[0] ?? null;
  const { entries: firmEntries, firm } = loadFirm(db);
  const panes = round ? panesOfRound(db, round.id) : [];
  const now = today();
  const all = entriesOfPanes(
    db,
    panes.map((p) => p.id),
  );
  const by = { house: firm.house, calendar: firm.calendar };
  const rows = panes.flatMap((p) => {
    const book = foldPane(p.id, entriesFor(p.id, all));
    return book ? [rowOf(book, reckon(book, by), now)] : [];
  });
  return {
    round,
    others: rounds.filter((r) => r.id !== round?.id),
    rows,
    alerts: alertsOf(rows, now),
    openings: new Set(panes.map((p) => `${p.address}\n${p.opening}`)).size,
    firmEntries,
    openOrders: listOrders(db)
      .filter((o) => o.stage === "open")
      .map(({ id, supplier, reference }) => ({ id, supplier, reference })),
    today: now,
  };
}

/** A pane's own entries and those of the orders it is on, out of a whole round's. */
function entriesFor(pane: string, all: readonly Entry[]): readonly Entry[] {
  const orders = new Set(all.flatMap((e) => (e.about.pane === pane && e.about.order ? [e.about.order] : [])));
  return all.filter((e) => e.about.pane === pane || (e.about.order !== undefined && orders.has(e.about.order)));
}
