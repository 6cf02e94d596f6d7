import type { HouseRules } from "../house/rules.ts";
import type { Day } from "../units/day.ts";
import type { LengthUnit, Mm } from "../units/length.ts";
import { type Belief, believed, learn, meanWithin, spreadOf, spreadWithin } from "./belief.ts";
import { parted } from "./outliers.ts";
import {
  type By,
  ENOUGH,
  figure,
  LEAST_SPREAD_MM,
  MEAN_WORTH,
  type OwnFigure,
  SPREAD_WORTH,
  SURE,
  seen,
} from "./own-figure.ts";
import type { SideCame } from "./seen.ts";

/** Anything within ±x evenly has a spread of x / √3. */
const ROOT_3 = Math.sqrt(3);

/** What is believed of panes that come from somebody: larger by, and scattered by. @example all 1.2 larger // mean near 1.2 */
export function cutBelief(
  sides: readonly SideCame[],
  given: { readonly withinMm: Mm; readonly today: Day; readonly offMm?: Mm },
): { readonly belief: Belief; readonly usual: readonly SideCame[]; readonly outliers: readonly SideCame[] } {
  const { usual, outliers } = parted(sides, (s) => s.byMm, LEAST_SPREAD_MM);
  const prior = believed({
    mean: given.offMm ?? 0,
    worth: MEAN_WORTH,
    spread: given.withinMm / ROOT_3,
    spreadWorth: SPREAD_WORTH,
  });
  return {
    belief: learn(
      prior,
      usual.map((s) => seen(s.byMm, s.day, given.today)),
    ),
    usual,
    outliers,
  };
}

/** How much larger it comes and how it scatters, of one kind: of all that came, or of what one person checked or one supplier sent. */
export function cutFigures(
  all: readonly SideCame[],
  sealed: boolean,
  by: By,
): readonly [off: OwnFigure, scatter: OwnFigure] {
  // What an inch tape reads otherwise is a figure by itself: the rest stands as a metric tape would have read it.
  const sides = all
    .filter((s) => s.sealed === sealed)
    .map((s) => (s.tape === "in" ? { ...s, byMm: s.byMm - by.house.inchTapeOffMm } : s));
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

/**
 * How much larger still it comes where an inch tape read opening and pane, against what metric tapes read of the same kind of
 * glass: nothing is said before both have read enough of it.
 * @example metric 0.2 larger, inches 0.9 // 0.7, within both their doubts
 */
export function inchFigure(sides: readonly SideCame[], by: By): OwnFigure {
  const beside = [false, true].flatMap((sealed) => {
    const kind = sides.filter((s) => s.sealed === sealed);
    const within = by.defaults[sealed ? "cutErrorUnitMm" : "cutErrorMm"];
    const metric = cutBelief(
      kind.filter((s) => s.tape === "mm"),
      { withinMm: within, today: by.today },
    );
    return metric.usual.length < ENOUGH.sides
      ? []
      : kind.filter((s) => s.tape === "in").map((s) => ({ side: s, metric: metric.belief }));
  });
  const more = beside.map(({ side, metric }) => ({ ...side, byMm: side.byMm - metric.mean }));
  const { belief, usual, outliers } = cutBelief(more, {
    withinMm: by.defaults.cutErrorMm,
    today: by.today,
    offMm: by.defaults.inchTapeOffMm,
  });
  const own = meanWithin(belief, SURE);
  // The metric mean is no surer than its own sides: of two kinds the less sure counts.
  const doubt = Math.max(0, ...[...new Set(beside.map((s) => s.metric))].map((m) => meanWithin(m, SURE).hi - m.mean));
  const reach = Math.hypot((own.hi - own.lo) / 2, doubt);
  return figure({
    id: "off-inches",
    rule: "inchTapeOffMm",
    says: "By an inch tape what comes is larger still than by a metric one by",
    own: belief.mean,
    within: { lo: belief.mean - reach, hi: belief.mean + reach },
    from: { seen: usual.length, of: "sides" },
    outliers: outliers.map((s) => ({ byMm: s.byMm, of: s.who, day: s.day })),
    worth: MEAN_WORTH,
    by,
  });
}

const tapeSpread = (tape: LengthUnit, house: HouseRules): number =>
  tape === "mm" ? house.tapeErrorMm : house.tapeErrorInchesMm;
