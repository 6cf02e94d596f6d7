import type { HouseRule, HouseRules } from "../house/rules.ts";
import { MATERIALS, type Material, MOVES } from "../size/errors.ts";
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
import type { OfPeople, PersonRule } from "./person-rule.ts";
import type { PaneSeen, SideCame } from "./seen.ts";
import { swingOf } from "./swing.ts";

/** One figure as the firm's own past has it, beside what the house says. */
export type OwnFigure = {
  readonly id: string;
  /** The house rules that it would replace, and what the house says of each; none where it is only shown. */
  readonly sets: readonly { readonly rule: HouseRule; readonly own: number; readonly house: number }[];
  /** Of whose tape it is; null where it is the firm's. */
  readonly who: string | null;
  /** The day of the year on which openings are widest, from 1; null while it could be any, and where nothing moves. */
  readonly widest: number | null;
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
    ...MATERIALS.map((m) => swingFigure(panes, m, by)),
  ];
}

/**
 * What one person's readings say: how they scatter, and how much larger than ordered what they check comes by their tape. A
 * tape that reads short shows in the second, and the same tape read the opening: their sum is all that a size wants to know.
 * The house's word of it is the firm's own figure.
 */
export function personFigures(
  panes: readonly PaneSeen[],
  who: string,
  by: By & { readonly ofPeople: OfPeople },
): readonly OwnFigure[] {
  const theirs = panes.map((p) => ({
    ...p,
    twice: p.twice.filter((t) => t.who === who),
    sides: p.sides.filter((s) => s.who === who),
  }));
  const own = by.ofPeople.get(who);
  const now = { ...by.house, ...Object.fromEntries([...(own ?? [])].map(([rule, f]) => [rule, f.value])) };
  const mine: By = {
    ...by,
    house: now,
    defaults: by.house,
    own: new Map([...(own ?? [])].map(([rule, f]) => [rule, f.own])),
  };
  const sides = theirs.flatMap((p) => p.sides);
  return [
    tapeFigure(theirs, "mm", mine),
    tapeFigure(theirs, "in", mine),
    ...[false, true].flatMap((sealed) => cutFigures(sides, sealed, mine).slice(0, 1)),
  ].map((f) => ({ ...f, who }));
}

/** Everybody whose tape something is known of. */
export const readersIn = (panes: readonly PaneSeen[]): readonly string[] =>
  [...new Set(panes.flatMap((p) => [...p.twice.map((t) => t.who), ...p.sides.map((s) => s.who)]))].sort();

/** Whether the firm's own figure is another than the one in use. */
export const differs = (f: Pick<OwnFigure, "own" | "now">): boolean =>
  f.own !== null && Math.abs(f.own - f.now) >= SAME_MM;

/** Whether the one in use is hardly true any more: it lies outside of where the truth lies with nine chances in ten. */
export const isClear = (f: Pick<OwnFigure, "own" | "now" | "within">): boolean =>
  differs(f) && (f.now < f.within.lo || f.now > f.within.hi);

/** What is adopted at once by a house that lets its figures follow: those that clearly say something else than the rule. */
export const toAdopt = (figures: readonly OwnFigure[]): readonly OwnFigure[] =>
  figures.filter((f) => f.sets.length > 0 && isClear(f));

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
  of: { readonly withinMm: number; readonly today: Day; readonly offMm?: number },
): { readonly belief: Belief; readonly usual: readonly SideCame[]; readonly outliers: readonly SideCame[] } {
  const { usual, outliers } = parted(sides, (s) => s.byMm, LEAST_SPREAD_MM);
  const prior = believed({
    mean: of.offMm ?? 0,
    worth: MEAN_WORTH,
    spread: of.withinMm / ROOT_3,
    spreadWorth: SPREAD_WORTH,
  });
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
  const {
    belief: b,
    usual,
    outliers,
  } = cutBelief(sides, { withinMm: by.defaults[rule], today: by.today, offMm: by.defaults[offRule] });
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

/** What a room that somebody read is off, mm a metre. */
const ROOM_ERROR = 1;

/**
 * How far openings of a material go over a year, either side of their middle. Where within the year they are mostly read
 * nobody learns from it: that stays as the house says, and the range grows or shrinks about it.
 */
function swingFigure(panes: readonly PaneSeen[], material: Material, by: By): OwnFigure {
  const all = panes.flatMap((p) => p.room.filter((r) => r.material === material));
  const { usual, outliers } = parted(all, (r) => r.byMm, LEAST_SPREAD_MM);
  const [lo, hi] = MOVES[material];
  const half = (h: HouseRules): number => (h[hi] - h[lo]) / 2;
  const swing = swingOf(
    usual.map((r) => ({
      read: dayOf(r.read),
      set: dayOf(r.day),
      by: (1000 * r.byMm) / r.lengthMm,
      weight: weightOf(dayOf(r.day), by.today),
    })),
    { half: Math.max(0.05, half(by.defaults)), error: ROOM_ERROR, worth: SPREAD_WORTH, share: SURE },
  );
  const own = hundredths(swing.half);
  const middle = (by.house[lo] + by.house[hi]) / 2;
  const plain = figure({
    id: `move-${material}`,
    rule: hi,
    says: `Openings in ${material} grow and shrink over a year, either side of their middle, by`,
    own,
    within: swing.within,
    from: { seen: usual.length, of: "fits" },
    outliers: outliers.map((r) => ({ byMm: r.byMm, of: material, day: r.day })),
    worth: SPREAD_WORTH,
    by,
  });
  return {
    ...plain,
    unit: "mm a metre",
    now: hundredths(half(by.house)),
    prior: { ...plain.prior, value: half(by.defaults) },
    widest: plain.own === null ? null : swing.widest,
    sets:
      plain.own === null
        ? []
        : [
            { rule: lo, own: hundredths(Math.min(0, middle - own)), house: by.defaults[lo] },
            { rule: hi, own: hundredths(Math.max(0, middle + own)), house: by.defaults[hi] },
          ],
  };
}

const hundredths = (of: number): number => Math.round(of * 100) / 100;

function figure(of: {
  readonly id: string;
  readonly rule: OwnNumber;
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
  const own = says ? hundredths(of.own) : null;
  return {
    id: of.id,
    sets: own === null ? [] : [{ rule, own, house: by.defaults[rule] }],
    who: null,
    widest: null,
    says: of.says,
    unit: "mm",
    now: by.house[rule],
    adopted: by.own.get(rule) ?? null,
    own,
    within: of.within,
    from: of.from,
    outliers: of.outliers,
    prior: { value: by.defaults[rule], worth: of.worth },
  };
}
type OwnNumber = PersonRule | "cutErrorMm" | "cutErrorUnitMm" | (typeof MOVES)[Material][number];
