import type { Compound } from "../bed/compound.ts";
import { COMPOUNDS, compoundById } from "../bed/compounds.ts";
import { paintWindow } from "../finish/paint-window.ts";
import { chaseFrom } from "../order/chased.ts";
import { LINE_STATE_FACTS } from "../order/line-state.ts";
import type { WorkCalendar } from "../plan/calendar.ts";
import type { Station } from "../plan/stations.ts";
import { type Day, dayOf } from "../units/day.ts";
import type { BoardFacts } from "./board-facts.ts";

/** What cannot wait, worst first: said at the top of the round. */
export type Alert = { readonly pane: string; readonly where: string; readonly station: Station } & (
  | { readonly kind: "open-hole" }
  /** Days that the hole has been closed up, and by how many that is longer than was said. */
  | { readonly kind: "closed-over"; readonly days: number; readonly over: number }
  /** It is closed up until this day, and no glass is here. */
  | { readonly kind: "closes-soon"; readonly day: Day }
  | { readonly kind: "late"; readonly day: Day; readonly asked: number }
  | { readonly kind: "past-paint"; readonly day: Day }
);

type Told = { readonly id: string; readonly where: string; readonly facts: BoardFacts };
type By = { readonly today: Day; readonly calendar: WorkCalendar; readonly compounds?: readonly Compound[] };

/** Read off what the board keeps of each pane, so that a round of a thousand costs no sums. */
export function alertsOf(panes: readonly Told[], by: By): readonly Alert[] {
  const alertsBy = (each: (told: Told) => Alert | null): readonly Alert[] => panes.flatMap((p) => each(p) ?? []);
  const closed = alertsBy((p) => closedOver(p, by));
  return [
    ...alertsBy(openHole),
    // The longest past its day first.
    ...closed.filter((a) => a.kind === "closed-over").sort((a, b) => b.over - a.over),
    ...alertsBy((p) => late(p, by)),
    ...alertsBy((p) => pastPaint(p, by)),
    ...closed.filter((a) => a.kind === "closes-soon"),
  ];
}

const openHole = (p: Told): Alert | null =>
  p.facts.openHole ? { pane: p.id, where: p.where, station: "look", kind: "open-hole" } : null;

/** So many days ahead a board whose day comes is told of, while the customer can still be asked. */
const AHEAD_DAYS = 2;

function closedOver(p: Told, by: By): Alert | null {
  const { closed } = p.facts;
  if (!closed) return null;
  const base = { pane: p.id, where: p.where, station: "look" } as const;
  const [since, until] = [dayOf(closed.since), dayOf(closed.until)];
  if (until <= by.today) return { ...base, kind: "closed-over", days: by.today - since, over: by.today - until };
  return until - by.today <= AHEAD_DAYS && !isHere(p) ? { ...base, kind: "closes-soon", day: until } : null;
}

/** Late, unless somebody has asked and was given time. */
function late(p: Told, by: By): Alert | null {
  const line = p.facts.done ? null : p.facts.line;
  if (!line || !LINE_STATE_FACTS[line.state].coming || line.due === null) return null;
  const day = dayOf(line.due);
  const from = chaseFrom(day, line.asked ? dayOf(line.asked.day) : null, by.calendar);
  return from <= by.today
    ? { pane: p.id, where: p.where, station: "order", kind: "late", day, asked: line.asked?.times ?? 0 }
    : null;
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

/** Its glass passed, and it is not set yet. */
const isHere = ({ facts }: Pick<Told, "facts">): boolean =>
  !facts.done &&
  ((facts.line !== null && LINE_STATE_FACTS[facts.line.state].stands === "accepted") || facts.oldBack || facts.had);

/** How many have glass that passed, and are not set yet. */
export const settable = (panes: readonly Pick<Told, "facts">[]): number => panes.filter(isHere).length;
