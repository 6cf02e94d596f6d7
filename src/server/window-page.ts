import { withFirm } from "../core/firm/firm.ts";
import type { System } from "../core/frame/systems.ts";
import { SIDES } from "../core/geometry/quad.ts";
import type { Cause } from "../core/look/damage.ts";
import { type Neighbour, repairOf, type WindowPageData } from "../core/page/window-page.ts";
import { foldPane, type PaneBook } from "../core/pane/book.ts";
import { carriedInPlace } from "../core/pane/carried.ts";
import { reckon } from "../core/pane/reckoning.ts";
import { sharedFindBest } from "../core/size/shared-best.ts";
import { beadOrder } from "../core/takeout/beads.ts";
import type { Prefs } from "../core/words/prefs.ts";
import { entriesOfPane } from "../db/entry-log.ts";
import { listRounds } from "../db/lists.ts";
import { panesAt, panesBeside, placeOf, type WindowRow } from "../db/window-rows.ts";
import { loadFirm } from "./firm.ts";
import { theDatabase } from "./the-database.ts";

/** Rounds that a new break can be put on. */
const MOST_ROUNDS = 12;

/** The life of the opening that a pane stands in; null where there is no such pane. */
export function windowPage(pane: string, prefs: Prefs): WindowPageData | null {
  const db = theDatabase();
  const place = placeOf(db, pane);
  if (place === undefined) return null;
  const rows = panesAt(db, place);
  const { firm } = loadFirm(db);
  const by = withFirm(firm, sharedFindBest);
  const books = rows.flatMap((row) => {
    const book = foldPane(row.id, entriesOfPane(db, row.id));
    return book ? [{ row, book }] : [];
  });
  const newest = books.at(-1);
  if (!newest) return null;
  const { added } = newest.book;
  return {
    address: added.address,
    opening: added.opening,
    light: added.light,
    system: added.system,
    side: added.side,
    ...((added.unsaid || !newest.book.sideSaid) && { unsaid: true as const }),
    repairs: books
      .map(({ row, book }) =>
        repairOf(book, reckon(book, by), { round: row.roundName, beadsOut: beadsOut(book), prefs }),
      )
      .reverse(),
    carried: carriedInPlace(newest.book),
    neighbours: neighbours(panesBeside(db, added.address, place), added.system),
    rounds: listRounds(db)
      .slice(0, MOST_ROUNDS)
      .map((r) => ({ id: r.id, name: r.name })),
    underWay: books.find(({ book }) => !book.signed)?.row.id ?? null,
  };
}

function beadsOut(book: PaneBook): readonly string[] {
  const joints = book.before.joints;
  if (!joints) return [];
  const order = beadOrder({ joints: joints.joints, width: 2, height: 3, school: joints.school });
  return order.kind === "order" ? order.steps.map((s) => s.side) : [...SIDES];
}

/** One line an opening: the newest of it, and how often it was repaired. */
function neighbours(rows: readonly WindowRow[], system: string): readonly Neighbour[] {
  const by = new Map<string, WindowRow[]>();
  for (const row of rows) by.set(row.place, [...(by.get(row.place) ?? []), row]);
  return [...by.values()].flatMap((all) => {
    const last = all.at(-1);
    return last
      ? [
          {
            pane: last.id,
            where: [last.opening, last.light].filter((t) => t !== "").join(", "),
            system: last.system as System,
            cause: last.cause as Cause | null,
            repairs: all.length,
            alike: last.system === system,
          },
        ]
      : [];
  });
}
