import { NO_MONEY, type Pence, sumOf } from "../money/pence.ts";
import { type Day, dayOf } from "../units/day.ts";
import type { Within } from "./belief.ts";
import type { CameBack, PaneSeen } from "./seen.ts";
import { learnShare, shareOf, shareWithin } from "./share.ts";

/** A quarter of a year: panes that came, and of those that came back. */
export type Quarter = {
  /** @example "2026 Q2" */
  readonly name: string;
  readonly came: number;
  readonly back: number;
  /** The firm's rate with a little of the house's word in it, and where it lies with nine chances in ten. */
  readonly rate: number;
  readonly within: Within;
  /** So few panes say next to nothing. */
  readonly few: boolean;
};

/** Before anything was seen: one pane in thirty, worth half a pane that came back. Source: trade talk; it says little. */
const PRIOR = { did: 0.5, didNot: 14.5 };
/** Fewer panes than this in a quarter are few. */
const FEW = 20;
const MOST_QUARTERS = 12;

export const quarterOf = (d: Day): string => {
  const at = new Date(d * 86_400_000);
  return `${at.getUTCFullYear()} Q${Math.floor(at.getUTCMonth() / 3) + 1}`;
};

/**
 * The firm's rate of panes that came back, quarter by quarter, the newest last.
 * @example 40 came in May, one went back // 2026 Q2: 1 of 40, 2.7%, between 0.6 and 7%
 */
export function quartersOf(panes: readonly PaneSeen[]): readonly Quarter[] {
  const by = new Map<string, { came: number; back: number }>();
  const at = (day: string): { came: number; back: number } => {
    const name = quarterOf(dayOf(day));
    const found = by.get(name) ?? { came: 0, back: 0 };
    by.set(name, found);
    return found;
  };
  for (const p of panes) {
    for (const c of p.came) at(c.day).came++;
    for (const b of p.back) at(b.day).back++;
  }
  return [...by.entries()]
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .slice(-MOST_QUARTERS)
    .map(([name, { came, back }]) => {
      const belief = learnShare(PRIOR, { did: back, of: Math.max(came, back) });
      return { name, came, back, rate: shareOf(belief), within: shareWithin(belief, 0.9), few: came < FEW };
    });
}

/** What remakes cost by what went wrong; what nobody said why of last. */
export type ByWhy = { readonly why: CameBack["why"]; readonly panes: number; readonly pence: Pence };
export function byWhy(back: readonly CameBack[]): readonly ByWhy[] {
  const by = new Map<CameBack["why"], { panes: number; pence: Pence }>();
  for (const b of back) {
    const found = by.get(b.why) ?? { panes: 0, pence: NO_MONEY };
    by.set(b.why, { panes: found.panes + 1, pence: sumOf([found.pence, b.pence ?? NO_MONEY]) });
  }
  return [...by.entries()]
    .map(([why, of]) => ({ why, ...of }))
    .sort((a, b) => Number(a.why === null) - Number(b.why === null) || b.panes - a.panes);
}
