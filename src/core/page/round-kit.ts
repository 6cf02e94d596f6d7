import type { Firm } from "../firm/firm.ts";
import type { Customer } from "../log/kinds/firm.ts";
import type { Entry } from "../log/kinds.ts";
import { HAD_NAMES } from "../order/had.ts";
import type { PaneBook } from "../pane/book.ts";
import { nextFor } from "../pane/next.ts";
import { oldGlassBack } from "../pane/old-glass.ts";
import { CLOSING_KIT } from "../pane/open-hole.ts";
import { labelOf } from "../pane/order-line.ts";
import { closesUp } from "../pane/overnight.ts";
import { materialsOf } from "../pane/pane-materials.ts";
import type { Reckoning } from "../pane/reckoning.ts";
import { isHere } from "../pane/stands.ts";
import { metresRound, stepsAt } from "../pane/steps-at.ts";
import { nextWorking } from "../plan/calendar.ts";
import { STATION_NAMES } from "../plan/stations.ts";
import { canBeDone, daysWork, isGivenTo, ON_SITE } from "../round/days-work.ts";
import { type Material, pickList } from "../set/pick-list.ts";
import { type Kit, kitOf, oneKit } from "../steps/kit.ts";
import { type Day, dayOf } from "../units/day.ts";
import { toMm } from "../units/length.ts";

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

/** What it is made of: the round's panes as they stand, and the firm. */
export type KitFrom = {
  readonly round: RoundKit["round"];
  readonly books: readonly { readonly book: PaneBook; readonly r: Reckoning }[];
  readonly firm: Firm;
  readonly entries: readonly Entry[];
  readonly through: number;
  readonly today: Day;
};

/**
 * What to have in the van for a day's work on a round, tomorrow's if none is named: what stands next then, taking out going
 * on to making ready and setting. Those given to the day, or else all that can be done, unless panes are named.
 */
export function kitOfRound(
  { round, books, firm, entries, through, today: now }: KitFrom,
  wants: KitFor = {},
): RoundKit {
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
    const steps = kitOf(
      stations.flatMap((s) => stepsAt(s, book, r)).filter((s) => !(s.dryDay && isWet)),
      {
        metres: metresRound(r),
        diagonalM: glass && Math.hypot(toMm(glass.width), toMm(glass.height)) / 1000,
        waste: firm.house.waste,
      },
    );
    const kit = closesUp(stations, book, r) ? oneKit([steps, CLOSING_KIT]) : steps;
    const materials = stations.includes("set") ? materialsOf(book, r) : null;
    const takes =
      stations.includes("set") && !oldGlassBack(book) ? { where: labelOf(book), ...glassOnKit(book, r) } : null;
    return { id: book.id, kit, materials, takes };
  });
  return {
    round,
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
    through,
    today: now,
    booked: books.flatMap(({ book }) =>
      book.before.hands && dayOf(book.before.hands.day) >= now ? [{ where: labelOf(book), ...book.before.hands }] : [],
    ),
  };
}
