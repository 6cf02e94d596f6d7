import type { Compound } from "../bed/compound.ts";
import { COMPOUNDS, compoundById } from "../bed/compounds.ts";
import { paintWindow } from "../finish/paint-window.ts";
import { LINE_STATE_FACTS } from "../order/line-state.ts";
import type { WorkCalendar } from "../plan/calendar.ts";
import type { Station } from "../plan/stations.ts";
import { type Day, dayOf } from "../units/day.ts";
import type { BoardFacts } from "./board-facts.ts";

/** What cannot wait, worst first: said at the top of the round. */
export type Alert = { readonly pane: string; readonly where: string; readonly station: Station } & (
  | { readonly kind: "open-hole" }
  | { readonly kind: "closed-over"; readonly days: number }
  | { readonly kind: "late" | "past-paint"; readonly day: Day }
);

type Told = { readonly id: string; readonly where: string; readonly facts: BoardFacts };
type By = { readonly today: Day; readonly calendar: WorkCalendar; readonly compounds?: readonly Compound[] };

/** Read off what the board keeps of each pane, so that a round of a thousand costs no sums. */
export function alertsOf(panes: readonly Told[], by: By): readonly Alert[] {
  const of = (each: (told: Told) => Alert | null): readonly Alert[] => panes.flatMap((p) => each(p) ?? []);
  return [...of(openHole), ...of((p) => closedOver(p, by)), ...of((p) => late(p, by)), ...of((p) => pastPaint(p, by))];
}

const openHole = (p: Told): Alert | null =>
  p.facts.openHole ? { pane: p.id, where: p.where, station: "look", kind: "open-hole" } : null;

function closedOver(p: Told, by: By): Alert | null {
  const { closed } = p.facts;
  if (!closed || dayOf(closed.until) > by.today) return null;
  return { pane: p.id, where: p.where, station: "look", kind: "closed-over", days: by.today - dayOf(closed.since) };
}

function late(p: Told, by: By): Alert | null {
  const line = p.facts.done ? null : p.facts.line;
  if (!line || !LINE_STATE_FACTS[line.state].coming || line.due === null) return null;
  const day = dayOf(line.due);
  return day < by.today ? { pane: p.id, where: p.where, station: "order", kind: "late", day } : null;
}

function pastPaint(p: Told, by: By): Alert | null {
  const wet = p.facts.unpainted;
  if (!wet) return null;
  const compound = wet.as ?? compoundById(wet.compound, by.compounds ?? COMPOUNDS) ?? COMPOUNDS[0];
  if (!compound) return null;
  const window = paintWindow(compound, dayOf(wet.set), by.calendar);
  return window.kind === "window" && window.closes !== null && window.closes < by.today
    ? { pane: p.id, where: p.where, station: "finish", kind: "past-paint", day: window.closes }
    : null;
}

/** How many have glass that passed, and are not set yet. */
export const settable = (panes: readonly Pick<Told, "facts">[]): number =>
  panes.filter(
    ({ facts }) =>
      !facts.done &&
      ((facts.line && LINE_STATE_FACTS[facts.line.state].stands === "accepted") || facts.oldBack || facts.had),
  ).length;
