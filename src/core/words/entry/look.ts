import type { LookPayloads } from "../../log/kinds/look.ts";
import { FAULT_FACTS, MEMBER_FACTS } from "../../look/condition.ts";
import { CAUSE_WORDS, DAMAGE_WORDS, URGENCY_WORDS } from "../../look/damage.ts";
import { EARLIER_FACTS } from "../../look/earlier.ts";
import { EXAM_FACTS } from "../../look/exam.ts";
import { OPTION_NAMES } from "../../look/options.ts";
import { SPECIAL_FACTS } from "../../look/special.ts";
import { dayOf } from "../../units/day.ts";
import { sayDay } from "../days.ts";
import { list, onDay, type WordsOf } from "./parts.ts";

/** Lines of the logbook about looking. */
export const LOOK_WORDS: WordsOf<LookPayloads> = {
  "look.damage": (p) => `What is wrong: ${list(p.damage.map((d) => DAMAGE_WORDS[d]))}`,
  "look.cause": (p) => `Cause: ${CAUSE_WORDS[p.cause].name}`,
  "look.urgency": (p) => `How pressing: ${URGENCY_WORDS[p.urgency].name}`,
  "look.building": (p) => `Building: ${p.year === null ? "year not known" : `of ${p.year}`}, ${storeyWords(p.storey)}`,
  "look.closed": (p) =>
    `Hole closed with ${p.how || "something"} until ${onDay(p.until)}${p.told ? `; told: ${p.told}` : ""}`,
  "look.opened": () => "Temporary closing taken off",
  "look.answer": (p) => {
    const fact = EXAM_FACTS[p.question];
    const answer = (fact.answers as Readonly<Record<string, string>>)[p.answer ?? ""];
    return `${fact.asks}: ${answer ?? "taken back"}`;
  },
  "look.opens": (p) => (p.opens ? "The sash lets its glass go" : "The sash cannot be opened"),
  "look.special": (p) =>
    `Wants a licence: ${p.special.map((s) => SPECIAL_FACTS[s].name).join(", ") || "no"}${p.licensed ? `; done or approved by ${p.licensed}` : ""}`,
  "look.condition": (p) =>
    `${p.member} member: ${MEMBER_FACTS[p.state].name}${p.fault ? `, ${FAULT_FACTS[p.fault].name}` : ""}${p.note ? `, ${p.note}` : ""}`,
  "look.option": (p) => `To do: ${OPTION_NAMES[p.option]}${p.reason ? `, because ${p.reason}` : ""}`,
  "look.earlier": (p) =>
    `Left by an earlier repair: ${p.found.map((f) => EARLIER_FACTS[f].name).join(", ") || "nothing"}`,
  "look.wants": (p) =>
    `Customer: ${[p.by ? `by ${sayDay(dayOf(p.by))}` : "", p.mustLock ? "must lock" : "", p.minds].filter(Boolean).join(", ") || "nothing special"}`,
};

export const storeyWords = (storey: number | null): string =>
  storey === null ? "floor not said" : storey === 0 ? "ground floor" : storey < 0 ? "below ground" : `floor ${storey}`;
