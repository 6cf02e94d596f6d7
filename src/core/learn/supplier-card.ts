import { type Lead, leadOf, workingDaysBetween } from "../order/lead.ts";
import { MAKES_OF, type MakesOf } from "../order/sources.ts";
import type { WorkCalendar } from "../plan/calendar.ts";
import type { Day } from "../units/day.ts";
import { meanWithin, spreadOf, type Within } from "./belief.ts";
import { cutBelief } from "./cut-figures.ts";
import { ENOUGH, SURE } from "./own-figure.ts";
import type { PaneSeen } from "./seen.ts";
import { learnShare, shareOf, shareWithin } from "./share.ts";

/** An order as it went: sent, promised, come. */
export type OrderGone = {
  readonly supplier: string;
  readonly sent: Day;
  readonly due: Day;
  readonly arrived: Day;
  /** What took longest of what was on it. */
  readonly of: MakesOf;
};

/** What was ordered, and how it came. */
export type Came = {
  readonly orders: number;
  readonly lead: Lead;
  /** Of those orders, the ones that came after their day; and by how many working days at most. */
  readonly late: number;
  readonly latestBy: number;
  readonly panes: number;
  readonly back: number;
};

/** The same of one kind of thing: float tomorrow says nothing of units. */
export type KindCame = Came & { readonly make: MakesOf };

export type SupplierCard = Came & {
  readonly name: string;
  readonly backRate: number;
  readonly backWithin: Within;
  /** The same by what it was, where they sent more than one kind. */
  readonly makes: readonly KindCame[];
  /** Sides larger than ordered by, single glass and sealed units; null while too few were measured to say. */
  readonly kinds: readonly {
    readonly sealed: boolean;
    readonly sides: number;
    readonly off: number | null;
    readonly offWithin: Within;
    readonly spread: number;
    readonly outliers: number;
  }[];
};

/** Before anything came: one in thirty goes back. */
const PRIOR = { did: 0.5, didNot: 14.5 };

/** What each supplier promised against what came, before one is chosen; most panes first. */
export function supplierCards(given: {
  readonly suppliers: readonly { readonly name: string; readonly leadDays: number }[];
  readonly gone: readonly OrderGone[];
  readonly panes: readonly PaneSeen[];
  readonly calendar: WorkCalendar;
  readonly limits: { readonly single: number; readonly sealed: number };
  readonly today: Day;
}): readonly SupplierCard[] {
  const came = given.panes.flatMap((p) => p.came);
  const sides = given.panes.flatMap((p) => p.sides);
  const names = new Set([...given.suppliers.map((s) => s.name), ...came.map((c) => c.supplier)]);
  return [...names]
    .map((name): SupplierCard => {
      const gone = given.gone.filter((g) => g.supplier === name);
      const says = given.suppliers.find((s) => s.name === name)?.leadDays ?? 0;
      const own = came.filter((c) => c.supplier === name);
      const back = own.filter((c) => c.back).length;
      const wentBy = (orders: readonly OrderGone[]) => {
        const late = orders.map((g) => workingDaysBetween(g.due, g.arrived, given.calendar)).filter((d) => d > 0);
        return {
          orders: orders.length,
          lead: leadOf(says, orders, given.calendar, given.today),
          late: late.length,
          latestBy: Math.max(0, ...late),
        };
      };
      const kinds = MAKES_OF.filter((m) => gone.some((g) => g.of === m) || own.some((c) => c.make === m));
      const belief = learnShare(PRIOR, { did: back, of: own.length });
      return {
        name,
        ...wentBy(gone),
        makes:
          kinds.length < 2
            ? []
            : kinds.map((make) => {
                const theirs = own.filter((c) => c.make === make);
                return {
                  make,
                  ...wentBy(gone.filter((g) => g.of === make)),
                  panes: theirs.length,
                  back: theirs.filter((c) => c.back).length,
                };
              }),
        panes: own.length,
        back,
        backRate: shareOf(belief),
        backWithin: shareWithin(belief, SURE),
        kinds: [false, true].flatMap((sealed) => {
          const theirs = sides.filter((s) => s.supplier === name && s.sealed === sealed);
          if (theirs.length === 0) return [];
          const {
            belief: b,
            usual,
            outliers,
          } = cutBelief(theirs, {
            withinMm: sealed ? given.limits.sealed : given.limits.single,
            today: given.today,
          });
          return [
            {
              sealed,
              sides: usual.length,
              off: usual.length < ENOUGH.sides ? null : b.mean,
              offWithin: meanWithin(b, SURE),
              spread: spreadOf(b),
              outliers: outliers.length,
            },
          ];
        }),
      };
    })
    .sort((a, b) => b.panes - a.panes || (a.name < b.name ? -1 : 1));
}
