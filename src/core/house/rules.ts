import { frameOf, type System } from "../frame/systems.ts";
import type { Grid, LengthUnit, Mm } from "../units/length.ts";
import { PRICE_RULES, type PriceRules } from "./price-rules.ts";
import { SETTING_RULES, type SettingRules } from "./setting-rules.ts";
import { type RuleFact, SIZING_RULES, type SizingRules } from "./sizing-rules.ts";
import { SPECIFY_RULES, type SpecifyRules } from "./specify-rules.ts";
import { WEEK_RULES, type WeekRules } from "./week-rules.ts";

/** Schools that a firm can settle on for all its panes. */
export const HOUSE_SCHOOLS = ["best-odds", "snug", "easy", "by-the-book"] as const;
export type HouseSchool = (typeof HOUSE_SCHOOLS)[number];

/**
 * What the firm has decided once. Every figure is a default with its source, and can be changed by the firm; a label,
 * the maker's instructions and local codes come first.
 */
export type HouseRules = SizingRules &
  PriceRules &
  SpecifyRules &
  SettingRules &
  WeekRules & {
    readonly school: HouseSchool;
    readonly schoolTimber: HouseSchool | "as above";
    readonly schoolPlastic: HouseSchool | "as above";
    readonly schoolMetal: HouseSchool | "as above";
    readonly gridMm: Grid;
    readonly gridIn: Grid;
    readonly leastCoverMm: Mm;
    readonly unitCoverMm: Mm;
    readonly glassMm: Mm;
    readonly toleranceSmallMm: Mm;
    readonly toleranceLargeMm: Mm;
    readonly toleranceLimitMm: Mm;
    readonly toleranceUnitMm: Mm;
    readonly oneLiftsKg: number;
    readonly oneLiftsM2: number;
    readonly twoLiftKg: number;
    readonly leadYear: number;
    readonly ownFigures: "when somebody says so" | "by themselves";
    readonly toldWeather: "yes" | "no";
    readonly ownMinutes: "yes" | "no";
    readonly peopleSeeEachOther: "no" | "yes";
    readonly safetySet: "M" | "F";
    /** How whoever did not choose for themselves reads and is spoken to. */
    readonly readsIn: LengthUnit;
    readonly speaks: "bead and sprig" | "stop and point";
  };
export type HouseRule = keyof HouseRules;

type Fact<K extends HouseRule> = RuleFact<HouseRules[K]>;

const TRADE = "trade practice";

/** A school of its own for one kind of frame. */
const frameSchool = (frame: string): RuleFact<HouseSchool | "as above"> => ({
  value: "as above",
  says: `The same, ${frame} frames`,
  unit: "",
  source: "the firm's own habit with them",
  choices: ["as above", ...HOUSE_SCHOOLS],
});

export const HOUSE_RULES: { readonly [K in HouseRule]: Fact<K> } = {
  school: {
    value: "best-odds",
    says: "What comes off the opening",
    unit: "",
    source: "the least trouble for the readings, the {rebate}, the cutter and the frame",
    choices: HOUSE_SCHOOLS,
  },
  schoolTimber: frameSchool("timber"),
  schoolPlastic: frameSchool("plastic"),
  schoolMetal: frameSchool("metal"),
  gridMm: {
    value: "1 mm",
    says: "Cutter's grid, metric",
    unit: "",
    source: "shop practice",
    choices: ["1 mm", "0.5 mm"],
  },
  gridIn: {
    value: "1/16 in",
    says: "Cutter's grid, inches",
    unit: "",
    source: "shop practice",
    choices: ["1/16 in", "1/32 in"],
  },
  leastCoverMm: {
    value: 3,
    says: "Least the {rebate} must cover the glass",
    unit: "mm",
    source: "about 1/8 in, timber lips",
    from: 0,
    to: 30,
  },
  unitCoverMm: {
    value: 12,
    says: "Least cover of a {unit}: its edge seal stays out of the sun",
    unit: "mm",
    source: "BS 6262 family",
    from: 0,
    to: 40,
  },
  glassMm: {
    value: 4,
    says: "Least thickness of new single glass",
    unit: "mm",
    source: "4 mm where 3 mm was: present practice",
    from: 2,
    to: 19,
  },
  toleranceSmallMm: {
    value: 1,
    says: "Glass may differ from its order by, up to the limit",
    unit: "mm",
    source: "shop-cut float",
    from: 0,
    to: 10,
  },
  toleranceLargeMm: {
    value: 2,
    says: "Glass may differ from its order by, past the limit",
    unit: "mm",
    source: "shop-cut float",
    from: 0,
    to: 10,
  },
  toleranceLimitMm: {
    value: 1500,
    says: "The limit between the two",
    unit: "mm",
    source: "shop-cut float",
    from: 100,
    to: 6000,
  },
  toleranceUnitMm: {
    value: 2,
    says: "A {unit} may differ from its order by",
    unit: "mm",
    source: "unit makers' own, and what sizing allows for",
    from: 0,
    to: 10,
  },
  oneLiftsKg: {
    value: 20,
    says: "One person lifts up to",
    unit: "kg",
    source: "general lifting guidance",
    from: 1,
    to: 40,
  },
  oneLiftsM2: { value: 1, says: "One person handles {panes} up to", unit: "m²", source: TRADE, from: 0.1, to: 3 },
  twoLiftKg: {
    value: 50,
    says: "Two people with suction cups lift up to",
    unit: "kg",
    source: "general lifting guidance",
    from: 10,
    to: 100,
  },
  leadYear: {
    value: 1992,
    says: "Paint may hold lead in buildings before",
    unit: "",
    source: "1992 or 1978 by rule set",
    from: 1900,
    to: 2030,
  },
  safetySet: {
    value: "M",
    says: "Safety glass rule set",
    unit: "",
    source: "M by height and door edge; F by area, walkway and wet room",
    choices: ["M", "F"],
  },
  ownFigures: {
    value: "when somebody says so",
    says: "The firm's own figures for tape and cutter are taken on",
    unit: "",
    source: "a figure that changes sizes is read by somebody first",
    choices: ["when somebody says so", "by themselves"],
  },
  toldWeather: {
    value: "yes",
    says: "Cure and paint go by the weather as it is told, where nobody entered a day's",
    unit: "",
    source: "ten days ahead, kept each day; what somebody enters stands before it",
    choices: ["yes", "no"],
  },
  ownMinutes: {
    value: "yes",
    says: "Steps are reckoned by the minutes they were timed at",
    unit: "",
    source: "from the third time on; quotes and plans go by them",
    choices: ["yes", "no"],
  },
  peopleSeeEachOther: {
    value: "no",
    says: "People see each other's own figures and practice",
    unit: "",
    source: "nobody's hand is anybody's business, until the firm says so",
    choices: ["no", "yes"],
  },
  readsIn: {
    value: "mm",
    says: "Read in",
    unit: "",
    source: "for whoever has not chosen at the top of a page",
    choices: ["mm", "in"],
  },
  speaks: {
    value: "bead and sprig",
    says: "Trade words",
    unit: "",
    source: "for whoever has not chosen at the top of a page",
    choices: ["bead and sprig", "stop and point"],
  },
  ...SIZING_RULES,
  ...PRICE_RULES,
  ...SPECIFY_RULES,
  ...SETTING_RULES,
  ...WEEK_RULES,
};

export const HOUSE_DEFAULTS: HouseRules = Object.fromEntries(
  Object.entries(HOUSE_RULES).map(([rule, fact]) => [rule, fact.value]),
) as HouseRules;

/** What comes off, by the kind of frame. @example schoolOf({ ...HOUSE_DEFAULTS, schoolMetal: "easy" }, "metal-frame") // "easy" */
export function schoolOf(house: HouseRules, system: System): HouseSchool {
  const own = { timber: house.schoolTimber, plastic: house.schoolPlastic, metal: house.schoolMetal }[
    frameOf(system).material
  ];
  return own === "as above" ? house.school : own;
}

export const isHouseRule = (text: string): text is HouseRule => Object.hasOwn(HOUSE_RULES, text);

/** Whether a value may stand for a rule: one of its choices, or a number between its ends. */
export function houseValueFits(rule: HouseRule, value: string | number): boolean {
  const fact: Fact<HouseRule> = HOUSE_RULES[rule];
  if (fact.choices) return fact.choices.includes(String(value));
  return typeof value === "number" && Number.isFinite(value) && value >= (fact.from ?? 0) && value <= (fact.to ?? 0);
}
