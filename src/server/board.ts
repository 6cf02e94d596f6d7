import { afterWorkingDays } from "../core/order/lead.ts";
import { type BoardPlace, type BoardRow, boardRow, byDay, type ClosedRow, closedRow } from "../core/round/board.ts";
import { messagesFor } from "../core/words/messages.ts";
import { openFacts } from "../db/lists.ts";
import { loadFirm } from "./firm.ts";
import { theDatabase } from "./the-database.ts";
import { today } from "./today.ts";

export type Board = {
  /** What waits, by where its glass is: the most pressing of each, and how many there are. */
  readonly places: readonly {
    readonly place: BoardPlace;
    readonly count: number;
    readonly rows: readonly (BoardRow & { readonly message: string })[];
  }[];
  readonly closed: readonly ClosedRow[];
  readonly closedCount: number;
};

/** A list shows so many at once; `all` of them where one place is asked for. */
const SHOWN = 40;
const MOST_SHOWN = 500;

const PLACES: readonly BoardPlace[] = ["on-its-way", "to-check", "went-back", "here", "to-order"];

/** All that waits for glass, over every round; and every hole that is closed up for now, the overdue first. */
export function board(all: string | null = null): Board {
  const db = theDatabase();
  const { firm } = loadFirm(db);
  const now = today();
  const leadDays = Math.max(1, ...firm.suppliers.map((s) => s.leadDays));
  const panes = openFacts(db);
  const rows = panes
    .flatMap((p) => boardRow(p.id, p.facts, { calendar: firm.calendar, today: now, leadDays }) ?? [])
    .sort(byDay);
  const slots = [1, 2].map((n) => afterWorkingDays(now, n, firm.calendar));
  const closed = panes.flatMap((p) => closedRow(p.id, p.facts, now) ?? []).sort((a, b) => a.until - b.until);
  return {
    places: PLACES.map((place) => {
      const here = rows.filter((r) => r.place === place);
      return {
        place,
        count: here.length,
        rows: here.slice(0, all === place ? MOST_SHOWN : SHOWN).map((row) => ({
          ...row,
          message: messagesFor({
            where: row.where,
            state: row.place === "here" ? "in" : row.late ? "late" : "ordered",
            due: row.day,
            slots,
          }).text,
        })),
      };
    }),
    closed: closed.slice(0, all === "closed" ? MOST_SHOWN : SHOWN),
    closedCount: closed.length,
  };
}
