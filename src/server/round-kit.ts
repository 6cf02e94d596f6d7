import type { Customer } from "../core/log/kinds/firm.ts";
import type { Entry } from "../core/log/kinds.ts";
import { HAD_NAMES } from "../core/order/had.ts";
import { foldPane, type PaneBook } from "../core/pane/book.ts";
import { oldGlassBack } from "../core/pane/old-glass.ts";
import { labelOf } from "../core/pane/order-line.ts";
import { materialsOf } from "../core/pane/pane-materials.ts";
import { type Reckoning, reckon } from "../core/pane/reckoning.ts";
import { metresRound, nextFor, stepsAt } from "../core/pane/standing.ts";
import { isHere } from "../core/pane/stands.ts";
import { nextWorking } from "../core/plan/calendar.ts";
import { STATION_NAMES } from "../core/plan/stations.ts";
import { withFirm } from "../core/round/book.ts";
import { canBeDone, daysWork, isGivenTo, ON_SITE } from "../core/round/days-work.ts";
import { type Material, pickList } from "../core/set/pick-list.ts";
import { type Kit, kitOf, oneKit } from "../core/steps/kit.ts";
import { type Day, dayOf } from "../core/units/day.ts";
import { toMm } from "../core/units/length.ts";
import { entriesOfPanes, logThrough } from "../db/entry-log.ts";
import { panesOfRound, roundById } from "../db/lists.ts";
import { byPane } from "./by-pane.ts";
import { serverFindBest } from "./find-best.ts";
import { loadFirm } from "./firm.ts";
import { theDatabase } from "./the-database.ts";
import { today } from "./today.ts";

export type RoundKit = {
  readonly round: { readonly id: string; readonly name: string };
  /** The day it is packed for. */
  readonly on: number;
  /** All that can be done that day, and which of them it is packed for. */
  readonly panes: readonly {
    readonly id: string;
    readonly where: string;
    readonly station: string;
    /** Whose it is, by what number they are reached, and who has the key. */
    readonly who: string;
    readonly going: boolean;
  }[];
  /** It rains that day: nothing for painting outside is packed. */
  readonly isWet: boolean;
  /** The glass that goes along. */
  readonly glass: readonly GlassOnKit[];
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

/** A pane that goes along, or that is not here yet. */
export type GlassOnKit = {
  readonly where: string;
  readonly widthNm: number | null;
  readonly heightNm: number | null;
  readonly what: string;
  readonly isHere: boolean;
};

/** The pane as it stands, as far as somebody must find it in the rack. */
const glassOnKit = (book: PaneBook, r: Reckoning): Omit<GlassOnKit, "where"> => ({
  widthNm: r.stands.size?.width ?? null,
  heightNm: r.stands.size?.height ?? null,
  what: book.line?.order.reference || book.line?.order.supplier || (book.had ? HAD_NAMES[book.had.from] : ""),
  isHere: isHere(book),
});

/** @example "Wren Alder, 01632 960 012, key: at No. 3" */
const whoAt = (c: Customer | undefined): string =>
  c ? [c.name, c.telephone, c.keyHolder && `key: ${c.keyHolder}`].filter(Boolean).join(", ") : "";

/** The day it is packed for, and the panes it is for where somebody chose. */
export type KitFor = { readonly on?: Day | undefined; readonly panes?: readonly string[] | undefined };

/**
 * What to have in the van for a day's work on a round, tomorrow's if none is named: what stands next then, taking out going
 * on to making ready and setting. Those given to the day, or else all that can be done, unless panes are named.
 */
export function roundKit(id: string, wants: KitFor = {}): RoundKit | undefined {
  const db = theDatabase();
  const round = roundById(db, id);
  if (!round) return undefined;
  const { entries, firm } = loadFirm(db);
  const now = today();
  const ids = panesOfRound(db, id).map((p) => p.id);
  const entriesFor = byPane(entriesOfPanes(db, ids));
  const by = withFirm(firm, serverFindBest);
  const books = ids.flatMap((p) => foldPane(p, entriesFor(p)) ?? []).map((book) => ({ book, r: reckon(book, by) }));
  const on = wants.on ?? nextWorking(firm.calendar, now);
  const could = books.flatMap(({ book, r }) => {
    const next = nextFor(book, r, on);
    return canBeDone(next, on) ? [{ book, r, station: next.station, can: true, given: isGivenTo(book, on) }] : [];
  });
  const chosen = wants.panes ? could.filter((c) => wants.panes?.includes(c.book.id)) : daysWork(could);
  const isWet = firm.calendar.wet.has(on);
  const going = chosen.map(({ book, r, station }) => {
    const stations = ON_SITE.slice(ON_SITE.indexOf(station), station === "finish" ? 4 : 3);
    const glass = r.cut.ok ? r.cut.value.glass : null;
    const kit = kitOf(
      stations.flatMap((s) => stepsAt(s, book, r)).filter((s) => !(s.dryDay && isWet)),
      {
        metres: metresRound(r),
        diagonalM: glass && Math.hypot(toMm(glass.width), toMm(glass.height)) / 1000,
        waste: firm.house.waste,
      },
    );
    const materials = stations.includes("set") ? materialsOf(book, r) : null;
    const takes =
      stations.includes("set") && !oldGlassBack(book) ? { where: labelOf(book), ...glassOnKit(book, r) } : null;
    return { id: book.id, kit, materials, takes };
  });
  return {
    round: { id: round.id, name: round.name },
    on,
    panes: could.map(({ book, station }) => ({
      id: book.id,
      where: labelOf(book),
      station: STATION_NAMES[station],
      who: whoAt(firm.customers.get(book.added.address)),
      going: going.some((g) => g.id === book.id),
    })),
    isWet,
    glass: going.flatMap((g) => g.takes ?? []),
    kit: oneKit(going.map((g) => g.kit)),
    materials: pickList(
      going.flatMap((g) => g.materials ?? []),
      firm.house.waste,
    ),
    entries,
    through: logThrough(db),
    today: now,
    booked: books.flatMap(({ book }) =>
      book.before.hands && dayOf(book.before.hands.day) >= now ? [{ where: labelOf(book), ...book.before.hands }] : [],
    ),
  };
}
