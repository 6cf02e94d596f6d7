import type { HouseRule, HouseRules } from "../house/rules.ts";
import { MATERIALS, type Material } from "../size/errors.ts";
import { type Day, dayOf } from "../units/day.ts";
import type { LengthUnit } from "../units/length.ts";
import {
  type Belief,
  believed,
  learn,
  learnSpread,
  meanWithin,
  type Seen,
  spreadOf,
  spreadWithin,
  type Within,
} from "./belief.ts";
import { weightOf } from "./forget.ts";
import { parted } from "./outliers.ts";
import type { OwnFrom } from "./own-from.ts";
import type { PaneSeen, SideCame } from "./seen.ts";

/** One figure as the firm's own past has it, beside what the house says. */
export type OwnFigure = {
  readonly id: string;
  /** The house rule that it would replace; null where it is only shown. */
  readonly rule: HouseRule | null;
  readonly says: string;
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
  readonly outliers: readonly { readonly byMm: number; readonly of: string; readonly day: string }[];
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
const [MEAN_WORTH, SPREAD_WORTH] = [2, 6] as const;
/** Nine chances in ten. */
export const SURE = 0.9;
/** Less than this between two figures is none, mm. */
const SAME_MM = 0.05;
/** Anything within ±x evenly has a spread of x / √3. */
const ROOT_3 = Math.sqrt(3);
/** What tape and cutter scatter at least, mm, when it is asked what lies far out. */
const LEAST_SPREAD_MM = 0.3;

type By = {
  readonly house: HouseRules;
  readonly own: ReadonlyMap<string, OwnFrom>;
  readonly defaults: HouseRules;
  readonly today: Day;
};

/** All figures that the firm's panes say something of, in the order in which they are shown. */
export function ownFigures(panes: readonly PaneSeen[], by: By): readonly OwnFigure[] {
  const sides = panes.flatMap((p) => p.sides);
  return [
    tapeFigure(panes, "mm", by),
    tapeFigure(panes, "in", by),
    ...cutFigures(sides, false, by),
    ...cutFigures(sides, true, by),
    ...MATERIALS.map((m) => moveFigure(panes, m, by)),
  ];
}

/** Whether the firm's own figure is another than the one in use. */
export const differs = (f: Pick<OwnFigure, "own" | "now">): boolean =>
  f.own !== null && Math.abs(f.own - f.now) >= SAME_MM;

/** Whether the one in use is hardly true any more: it lies outside of where the truth lies with nine chances in ten. */
export const isClear = (f: Pick<OwnFigure, "own" | "now" | "within">): boolean =>
  differs(f) && (f.now < f.within.lo || f.now > f.within.hi);

/** What is adopted at once by a house that lets its figures follow: those that clearly say something else than the rule. */
export const toAdopt = (figures: readonly OwnFigure[]): readonly OwnFigure[] =>
  figures.filter((f) => f.rule !== null && isClear(f));

const seen = (value: number, day: string, today: Day): Seen => ({ value, weight: weightOf(dayOf(day), today) });

function tapeFigure(panes: readonly PaneSeen[], tape: LengthUnit, by: By): OwnFigure {
  const rule = tape === "mm" ? "tapeErrorMm" : "tapeErrorInchesMm";
  const all = panes.flatMap((p) => p.twice.filter((t) => t.tape === tape));
  const { usual, outliers } = parted(all, (t) => t.byMm, LEAST_SPREAD_MM);
  const prior = believed({ mean: 0, worth: MEAN_WORTH, spread: by.defaults[rule], spreadWorth: SPREAD_WORTH });
  // Two readings of one place differ by √2 of what one is off.
  const b = learnSpread(
    prior,
    usual.map((t) => seen(t.byMm / Math.SQRT2, t.day, by.today)),
  );
  return figure({
    id: `tape-${tape}`,
    rule,
    says: tape === "mm" ? "Spread of a reading, metric tape" : "Spread of a reading, inch tape",
    own: spreadOf(b),
    within: spreadWithin(b, SURE),
    from: { seen: usual.length, of: "second readings" },
    outliers: outliers.map((t) => ({ byMm: t.byMm, of: `read twice by ${t.who}`, day: t.day })),
    worth: SPREAD_WORTH,
    by,
  });
}

/** What is believed of panes that come from somebody: larger by, and scattered by. @example all 1.2 larger // mean near 1.2 */
export function cutBelief(
  sides: readonly SideCame[],
  of: { readonly withinMm: number; readonly today: Day },
): { readonly belief: Belief; readonly usual: readonly SideCame[]; readonly outliers: readonly SideCame[] } {
  const { usual, outliers } = parted(sides, (s) => s.byMm, LEAST_SPREAD_MM);
  const prior = believed({ mean: 0, worth: MEAN_WORTH, spread: of.withinMm / ROOT_3, spreadWorth: SPREAD_WORTH });
  return {
    belief: learn(
      prior,
      usual.map((s) => seen(s.byMm, s.day, of.today)),
    ),
    usual,
    outliers,
  };
}

function cutFigures(all: readonly SideCame[], sealed: boolean, by: By): readonly OwnFigure[] {
  const sides = all.filter((s) => s.sealed === sealed);
  const [offRule, rule] = sealed
    ? (["cutOffUnitMm", "cutErrorUnitMm"] as const)
    : (["cutOffMm", "cutErrorMm"] as const);
  const { belief: b, usual, outliers } = cutBelief(sides, { withinMm: by.defaults[rule], today: by.today });
  const from = { seen: usual.length, of: "sides" } as const;
  const what = sealed ? "{units}" : "single glass";
  const named = outliers.map((s) => ({ byMm: s.byMm, of: s.supplier, day: s.day }));
  // What was seen holds the error of the tape that checked it: that is counted once already.
  const tape = usual.length === 0 ? 0 : usual.reduce((t, s) => t + tapeSpread(s.tape, by.house) ** 2, 0) / usual.length;
  const asLimit = (spread: number): number => ROOT_3 * Math.sqrt(Math.max(0.01, spread ** 2 - tape));
  const spread = spreadWithin(b, SURE);
  return [
    figure({
      id: sealed ? "off-units" : "off-single",
      rule: offRule,
      says: `What comes is larger than ordered by, ${what}, both read by your own tape`,
      own: b.mean,
      within: meanWithin(b, SURE),
      from,
      outliers: named,
      worth: MEAN_WORTH,
      by,
    }),
    figure({
      id: sealed ? "cut-units" : "cut-single",
      rule,
      says: `The cutter scatters about that by, ${what}`,
      own: asLimit(spreadOf(b)),
      within: { lo: asLimit(spread.lo), hi: asLimit(spread.hi) },
      from,
      outliers: [],
      worth: SPREAD_WORTH,
      by,
    }),
  ];
}
const tapeSpread = (tape: LengthUnit, house: HouseRules): number =>
  tape === "mm" ? house.tapeErrorMm : house.tapeErrorInchesMm;

/** What openings did between reading and setting: shown, and not adopted, since a year has both its ends. */
function moveFigure(panes: readonly PaneSeen[], material: Material, by: By): OwnFigure {
  const all = panes.flatMap((p) => p.room.filter((r) => r.material === material));
  const { usual, outliers } = parted(all, (r) => r.byMm, LEAST_SPREAD_MM);
  const prior = believed({ mean: 0, worth: MEAN_WORTH, spread: 1, spreadWorth: SPREAD_WORTH });
  const b = learn(
    prior,
    usual.map((r) => seen((1000 * r.byMm) / r.lengthMm, r.day, by.today)),
  );
  return {
    ...figure({
      id: `move-${material}`,
      rule: null,
      says: `Openings in ${material} widened between reading and setting by`,
      own: b.mean,
      within: meanWithin(b, SURE),
      from: { seen: usual.length, of: "fits" },
      outliers: outliers.map((r) => ({ byMm: r.byMm, of: material, day: r.day })),
      worth: MEAN_WORTH,
      by,
    }),
    unit: "mm a metre",
  };
}

function figure(of: {
  readonly id: string;
  readonly rule: OwnNumber | null;
  readonly says: string;
  readonly own: number;
  readonly within: Within;
  readonly from: OwnFrom;
  readonly outliers: OwnFigure["outliers"];
  readonly worth: number;
  readonly by: By;
}): OwnFigure {
  const { rule, by } = of;
  const says = of.from.seen >= ENOUGH[of.from.of];
  return {
    id: of.id,
    rule,
    says: of.says,
    unit: "mm",
    now: rule === null ? 0 : by.house[rule],
    adopted: rule === null ? null : (by.own.get(rule) ?? null),
    own: says ? Math.round(of.own * 100) / 100 : null,
    within: of.within,
    from: of.from,
    outliers: of.outliers,
    prior: { value: rule === null ? 0 : by.defaults[rule], worth: of.worth },
  };
}
type OwnNumber = "tapeErrorMm" | "tapeErrorInchesMm" | "cutErrorMm" | "cutErrorUnitMm" | "cutOffMm" | "cutOffUnitMm";
