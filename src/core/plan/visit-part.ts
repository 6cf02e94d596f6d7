/** What somebody goes to a window for: what can be done there without going away in between. */
export const VISIT_PARTS = ["read", "take-out", "ready", "cut", "fit", "paint", "open"] as const;
export type VisitPart = (typeof VISIT_PARTS)[number];

export const VISIT_PART_NAMES: { readonly [P in VisitPart]: string } = {
  read: "look and measure",
  "take-out": "take out and close up",
  ready: "make ready, prime and close up",
  cut: "cut on the bench",
  fit: "fit",
  paint: "trim and paint",
  open: "look again and unlatch",
};
