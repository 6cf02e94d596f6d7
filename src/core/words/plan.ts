import type { Because } from "../pane/pane-visit.ts";
import type { Broken } from "../plan/broken-rules.ts";
import { mayText } from "../plan/licence.ts";
import { VISIT_PART_NAMES } from "../plan/visit-part.ts";
import type { Span } from "../plan/week.ts";
import type { Frees, Reason } from "../plan/why-not.ts";
import type { LengthUnit } from "../units/length.ts";
import { clock, lasts } from "./clock.ts";
import { sayDay } from "./days.ts";
import { inUnit } from "./in-unit.ts";

/** Why a visit is not before its earliest day, in half a sentence. */
export function becauseWords(b: Because): string {
  switch (b.kind) {
    case "ready":
      return "nothing waits but hands";
    case "glass-promised":
      return `glass from ${b.supplier}, promised ${sayDay(b.day)}`;
    case "glass-late":
      return `glass from ${b.supplier} is late: it was promised ${sayDay(b.day)}`;
    case "not-ordered":
      return `not ordered yet; ${b.days === 1 ? "one working day is" : `${b.days} working days are`} a guess`;
    case "follows":
      return b.part === "cut" ? "once it is cut on the bench" : `after the visit to ${VISIT_PART_NAMES[b.part]}`;
    case "cure":
      return `it cures until ${sayDay(b.day)}`;
    case "shut":
      return `it stays shut until ${sayDay(b.day)}`;
  }
}

/** What is against a visit where it stands, as a sentence each. */
export const BROKEN_SAYS: { readonly [R in Broken["rule"]]: (id: string) => string } = {
  unknown: () => "Nobody of that name is on the plan.",
  twice: () => "It stands on the plan twice.",
  "no-day": () => "Nobody works on that day.",
  "not-working": (id) => `${id} does not work that day.`,
  hours: () => "It does not fit into the day's hours, with the road there and home.",
  skill: (id) => `It wants somebody who may ${mayText(id)}.`,
  helper: () => "Two are needed for part of it, and no second person is there.",
  overlap: (id) => `${id} is somewhere else at that time, or still on the road.`,
  "no-date": () => "What it waits for has no day: get one from whoever sends it, and note it on the order.",
  "too-early": () => "It is too soon: what it waits for is not there by then.",
  "too-late": () => "It is too late: after that day it does no good.",
  rain: () => "Rain is forecast for that time, and it must be dry.",
  cold: () => "It is too cold that day for what it is set in.",
  wind: () => "Too windy that day to carry a pane of this size.",
  dark: () => "It is dark outside by then.",
  "agreed-hour": () => "Another hour was agreed.",
  after: () => "What it follows is not done in time for it.",
  moved: () => "It was given to somebody else by hand.",
};

export function whyNotWords(why: Reason): string {
  switch (why.kind) {
    case "after":
      return "What it follows has no day either.";
    case "days":
      return "It cannot be before these three weeks are over.";
    case "no-date":
      return "What it waits for has no day.";
    case "nobody":
      return `Nobody may ${why.skills.map(mayText).join(" and ")}.`;
    case "weather":
      return "No day is dry, mild and calm enough for it.";
    case "hours":
      return `Nobody has ${lasts(why.minutes)} left in one piece, with the road.`;
    case "helper":
      return "No second person is free when somebody has time for it.";
    case "held":
      return "The day it was given to has no room for it.";
  }
}

export const FREES_SAYS: { readonly [F in Frees]: string } = {
  "a-date": "a new date from the supplier, noted on the order",
  "another-hour": "an hour more at the end of a day",
  "second-person": "a second person for the lift",
  skill: "somebody who may do it",
  rain: "a dry day, or a cover",
  cold: "a milder day",
  wind: "a calm day",
  daylight: "light to work by",
  "agreed-hour": "another hour agreed with the customer",
  "by-hand": "another day than the one it was given",
  "one-more-person": "one more person for a day",
};

/** Least and most of a day, in the reader's degrees; null where nobody knows them. @example 11 and 19, in inches // "52 to 66 °F" */
export const degreesText = (
  d: { readonly lowC: number | null; readonly highC: number | null },
  unit: LengthUnit,
): string | null => (d.lowC === null || d.highC === null ? null : inUnit(`${d.lowC} to ${d.highC} °C`, unit));

/** A day's weather, in a few words. */
export function weatherWords(d: {
  readonly rain: readonly Span[];
  readonly lowC: number | null;
  readonly by: "entered" | "told" | "nothing";
}): string {
  if (d.by === "nothing") return "not forecast yet";
  const frost = d.lowC !== null && d.lowC <= 0 ? "frost" : "";
  const [first] = d.rain;
  const wet = !first ? "dry" : first[1] - first[0] >= 1000 ? "wet" : `rain ${clock(first[0])} to ${clock(first[1])}`;
  return [wet, frost].filter(Boolean).join(", ");
}
