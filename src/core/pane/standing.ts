import { askedOf } from "../measure/asked-of.ts";
import { stillToRead, WAY_FACTS } from "../measure/ways.ts";
import { STATIONS, type Station } from "../plan/stations.ts";
import type { Whole } from "../specify/whole.ts";
import { type Day, dayOf } from "../units/day.ts";
import { blanksOf } from "./before-order.ts";
import type { PaneBook } from "./book.ts";
import { hingeOf } from "./hangs.ts";
import { inspectionHere } from "./inspection.ts";
import { oldGlassBack, packedAnew } from "./old-glass.ts";
import { owedPaint } from "./paint-owed.ts";
import { sureOf } from "./readings-sure.ts";
import type { Reckoning } from "./reckoning.ts";
import { isHere, wasHad } from "./stands.ts";
import { countSteps } from "./steps-at.ts";
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
        | "paint-left"
        | "no-fit-day"
        | "cannot-open"
        | "unit"
        | "unit-open"
        /** Nobody said how the glass is held: steps and glass would be another frame's. */
        | "frame-unsaid";
    }
  | { readonly kind: "whole"; readonly what: Whole }
  | { readonly kind: "steps" | "readings" | "guessed" | "looked"; readonly done: number; readonly of: number }
  | { readonly kind: "bad-reading"; readonly count: number }
  | { readonly kind: "glass" }
  | { readonly kind: "due" | "set-on" | "paint-from" | "painted"; readonly day: Day };

/** How each of the nine stations stands. */
export function standings(book: PaneBook, r: Reckoning): Readonly<Record<Station, Standing>> {
  return Object.fromEntries(STATIONS.map((s) => [s, standingAt(s, book, r)])) as Record<Station, Standing>;
}

/** Stations whose steps, glass or looks are of one way of holding it. */
const OF_THE_FRAME: ReadonlySet<Station> = new Set(["takeout", "specify", "ready", "set", "signoff"]);

/** How one of them stands: what asks of one does not work out the other eight. */
export function standingAt(station: Station, book: PaneBook, r: Reckoning): Standing {
  const at = toldAt(station, book, r);
  // A usual frame stands in until somebody says which it is; what is only its own is not shown as this pane's.
  return book.added.unsaid && at.state === "open" && OF_THE_FRAME.has(station)
    ? { state: "open", says: { kind: "frame-unsaid" } }
    : at;
}

function toldAt(station: Station, book: PaneBook, r: Reckoning): Standing {
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
      // How it hangs is all that its packing waits for.
      if (packedAnew(book))
        return { state: hingeOf(book) === "not-said" ? "open" : "done", says: { kind: "old-glass" } };
      const wanted = book.way === "rebate" ? askedOf(book.shape) : WAY_FACTS[book.way].wanted;
      const count = wanted.length;
      const done = count - stillToRead(book.way, (p) => r.readings[p] !== undefined, wanted).length;
      if (r.unread.length > 0) return { state: "trouble", says: { kind: "bad-reading", count: r.unread.length } };
      // Copied from its like, or guessed: nothing of it is read yet.
      if (done > 0 && book.way === "rebate" && sureOf(book) === "guess")
        return { state: "begun", says: { kind: "guessed", done, of: count } };
      return {
        state: done === count ? "done" : done > 0 ? "begun" : "open",
        says: { kind: "readings", done, of: count },
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
      if (!book.makeup && !book.glass) return { state: "open", says: { kind: "glass" } };
      return {
        // Chosen, and something of it left to guess: a spacer, a pattern's way, whether safety glass is called for.
        state: !book.line && !isHere(book) && blanksOf(book, r).some((u) => u.station === "specify") ? "begun" : "done",
        says: { kind: book.makeup ? "unit" : "glass" },
      };
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
  if (wasHad(book)) return { state: "done", says: { kind: "had" } };
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
        says: found.line.due ? { kind: "due", day: dayOf(found.line.due) } : { kind: "on-order" },
      };
  }
}

function finishStanding(book: PaneBook, r: Reckoning): Standing {
  if (!book.set) return { state: "open", says: { kind: "nothing" } };
  const paint = owedPaint(book, r);
  if (paint)
    return paint.from === null
      ? { state: "trouble", says: { kind: "no-fit-day" } }
      : { state: "begun", says: { kind: "paint-from", day: paint.from } };
  // Painted or not, it is done when its steps are.
  const { done, of } = countSteps("finish", book, r);
  if (done < of) return { state: "begun", says: { kind: "steps", done, of } };
  return {
    state: "done",
    says: book.painted
      ? { kind: "painted", day: dayOf(book.painted) }
      : { kind: book.paintLeft ? "paint-left" : "done" },
  };
}
