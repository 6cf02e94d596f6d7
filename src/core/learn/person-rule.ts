import type { HouseRules } from "../house/rules.ts";
import type { LengthUnit } from "../units/length.ts";
import type { OwnFrom } from "./own-from.ts";

/** House rules that are another for one person: they hang on whose tape it is. */
export const PERSON_RULES = ["tapeErrorMm", "tapeErrorInchesMm", "cutOffMm", "cutOffUnitMm", "inchTapeOffMm"] as const;
export type PersonRule = (typeof PERSON_RULES)[number];

/** A figure of one person's own, taken on. */
export type PersonFigure = { readonly value: number; readonly own: OwnFrom };
export type OfPeople = ReadonlyMap<string, ReadonlyMap<PersonRule, PersonFigure>>;

/**
 * How much larger what comes is by their tape than by the house's word: what was taken on as theirs, less the house's; of an inch
 * tape, what that reads otherwise with it. Nothing of theirs: 0.
 * @example cutOffMm taken on as 0.8, the house's 0.3 // 0.5
 */
export function theirTapeMore(
  house: HouseRules,
  theirs: ReadonlyMap<PersonRule, PersonFigure> | undefined,
  read: { readonly sealed: boolean; readonly tape: LengthUnit },
): number {
  const more = (rule: PersonRule): number => (theirs?.get(rule)?.value ?? house[rule]) - house[rule];
  return more(read.sealed ? "cutOffUnitMm" : "cutOffMm") + (read.tape === "in" ? more("inchTapeOffMm") : 0);
}

/**
 * The house's rules as they are for an opening that these people read: one person's own figures where nobody else read any of
 * it, else the house's.
 * @example Nell's tape, taken on as 0.8 larger; all eight readings hers // cutOffMm 0.8; one of them Bram's // the house's
 */
export function houseOf(
  house: HouseRules,
  own: ReadonlyMap<string, OwnFrom>,
  readers: readonly string[],
  ofPeople: OfPeople,
): { readonly house: HouseRules; readonly own: ReadonlyMap<string, OwnFrom> } {
  const [who, ...others] = new Set(readers);
  const theirs = who !== undefined && others.length === 0 ? ofPeople.get(who) : undefined;
  if (!theirs || theirs.size === 0) return { house, own };
  return {
    house: { ...house, ...Object.fromEntries([...theirs].map(([rule, f]) => [rule, f.value])) },
    own: new Map([...own, ...[...theirs].map(([rule, f]) => [rule, f.own] as const)]),
  };
}
