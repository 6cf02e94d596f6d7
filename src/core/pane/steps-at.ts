import { finishSteps } from "../finish/steps.ts";
import type { Station } from "../plan/stations.ts";
import { readySteps } from "../ready/steps.ts";
import { setSteps } from "../set/steps.ts";
import { stepByPast } from "../steps/past.ts";
import type { Step } from "../steps/step.ts";
import { takeoutSteps } from "../takeout/steps.ts";
import { toMm } from "../units/length.ts";
import { type PaneBook, stepKey } from "./book.ts";
import type { Reckoning } from "./reckoning.ts";
import { refurbishHere } from "./refurbishing.ts";
import { sidesHere } from "./sides-here.ts";
import { finishFacts, readyFacts, stepFacts } from "./step-facts.ts";

/** The steps of a station, with the firm's own minutes where it has timed them: those of `who`, else of whoever reads it. */
export function stepsAt(station: Station, book: PaneBook, r: Reckoning, who = r.reader): readonly Step[] {
  const at = { system: book.added.system, station, metres: metresRound(r) };
  return stepsOf(station, book, r).map((s) => stepByPast(s, at, r.past, who));
}

/** The same, each station's worked out once: for whoever asks of many steps. */
export function stepsOnce(book: PaneBook, r: Reckoning): (station: Station) => readonly Step[] {
  const made = new Map<Station, readonly Step[]>();
  return (station) => {
    const known = made.get(station);
    if (known) return known;
    const steps = stepsAt(station, book, r);
    made.set(station, steps);
    return steps;
  };
}

/** Length of the glass's edge, m; null until it is sized. */
export function metresRound(r: Reckoning): number | null {
  const sides = sidesHere(r);
  return sides && Object.values(sides).reduce((sum, side) => sum + toMm(side), 0) / 1000;
}

function stepsOf(station: Station, book: PaneBook, reckoning: Reckoning): readonly Step[] {
  const facts = stepFacts(book, reckoning);
  switch (station) {
    case "takeout":
      return takeoutSteps(facts);
    case "ready":
      return [...refurbishHere(book, reckoning), ...readySteps(readyFacts(book, reckoning))];
    case "set":
      return setSteps(readyFacts(book, reckoning));
    case "finish":
      return finishSteps(finishFacts(book, reckoning));
    default:
      return [];
  }
}

/** Done, or left out; painting once it is painted or left to somebody. */
const isTicked = (station: Station, book: PaneBook, s: Step): boolean =>
  book.steps.has(stepKey(station, s.id)) || (s.paints === true && (book.painted !== null || book.paintLeft !== null));

/**
 * What is still to be done of a station that somebody has begun; nothing of one whose steps nobody ticks.
 * @example "sight-line" and "clean" of Finish done // the rest of Finish
 */
export function begunNotEnded(station: Station, book: PaneBook, reckoning: Reckoning): readonly Step[] {
  const steps = stepsAt(station, book, reckoning);
  const open = steps.filter((s) => !isTicked(station, book, s));
  return open.length < steps.length ? open : [];
}

/** How many steps of a station are done, or left out; painting counts as done once it is painted or left to somebody. */
export function countSteps(
  station: Station,
  book: PaneBook,
  reckoning: Reckoning,
): { readonly done: number; readonly of: number } {
  const steps = stepsAt(station, book, reckoning);
  return { done: steps.filter((s) => isTicked(station, book, s)).length, of: steps.length };
}
