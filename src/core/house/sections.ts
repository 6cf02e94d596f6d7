import { PRICE_RULES } from "./price-rules.ts";
import { HOUSE_RULES, type HouseRule } from "./rules.ts";
import { SIZING_RULES } from "./sizing-rules.ts";
import { SPECIFY_RULES } from "./specify-rules.ts";
import { WEEK_RULES } from "./week-rules.ts";

export type RuleSection = { readonly id: string; readonly name: string; readonly rules: readonly HouseRule[] };

const NAMED: readonly RuleSection[] = [
  {
    id: "firm",
    name: "How the firm reads",
    rules: ["readsIn", "speaks", "ownFigures", "ownMinutes", "toldWeather", "peopleSeeEachOther"],
  },
  {
    id: "size",
    name: "Size and cover",
    rules: [
      "school",
      "schoolTimber",
      "schoolPlastic",
      "schoolMetal",
      "gridMm",
      "gridIn",
      "leastCoverMm",
      "unitCoverMm",
    ],
  },
  { id: "odds", name: "What may be off, and what it costs", rules: Object.keys(SIZING_RULES) as HouseRule[] },
  {
    id: "glass",
    name: "Glass, lifting and safety",
    rules: [
      "glassMm",
      "toleranceSmallMm",
      "toleranceLargeMm",
      "toleranceLimitMm",
      "toleranceUnitMm",
      "oneLiftsKg",
      "oneLiftsM2",
      "twoLiftKg",
      "leadYear",
      "safetySet",
    ],
  },
  { id: "specify", name: "Cold, wind and safety figures", rules: Object.keys(SPECIFY_RULES) as HouseRule[] },
  { id: "week", name: "Licences, and wind", rules: Object.keys(WEEK_RULES) as HouseRule[] },
  { id: "prices", name: "Prices and hours", rules: Object.keys(PRICE_RULES) as HouseRule[] },
];
const named = new Set(NAMED.flatMap((s) => s.rules));

/** The house rules as they are looked for: by what one is doing. What no section names is about setting and finishing. */
export const RULE_SECTIONS: readonly RuleSection[] = [
  ...NAMED,
  {
    id: "setting",
    name: "Setting and finishing",
    rules: (Object.keys(HOUSE_RULES) as HouseRule[]).filter((r) => !named.has(r)),
  },
];
