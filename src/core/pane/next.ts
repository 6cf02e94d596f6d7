import { DISAGREE_MM, disagreement } from "../measure/figure.ts";
import { DIAGONALS, HEIGHTS, OPENING, type Place, WIDTHS } from "../measure/places.ts";
import type { Way } from "../measure/ways.ts";
import { LINE_STATE_FACTS } from "../order/line-state.ts";
import type { Station } from "../plan/stations.ts";
import type { Template } from "../text/template.ts";
import { type Day, dayOf } from "../units/day.ts";
import { blanksOf } from "./before-order.ts";
import type { PaneBook } from "./book.ts";
import { mayStay, oldGlassBack } from "./old-glass.ts";
import { glassIsOut, standsOpen } from "./open-hole.ts";
import { type OrderHold, orderHeld } from "./order-held.ts";
import { linesAlive } from "./ordered-twice.ts";
import { owedPaint, paintOwed } from "./paint-owed.ts";
import { sureOf } from "./readings-sure.ts";
import type { Reckoning } from "./reckoning.ts";
import { seenOnly } from "./seen-only.ts";
import { stillShut } from "./shut.ts";
import { isHere } from "./stands.ts";
import { countSteps } from "./steps-at.ts";
import { isToBeCut } from "./to-be-cut.ts";
import { isUnitOpen } from "./unit.ts";
import { type Unknown, type UnknownId, unknownsOf } from "./unknowns.ts";
import { unlikelyHere } from "./unlikely-size.ts";

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
    /** Its readings were taken at a like pane: a tape is held to this one, across and upright. */
    | "read-copied"
    /** The glass is out, and the size still rests on what could be seen with it in. */
    | "read-cleared"
    | "pane-will-not-fit"
    | "readings-disagree"
    | "slip"
    | "no-rectangle"
    | "choose-safety"
    | "choose-unit"
    /** What whoever makes it would have to ask, settled before it is ordered. */
    | "settle"
    | "put-on-order"
    | "cut-here"
    | "send-order"
    | "check-in"
    | "chase"
    | "order-again"
    /** Two people ordered it: one of them is called off. */
    | "ordered-twice"
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
  readonly what?: Template;
  /** The same where a button has little room; `what` where there is none. */
  readonly short?: Template;
  /** Which of what an order would leave to guess it is, where it is one of those. */
  readonly ask?: UnknownId;
};

/** What each way of measuring wants first. */
const FIRST_READ: Readonly<Record<Way, Template>> = {
  rebate: "width and height",
  "through-glass": "the sight size, and what goes in",
  "old-unit": "the old {pane}",
  "insert-outside": "the insert, over its frame",
  "insert-inside": "the insert, inside its frame",
  "sash-outside": "the old sash, over its edges",
  "window-hole": "the hole in the wall",
};

/** Its glass is out, and whoever took it out stands before it. */
const CLOSE_IT: Next = { station: "takeout", kind: "close-hole" };

/** The next thing to do, in the usual order of the work. */
export function nextFor(book: PaneBook, r: Reckoning, today: Day): Next {
  if (book.signed && !paintOwed(book, r)) return { station: "signoff", kind: "signed-off" };
  if (book.damage.length === 0) return { station: "look", kind: "look" };
  if (book.urgency === "open-hole" && standsOpen(book) && !glassIsOut(book))
    return { station: "look", kind: "close-hole" };
  const alive = linesAlive(book);
  if (alive.length > 1) return { station: "order", kind: "ordered-twice", count: alive.length };
  if (book.set) return afterSetting(book, r, today);
  if (!book.heldSaid) return { station: "look", kind: "say-held" };
  // It was ordered by the plan: what was cut says whether it goes in, while there is time to say so.
  const asCut = book.line && r.planned?.isCut ? unknownsOf(book, r).find((u) => u.id === "rout") : undefined;
  if (asCut) return settle(asCut);
  const state = book.line?.line.state;
  if (isHere(book) && r.stands.line === null) {
    // No order asked it of glass that was had without one: where ordinary glass hurts somebody, it does not go in.
    const unsafe = blanksOf(book, r).find((u) => u.id === "unsafe");
    return unsafe ? settle(unsafe) : toSetting(book, r);
  }
  if (standsOpen(book) && r.stands.line !== null) return CLOSE_IT;
  if (state === "sent-back") return { station: "order", kind: "order-again" };
  if (state === "broke") return { station: "order", kind: "order-again", what: "it broke" };
  if (state === "accepted" || state === "accepted-with-note") return toSetting(book, r);
  if (state === "arrived") return { station: "order", kind: "check-in" };
  if (state !== undefined && LINE_STATE_FACTS[state].coming) {
    const due = book.line?.line.due ?? null;
    if (due === null) return { station: "order", kind: "check-in" };
    return dayOf(due) < today
      ? { station: "order", kind: "chase", day: dayOf(due) }
      : { station: "order", kind: "check-in", day: dayOf(due) };
  }
  if (state === "open") return { station: "order", kind: "send-order" };
  if (state === undefined && mayStay(book)) return { station: "look", kind: "keep-or-renew" };
  if (state === undefined && oldGlassBack(book)) return toSetting(book, r);
  return toOrdering(book, r);
}

/**
 * What is to be said, read or settled before its glass is ordered, or cut here; null where nothing is.
 * @example readings copied from the pane beside it // read it for itself
 */
export function beforeItsGlass(book: PaneBook, r: Reckoning): Next | null {
  if (mayStay(book)) return { station: "look", kind: "keep-or-renew" };
  const next = toOrdering(book, r);
  return next.kind === "put-on-order" || next.kind === "cut-here" ? null : next;
}

function toOrdering(book: PaneBook, r: Reckoning): Next {
  const blanks = blanksOf(book, r);
  // Nothing is read or chosen for glass that nobody wants.
  const whole = blanks.find((u) => u.id === "whole" || u.id === "closed");
  if (whole) return settle(whole);
  if (r.unread.length > 0) return { station: "measure", kind: "read-again", count: r.unread.length };
  if (!r.cut.ok) return { station: "measure", kind: "read-size", what: FIRST_READ[book.way] };
  const ofWhat = blanks.find((u) => u.id === "read-what");
  if (ofWhat) return settle(ofWhat);
  const [slip] = r.slips;
  if (slip) return { station: "measure", kind: "slip", place: slip.place };
  const unlikely = book.overrule === null ? unlikelyHere(book, r) : null;
  if (unlikely) return { station: "measure", kind: "slip", place: unlikely.place };
  if (r.cut.value.opening.ok && disagreement(r.cut.value.opening.value.figure) > DISAGREE_MM)
    return { station: "measure", kind: "readings-disagree" };
  const copied = r.opening.copied !== null || r.opening.guessed !== null;
  const own = copied ? 0 : readsOfItsOwn(book);
  if (own > 0) return { station: "measure", kind: "read-copied", count: own };
  const isCurved = book.shape === "odd" || (book.shape === "arched" && r.shaped === null);
  const corners = copied || isCurved ? 0 : DIAGONALS.filter((p) => r.readings[p] === undefined).length;
  if (corners > 0) return { station: "measure", kind: "read-corners", count: corners };
  const rest =
    copied || isCurved || r.shaped ? 0 : [...WIDTHS, ...HEIGHTS].filter((p) => r.readings[p] === undefined).length;
  // No size follows from a guess: what it rests on is read itself.
  if (r.poor && r.opening.guessed) return { station: "measure", kind: "read-cleared" };
  if (r.poor) return { station: "measure", kind: "no-rectangle" };
  if (r.tooBigBy > 0 || r.shaped?.stale) return { station: "measure", kind: "pane-will-not-fit" };
  if (rest > 0) return { station: "measure", kind: "read-rest", count: rest };
  if (seenOnly(book, r)) return { station: "measure", kind: "read-cleared" };
  // It is read while it stands open; what is chosen and ordered after that waits until it is closed.
  if (standsOpen(book)) return CLOSE_IT;
  if (r.unsafe) return { station: "specify", kind: "choose-safety" };
  if (isUnitOpen(book)) return { station: "specify", kind: "choose-unit" };
  const [open] = blanks;
  if (open) return settle(open);
  // What is likely to go wrong is answered beside what holds it.
  const hold = orderHeld(book, r);
  if (hold !== null)
    return {
      station: "order",
      kind: "settle",
      what: hold === "risk" && sureOf(book) !== "not-said" ? FROM_THESE : HOLD_SAYS[hold],
    };
  return { station: "order", kind: isToBeCut(book, r) ? "cut-here" : "put-on-order" };
}

/** How many of its readings stand in from a like pane, while no width or no height was read of its own. */
function readsOfItsOwn(book: PaneBook): number {
  const isOwn = (p: Place): boolean => book.readings[p] !== undefined && !book.readings[p].copied;
  if (WIDTHS.some(isOwn) && HEIGHTS.some(isOwn)) return 0;
  return OPENING.filter((p) => book.readings[p]?.copied).length;
}

const settle = ({ id, says, short, station, place }: Unknown): Next => ({
  station,
  kind: "settle",
  what: says,
  ask: id,
  ...(short && { short }),
  ...(place && { place }),
});

const FROM_THESE = "whether to order from these readings";

/** What is to be said before it goes on an order, where nothing is left to guess. */
const HOLD_SAYS: Readonly<Record<OrderHold, Template>> = {
  coating: "whether it is coated",
  door: "how thick the door is",
  makeup: "what the {unit} is made of",
  risk: "in what state it was read",
  ask: "what speaks against it as it is",
};

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
  const paint = owedPaint(book, r);
  // What is past painting is said before any visit that somebody planned.
  if (paint && paint.closes !== null && paint.closes < today)
    return { station: "finish", kind: "past-paint", day: paint.closes };
  const comes = book.visit?.visit === "paint" && !paint ? null : book.visit;
  if (comes && dayOf(comes.day) >= today) return { station: "finish", kind: "come-back", day: dayOf(comes.day) };
  if (paint) {
    if (paint.from === null) return { station: "finish", kind: "wait-paint" };
    return paint.from > today
      ? { station: "finish", kind: "wait-paint", day: paint.from }
      : { station: "finish", kind: "paint", day: paint.closes ?? paint.from };
  }
  const { done, of } = countSteps("finish", book, r);
  if (done < of) return { station: "finish", kind: "finish-off", count: of - done };
  // What still cures is opened and looked at when it has: only then is there anything to sign.
  const shut = stillShut(book, r, today);
  return shut === null ? { station: "signoff", kind: "sign-off" } : { station: "finish", kind: "come-back", day: shut };
}
