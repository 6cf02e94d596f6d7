import type { PlanPayloads } from "../../log/kinds/plan.ts";
import { VISIT_PART_NAMES } from "../../plan/visit-part.ts";
import { clock } from "../clock.ts";
import { onDay, type WordsOf } from "./parts.ts";

/** Lines of the logbook about the plan. */
export const PLAN_WORDS: WordsOf<PlanPayloads> = {
  "plan.person": (p) =>
    p.gone ? `${p.name} works here no more` : `${p.name} works ${clock(p.from)} to ${clock(p.to)}`,
  "plan.away": (p) =>
    `${p.name} ${p.away ? "is away" : "works"} on ${onDay(p.day)}${p.hours && !p.away ? `, ${clock(p.hours[0])} to ${clock(p.hours[1])}` : ""}${p.why ? `: ${p.why}` : ""}`,
  "plan.road": (p) => `From ${p.from} to ${p.to}: ${p.minutes} min`,
  "plan.where": (p) => `${p.place} lies at ${p.latitude}, ${p.longitude}`,
  "plan.weight": (p) => `A week is weighed: ${p.what} ${p.value}`,
  "plan.visit": (p) =>
    p.day === null
      ? `Visit, ${VISIT_PART_NAMES[p.part]}: taken off the plan`
      : `Visit, ${VISIT_PART_NAMES[p.part]}: ${onDay(p.day)}${p.from === null ? "" : ` at ${clock(p.from)}`}, ${p.person}${p.helper ? ` with ${p.helper}` : ""}${p.why ? ` (${p.why})` : ""}`,
  "plan.late": (p) => `${p.name} runs ${p.minutes} min late on ${onDay(p.day)}`,
  "plan.told": (p) => `Customer told of ${VISIT_PART_NAMES[p.part]} on ${onDay(p.day)}: ${p.says}`,
};
