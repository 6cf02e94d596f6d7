/** What somebody goes to a window for: what can be done there without going away in between. */
export const VISIT_PARTS = ["read", "take-out", "ready", "cut", "fit", "paint", "open"] as const;
export type VisitPart = (typeof VISIT_PARTS)[number];

/** What of each is done to glass, old or new, and at the side that the frame is worked from. */
export const VISIT_PART_FACTS: {
  readonly [P in VisitPart]: { readonly handlesGlass: boolean; readonly atTheFrame: boolean };
} = {
  read: { handlesGlass: false, atTheFrame: false },
  "take-out": { handlesGlass: true, atTheFrame: true },
  ready: { handlesGlass: true, atTheFrame: true },
  cut: { handlesGlass: false, atTheFrame: false },
  fit: { handlesGlass: true, atTheFrame: true },
  paint: { handlesGlass: false, atTheFrame: true },
  open: { handlesGlass: false, atTheFrame: false },
};

export const VISIT_PART_NAMES: { readonly [P in VisitPart]: string } = {
  read: "look and measure",
  "take-out": "take out and close up",
  ready: "make ready, prime and close up",
  cut: "cut on the bench",
  fit: "fit",
  paint: "trim and paint",
  open: "look again and unlatch",
};
