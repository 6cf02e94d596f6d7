import type { Template } from "../text/template.ts";
import type { Mm } from "../units/length.ts";

/** One rule of the house: its default, what it says, and where the figure is from. */
export type RuleFact<V> = {
  readonly value: V;
  readonly says: Template;
  readonly unit: string;
  readonly source: Template;
  readonly from?: number;
  readonly to?: number;
  readonly choices?: readonly string[];
};

/** What may be off, what being wrong costs, and what must stay: the rules that sizing goes by. */
export type SizingRules = {
  readonly tapeErrorMm: Mm;
  readonly tapeErrorInchesMm: Mm;
  readonly cutErrorKind: "within" | "spread";
  readonly cutErrorMm: Mm;
  readonly cutErrorUnitMm: Mm;
  readonly cutOffMm: Mm;
  readonly cutOffUnitMm: Mm;
  readonly inchTapeOffMm: Mm;
  readonly timberShrinkMm: Mm;
  readonly timberGrowMm: Mm;
  readonly plasticShrinkMm: Mm;
  readonly plasticGrowMm: Mm;
  readonly metalShrinkMm: Mm;
  readonly metalGrowMm: Mm;
  readonly paneLies: "centred" | "pushed";
  readonly costBinds: number;
  readonly costCover: number;
  readonly oddsAlike: number;
  readonly oddsDoubtMm: Mm;
  readonly troubleShare: number;
  readonly holdShare: number;
  readonly bindShare: number;
  readonly oddsWhen: "year" | "day";
  readonly unreadLeanMmPerM: number;
  readonly unreadTaperMm: Mm;
  readonly unreadBowMm: Mm;
  readonly fitEasyMm: Mm;
  readonly fitLooseMm: Mm;
  readonly usualGapMm: Mm;
  readonly leastStripMm: Mm;
  readonly leastGapMm: Mm;
  readonly upstandLeftMm: Mm;
  readonly webLeftMm: Mm;
};

const TRADE = "trade practice";

export const SIZING_RULES: { readonly [K in keyof SizingRules]: RuleFact<SizingRules[K]> } = {
  tapeErrorMm: {
    value: 0.5,
    says: "Spread of a reading, metric tape",
    unit: "mm",
    source: "tape and eye, two readings in three within it",
    from: 0,
    to: 5,
  },
  tapeErrorInchesMm: {
    value: 0.4,
    says: "Spread of a reading, inch tape",
    unit: "mm",
    source: "marks of 1/32 in",
    from: 0,
    to: 5,
  },
  cutErrorKind: {
    value: "within",
    says: "The cutter is off anywhere within that, or by a spread",
    unit: "",
    source: "a shop's tolerance is a limit: within",
    choices: ["within", "spread"],
  },
  cutErrorMm: {
    value: 1,
    says: "The cutter is off by, single glass",
    unit: "mm",
    source: "shop-cut float up to 1.5 m",
    from: 0,
    to: 10,
  },
  cutErrorUnitMm: {
    value: 2,
    says: "The maker is off by, {units}",
    unit: "mm",
    source: "usual tolerance of units",
    from: 0,
    to: 10,
  },
  cutOffMm: {
    value: 0,
    says: "What comes is mostly larger than ordered by, single glass, both read by your own tape; less than 0 for smaller",
    unit: "mm",
    source: "nothing known: your own deliveries tell",
    from: -5,
    to: 5,
  },
  cutOffUnitMm: {
    value: 0,
    says: "The same, {units}",
    unit: "mm",
    source: "nothing known: your own deliveries tell",
    from: -5,
    to: 5,
  },
  inchTapeOffMm: {
    value: 0,
    says: "By an inch tape what comes is larger still by; less than 0 for less large",
    unit: "mm",
    source: "nothing known: a {pane} that both tapes read tells",
    from: -5,
    to: 5,
  },
  timberShrinkMm: {
    value: -1.5,
    says: "A timber opening closes by, a metre",
    unit: "mm",
    source: "swelling across the grain in damp weather",
    from: -20,
    to: 0,
  },
  timberGrowMm: {
    value: 0.5,
    says: "A timber opening widens by, a metre",
    unit: "mm",
    source: "drying",
    from: 0,
    to: 20,
  },
  plasticShrinkMm: {
    value: -1,
    says: "A plastic opening closes by, a metre",
    unit: "mm",
    source: "0.07 mm a metre a degree",
    from: -20,
    to: 0,
  },
  plasticGrowMm: {
    value: 1,
    says: "A plastic opening widens by, a metre",
    unit: "mm",
    source: "0.07 mm a metre a degree",
    from: 0,
    to: 20,
  },
  metalShrinkMm: {
    value: -0.3,
    says: "A metal opening closes by, a metre",
    unit: "mm",
    source: "heat",
    from: -20,
    to: 0,
  },
  metalGrowMm: {
    value: 0.3,
    says: "A metal opening widens by, a metre",
    unit: "mm",
    source: "heat",
    from: 0,
    to: 20,
  },
  paneLies: {
    value: "centred",
    says: "Cover is judged with the {pane}",
    unit: "",
    source: "centred by {packers}, or pushed to one side where nothing holds it",
    choices: ["centred", "pushed"],
  },
  costBinds: {
    value: 1,
    says: "Cost of a {pane} that is too big, against the other",
    unit: "",
    source: "equal until the firm says otherwise",
    from: 0,
    to: 1000,
  },
  costCover: {
    value: 1,
    says: "Cost of a {pane} that is too small, against the other",
    unit: "",
    source: "equal until the firm says otherwise",
    from: 0,
    to: 1000,
  },
  oddsAlike: {
    value: 0.0005,
    says: "Chances nearer than this count as alike: the larger {pane} is taken",
    unit: "",
    source: "one in two thousand: less than any tape can tell",
    from: 0,
    to: 0.05,
  },
  oddsDoubtMm: {
    value: 0.7,
    says: "These figures may be off themselves by: of sizes alike by them the one farther from trouble is taken",
    unit: "mm",
    source: "a tape nobody checked, a cutter who had a bad day; 0 takes the largest {pane} that the figures allow",
    from: 0,
    to: 3,
  },
  troubleShare: {
    value: 0.45,
    says: "No size is given, but ease, shape or read again, when the chance of trouble is over",
    unit: "",
    source: "so that fewer than two {panes} in a hundred are declined without need: the published year of openings",
    from: 0.001,
    to: 1,
  },
  holdShare: {
    value: 0.2,
    says: "A word why is wanted before a {pane} is ordered whose chance of trouble is over",
    unit: "",
    source: "one in five",
    from: 0.001,
    to: 1,
  },
  bindShare: {
    value: 0.01,
    says: "While the {rebate} depth is not read, so much chance of binding is let stand",
    unit: "",
    source: "one in a hundred: cover cannot be judged then",
    from: 0.0001,
    to: 0.5,
  },
  oddsWhen: {
    value: "year",
    says: "A size is chosen for the tightest and the widest day of the year, or for one random day",
    unit: "",
    source: "the {pane} stays in all year",
    choices: ["year", "day"],
  },
  unreadLeanMmPerM: {
    value: 3,
    says: "Lean where no corner was read, spread, a metre of height; half of it in plastic and metal",
    unit: "mm",
    source: "usual old sashes: trade practice",
    from: 0,
    to: 30,
  },
  unreadTaperMm: {
    value: 1.5,
    says: "Taper where only one width or height was read, spread; half of it in plastic and metal",
    unit: "mm",
    source: "usual old sashes: trade practice",
    from: 0,
    to: 20,
  },
  unreadBowMm: {
    value: 0.7,
    says: "Bow where no middle was read, spread; half of it in plastic and metal",
    unit: "mm",
    source: "usual old sashes: trade practice",
    from: 0,
    to: 20,
  },
  fitEasyMm: {
    value: 2,
    says: "Room an old {pane} had that sat easy, both sides together",
    unit: "mm",
    source: "1 mm a side: trade practice",
    from: 0,
    to: 20,
  },
  fitLooseMm: {
    value: 4,
    says: "Room an old {pane} had that rattled, both sides together",
    unit: "mm",
    source: "2 mm a side: trade practice",
    from: 0,
    to: 30,
  },
  usualGapMm: {
    value: 2,
    says: "Usual gap between glass edge and {rebate} wall, each side",
    unit: "mm",
    source: "easy school and its {putty}: trade practice",
    from: 0,
    to: 10,
  },
  leastStripMm: {
    value: 10,
    says: "Narrowest strip that breaks off clean when a stock {pane} is cut down",
    unit: "mm",
    source: "about twice the glass and a finger's hold: trade practice",
    from: 3,
    to: 100,
  },
  leastGapMm: {
    value: 0.5,
    says: "Least gap left on each side, whatever the school",
    unit: "mm",
    source: "glass never touches the {rebate}",
    from: 0,
    to: 5,
  },
  upstandLeftMm: {
    value: 6,
    says: "Least upstand left when a {rebate} is routed wider",
    unit: "mm",
    source: TRADE,
    from: 0,
    to: 30,
  },
  webLeftMm: {
    value: 12,
    says: "Least timber left between two {rebates} or beside one",
    unit: "mm",
    source: TRADE,
    from: 0,
    to: 60,
  },
};
