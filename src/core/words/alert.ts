import type { Alert } from "../round/alerts.ts";
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
        says: `${where} has been boarded for ${alert.days} ${alert.days === 1 ? "day" : "days"}`,
        todo: "longer than planned: look at the board and tell the customer",
      };
    case "late":
      return { says: `${where}: glass is late`, todo: `was due ${sayDay(alert.day)}: ring them` };
    case "past-paint":
      return {
        says: say(`${where}: {putty} is past its paint day`, dialect),
        todo: `was ${sayDay(alert.day)}: paint at once`,
      };
  }
}
