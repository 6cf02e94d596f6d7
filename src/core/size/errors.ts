import type { HouseRule, HouseRules } from "../house/rules.ts";
import type { LengthUnit, Mm } from "../units/length.ts";
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
  /** How far all of these may be off themselves, mm: sizes alike by them are told apart by it; 0 for not at all. */
  readonly doubtMm: Mm;
  /** How far an opening may be from true where nobody read it. */
  readonly unread: Unread;
  /** A size is chosen for the whole year, or for one random day. */
  readonly when: When;
};

/** What is read, cut and moves: which of the firm's figures are about it follows. */
export type ErrorsOf = { readonly material: Material; readonly tape: LengthUnit; readonly sealedUnit: boolean };

const rulesOf = (taken: ErrorsOf) =>
  ({
    tape: taken.tape === "mm" ? "tapeErrorMm" : "tapeErrorInchesMm",
    cut: taken.sealedUnit ? "cutErrorUnitMm" : "cutErrorMm",
    off: taken.sealedUnit ? "cutOffUnitMm" : "cutOffMm",
    lo: MOVES[taken.material][0],
    hi: MOVES[taken.material][1],
  }) as const satisfies Readonly<Record<string, HouseRule>>;

/** The house rules that tape, cutter and movement are taken from. @example a unit in plastic, by a metric tape // tapeErrorMm, cutErrorUnitMm, … */
export const errorRules = (taken: ErrorsOf): readonly HouseRule[] => [
  ...Object.values(rulesOf(taken)),
  ...(taken.tape === "in" ? (["inchTapeOffMm"] as const) : []),
];

/** What comes is larger than ordered by so much, mm, as this tape reads both. @example 0.4, and 0.3 more by inches // 0.7 */
export const largerBy = (house: HouseRules, taken: Pick<ErrorsOf, "tape" | "sealedUnit">): number =>
  (taken.sealedUnit ? house.cutOffUnitMm : house.cutOffMm) + (taken.tape === "in" ? house.inchTapeOffMm : 0);

/** The firm's figures for a frame of this material read by a tape of this unit. */
export function errorsFor(house: HouseRules, taken: ErrorsOf): SizeErrors {
  const rule = rulesOf(taken);
  return {
    tape: house[rule.tape],
    cutting: { kind: house.cutErrorKind, mm: house[rule.cut], off: largerBy(house, taken) },
    perMetre: { lo: house[rule.lo], hi: house[rule.hi] },
    lies: house.paneLies,
    costs: { binds: house.costBinds, coverLost: house.costCover },
    alike: house.oddsAlike,
    doubtMm: house.oddsDoubtMm,
    unread: unreadIn(house, taken.material),
    when: house.oddsWhen,
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
export const movedOver = (perMetre: Movement, lengthMm: Mm): Movement => ({
  lo: (perMetre.lo * lengthMm) / 1000,
  hi: (perMetre.hi * lengthMm) / 1000,
});
