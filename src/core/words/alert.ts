import type { Alert } from "../round/alerts.ts";
import { counted, timesText } from "../text/counted.ts";
import { sayDay } from "./days.ts";
import { type Dialect, say } from "./dialect.ts";

/** What cannot wait, in one line, and what to do about it. */
export function alertWords(alert: Alert, dialect: Dialect): { readonly says: string; readonly todo: string } {
  const { where } = alert;
  switch (alert.kind) {
    case "open-hole":
      return { says: `${where} is an open hole`, todo: "close it now, and guard it until it is" };
    case "closed-over":
      return {
        says: `${where} has been boarded for ${counted(alert.days, "day")}`,
        todo: overdue(alert.over),
      };
    case "closes-soon":
      return {
        says: `${where} is closed up until ${sayDay(alert.day)}`,
        todo: "its glass is not here: agree on a later day while there is time",
      };
    case "late":
      return {
        says: `${where}: glass is late`,
        todo: `was due ${sayDay(alert.day)}: ${alert.asked === 0 ? "ring them" : `ring them again, asked ${timesText(alert.asked)} so far`}`,
      };
    case "past-paint":
      return {
        says: say(`${where}: {putty} is past its paint day`, dialect),
        todo: `was ${sayDay(alert.day)}: paint at once`,
      };
  }
}

/** What a board wants that stays longer than was said: more, the longer it is. */
function overdue(days: number): string {
  if (days >= 7) return `${days} days longer than planned: go there, try every screw, and agree in person on a day`;
  if (days >= 3) return `${days} days longer than planned: ring the customer today, and look at the board`;
  return "longer than planned: look at the board and tell the customer";
}
