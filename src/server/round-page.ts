import type { Entry } from "../core/log/kinds.ts";
import { foldPane } from "../core/pane/book.ts";
import { reckon } from "../core/pane/reckoning.ts";
import { withFirm } from "../core/round/book.ts";
import { alertsOf, type RoundRow, rowOf } from "../core/round/row.ts";
import { entriesOfPanes } from "../db/entry-log.ts";
import { listOrders, listRounds, panesOfRound, type RoundRow as Round } from "../db/lists.ts";
import { serverFindBest } from "./find-best.ts";
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
  const entriesFor = byPane(all);
  const by = withFirm(firm, serverFindBest);
  const rows = panes.flatMap((p) => {
    const book = foldPane(p.id, entriesFor(p.id));
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

/** A whole round's entries sorted once into each pane's own and those of the orders it is on. */
export function byPane(all: readonly Entry[]): (pane: string) => readonly Entry[] {
  const own = new Map<string, Entry[]>();
  const ordered = new Map<string, Entry[]>();
  const file = (into: Map<string, Entry[]>, key: string | undefined, e: Entry) => {
    if (key === undefined) return;
    const there = into.get(key);
    if (there) there.push(e);
    else into.set(key, [e]);
  };
  for (const e of all) {
    file(own, e.about.pane, e);
    file(ordered, e.about.order, e);
  }
  return (pane) => {
    const mine = own.get(pane) ?? [];
    const orders = new Set(mine.flatMap((e) => e.about.order ?? []));
    return [...mine, ...[...orders].flatMap((o) => (ordered.get(o) ?? []).filter((e) => e.about.pane !== pane))];
  };
}
