import { type Lead, leadOf, workingDaysBetween } from "../order/lead.ts";
import type { WorkCalendar } from "../plan/calendar.ts";
import type { Day } from "../units/day.ts";
import { meanWithin, spreadOf, type Within } from "./belief.ts";
import { cutBelief, ENOUGH, SURE } from "./own-figures.ts";
import type { PaneSeen } from "./seen.ts";
import { learnShare, shareOf, shareWithin } from "./share.ts";

/** An order as it went: sent, promised, come. */
export type OrderGone = { readonly supplier: string; readonly sent: Day; readonly due: Day; readonly arrived: Day };

export type SupplierCard = {
  readonly name: string;
  readonly orders: number;
  readonly lead: Lead;
  /** Of those orders, the ones that came after their day; and by how many working days at most. */
  readonly late: number;
  readonly latestBy: number;
  readonly panes: number;
  readonly back: number;
  readonly backRate: number;
  readonly backWithin: Within;
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
export function supplierCards(of: {
  readonly suppliers: readonly { readonly name: string; readonly leadDays: number }[];
  readonly gone: readonly OrderGone[];
  readonly panes: readonly PaneSeen[];
  readonly calendar: WorkCalendar;
  readonly limits: { readonly single: number; readonly sealed: number };
  readonly today: Day;
}): readonly SupplierCard[] {
  const came = of.panes.flatMap((p) => p.came);
  const sides = of.panes.flatMap((p) => p.sides);
  const names = new Set([...of.suppliers.map((s) => s.name), ...came.map((c) => c.supplier)]);
  return [...names]
    .map((name): SupplierCard => {
      const gone = of.gone.filter((g) => g.supplier === name);
      const late = gone.map((g) => workingDaysBetween(g.due, g.arrived, of.calendar)).filter((d) => d > 0);
      const own = came.filter((c) => c.supplier === name);
      const back = own.filter((c) => c.back).length;
      const belief = learnShare(PRIOR, { did: back, of: own.length });
      return {
        name,
        orders: gone.length,
        lead: leadOf(of.suppliers.find((s) => s.name === name)?.leadDays ?? 0, gone, of.calendar, of.today),
        late: late.length,
        latestBy: Math.max(0, ...late),
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
            withinMm: sealed ? of.limits.sealed : of.limits.single,
            today: of.today,
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
