import { asItWas, type Frame, never } from "./frame.ts";

/* What frames of one stuff have in common: a system says only what is its own. */

/** Timber that is pinned or puttied: drinks primer, can be eased, may hold old putty. */
export const OF_TIMBER = {
  material: "timber",
  worked: "timber",
  seat: "{rebate} to bare timber",
  ledge: "{rebate}",
  oldBond: (d) => d.bond,
  packs: "edges",
  comesDown: false,
  across: false,
  ofDoor: false,
  drains: never,
  oldPutty: true,
  canBeEased: true,
  glassStays: false,
  gasketed: never,
  refits: "reverse",
  inFront: false,
} as const satisfies Partial<Frame>;

/** Plastic: drained, never primed, eased or painted; set again as it was. */
export const OF_PLASTIC = {
  material: "plastic",
  worked: "plastic",
  seat: "leg and groove to bare plastic",
  ledge: "leg",
  fixing: () => "none",
  oldBond: (d) => d.bond,
  usualBed: asItWas,
  takesUnits: true,
  packs: "edges",
  comesDown: false,
  across: false,
  ofDoor: false,
  drains: () => true,
  oldPutty: false,
  canBeEased: false,
  painted: false,
  glassStays: false,
  gasketed: never,
  hidesFixings: true,
  channelled: false,
  refits: "ends-first",
  inFront: false,
} as const satisfies Partial<Frame>;
