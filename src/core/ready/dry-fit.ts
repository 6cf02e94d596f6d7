import type { Station } from "../plan/stations.ts";

/** How the pane went in when it was tried dry. */
export const DRY_FITS = ["free", "tight", "too-big", "too-small"] as const;
export type DryFit = (typeof DRY_FITS)[number];

/** What each outcome leads to, and where. */
export const DRY_FIT_FACTS: Readonly<
  Record<DryFit, { readonly name: string; readonly next: string; readonly goTo: Station | null }>
> = {
  free: { name: "goes in free", next: "Take it out again, and go on: bed, {packers}, pane.", goTo: "set" },
  tight: {
    name: "goes in, but binds",
    next: "Find where it binds and ease there until it drops in by its own weight: easing is still easy. Then try again.",
    goTo: null,
  },
  "too-big": {
    name: "does not go in",
    next: "Read the opening again before anything is cut: Measure says how much to ease, or whether the order was wrong. {Toughened} is never eased.",
    goTo: "measure",
  },
  "too-small": {
    name: "too small: an edge shows",
    next: "Look at the cover on all four sides: a wider {bead} may hide it. If not, it goes back, and the reason goes with it.",
    goTo: "order",
  },
};
