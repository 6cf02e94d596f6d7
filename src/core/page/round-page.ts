import type { Firm } from "../firm/firm.ts";
import type { Entry } from "../log/kinds.ts";
import { type Alert, alertsOf, settable } from "../round/alerts.ts";
import type { BoardFacts } from "../round/board-facts.ts";
import type { RoundRow } from "../round/row.ts";
import type { Day } from "../units/day.ts";
import type { PanePlace } from "./pane-page.ts";

export type RoundName = { readonly id: string; readonly name: string; readonly place: string };

/** What stands over a round's lines: how many, what cannot wait, what can be set. */
export type RoundHeadData = {
  readonly round: RoundName;
  readonly others: readonly RoundName[];
  readonly panes: number;
  readonly alerts: readonly Alert[];
  readonly settable: number;
  readonly openings: number;
};

/** What its lines are drawn from. */
export type RoundLinesData = {
  /** The first lines; the rest is asked for. */
  readonly rows: readonly RoundRow[];
  readonly panes: number;
  readonly firmEntries: readonly Entry[];
  readonly openOrders: readonly { readonly id: string; readonly supplier: string; readonly reference: string }[];
  readonly today: number;
};

/** Of a round's panes, with what the board says of each. */
export function composeRoundHead(
  round: RoundName,
  others: readonly RoundName[],
  panes: readonly (PanePlace & { readonly facts: BoardFacts })[],
  firm: Firm,
  today: Day,
): RoundHeadData {
  const told = panes.map((p) => ({
    id: p.id,
    where: [p.address, p.opening].filter(Boolean).join(", "),
    facts: p.facts,
  }));
  return {
    round,
    others,
    panes: panes.length,
    alerts: alertsOf(told, { today, calendar: firm.calendar, compounds: firm.compounds }),
    settable: settable(told),
    openings: new Set(panes.map((p) => `${p.address}\n${p.opening}`)).size,
  };
}
