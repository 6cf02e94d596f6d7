import type { Entry } from "../core/log/kinds.ts";
import { foldPane } from "../core/pane/book.ts";
import { labelOf } from "../core/pane/order-line.ts";
import { materialsOf } from "../core/pane/pane-materials.ts";
import { reckon } from "../core/pane/reckoning.ts";
import { metresRound, nextFor, stepsAt } from "../core/pane/standing.ts";
import { STATION_NAMES, type Station } from "../core/plan/stations.ts";
import { withFirm } from "../core/round/book.ts";
import { type Material, pickList } from "../core/set/pick-list.ts";
import { type Kit, kitOf, oneKit } from "../core/steps/kit.ts";
import { toMm } from "../core/units/length.ts";
import { entriesOfPanes, logEnd } from "../db/entry-log.ts";
import { panesOfRound, roundById } from "../db/lists.ts";
import { serverFindBest } from "./find-best.ts";
import { loadFirm } from "./firm.ts";
import { byPane } from "./round-page.ts";
import { theDatabase } from "./the-database.ts";
import { today } from "./today.ts";

export type RoundKit = {
  readonly round: { readonly id: string; readonly name: string };
  readonly panes: readonly { readonly id: string; readonly where: string; readonly station: string }[];
  readonly kit: Kit;
  /** What setting them all uses up. */
  readonly materials: readonly Material[];
  readonly entries: readonly Entry[];
  readonly through: number;
  readonly today: number;
  readonly booked: readonly {
    readonly where: string;
    readonly day: string;
    readonly from: string;
    readonly hours: number;
    readonly helper: string;
  }[];
};

const ON_SITE: readonly Station[] = ["takeout", "ready", "set", "finish"];

/** What to have in the van for all that stands next on a round: taking out goes on to making ready and setting. */
export function roundKit(id: string): RoundKit | undefined {
  const db = theDatabase();
  const round = roundById(db, id);
  if (!round) return undefined;
  const { entries, firm } = loadFirm(db);
  const now = today();
  const ids = panesOfRound(db, id).map((p) => p.id);
  const entriesFor = byPane(entriesOfPanes(db, ids));
  const by = withFirm(firm, serverFindBest);
  const books = ids.flatMap((p) => foldPane(p, entriesFor(p)) ?? []).map((book) => ({ book, r: reckon(book, by) }));
  const going = books.flatMap(({ book, r }) => {
    const { station } = nextFor(book, r, now);
    if (!ON_SITE.includes(station)) return [];
    const stations = ON_SITE.slice(ON_SITE.indexOf(station), station === "finish" ? 4 : 3);
    const glass = r.cut.ok ? r.cut.value.glass : null;
    const kit = kitOf(
      stations.flatMap((s) => stepsAt(s, book, r)),
      {
        metres: metresRound(r),
        diagonalM: glass && Math.hypot(toMm(glass.width), toMm(glass.height)) / 1000,
        waste: firm.house.waste,
      },
    );
    const materials = stations.includes("set") ? materialsOf(book, r) : null;
    return [{ id: book.id, where: labelOf(book), station: STATION_NAMES[station], kit, materials }];
  });
  return {
    round: { id: round.id, name: round.name },
    panes: going.map(({ id, where, station }) => ({ id, where, station })),
    kit: oneKit(going.map((g) => g.kit)),
    materials: pickList(
      going.flatMap((g) => g.materials ?? []),
      firm.house.waste,
    ),
    entries,
    through: logEnd(db).through,
    today: now,
    booked: books.flatMap(({ book }) => (book.before.hands ? [{ where: labelOf(book), ...book.before.hands }] : [])),
  };
}
