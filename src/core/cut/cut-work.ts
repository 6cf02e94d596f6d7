import type { Chance } from "../chance/seeded.ts";
import {
  type Bench,
  benchOf,
  copyBench,
  freshBench,
  leftsOf,
  type Part,
  partsOf,
  piecesIn,
  putIn,
  takeOff,
} from "./cut-tree.ts";
import { type CutSheet, type CuttingCase, usable } from "./cutting.ts";

/** A place is passed over by chance this often, so that not every greedy choice is made. */
const BLINK = 0.01;

/** Sheets as they are cut up, and pieces without a place. */
export type State = { benches: Bench[]; out: number[]; cost: number };
export type Scored = { readonly state: State; readonly missing: number; readonly apart: number };

/** More placed, then cheaper, then what is left over less apart. */
export const better = (a: Scored, b: Scored): boolean =>
  a.missing < b.missing - 1e-12 ||
  (a.missing <= b.missing + 1e-12 &&
    (a.state.cost < b.state.cost - 1e-9 || (a.state.cost <= b.state.cost + 1e-9 && a.apart < b.apart - 1e-12)));

type Fit = { bench: number; at: Part; w: number; h: number; turned: boolean; first: 1 | 2; score: number };

/** The case, with what the search asks of it at every step. */
export class CutWork {
  private readonly area: Float64Array;
  private readonly whole: number;
  private readonly room: readonly { readonly width: number; readonly height: number }[];
  private readonly n: number;
  private untilBlink = 0;
  /** Sheets of each kind that stand outside of what is planned just now. */
  private readonly elsewhere: Int32Array;

  constructor(
    private readonly c: CuttingCase,
    private readonly chance: Chance,
  ) {
    this.n = c.pieces.length;
    this.area = Float64Array.from(c.pieces, (p) => p.width * p.height);
    this.room = c.sheets.map(usable);
    this.elsewhere = new Int32Array(c.sheets.length);
    this.whole = Math.max(1, ...this.room.map((r) => r.width * r.height));
  }

  copy = (s: State): State => ({ benches: [...s.benches], out: [...s.out], cost: s.cost });

  scored(state: State): Scored {
    let missing = 0;
    for (const p of state.out) {
      const { due } = this.c.pieces[p] as CuttingCase["pieces"][number];
      // What is due sooner weighs more: where glass runs out, it goes first.
      missing += ((this.area[p] as number) / this.whole) * (1 + 1 / (1 + due));
    }
    let apart = 0;
    for (const b of state.benches) {
      leftsOf(b);
      apart += b.apart;
    }
    return { state, missing, apart };
  }

  /** All pieces put down, the largest first, in several ways; the best of them. */
  first(): State {
    const all = Array.from({ length: this.n }, (_, i) => i);
    let best: Scored | null = null;
    for (const way of [0, 1, 2, 3] as const)
      for (const fit of [0, 1, 3] as const) {
        const s = this.fill(
          { benches: [], out: [], cost: 0 },
          this.ordered(all, way),
          Number.POSITIVE_INFINITY,
          fit,
          false,
        );
        const scored = this.scored(s);
        if (!best || better(scored, best)) best = scored;
      }
    return (best as Scored).state;
  }

  /** A few sheets by themselves, those that are worst filled more often than others; what the rest takes of each kind is gone. */
  apart(s: State, many: number): { readonly own: State; readonly rest: State } {
    const chosen = new Set(
      s.benches
        .map((b, i) => ({ i, key: (b.filled / (b.root.w * b.root.h)) ** 2 * (0.2 + this.chance.uniform()) }))
        .sort((a, b) => a.key - b.key)
        .slice(0, many)
        .map((r) => r.i),
    );
    const own = s.benches.filter((_, i) => chosen.has(i));
    const rest = s.benches.filter((_, i) => !chosen.has(i));
    const cost = own.reduce((sum, b) => sum + (this.c.sheets[b.sheet] as { cost: number }).cost, 0);
    this.elsewhere.fill(0);
    for (const b of rest) this.elsewhere[b.sheet] = (this.elsewhere[b.sheet] as number) + 1;
    return { own: { benches: own, out: [], cost }, rest: { benches: rest, out: [...s.out], cost: s.cost - cost } };
  }

  nowhereElse(): void {
    this.elsewhere.fill(0);
  }

  /** Sheets as they were cut up elsewhere. */
  stateOf(sheets: readonly CutSheet[]): State {
    return {
      benches: sheets.map((b) => benchOf(b.sheet, b.root)),
      out: [],
      cost: sheets.reduce((sum, b) => sum + (this.c.sheets[b.sheet] as { cost: number }).cost, 0),
    };
  }

  joined = (a: State, b: State): State => ({
    benches: [...a.benches, ...b.benches],
    out: [...a.out, ...b.out],
    cost: a.cost + b.cost,
  });

  /** One sheet fewer: the one that its cost does least for, or now and then another. */
  without(s: State): State {
    const rated = s.benches
      .map((b, i) => ({
        i,
        worth:
          (b.filled / Math.max(1e-9, (this.c.sheets[b.sheet] as { cost: number }).cost)) *
          (0.7 + 0.6 * this.chance.uniform()),
      }))
      .sort((a, b) => a.worth - b.worth);
    const gone = rated[0]?.i ?? -1;
    const off = s.benches[gone];
    if (!off) return this.copy(s);
    return {
      benches: s.benches.filter((_, i) => i !== gone),
      out: [...s.out, ...piecesIn(off.root)],
      cost: s.cost - (this.c.sheets[off.sheet] as { cost: number }).cost,
    };
  }

  /** Takes parts off and puts pieces back, within a budget. */
  round(from: State, budget: number): State {
    const s = this.copy(from);
    const { uniform } = this.chance;
    const off: number[] = [...s.out];
    if (s.benches.length > 0) {
      const sheets = 1 + Math.floor(uniform() * Math.min(3, s.benches.length));
      const most = 1 + Math.floor(uniform() * 12);
      for (let k = 0; k < sheets; k++) {
        const i = Math.floor(uniform() * s.benches.length);
        const bench = copyBench(s.benches[i] as Bench);
        s.benches[i] = bench;
        if (uniform() < 0.04 || bench.root.dir === 0) {
          off.push(...takeOff(bench, bench.root, this.area));
          continue;
        }
        for (let came = 0; came < most; ) {
          const parts = partsOf(bench.root);
          if (parts.length === 0) break;
          const at = parts[Math.floor(uniform() * parts.length)] as Part;
          const gone = takeOff(bench, at, this.area);
          off.push(...gone);
          came += Math.max(1, gone.length);
        }
      }
      // A sheet with nothing on it goes back to its place.
      const cost = (b: Bench): number => (this.c.sheets[b.sheet] as { cost: number }).cost;
      s.benches = s.benches.filter((b) => {
        if (b.filled > 0) return true;
        s.cost -= cost(b);
        return false;
      });
    }
    s.out = [];
    const way = uniform() < 0.5 ? 0 : (Math.floor(uniform() * 5) as 0 | 1 | 2 | 3 | 4);
    const fit = uniform() < 0.5 ? 3 : (Math.floor(uniform() * 3) as 0 | 1 | 2);
    return this.fill(s, this.ordered(off, way), budget, fit, true);
  }

  /** Largest area, longest side, broadest narrow side, greatest sum of sides first; or by chance. */
  private ordered(pieces: readonly number[], way: 0 | 1 | 2 | 3 | 4): readonly number[] {
    const key = new Map(
      pieces.map((p) => {
        const { width, height } = this.c.pieces[p] as CuttingCase["pieces"][number];
        const long = Math.max(width, height);
        const short = Math.min(width, height);
        const by =
          way === 0
            ? width * height
            : way === 1
              ? long
              : way === 2
                ? short
                : way === 3
                  ? long + short
                  : this.chance.uniform();
        return [p, by];
      }),
    );
    return [...pieces].sort((a, b) => (key.get(b) as number) - (key.get(a) as number));
  }

  private fill(s: State, order: readonly number[], budget: number, by: 0 | 1 | 2 | 3, blinks: boolean): State {
    const own = new Set<Bench>();
    for (const p of order) {
      const fit = this.bestFit(s, p, by, blinks) ?? this.opened(s, p, budget);
      if (!fit) {
        s.out.push(p);
        continue;
      }
      let bench = s.benches[fit.bench] as Bench;
      let { at } = fit;
      if (!own.has(bench)) {
        const i = leftsOf(bench).indexOf(at);
        bench = copyBench(bench);
        at = leftsOf(bench)[i] as Part;
        s.benches[fit.bench] = bench;
        own.add(bench);
      }
      putIn(bench, at, fit.w, fit.h, p, fit.turned, fit.first);
    }
    return s;
  }

  private bestFit(s: State, p: number, by: 0 | 1 | 2 | 3, blinks: boolean): Fit | null {
    const piece = this.c.pieces[p] as CuttingCase["pieces"][number];
    let best: Fit | null = null;
    let least = Number.POSITIVE_INFINITY;
    const ways = piece.turns && piece.width !== piece.height ? 2 : 1;
    const area = this.area[p] as number;
    for (let i = 0; i < s.benches.length; i++) {
      const bench = s.benches[i] as Bench;
      const lefts = leftsOf(bench);
      if (bench.most < area) continue;
      for (let l = 0; l < lefts.length; l++) {
        const at = lefts[l] as Part;
        if (at.w * at.h < area) continue;
        if (blinks && --this.untilBlink <= 0 && this.blinked()) continue;
        for (let k = 0; k < ways; k++) {
          const w = k === 0 ? piece.width : piece.height;
          const h = k === 0 ? piece.height : piece.width;
          const score = this.rated(at, w, h, by);
          if (score < least) {
            least = score;
            best = { bench: i, at, w, h, turned: k === 1, first: this.firstCut(at, w, h, blinks), score };
          }
        }
      }
    }
    return best;
  }

  /** Draws after how many places the next is passed over: one number in the place of a hundred. */
  private blinked(): true {
    this.untilBlink = 1 + Math.floor(Math.log(Math.max(1e-12, this.chance.uniform())) / Math.log(1 - BLINK));
    return true;
  }

  /** How badly a piece sits in a left-over; endless where it does not fit, or a strip could not be broken out. */
  private rated(at: Part, w: number, h: number, by: 0 | 1 | 2 | 3): number {
    const { strip } = this.c;
    const dx = at.w - w;
    const dy = at.h - h;
    if (dx < 0 || dy < 0) return Number.POSITIVE_INFINITY;
    if (dx > 0 && (dx < strip || w < strip)) return Number.POSITIVE_INFINITY;
    if (dy > 0 && (dy < strip || h < strip)) return Number.POSITIVE_INFINITY;
    switch (by) {
      case 0:
        return at.w * at.h - w * h;
      case 1:
        return Math.min(dx, dy);
      case 2:
        return Math.max(dx, dy);
      default:
        // Sides that match exactly first: what is left over then has one piece less to it.
        return ((dx === 0 ? 0 : 1) + (dy === 0 ? 0 : 1)) * 1e11 + Math.min(dx, dy);
    }
  }

  /** Which cut comes first: the one that leaves the larger single left-over; now and then the other. */
  private firstCut(at: Part, w: number, h: number, blinks: boolean): 1 | 2 {
    const across = (at.w - w) * at.h >= (at.h - h) * at.w ? 1 : 2;
    if (blinks && this.chance.uniform() < 0.25) return across === 1 ? 2 : 1;
    return across;
  }

  /** A new sheet that the piece fits on, within the budget and the count: by its cost for its area, with some chance. */
  private opened(s: State, p: number, budget: number): Fit | null {
    const piece = this.c.pieces[p] as CuttingCase["pieces"][number];
    let best: { readonly sheet: number; readonly w: number; readonly h: number; readonly turned: boolean } | null =
      null;
    let least = Number.POSITIVE_INFINITY;
    for (let k = 0; k < this.c.sheets.length; k++) {
      const sheet = this.c.sheets[k] as CuttingCase["sheets"][number];
      const room = this.room[k] as { width: number; height: number };
      if (s.cost + sheet.cost > budget) continue;
      if (
        sheet.count !== null &&
        s.benches.filter((b) => b.sheet === k).length + (this.elsewhere[k] as number) >= sheet.count
      )
        continue;
      const at: Part = { w: room.width, h: room.height, dir: 0, parts: [], piece: -1, turned: false, over: null };
      for (const turned of piece.turns ? [false, true] : [false]) {
        const [w, h] = turned ? [piece.height, piece.width] : [piece.width, piece.height];
        if (this.rated(at, w, h, 0) === Number.POSITIVE_INFINITY) continue;
        const by = (sheet.cost / (room.width * room.height)) * (0.6 + 0.8 * this.chance.uniform());
        if (by < least) {
          least = by;
          best = { sheet: k, w, h, turned };
        }
      }
    }
    if (!best) return null;
    const room = this.room[best.sheet] as { width: number; height: number };
    const bench = freshBench(best.sheet, room.width, room.height);
    s.benches.push(bench);
    s.cost += (this.c.sheets[best.sheet] as { cost: number }).cost;
    return {
      bench: s.benches.length - 1,
      at: bench.root,
      w: best.w,
      h: best.h,
      turned: best.turned,
      first: this.firstCut(bench.root, best.w, best.h, false),
      score: 0,
    };
  }
}
