import { seeded } from "../chance/seeded.ts";
import { type CutBound, cutBound } from "./bound.ts";
import { asCutNode } from "./cut-tree.ts";
import { better, CutWork, type Scored } from "./cut-work.ts";
import { type CuttingCase, type CuttingPlan, usable } from "./cutting.ts";
import { matchSides } from "./match-sides.ts";

export type PlannedCuts = CuttingPlan & {
  readonly bound: CutBound;
  /** Proved: nothing cheaper is possible. */
  readonly proved: boolean;
  readonly rounds: number;
};

export type PlanningCuts = {
  readonly seed: number;
  /** How much of the time is gone, 0 to 1 and over: asked before every round. */
  readonly gone: (rounds: number) => number;
  /** Told each time that something better is found; `plan` gives it whole, and only while it is being told. */
  readonly told?: (better: {
    readonly cost: number;
    readonly unplaced: number;
    readonly plan: () => PlannedCuts;
  }) => void;
};

/** A solution is taken where it is no worse than the one so many rounds ago. */
const LATE = 400;
/** So many rounds without anything better, and it begins again from the best with other sheets taken off. */
const STUCK = 6000;
/** What brought-together left-overs weigh against glass that found no place. */
const TOGETHER = 0.1;

/** Rounds of each turn: joining sides that match, more of them every turn; bringing left-overs together. */
const MATCH_ROUNDS = 800;
const POLISH_ROUNDS = 3000;

/** Whether the pieces' area is that of so many whole sheets, near enough to be no chance. */
function mayLoseNothing(c: CuttingCase): boolean {
  const need = c.pieces.reduce((sum, p) => sum + p.width * p.height, 0);
  return c.sheets.some((s) => {
    const { width, height } = usable(s);
    const many = need / (width * height);
    return many >= 1 - 1e-9 && Math.abs(many - Math.round(many)) < 1e-9;
  });
}

/** Beyond so many sheets a few of them are planned anew at a time, so often a turn, for so many rounds each. */
const FEW = 6;
const PART = 4;
const PARTS = 40;
const PART_ROUNDS = 1500;
const PART_POLISH = 700;

/**
 * Plans how pieces are cut from sheets, edge to edge, as cheaply as can be found. Ruin and recreate on the trees of cuts: parts of
 * a sheet are taken off, what is left over grows together, and the pieces are put back where they fit best. A sheet is taken
 * away as soon as all pieces are placed, and the others must do. Better with time, never worse; the same seed and rounds give the
 * same plan. Source: Gardeyn and Wauters 2022 (goal-driven ruin and recreate for guillotine cuts); Burke and Bykov 2017 (late
 * acceptance).
 */
export function planCuts(c: CuttingCase, { seed, gone, told }: PlanningCuts): PlannedCuts {
  const chance = seeded(seed);
  const bound = cutBound(c);
  const w = new CutWork(c, chance);
  let best = w.scored(w.first());
  let rounds = 0;
  const isProved = (): boolean => best.missing === 0 && best.state.cost <= bound.cost + 1e-9;

  const plan = (): PlannedCuts => ({
    sheets: best.state.benches.map((b) => ({ sheet: b.sheet, root: asCutNode(b.root) })),
    unplaced: [...best.state.out].sort((a, b) => a - b),
    cost: best.state.cost,
    bound,
    proved: isProved(),
    rounds,
  });
  const tell = (): void => told?.({ cost: best.state.cost, unplaced: best.state.out.length, plan });
  tell();
  const over = (): boolean => gone(rounds) >= 1;
  const whole = mayLoseNothing(c);
  // In turns, each of so many rounds whatever the time: a longer search goes the way of a shorter one, and on.
  for (let turn = 1; !over(); turn++) {
    let left = 0;
    const stops = (): boolean => {
      rounds++;
      return --left < 0 || over();
    };
    if (isProved()) {
      left = POLISH_ROUNDS;
      best = together(w, best, stops);
      continue;
    }
    if (whole) {
      left = MATCH_ROUNDS * turn;
      const found = matchSides(c, chance, () => !stops());
      const matched = found && w.scored(w.stateOf(found));
      if (matched && better(matched, best)) {
        best = matched;
        tell();
        continue;
      }
    }
    // Many sheets: a few of them at a time, the others left alone.
    for (let k = 0; k < PARTS && best.missing === 0 && best.state.benches.length > FEW && !over(); k++) {
      const { own, rest } = w.apart(best.state, PART);
      const was = w.scored(own);
      left = PART_ROUNDS;
      const cheaper = goal(w, was, stops);
      left = PART_POLISH;
      const now = cheaper.state.cost < was.state.cost - 1e-9 ? cheaper : together(w, was, stops);
      w.nowhereElse();
      if (!better(now, was)) continue;
      best = w.scored(w.joined(rest, now.state));
      if (now === cheaper) tell();
    }
    let since = 0;
    const found = goal(w, best, (isNew) => {
      rounds++;
      since = isNew ? 0 : since + 1;
      return since > STUCK || over();
    });
    if (better(found, best)) {
      best = found;
      tell();
      continue;
    }
    left = POLISH_ROUNDS / 2;
    best = together(w, best, stops);
  }
  return plan();
}

/**
 * Tries to do with a sheet less, or, where glass has no place, to place more of it: the best of what was found, which may be what
 * it began from. `stops` is asked each round, and told whether less is missing than ever before.
 */
function goal(w: CutWork, from: Scored, stops: (isNew: boolean) => boolean): Scored {
  let now = w.scored(from.missing > 0 ? w.copy(from.state) : w.without(from.state));
  const budget = from.missing > 0 ? Number.POSITIVE_INFINITY : from.state.cost - 1e-9;
  const late = new Float64Array(LATE).fill(value(now));
  let least = now.missing;
  let best = from;
  let isNew = false;
  for (let i = 0; !stops(isNew); i++) {
    const tried = w.scored(w.round(now.state, budget));
    const slot = i % LATE;
    const v = value(tried);
    if (v <= value(now) || v <= (late[slot] as number)) now = tried;
    if (v < (late[slot] as number)) late[slot] = v;
    isNew = tried.missing < least - 1e-12;
    if (isNew) least = tried.missing;
    if (better(tried, best)) {
      best = tried;
      if (best.missing === 0) return best;
    }
  }
  return best;
}

/** Brings what is left over together, at no more cost. */
function together(w: CutWork, from: Scored, stops: () => boolean): Scored {
  let [now, best] = [from, from];
  const late = new Float64Array(LATE).fill(now.apart);
  for (let i = 0; !stops(); i++) {
    const tried = w.scored(w.round(now.state, from.state.cost + 1e-9));
    const slot = i % LATE;
    if (tried.missing > best.missing + 1e-12 || tried.state.cost > best.state.cost + 1e-9) continue;
    if (tried.apart <= now.apart || tried.apart <= (late[slot] as number)) now = tried;
    if (tried.apart < (late[slot] as number)) late[slot] = tried.apart;
    if (better(tried, best)) best = tried;
  }
  return best;
}

/** What a search weighs: glass without a place, and how far apart what is left over lies. */
const value = (s: Scored): number => s.missing + TOGETHER * s.apart;
