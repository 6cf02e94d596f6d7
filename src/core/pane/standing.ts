import { finishSteps } from "../finish/steps.ts";
import { DISAGREE_MM, disagreement } from "../measure/figure.ts";
import { DIAGONALS, HEIGHTS, type Place, WIDTHS } from "../measure/places.ts";
import { stillToRead, WAY_FACTS } from "../measure/ways.ts";
import { STATIONS, type Station } from "../plan/stations.ts";
import { readySteps } from "../ready/steps.ts";
import { setSteps } from "../set/steps.ts";
import type { Whole } from "../specify/whole.ts";
import { stepByPast } from "../steps/past.ts";
import type { Step } from "../steps/step.ts";
import { takeoutSteps } from "../takeout/steps.ts";
import { type Day, dayOf } from "../units/day.ts";
import { toMm } from "../units/length.ts";
import { blanksOf } from "./before-order.ts";
import { type PaneBook, stepKey } from "./book.ts";
import { inspectionHere } from "./inspection.ts";
import { mayStay, oldGlassBack } from "./old-glass.ts";
import { paintOwed } from "./paint-owed.ts";
import type { Reckoning } from "./reckoning.ts";
import { refurbishHere } from "./refurbishing.ts";
import { stillShut } from "./shut.ts";
import { isHere, standsOf } from "./stands.ts";
import { finishFacts, readyFacts, stepFacts } from "./step-facts.ts";
import { isUnitOpen } from "./unit.ts";
import { wholeOf } from "./whole-here.ts";

/** How a station stands. `says` is three words or so for the station tape. */
export type Standing = { readonly state: "done" | "begun" | "open" | "trouble"; readonly says: Says };

/** What is said of a station: data here, words in `words/`. */
export type Says =
  | {
      readonly kind:
        | "nothing"
        /** All its steps are done, and nobody said that it is set. */
        | "say-set"
        | "done"
        | "on-order"
        | "not-ordered"
        | "old-glass"
        | "sent-back"
        | "broke"
        | "had"
        | "needs-safety"
        | "signed"
        | "not-painted"
        | "no-fit-day"
        | "cannot-open"
        | "unit"
        | "unit-open";
    }
  | { readonly kind: "whole"; readonly what: Whole }
  | { readonly kind: "steps" | "readings" | "looked"; readonly done: number; readonly of: number }
  | { readonly kind: "bad-reading"; readonly count: number }
  | { readonly kind: "glass" }
  | { readonly kind: "due" | "set-on" | "paint-from" | "painted"; readonly day: Day };

/** What to do next with a pane, and where. */
export type Next = {
  readonly station: Station;
  readonly kind:
    | "look"
    /** Nobody said how the glass is held: all that follows goes by it. */
    | "say-held"
    | "close-hole"
    | "keep-or-renew"
    | "read-size"
    | "read-again"
    | "read-corners"
    | "read-rest"
    | "pane-will-not-fit"
    | "readings-disagree"
    | "slip"
    | "no-rectangle"
    | "choose-safety"
    | "choose-unit"
    /** What whoever makes it would have to ask, settled before it is ordered. */
    | "settle"
    | "put-on-order"
    | "send-order"
    | "check-in"
    | "chase"
    | "order-again"
    | "take-out"
    | "make-ready"
    | "set"
    | "paint"
    | "come-back"
    | "wait-paint"
    | "past-paint"
    | "finish-off"
    | "sign-off"
    | "signed-off"
    /** What is stored of it could not be worked out. */
    | "broken";
  readonly day?: Day;
  readonly count?: number;
  readonly place?: Place;
  /** What is to be settled. */
  readonly what?: string;
};

/** The steps of a station, with the firm's own minutes where it has timed them. */
export const stepsAt = (station: Station, book: PaneBook, r: Reckoning): readonly Step[] =>
  stepsOf(station, book, r).map((s) =>
    stepByPast(s, { system: book.added.system, station, metres: metresRound(r) }, r.past),
  );

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
export const metresRound = (r: Reckoning): number | null =>
  r.cut.ok ? (2 * (toMm(r.cut.value.glass.width) + toMm(r.cut.value.glass.height))) / 1000 : null;

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

function countSteps(
  station: Station,
  book: PaneBook,
  reckoning: Reckoning,
): { readonly done: number; readonly of: number } {
  const steps = stepsAt(station, book, reckoning);
  const isDone = (s: Step): boolean =>
    book.steps.has(stepKey(station, s.id)) || (s.paints === true && (book.painted !== null || book.paintLeft !== null));
  return { done: steps.filter(isDone).length, of: steps.length };
}

/** How each of the nine stations stands. */
export function standings(book: PaneBook, r: Reckoning): Readonly<Record<Station, Standing>> {
  return Object.fromEntries(STATIONS.map((s) => [s, standingAt(s, book, r)])) as Record<Station, Standing>;
}

/** How one of them stands: what asks of one does not work out the other eight. */
export function standingAt(station: Station, book: PaneBook, r: Reckoning): Standing {
  switch (station) {
    case "look": {
      const said = [book.damage.length > 0, book.cause !== null, book.urgency !== null];
      const all = book.heldSaid ? said : [...said, false];
      const done = all.filter(Boolean).length;
      return {
        state: done === all.length ? "done" : done > 0 ? "begun" : "open",
        says: done === all.length ? { kind: "done" } : { kind: "looked", done, of: all.length },
      };
    }
    case "takeout":
    case "ready":
      return stepStanding(countSteps(station, book, r));
    case "measure": {
      const of = WAY_FACTS[book.way].wanted.length;
      const done = of - stillToRead(book.way, (p) => r.readings[p] !== undefined).length;
      if (r.unread.length > 0) return { state: "trouble", says: { kind: "bad-reading", count: r.unread.length } };
      return {
        state: done === of ? "done" : done > 0 ? "begun" : "open",
        says: { kind: "readings", done, of },
      };
    }
    case "specify": {
      const whole = wholeOf(book);
      if (r.unsafe) return { state: "trouble", says: { kind: "needs-safety" } };
      if (oldGlassBack(book) && !book.line) return { state: "done", says: { kind: "old-glass" } };
      // What is in it its maker knows; whether it must be safety glass we say.
      if (whole)
        return {
          state: r.safety && r.safety.kind !== "not-known" ? "done" : "open",
          says: { kind: "whole", what: whole },
        };
      if (isUnitOpen(book)) return { state: "open", says: { kind: "unit-open" } };
      if (book.makeup) return { state: "done", says: { kind: "unit" } };
      return book.glass ? { state: "done", says: { kind: "glass" } } : { state: "open", says: { kind: "glass" } };
    }
    case "order":
      return orderStanding(book);
    case "set":
      if (book.set) return { state: "done", says: { kind: "set-on", day: dayOf(book.set.day) } };
      return setStanding(stepStanding(countSteps("set", book, r)));
    case "finish":
      return finishStanding(book, r);
    case "signoff":
      if (book.signed) return { state: "done", says: { kind: "signed" } };
      return {
        state: book.checks.size > 0 ? "begun" : "open",
        says: {
          kind: "steps",
          done: [...book.checks.values()].filter((c) => c.good).length,
          of: inspectionHere(book, r).length,
        },
      };
  }
}

function stepStanding({ done, of }: { readonly done: number; readonly of: number }): Standing {
  if (of === 0) return { state: "open", says: { kind: "cannot-open" } };
  return {
    state: done === of ? "done" : done > 0 ? "begun" : "open",
    says: done === of ? { kind: "done" } : { kind: "steps", done, of },
  };
}

const setStanding = (s: Standing): Standing => (s.state === "done" ? { state: "begun", says: { kind: "say-set" } } : s);

function orderStanding(book: PaneBook): Standing {
  const found = book.line;
  if (standsOf(book).as === "accepted" && standsOf(book).line === null) return { state: "done", says: { kind: "had" } };
  if (!found)
    return oldGlassBack(book)
      ? { state: "done", says: { kind: "old-glass" } }
      : { state: "open", says: { kind: "not-ordered" } };
  switch (found.line.state) {
    case "accepted":
    case "accepted-with-note":
      return { state: "done", says: { kind: "done" } };
    case "sent-back":
    case "broke":
      return { state: "trouble", says: { kind: found.line.state } };
    default:
      return {
        state: "begun",
        says: found.order.sent ? { kind: "due", day: dayOf(found.order.sent.due) } : { kind: "on-order" },
      };
  }
}

function finishStanding(book: PaneBook, r: Reckoning): Standing {
  if (!book.set) return { state: "open", says: { kind: "nothing" } };
  if (paintOwed(book, r) && r.paint?.kind === "window")
    return r.paint.from === null
      ? { state: "trouble", says: { kind: "no-fit-day" } }
      : { state: "begun", says: { kind: "paint-from", day: r.paint.from } };
  // Painted or not, it is done when its steps are.
  const { done, of } = countSteps("finish", book, r);
  if (done < of) return { state: "begun", says: { kind: "steps", done, of } };
  return {
    state: "done",
    says: book.painted ? { kind: "painted", day: dayOf(book.painted) } : { kind: "not-painted" },
  };
}

/** The next thing to do, in the usual order of the work. */
export function nextFor(book: PaneBook, r: Reckoning, today: Day): Next {
  if (book.signed && !paintOwed(book, r)) return { station: "signoff", kind: "signed-off" };
  if (book.damage.length === 0) return { station: "look", kind: "look" };
  if (book.urgency === "open-hole" && !book.closed && !book.set) return { station: "look", kind: "close-hole" };
  if (book.set) return afterSetting(book, r, today);
  if (!book.heldSaid) return { station: "look", kind: "say-held" };
  const state = book.line?.line.state;
  if (isHere(book) && r.stands.line === null) return toSetting(book, r);
  if (state === "sent-back" || state === "broke") return { station: "order", kind: "order-again" };
  if (state === "accepted" || state === "accepted-with-note") return toSetting(book, r);
  if (state === "arrived") return { station: "order", kind: "check-in" };
  if (state === "sent" && book.line?.order.sent) {
    const due = dayOf(book.line.order.sent.due);
    return due < today
      ? { station: "order", kind: "chase", day: due }
      : { station: "order", kind: "check-in", day: due };
  }
  if (state === "open") return { station: "order", kind: "send-order" };
  if (state === undefined && mayStay(book)) return { station: "look", kind: "keep-or-renew" };
  if (state === undefined && oldGlassBack(book)) return toSetting(book, r);
  return toOrdering(book, r);
}

function toOrdering(book: PaneBook, r: Reckoning): Next {
  const blanks = blanksOf(book, r);
  // Nothing is read or chosen for glass that nobody wants.
  const whole = blanks.find((u) => u.id === "whole");
  if (whole) return { station: whole.station, kind: "settle", what: whole.says };
  if (r.unread.length > 0) return { station: "measure", kind: "read-again", count: r.unread.length };
  if (!r.cut.ok) return { station: "measure", kind: "read-size" };
  const [slip] = r.slips;
  if (slip) return { station: "measure", kind: "slip", place: slip.place };
  if (r.cut.value.opening.ok && disagreement(r.cut.value.opening.value.figure) > DISAGREE_MM)
    return { station: "measure", kind: "readings-disagree" };
  const copied = r.opening.copied !== null || r.opening.guessed !== null;
  const corners = copied ? 0 : DIAGONALS.filter((p) => r.readings[p] === undefined).length;
  if (corners > 0) return { station: "measure", kind: "read-corners", count: corners };
  const rest = copied ? 0 : [...WIDTHS, ...HEIGHTS].filter((p) => r.readings[p] === undefined).length;
  if (r.poor) return { station: "measure", kind: "no-rectangle" };
  if (r.tooBigBy > 0 || r.shaped?.stale) return { station: "measure", kind: "pane-will-not-fit" };
  if (rest > 0) return { station: "measure", kind: "read-rest", count: rest };
  if (r.unsafe) return { station: "specify", kind: "choose-safety" };
  if (isUnitOpen(book)) return { station: "specify", kind: "choose-unit" };
  const [open] = blanks;
  if (open) return { station: open.station, kind: "settle", what: open.says, ...(open.place && { place: open.place }) };
  return { station: "order", kind: "put-on-order" };
}

function toSetting(book: PaneBook, r: Reckoning): Next {
  for (const [station, kind] of [
    ["takeout", "take-out"],
    ["ready", "make-ready"],
  ] as const) {
    const { done, of } = countSteps(station, book, r);
    if (done < of) return { station, kind };
  }
  return { station: "set", kind: "set" };
}

function afterSetting(book: PaneBook, r: Reckoning, today: Day): Next {
  const owed = paintOwed(book, r);
  const pressing = owed && r.paint?.kind === "window" && r.paint.closes !== null && r.paint.closes < today;
  if (book.visit && !pressing && !(book.visit.visit === "paint" && !owed) && dayOf(book.visit.day) >= today)
    return { station: "finish", kind: "come-back", day: dayOf(book.visit.day) };
  if (owed && r.paint?.kind === "window") {
    if (r.paint.closes !== null && r.paint.closes < today)
      return { station: "finish", kind: "past-paint", day: r.paint.closes };
    if (r.paint.from === null) return { station: "finish", kind: "wait-paint" };
    return r.paint.from > today
      ? { station: "finish", kind: "wait-paint", day: r.paint.from }
      : { station: "finish", kind: "paint", day: r.paint.closes ?? r.paint.from };
  }
  const { done, of } = countSteps("finish", book, r);
  if (done < of) return { station: "finish", kind: "finish-off", count: of - done };
  // What still cures is opened and looked at when it has: only then is there anything to sign.
  const shut = stillShut(book, r, today);
  return shut === null ? { station: "signoff", kind: "sign-off" } : { station: "finish", kind: "come-back", day: shut };
}
