import type { HouseRule, HouseRules } from "../house/rules.ts";
import type { LengthUnit } from "../units/length.ts";
import type { When } from "./lay-chances.ts";
import type { Unread } from "./lay-model.ts";
import type { Cutting, Line, Movement } from "./odds-line.ts";

/** What a frame is made of, as far as it moves. */
export const MATERIALS = ["timber", "plastic", "metal"] as const;
export type Material = (typeof MATERIALS)[number];

/** How far everything may be off that a size rests on, mm, and what being wrong costs the firm. */
export type SizeErrors = {
  readonly tape: number;
  readonly cutting: Cutting;
  /** What an opening may grow or shrink, mm a metre of it. */
  readonly perMetre: Movement;
  /** Movement of each dimension in mm, where it is known otherwise than by the metre. */
  readonly movement?: { readonly width: Movement; readonly height: Movement } | undefined;
  readonly lies: Line["lies"];
  /** What a pane costs that binds, and one that is covered too little: only their ratio matters. */
  readonly costs: { readonly binds: number; readonly coverLost: number };
  /** Chances nearer than this to the least are as good as the least. */
  readonly alike: number;
  /** How far an opening may be from true where nobody read it. */
  readonly unread: Unread;
  /** A size is chosen for the whole year, or for one random day. */
  readonly when: When;
  /** The house rules that tape, cutter and movement were taken from. */
  readonly rules?: readonly HouseRule[] | undefined;
};

/** The firm's figures for a frame of this material read by a tape of this unit. */
export function errorsFor(
  house: HouseRules,
  of: { readonly material: Material; readonly tape: LengthUnit; readonly sealedUnit: boolean },
): SizeErrors {
  const tape = of.tape === "mm" ? "tapeErrorMm" : "tapeErrorInchesMm";
  const [cut, off] = of.sealedUnit
    ? (["cutErrorUnitMm", "cutOffUnitMm"] as const)
    : (["cutErrorMm", "cutOffMm"] as const);
  const [lo, hi] = MOVES[of.material];
  return {
    tape: house[tape],
    cutting: { kind: house.cutErrorKind, mm: house[cut], off: house[off] },
    perMetre: { lo: house[lo], hi: house[hi] },
    lies: house.paneLies,
    costs: { binds: house.costBinds, coverLost: house.costCover },
    alike: house.oddsAlike,
    unread: unreadIn(house, of.material),
    when: house.oddsWhen,
    rules: [tape, cut, off, lo, hi],
  };
}

/** Which rules say how far openings of a material go in a year: closing, then widening. */
export const MOVES = {
  timber: ["timberShrinkMm", "timberGrowMm"],
  plastic: ["plasticShrinkMm", "plasticGrowMm"],
  metal: ["metalShrinkMm", "metalGrowMm"],
} as const satisfies Readonly<Record<Material, readonly [lo: HouseRule, hi: HouseRule]>>;

/** Timber leans, narrows and bows twice as much as plastic or metal. */
function unreadIn(house: HouseRules, material: Material): Unread {
  const share = material === "timber" ? 1 : 0.5;
  return {
    leanMmPerM: share * house.unreadLeanMmPerM,
    taperMm: share * house.unreadTaperMm,
    bowMm: share * house.unreadBowMm,
  };
}

/** @example movedOver({ lo: -1.5, hi: 0.5 }, 600) // from −0.9 to 0.3 mm */
export const movedOver = (perMetre: Movement, lengthMm: number): Movement => ({
  lo: (perMetre.lo * lengthMm) / 1000,
  hi: (perMetre.hi * lengthMm) / 1000,
});
