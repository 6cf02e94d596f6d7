import { against, type Option } from "../look/options.ts";
import { pence } from "../money/pence.ts";
import { money } from "./money.ts";

const more = (n: number, one: string, many: string, than: readonly [string, string]): string =>
  n === 0 ? "" : `${Math.abs(n)} ${Math.abs(n) === 1 ? one : many} ${n > 0 ? than[0] : than[1]}`;

/** Why an option stayed behind, in words. @example "£271.50 dearer, 12 working days later, 0.5 h more work" */
export function turnedDown(o: Option, chosen: Option, currency: string): string {
  const d = against(o, chosen);
  return (
    [
      d.pence === 0 ? "" : `${money(pence(Math.abs(d.pence)), currency)} ${d.pence > 0 ? "dearer" : "cheaper"}`,
      more(d.days, "working day", "working days", ["later", "sooner"]),
      more(d.visits, "visit", "visits", ["more", "fewer"]),
      more(d.hours, "h of work", "h of work", ["more", "less"]),
    ]
      .filter(Boolean)
      .join(", ") || "the same in price and time"
  );
}
