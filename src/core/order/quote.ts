import { byTime, rounded } from "../money/parts.ts";
import { lessOf, type Pence, sumOf, timesOf } from "../money/pence.ts";
import { counted } from "../text/counted.ts";
import { taxOn } from "./price.ts";

/** One pane as it is quoted, before tax. Hours and pence by the firm's own figures. */
export type QuotedPane = {
  readonly pane: string;
  readonly where: string;
  /** The glass as the office speaks of it. */
  readonly glass: string;
  /** What is done to it as its customer reads it: no codes. */
  readonly fitted: string;
  readonly glassPence: Pence;
  /** Hands-on minutes by station. */
  readonly minutes: readonly { readonly station: string; readonly minutes: number }[];
  readonly materialsPence: Pence;
  /** Paint wants a visit of its own. */
  readonly paints: boolean;
  /** So does what is primed: it dries over night before anything is set. */
  readonly takesNight: boolean;
  readonly upstairs: boolean;
  readonly bags: number;
  /** What else could be done, tax and visits in it; nothing where only this is possible. */
  readonly others: readonly { readonly says: string; readonly pence: Pence }[];
};

export type QuoteRates = {
  readonly hourPence: Pence;
  readonly visitPence: Pence;
  readonly accessPence: Pence;
  readonly bagPence: Pence;
  readonly deliveryPence: Pence;
  readonly taxShare: number;
};

export type QuoteRow = {
  readonly pane: string | null;
  readonly says: string;
  readonly pence: Pence;
  readonly others?: QuotedPane["others"];
};
export type Quote = {
  readonly rows: readonly QuoteRow[];
  readonly netPence: Pence;
  readonly taxPence: Pence;
  readonly totalPence: Pence;
  readonly hours: number;
};

/** Work is charged by the minute, half a penny up. @example 95 min at 45.00 an hour // 71.25 */
export const workPence = (minutes: number, hourPence: Pence): Pence => rounded(byTime(hourPence, minutes));

/** Whether anything must dry over night before it is set, and whether anything is painted once it has cured. */
type If = "true" | "false";
const VISITS: Readonly<Record<If, Readonly<Record<If, { readonly count: number; readonly says: string }>>>> = {
  false: {
    false: { count: 1, says: "The visit" },
    true: { count: 2, says: "Two visits: setting, and paint once it has cured" },
  },
  true: {
    false: { count: 2, says: "Two visits: priming, which dries over night, and setting" },
    true: {
      count: 3,
      says: "Three visits: priming, which dries over night, setting, and paint once it has cured",
    },
  },
};

/**
 * A round's quote: a line a pane for glass, work and what it takes; visits, access and disposal for all together; tax once.
 * Visits are shared: one to set, one to paint where any pane is painted, one to prime where any must dry over night.
 * @example one pane, glass 30.10, 95 min at 45.00, materials 12.00, a visit at 40.00, a fifth tax // 153.35 + 30.67
 */
export function quoteOf(panes: readonly QuotedPane[], rates: QuoteRates): Quote {
  const rows: QuoteRow[] = panes.map((p) => {
    const minutes = p.minutes.reduce((s, m) => s + m.minutes, 0);
    return {
      pane: p.pane,
      says: `${p.where}: ${p.fitted}`,
      pence: sumOf([p.glassPence, workPence(minutes, rates.hourPence), p.materialsPence]),
      ...(p.others.length > 0 ? { others: p.others } : {}),
    };
  });
  const add = (says: string, pence: Pence) => {
    if (pence > 0) rows.push({ pane: null, says, pence });
  };
  if (panes.length > 0) {
    const visits = VISITS[`${panes.some((p) => p.takesNight)}`][`${panes.some((p) => p.paints)}`];
    add(visits.says, timesOf(rates.visitPence, visits.count));
    const up = panes.filter((p) => p.upstairs).length;
    add(`Access above ground, ${counted(up, "pane")}`, timesOf(rates.accessPence, up));
    const bags = panes.reduce((s, p) => s + p.bags, 0);
    add(`Old glass taken away, ${counted(bags, "bag")}`, timesOf(rates.bagPence, bags));
    add("Delivery of the glass", rates.deliveryPence);
  }
  const netPence = sumOf(rows.map((r) => r.pence));
  const taxPence = taxOn(netPence, rates.taxShare);
  return {
    rows,
    netPence,
    taxPence,
    totalPence: sumOf([netPence, taxPence]),
    hours: panes.reduce((s, p) => s + p.minutes.reduce((t, m) => t + m.minutes, 0), 0) / 60,
  };
}

/** What was quoted against what it came to. More than 0 was earned, less was lost. */
export const margin = (
  quotedNetPence: Pence,
  spent: { readonly glassPence: Pence; readonly hours: number; readonly otherPence: Pence },
  hourPence: Pence,
): Pence => lessOf(quotedNetPence, sumOf([spent.glassPence, workPence(spent.hours * 60, hourPence), spent.otherPence]));
