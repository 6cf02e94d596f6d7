import { withFirm } from "../firm/firm.ts";
import { reckon } from "../pane/reckoning.ts";
import { rememberBest } from "../size/best.ts";
import { day, readDay } from "../units/day.ts";
import { composeDay, type DayPageData } from "./day-page.ts";
import type { KeptLog } from "./kept.ts";
import { composePlan, type PlanFrom } from "./plan-page.ts";

/**
 * One person's day by what a device keeps: their stops at panes of the rounds that it keeps. Of weather it knows what somebody
 * entered; light and forecast have done their part when the day was laid out.
 */
export function dayFrom(log: KeptLog, people: readonly string[], who: string | null, on: string | null): DayPageData {
  const panes = log.panes.filter((p) => !p.book.signed);
  const by = withFirm(log.firm, rememberBest(panes.length + 20));
  const today = day(log.kept.today);
  const from: PlanFrom = {
    panes: panes.map(({ book }) => ({ book, r: reckon(book, by) })),
    firm: log.firm,
    entered: log.firm.weatherEntered,
    record: log.kept.records,
    writers: people,
    forecast: () => null,
    light: () => null,
    today,
    through: log.kept.through,
  };
  const plan = composePlan(from);
  const names = plan.case.people.map((p) => p.name);
  const asked = readDay(on ?? "");
  return composeDay(from, plan, who && names.includes(who) ? who : (names[0] ?? ""), asked.ok ? asked.value : today);
}
