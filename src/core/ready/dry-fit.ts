import type { Station } from "../plan/stations.ts";
import type { Template } from "../text/template.ts";

/** How the pane went in when it was tried dry. */
export const DRY_FITS = ["free", "tight", "too-big", "too-small"] as const;
export type DryFit = (typeof DRY_FITS)[number];

/** What each outcome leads to, and where; `whole` where a sash or a window was tried and no pane. */
export const DRY_FIT_FACTS: Readonly<
  Record<
    DryFit,
    { readonly name: string; readonly next: Template; readonly whole: string; readonly goTo: Station | null }
  >
> = {
  free: {
    name: "goes in free",
    next: "Take it out again, and go on: bed, {packers}, {pane}.",
    whole: "Go on: it can be hung.",
    goTo: "set",
  },
  tight: {
    name: "goes in, but binds",
    next: "Find where it binds and ease there until it drops in by its own weight: easing is still easy. Then try again.",
    whole:
      "Look for a proud screw, thick paint or a seal that stands out. What is new is not planed or sawn before its maker was asked.",
    goTo: null,
  },
  "too-big": {
    name: "does not go in",
    next: "Read the opening again before anything is cut: Measure says how much to ease, or whether the order was wrong. {Toughened} is never eased.",
    whole:
      "Measure it, and what it goes into, once more: Measure holds what was ordered. If it was made wrong it goes back, with the reason.",
    goTo: "measure",
  },
  "too-small": {
    name: "too small: an edge shows",
    next: "Look at the cover on all four sides: a wider {bead} may hide it. If not, it goes back, and the reason goes with it.",
    whole:
      "Measure it once more against its order: if it was made too small it goes back, with the reason. No seal makes up for it.",
    goTo: "order",
  },
};
