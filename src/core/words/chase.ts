import { CHASED_NAMES, type Chase } from "../order/chased.ts";
import { counted, timesText } from "../text/counted.ts";
import { type Day, dayOf } from "../units/day.ts";
import { sayDay, sayDayFrom } from "./days.ts";

/** Once it was asked after, in a line. @example "Wed 20 May on the telephone, Nell: furnace down. Now Wed 27 May; it was Mon 18 May." */
export function chaseText(c: Chase, today: Day): string {
  const head = [sayDayFrom(dayOf(c.day), today), c.how && CHASED_NAMES[c.how]].filter(Boolean).join(" ");
  const was = c.was ? `; it was ${sayDay(dayOf(c.was))}` : "";
  return `${head}, ${c.who}${c.says ? `: ${c.says}` : ""}. ${c.due ? `Now ${sayDay(dayOf(c.due))}${was}.` : "No new day."}`;
}

/** What is written to whoever is late. @example "Our order OR-1 of Mon 11 May, 1 pane, was promised for Mon 18 May and has not come. …" */
export const chaseMessage = (order: {
  readonly reference: string;
  readonly sent: Day;
  readonly due: Day;
  readonly panes: number;
  readonly asked: number;
}): string =>
  `Our order ${order.reference ? `${order.reference} ` : ""}of ${sayDay(order.sent)}, ${counted(order.panes, "pane")}, was promised for ${sayDay(order.due)} and has not come.${order.asked > 0 ? ` We have asked ${timesText(order.asked)} before.` : ""} Which day can we count on? Somebody waits behind a board for it.`;
