import { lateKey } from "../firm/plan-book.ts";
import type { Customer } from "../log/kinds/firm.ts";
import type { PlannedVisit } from "../pane/book.ts";
import { nextFor } from "../pane/next.ts";
import { labelOf } from "../pane/order-line.ts";
import type { PaneVisit } from "../pane/pane-visit.ts";
import { isHere } from "../pane/stands.ts";
import { visitId } from "../pane/visit-common.ts";
import { visitsOf } from "../pane/visits.ts";
import type { Station } from "../plan/stations.ts";
import type { VisitPart } from "../plan/visit-part.ts";
import { minutesFor } from "../plan/week.ts";
import { weekOf } from "../plan/week-case.ts";
import { YARD } from "../plan/yard.ts";
import { type Day, dayOf, writeDay } from "../units/day.ts";
import { becauseWords } from "../words/plan.ts";
import { outsideAt, type PlanFrom, type PlanPageData } from "./plan-page.ts";
import { kitOfRound, type RoundKit } from "./round-kit.ts";
import { unlicensedText, wantedOf } from "./who-may.ts";

/** One call of somebody's day. */
export type DayStop = {
  readonly id: string;
  readonly pane: string;
  readonly part: VisitPart;
  readonly where: string;
  readonly address: string;
  /** Minutes since midnight as it was planned, and as late as they run. */
  readonly from: number;
  readonly to: number;
  readonly late: number;
  /** Somebody else's visit, at which they help. */
  readonly helps: string | null;
  readonly helper: string | null;
  readonly helperMinutes: number;
  /** When whoever helps is needed. */
  readonly helperAt: number;
  readonly because: string;
  readonly access: string | null;
  readonly unlicensed: string | null;
  readonly customer: Customer | null;
  readonly roadBefore: number;
  readonly done: boolean;
  /** Glass that goes along is not here yet. */
  readonly glassMissing: boolean;
  readonly station: Station;
};

export type DayPageData = {
  readonly who: string;
  readonly people: readonly string[];
  readonly on: number;
  readonly today: number;
  readonly stops: readonly DayStop[];
  readonly late: number;
  readonly kit: Pick<RoundKit, "kit" | "materials" | "glass" | "isWet">;
  /** What the day before must have: a board, a person, a call. */
  readonly weather: PlanPageData["days"][number] | null;
};

/** At which stations each visit's work is done: it begins at what is next, where that is one of them, or at the first named. */
const STATIONS_OF: { readonly [P in VisitPart]: readonly [Station, ...Station[]] } = {
  read: ["look", "measure"],
  "take-out": ["takeout", "ready"],
  ready: ["takeout", "ready"],
  cut: ["order"],
  fit: ["ready", "takeout", "set"],
  paint: ["finish"],
  open: ["finish"],
};

/** Where no hour was said. */
const EIGHT = 8 * 60;

/** One person's day: their stops in order, with what each needs to be known at the door, and what to pack for all of them. */
export function composeDay(from: PlanFrom, plan: PlanPageData, who: string, on: Day): DayPageData {
  const { firm, today, panes } = from;
  const day = writeDay(on);
  const lateMinutes = firm.plan.late.get(lateKey(who, day)) ?? 0;
  /** Whoever helps comes when two are needed. */
  const comesAt = ({ v, open }: { readonly v: PlannedVisit; readonly open: PaneVisit | undefined }): number =>
    (v.from ?? EIGHT) + (v.person === who ? 0 : (open?.helperFrom ?? 0));
  const going = panes
    .flatMap(({ book, r }) =>
      [...book.visits.values()].flatMap((v) => {
        if (v.day !== day || (v.person !== who && v.helper !== who)) return [];
        const open = visitsOf(book, r, today).find((w) => w.part === v.part);
        return [{ book, r, v, open }];
      }),
    )
    .sort((a, b) => comesAt(a) - comesAt(b));
  const { travel } = weekOf(plan.case);
  let at = YARD;
  const stops = going.map(({ book, r, v, open }): DayStop => {
    const helps = v.person !== who;
    const minutes = helps ? (open?.helperMinutes ?? 0) : open ? minutesFor(open, v.person) : 0;
    const from = comesAt({ v, open });
    const place = v.part === "cut" ? YARD : book.added.address;
    const roadBefore = travel(at, place);
    at = place;
    return {
      id: visitId(book.id, v.part),
      pane: book.id,
      part: v.part,
      where: labelOf(book),
      address: book.added.address,
      from,
      to: from + minutes,
      late: open ? lateMinutes : 0,
      helps: helps ? v.person : null,
      helper: helps ? null : v.helper,
      helperMinutes: open?.helperMinutes ?? 0,
      helperAt: (v.from ?? EIGHT) + (open?.helperFrom ?? 0),
      because: open ? becauseWords(open.because) : "",
      unlicensed: open ? unlicensedText(wantedOf(open, plan.case.people).nobody, book.before.licensed) : null,
      access: open?.fromLadder ? outsideAt(book.building.storey) : null,
      customer: v.part === "cut" ? null : (firm.customers.get(book.added.address) ?? null),
      roadBefore,
      done: open === undefined,
      glassMissing: open !== undefined && v.part === "fit" && !isHere(book),
      station: beginsAt(v.part, open ? nextFor(book, r, today).station : null),
    };
  });
  const { kit, materials, glass, isWet } = kitOfRound(
    {
      round: { id: "", name: "" },
      books: going.filter((g) => g.open && g.v.person === who && g.v.part !== "cut"),
      firm,
      entries: [],
      through: from.through,
      today,
    },
    { on, panes: going.map((g) => g.book.id) },
  );
  return {
    who,
    people: plan.case.people.map((p) => p.name),
    on,
    today,
    stops,
    late: lateMinutes,
    kit: { kit, materials, glass, isWet },
    weather: plan.days.find((d) => dayOf(d.day) === on) ?? null,
  };
}

/** @example to fit, and half of taking out is still to be done // takeout */
const beginsAt = (part: VisitPart, next: Station | null): Station =>
  STATIONS_OF[part].find((s) => s === next) ?? STATIONS_OF[part][0];
