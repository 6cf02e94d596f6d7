import type { Hinge } from "../measure/found.ts";

/** What is ordered whole, with its glass in it: a door's insert, a sash, or a window, frame and all. */
export const WHOLES = ["insert", "sash", "window"] as const;
export type Whole = (typeof WHOLES)[number];

/** What the size of it is of. */
export const WHOLE_SIZES = ["outside", "inside", "hole"] as const;
export type WholeSize = (typeof WHOLE_SIZES)[number];

/** As it is ordered: no sheet of glass is cut by it. */
export type LineWhole = {
  readonly what: Whole;
  /** Its family on the firm's list; empty where it is none of them. */
  readonly family: string;
  /** What its size is of: over its own frame, the opening seen in it, or the hole in the wall that it goes into. */
  readonly over: WholeSize;
  /** Safety glass in it, or ordinary; null where nobody said. */
  readonly safety: boolean | null;
  /** How a sash or a window hangs, seen from outside; left out of an insert. */
  readonly hangs?: Hinge | undefined;
};

/** What each is called on an order, and what is said of it where somebody asks what a pane's glass is. */
export const WHOLE_FACTS: Readonly<Record<Whole, { readonly name: string; readonly on: string }>> = {
  insert: { name: "complete insert", on: "a complete insert" },
  sash: { name: "new sash, glazed", on: "a new sash" },
  window: { name: "whole window, glazed", on: "a whole window" },
};

/** How an order says which size it states: there is no glass to be cut by it. */
export const WHOLE_SIZE_WORDS: Readonly<Record<Whole, Readonly<Record<WholeSize, string>>>> = {
  insert: {
    outside: "size over its frame, outside to outside",
    inside: "size of the opening seen in it",
    hole: "size of the hole in the door",
  },
  sash: {
    outside: "size over the sash, outer edge to outer edge",
    inside: "size seen in the sash",
    hole: "size of the frame's opening: take off your own clearance",
  },
  window: {
    outside: "size over the frame, outer edge to outer edge",
    inside: "size seen in the window",
    hole: "size of the hole in the wall, at its least: take off your own fitting gap",
  },
};

const HANGS: Readonly<Record<Hinge, string>> = {
  left: "hinged at the left, seen from outside",
  right: "hinged at the right, seen from outside",
  top: "hinged at the top",
  bottom: "hinged at the bottom",
  slides: "slides",
  hung: "slides up and down",
  fixed: "fixed",
  "not-said": "",
};

/**
 * What it is, for whoever makes it.
 * @example { what: "insert", family: "Tern Quay", safety: true } // "complete insert, Tern Quay, safety glass in it"
 * @example { what: "sash", family: "", safety: null, hangs: "top" } // "new sash, glazed, hinged at the top"
 */
export const wholeText = (w: Pick<LineWhole, "what" | "family" | "safety" | "hangs">): string =>
  [
    WHOLE_FACTS[w.what].name,
    w.family,
    HANGS[w.hangs ?? "not-said"],
    w.safety === null ? "" : w.safety ? "safety glass in it" : "ordinary glass in it",
  ]
    .filter(Boolean)
    .join(", ");
