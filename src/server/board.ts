import type { Firm } from "../core/firm/firm.ts";
import { afterWorkingDays } from "../core/order/lead.ts";
import { MAKES_OF, type MakesOf } from "../core/order/sources.ts";
import { quickestMaker } from "../core/pane/quickest-maker.ts";
import { type BoardPlace, type BoardRow, boardRow, byDay, type ClosedRow, closedRow } from "../core/round/board.ts";
import { messagesFor } from "../core/words/messages.ts";
import { openFacts } from "../db/lists.ts";
import { loadFirm } from "./firm.ts";
import { recordsOf } from "./supplier-records.ts";
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

/** Where nobody says that they make it: by the house's own figures. */
const usual = (make: MakesOf, { house }: Firm): number =>
  make === "inserts" || make === "sashes" ? house.daysMade : make === "single" ? house.daysGlass : house.daysUnit;

/** All that waits for glass, over every round; and every hole that is closed up for now, the overdue first. */
export function board(all: string | null = null): Board {
  const db = theDatabase();
  const { firm } = loadFirm(db);
  const now = today();
  const by = { firm, today: now, record: recordsOf(db) };
  const days = new Map<MakesOf, number>(MAKES_OF.map((make) => [make, quickestMaker(make, by) ?? usual(make, firm)]));
  const leadDays = (needs: MakesOf): number => days.get(needs) ?? 1;
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
