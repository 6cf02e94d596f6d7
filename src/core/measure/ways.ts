import type { Whole } from "../specify/whole.ts";
import type { Template } from "../text/template.ts";
import { HOLE, HOLE_HEIGHTS, HOLE_WIDTHS, OPENING, type Place } from "./places.ts";

/** How an opening is measured: what can be reached decides. */
export const WAYS = [
  "rebate",
  "through-glass",
  "old-unit",
  "insert-outside",
  "insert-inside",
  "sash-outside",
  "window-hole",
] as const;
export type Way = (typeof WAYS)[number];

type WayFact = {
  readonly name: Template;
  /** What is read, and what it is worth. */
  readonly says: Template;
  readonly places: readonly Place[];
  /** What is read by it, one after another; the rest only where somebody knows it, or in the place of another. */
  readonly wanted: readonly Place[];
  /** What is asked for one after another, where that is more than is wanted. */
  readonly inTurn?: readonly Place[];
  /** It can be read to the full only once the old glass is out. */
  readonly needsOut: boolean;
  /** What is read is made whole, with its glass in it: that glass is nobody's to size, and no rebate is cut into. */
  readonly whole: Whole | null;
};

export const WAY_FACTS: Readonly<Record<Way, WayFact>> = {
  rebate: {
    name: "{rebate} wall to {rebate} wall",
    says: "The tight size, three ways each and both corners: what the glass goes into.",
    places: [],
    wanted: OPENING,
    needsOut: true,
    whole: null,
  },
  "through-glass": {
    name: "through standing glass",
    says: "Only the sight size can be read. Say how far the glass goes in behind it, or how deep the {rebate} is: it is kept as a guess until a better reading replaces it.",
    places: ["sight-width", "sight-height", "goes-in", "cover-guess", "cover-doubt"],
    wanted: ["sight-width", "sight-height", "goes-in"],
    needsOut: false,
    whole: null,
  },
  "old-unit": {
    name: "old {pane}, edge to edge",
    says: "The {pane} itself, its edges seen: nothing is taken off its size. Say how it sat, for it may have been cut wrong.",
    places: ["old-width", "old-height", "old-packed"],
    wanted: ["old-width", "old-height"],
    needsOut: false,
    whole: null,
  },
  "insert-outside": {
    name: "door insert, frame outside to outside",
    says: "Over the frame that shows on the door. Its flange is in this size: the order says so.",
    places: ["insert-outside-width", "insert-outside-height", "door-thickness"],
    wanted: ["insert-outside-width", "insert-outside-height", "door-thickness"],
    needsOut: false,
    whole: "insert",
  },
  "insert-inside": {
    name: "door insert, seen opening inside to inside",
    says: "The glass that is seen, frame to frame. The flange is not in this size: the order says so.",
    places: ["insert-inside-width", "insert-inside-height", "door-thickness"],
    wanted: ["insert-inside-width", "insert-inside-height", "door-thickness"],
    needsOut: false,
    whole: "insert",
  },
  "sash-outside": {
    name: "new sash, over the old one",
    says: "The old sash itself, outer edge to outer edge, on the face that shows when it is open. Its maker works from that size: the order says so.",
    places: ["sash-outside-width", "sash-outside-height"],
    wanted: ["sash-outside-width", "sash-outside-height"],
    needsOut: false,
    whole: "sash",
  },
  "window-hole": {
    name: "whole window, the hole in the wall",
    says: "Wall to wall, and sill to head, each at three places: the least counts. Its maker takes off the fitting gap: the order says so.",
    places: HOLE,
    // A wall that is known to be true is not held up for its other places.
    wanted: ["window-hole-width", "window-hole-height"],
    inTurn: HOLE,
    needsOut: false,
    whole: "window",
  },
};

/** Whether what is read by it is made whole. @example readsWhole("insert-inside") // true */
export const readsWhole = (way: Way): boolean => WAY_FACTS[way].whole !== null;

/**
 * The ways that are offered: only doors have inserts, and what was chosen stays.
 * @example a sash in putty // no way over an insert
 */
export const waysFor = (frame: { readonly ofDoor: boolean }, chosen: Way): readonly Way[] =>
  WAYS.filter((way) => way === chosen || frame.ofDoor || WAY_FACTS[way].whole !== "insert");

/** How what is made whole is read, until somebody says otherwise. */
export const WAY_OF_WHOLE: Readonly<Record<Whole, Way>> = {
  insert: "insert-outside",
  sash: "sash-outside",
  window: "window-hole",
};

/** What does as well as a reading that is wanted: a depth that was told or read, for how far the glass goes in. */
const INSTEAD: Readonly<Partial<Record<Place, readonly Place[]>>> = {
  "goes-in": ["cover-guess", "rebate-depth"],
  "window-hole-width": HOLE_WIDTHS,
  "window-hole-height": HOLE_HEIGHTS,
};

/**
 * What is still to be read by this way of measuring, in its order.
 * @example through glass, sight width, sight height and a guessed depth read // nothing
 */
export const stillToRead = (
  way: Way,
  isRead: (place: Place) => boolean,
  wanted: readonly Place[] = WAY_FACTS[way].wanted,
): readonly Place[] => wanted.filter((p) => !isRead(p) && !(INSTEAD[p] ?? []).some(isRead));

/** In what state of the frame a reading was taken: the last is the surest. */
export const CIRCUMSTANCES = ["guess", "first-visit", "beads-off", "cleared"] as const;
export type Circumstance = (typeof CIRCUMSTANCES)[number];

export const CIRCUMSTANCE_FACTS: Readonly<Record<Circumstance, { readonly name: Template; readonly says: Template }>> =
  {
    guess: { name: "a guess", says: "Covered edges, copied or said by somebody: not to order from." },
    "first-visit": { name: "first visit", says: "All still in place: prices from it, orders at a risk." },
    "beads-off": { name: "edge bared", says: "The edge is seen, the old {pane} still stands in it." },
    cleared: { name: "cleared {rebate}", says: "Bare and scraped: the true edge. The surest." },
  };

/** How the old pane sat before it came out. `even` is how an earlier version said `easy`. */
export const SITS = ["tight", "easy", "packed", "loose", "even"] as const;
export type Sits = (typeof SITS)[number];

/**
 * Which way round the opening is, by eye: tells swapped widths and heights. `raked` has four straight sides with a slope among
 * them, `arched` upright jambs and a head that is part of one circle, `odd` any other curve.
 */
export const SHAPES = ["upright", "square", "lying", "raked", "arched", "odd"] as const;
export type Shape = (typeof SHAPES)[number];
export const SHAPE_NAMES: Readonly<Record<Shape, string>> = {
  upright: "upright",
  square: "square",
  lying: "lying",
  raked: "raking side",
  arched: "arch, part of a circle",
  odd: "another curve",
};
/** Whether it has four sides and right angles, as far as anybody said. */
export const isRectangle = (shape: Shape | null): boolean =>
  shape === null || shape === "upright" || shape === "square" || shape === "lying";
/** What is said of a shape by eye that a rectangle does not fill. */
export const SHAPE_SAYS: Readonly<Partial<Record<Shape, Template>>> = {
  raked:
    "Four straight sides, one of them on a slope: read all four along the {rebate}, and both corners. The {pane} is cut to that shape; its size is the rectangle round it.",
  arched:
    "Upright jambs, and a head that is part of one circle: read the width, the height at both jambs to where the head springs, and the height in the middle to its crown. The {pane} is cut to that shape; its size is the rectangle round it.",
  odd: "Another curve: its size here is the rectangle round it, by the greatest width and height. Take a template at the window, mark its face and its top, and send it with the order.",
};
