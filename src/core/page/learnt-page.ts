import type { Firm } from "../firm/firm.ts";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import { type MadeYear, madeYears } from "../learn/made-years.ts";
import type { OwnFigure } from "../learn/own-figure.ts";
import { ownFigures, personFigures, readersIn, sendersIn, supplierFigures } from "../learn/own-figures.ts";
import { type ByWhy, byWhy, type Quarter, quartersOf } from "../learn/remakes-ledger.ts";
import type { CameBack, PaneSeen } from "../learn/seen.ts";
import { type StepTime, stepTimes } from "../learn/step-times.ts";
import { type SupplierCard, supplierCards } from "../learn/supplier-card.ts";
import type { MakesOf } from "../order/sources.ts";
import { type Day, dayOf } from "../units/day.ts";

export type SeenOf = {
  readonly pane: string;
  readonly address: string;
  readonly opening: string;
  readonly light: string;
  readonly seen: PaneSeen;
};

/** One pane of the ledger. */
export type LedgerLine = CameBack & { readonly pane: string; readonly where: string };

/** One person's own tape. */
export type PersonFigures = { readonly who: string; readonly figures: readonly OwnFigure[] };

export type LearntPageData = {
  readonly figures: readonly OwnFigure[];
  /** Only of whoever looks, unless the house says that people see each other. */
  readonly people: readonly PersonFigures[];
  /** Minutes of steps, everybody's and those of the people who are shown. */
  readonly times: readonly StepTime[];
  /** The house reckons by them. */
  readonly timesInUse: boolean;
  readonly suppliers: readonly SupplierCard[];
  /** What each of them sends, where something of it was measured. */
  readonly senders: readonly { readonly supplier: string; readonly figures: readonly OwnFigure[] }[];
  readonly quarters: readonly Quarter[];
  readonly why: readonly ByWhy[];
  readonly ledger: readonly LedgerLine[];
  readonly went: readonly { readonly went: string; readonly panes: number }[];
  readonly years: readonly MadeYear[];
};

/** The newest of the ledger: a page of a firm of ten years carries no more. */
const MOST_LINES = 200;

/** What the firm's own panes say of its tapes, cutters and suppliers, and what came back. */
export function composeLearnt(seen: {
  readonly rows: readonly SeenOf[];
  readonly gone: readonly {
    readonly supplier: string;
    readonly sent: string;
    readonly due: string;
    readonly arrived: string;
    readonly of: MakesOf;
  }[];
  readonly firm: Firm;
  readonly who: string;
  readonly today: Day;
}): LearntPageData {
  const { firm, rows, today } = seen;
  const { ofPeople, ofSuppliers } = firm;
  const by = { house: firm.house, own: firm.own, defaults: HOUSE_DEFAULTS, today, ofPeople, ofSuppliers };
  const panes = rows.map((r) => r.seen);
  const ledger = rows
    .flatMap((r) =>
      r.seen.back.map(
        (b): LedgerLine => ({
          ...b,
          pane: r.pane,
          where: [r.address, r.opening, r.light].filter((t) => t !== "").join(", "),
        }),
      ),
    )
    .sort((a, b) => (a.day < b.day ? 1 : -1));
  return {
    figures: ownFigures(panes, by),
    people: peopleOf(panes, firm, seen.who).map((who) => ({
      who,
      figures: personFigures(panes, who, by).filter((f) => f.from.seen > 0),
    })),
    timesInUse: firm.house.ownMinutes === "yes",
    times: stepTimes(firm.past, (who) => who === seen.who || firm.house.peopleSeeEachOther === "yes"),
    suppliers: supplierCards({
      suppliers: firm.suppliers,
      gone: seen.gone.map((g) => ({
        supplier: g.supplier,
        sent: dayOf(g.sent),
        due: dayOf(g.due),
        arrived: dayOf(g.arrived),
        of: g.of,
      })),
      panes,
      calendar: firm.calendar,
      limits: { single: HOUSE_DEFAULTS.cutErrorMm, sealed: HOUSE_DEFAULTS.cutErrorUnitMm },
      today,
    }),
    senders: sendersIn(panes).map((supplier) => ({
      supplier,
      figures: supplierFigures(panes, supplier, by).filter((f) => f.own !== null),
    })),
    quarters: quartersOf(panes),
    why: byWhy(ledger),
    ledger: ledger.slice(0, MOST_LINES),
    years: madeYears(panes.flatMap((p) => p.made ?? [])),
    went: [...countOf(panes.flatMap((p) => p.went?.went ?? []))].map(([went, n]) => ({ went, panes: n })),
  };
}

/** Whoever looks, and nobody else unless the house says so. */
function peopleOf(panes: readonly PaneSeen[], firm: Firm, who: string): readonly string[] {
  const all = readersIn(panes);
  return firm.house.peopleSeeEachOther === "yes" ? all : all.filter((w) => w === who);
}

function countOf(items: readonly string[]): ReadonlyMap<string, number> {
  const n = new Map<string, number>();
  for (const x of items) n.set(x, (n.get(x) ?? 0) + 1);
  return n;
}
