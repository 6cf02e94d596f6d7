import type { HouseRule, HouseRules } from "../house/rules.ts";
import type { Material, MOVES } from "../size/errors.ts";
import type { Template } from "../text/template.ts";
import { type Day, dayOf } from "../units/day.ts";
import type { Mm } from "../units/length.ts";
import type { Seen, Within } from "./belief.ts";
import { weightOf } from "./forget.ts";
import type { OwnFrom } from "./own-from.ts";
import type { PersonRule } from "./person-rule.ts";

/** One figure as the firm's own past has it, beside what the house says. */
export type OwnFigure = {
  readonly id: string;
  /** The house rules that it would replace, and what the house says of each; none where it is only shown. */
  readonly sets: readonly { readonly rule: HouseRule; readonly own: number; readonly house: number }[];
  /** Of whose tape it is; null where it is the firm's. */
  readonly who: string | null;
  /** Of whose cutting it is; null where it is everybody's. */
  readonly supplier: string | null;
  /** The day of the year on which openings are widest, from 1; null while it could be any, and where nothing moves. */
  readonly widest: number | null;
  readonly says: Template;
  readonly unit: "mm" | "mm a metre";
  /** What the house goes by now, and whether that is the firm's own already. */
  readonly now: number;
  readonly adopted: OwnFrom | null;
  /** What was seen says; null while it is too little to say anything. */
  readonly own: number | null;
  /** Where the truth lies with nine chances in ten. */
  readonly within: Within;
  readonly from: OwnFrom;
  /** What was left out, mm: named, not counted. */
  readonly outliers: readonly { readonly byMm: Mm; readonly of: string; readonly day: string }[];
  /** What it was before anything was seen, and how many observations that is worth. */
  readonly prior: { readonly value: number; readonly worth: number };
};

/** So many before a figure says anything. */
export const ENOUGH: Readonly<Record<OwnFrom["of"], number>> = {
  sides: 10,
  "second readings": 8,
  fits: 8,
  "panes cut": 20,
};
/** How many observations the house's word is worth: for a mean, and for a spread. */
export const [MEAN_WORTH, SPREAD_WORTH] = [2, 6] as const;
/** Nine chances in ten. */
export const SURE = 0.9;
/** What tape and cutter scatter at least, mm, when it is asked what lies far out. */
export const LEAST_SPREAD_MM = 0.3;

/** What a figure is held against. */
export type By = {
  readonly house: HouseRules;
  readonly own: ReadonlyMap<string, OwnFrom>;
  readonly defaults: HouseRules;
  readonly today: Day;
};

/** One observation, and how much it still counts today. */
export const seen = (value: number, day: string, today: Day): Seen => ({ value, weight: weightOf(dayOf(day), today) });

/** @example hundredths(1.234) // 1.23 */
export const hundredths = (value: number): number => Math.round(value * 100) / 100;

/** A figure for one house rule, beside what the house says of it: null while too little was seen. */
export function figure(ownRule: {
  readonly id: string;
  readonly rule: OwnNumber;
  readonly says: Template;
  readonly own: number;
  readonly within: Within;
  readonly from: OwnFrom;
  readonly outliers: OwnFigure["outliers"];
  readonly worth: number;
  readonly by: By;
}): OwnFigure {
  const { rule, by } = ownRule;
  const says = ownRule.from.seen >= ENOUGH[ownRule.from.of];
  const own = says ? hundredths(ownRule.own) : null;
  return {
    id: ownRule.id,
    sets: own === null ? [] : [{ rule, own, house: by.defaults[rule] }],
    who: null,
    supplier: null,
    widest: null,
    says: ownRule.says,
    unit: "mm",
    now: by.house[rule],
    adopted: by.own.get(rule) ?? null,
    own,
    within: ownRule.within,
    from: ownRule.from,
    outliers: ownRule.outliers,
    prior: { value: by.defaults[rule], worth: ownRule.worth },
  };
}
type OwnNumber = PersonRule | "cutErrorMm" | "cutErrorUnitMm" | (typeof MOVES)[Material][number];
