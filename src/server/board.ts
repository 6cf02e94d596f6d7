import { afterWorkingDays } from "../core/order/lead.ts";
import { foldPane } from "../core/pane/book.ts";
import { reckon } from "../core/pane/reckoning.ts";
import { type BoardRow, boardRow, byDay, type ClosedRow, closedRow } from "../core/round/board.ts";
import { withFirm } from "../core/round/book.ts";
import { messagesFor } from "../core/words/messages.ts";
import { entriesOfPanes } from "../db/entry-log.ts";
import { openPanes } from "../db/lists.ts";
import { serverFindBest } from "./find-best.ts";
import { loadFirm } from "./firm.ts";
import { byPane } from "./round-page.ts";
import { theDatabase } from "./the-database.ts";
import { today } from "./today.ts";

export type Board = {
  readonly rows: readonly (BoardRow & { readonly message: string })[];
  readonly closed: readonly ClosedRow[];
};

/** All that waits for glass, over every round; and every hole that is closed up for now, the overdue first. */
export function board(): Board {
  const db = theDatabase();
  const { firm } = loadFirm(db);
  const now = today();
  const panes = openPanes(db);
  const entriesFor = byPane(entriesOfPanes(db, panes));
  const by = withFirm(firm, serverFindBest);
  const leadDays = Math.max(1, ...firm.suppliers.map((s) => s.leadDays));
  const books = panes.flatMap((p) => foldPane(p, entriesFor(p)) ?? []);
  const slots = [1, 2].map((n) => afterWorkingDays(now, n, firm.calendar));
  return {
    rows: books
      .flatMap((b) => boardRow(b, reckon(b, by), { firm, today: now, leadDays }) ?? [])
      .map((row) => ({
        ...row,
        message: messagesFor({
          where: row.where,
          state: row.place === "here" ? "in" : row.late ? "late" : "ordered",
          due: row.day,
          slots,
        }).text,
      }))
      .sort(byDay),
    closed: books.flatMap((b) => closedRow(b, now) ?? []).sort((a, b) => a.until - b.until),
  };
}
