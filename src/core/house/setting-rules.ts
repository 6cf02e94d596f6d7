import type { Mm } from "../units/length.ts";
import type { RuleFact } from "./sizing-rules.ts";

/** What setting a pane uses and goes by: bed, putty, pins, packers, board, primer and paint. */
export type SettingRules = {
  readonly bedMm: Mm;
  readonly noseMm: Mm;
  readonly edgeFillShare: number;
  readonly puttyDensity: number;
  readonly waste: number;
  readonly sprigPitchMm: Mm;
  readonly sprigCornerMm: Mm;
  readonly packerCornerMm: Mm;
  readonly packerLengthMm: Mm;
  readonly packerWidthMm: Mm;
  readonly packerToleranceMm: Mm;
  readonly boardLongMm: Mm;
  readonly boardShortMm: Mm;
  readonly primerHours: number;
  readonly paintLapMm: Mm;
};

const TRADE = "trade practice";

export const SETTING_RULES: { readonly [K in keyof SettingRules]: RuleFact<SettingRules[K]> } = {
  bedMm: { value: 2, says: "Bed left when the {pane} is pressed home", unit: "mm", source: TRADE, from: 0, to: 10 },
  noseMm: {
    value: 0,
    says: "Flat left on the face {putty} at the sight line",
    unit: "mm",
    source: "0: a plain triangle",
    from: 0,
    to: 10,
  },
  edgeFillShare: {
    value: 1,
    says: "Share of the edge gap that {putty} fills",
    unit: "",
    source: "pressed full: 1",
    from: 0,
    to: 1,
  },
  puttyDensity: {
    value: 2.0,
    says: "Density of linseed {putty}",
    unit: "t/m³",
    source: "label values 1.9 to 2.1",
    from: 0.5,
    to: 4,
  },
  waste: { value: 0.1, says: "Share of {putty} and sealant wasted", unit: "", source: TRADE, from: 0, to: 0.9 },
  sprigPitchMm: {
    value: 225,
    says: "Farthest from one {sprig} to the next",
    unit: "mm",
    source: "225 to 300 mm at most",
    from: 50,
    to: 600,
  },
  sprigCornerMm: {
    value: 75,
    says: "{Sprig} nearest a corner stands",
    unit: "mm",
    source: "within 75 mm of each corner",
    from: 10,
    to: 150,
  },
  packerCornerMm: {
    value: 75,
    says: "Least from corner to the near end of a {packer}",
    unit: "mm",
    source: "BS 8000-7 family",
    from: 0,
    to: 300,
  },
  packerLengthMm: {
    value: 30,
    says: "Length of a {packer} for a single {pane}",
    unit: "mm",
    source: TRADE,
    from: 10,
    to: 150,
  },
  packerWidthMm: {
    value: 28,
    says: "Width of the {packers} in the box, through the glass",
    unit: "mm",
    source: "common stock; must reach under both sheets of a {unit}",
    from: 5,
    to: 80,
  },
  packerToleranceMm: {
    value: 0.5,
    says: "A {packer} may be short of its gap by",
    unit: "mm",
    source: TRADE,
    from: 0,
    to: 3,
  },
  boardLongMm: {
    value: 1200,
    says: "Board on the van for closing holes, its long side",
    unit: "mm",
    source: TRADE,
    from: 200,
    to: 4000,
  },
  boardShortMm: {
    value: 600,
    says: "The same, its short side",
    unit: "mm",
    source: TRADE,
    from: 200,
    to: 4000,
  },
  primerHours: {
    value: 16,
    says: "Primer under {putty} dries in",
    unit: "h",
    source: "common labels of oil primers, which dry over night; a quick one says less",
    from: 0.5,
    to: 72,
  },
  paintLapMm: {
    value: 2,
    says: "Paint laps on to the glass",
    unit: "mm",
    source: "seals the {putty}'s edge",
    from: 0,
    to: 6,
  },
};
