import { normalBelow } from "../chance/normal.ts";
import { AS_GOOD_MM } from "../geometry/placing.ts";
import type { Mm } from "../units/length.ts";
import { DRAWN, type Draws, MOVED_HEIGHT, MOVED_WIDTH } from "./draws.ts";
import { type Form, type GlassMm, type LayModel, OFF_HEIGHT, OFF_WIDTH } from "./lay-model.ts";
import type { Chances } from "./odds-line.ts";

/** One random day; or whether it binds on the tightest day of the year, or loses cover on the widest. */
export type When = "day" | "year";

/** Corner gaps, bows and tightest rooms of every draw, worked out once for all sizes, for the tight and the wide day. */
export type Drawn = {
  readonly model: LayModel;
  readonly count: number;
  readonly room: Room;
  readonly days: readonly Float64Array[];
};

/**
 * Lines across an opening, as they follow a turn: from each end and the middle of one side to each of the other, nine of the
 * width and nine of the height. The best turn is where the lowest of them is highest: at one that is flat, or where one that
 * rises meets one that falls. Slopes do not depend on the draw, so which can meet, and in which shares, is worked out once.
 */
type Room = {
  readonly slopes: Float64Array;
  /** Two lines of one dimension that hold it between them (or one that is flat, twice), with their shares. */
  readonly own: readonly Meeting[];
  /** One of each dimension. */
  readonly mixed: readonly Meeting[];
  readonly each: number;
};
type Meeting = { readonly p: number; readonly q: number; readonly atP: number; readonly atQ: number };

const LINES = 18;
const OF_WIDTH = 9;
/**
 * A line that rises less than this, mm a radian, is flat: a turned pane's room bends back before such a line has gained a tenth
 * of a micrometre (its square over twice the width of the smallest pane), and following it further would turn the pane a degree
 * for nothing.
 */
const FLAT = 0.3;
/** Corners, half bows, and the tightest room of each dimension by itself. */
const [HALF_BOWS, TIGHTEST, MIXED] = [8, 10, 12] as const;

function roomOf(model: LayModel): Room {
  const slopes = new Float64Array(LINES);
  linesOf(Float64Array.from(model.turns), 0, 0, 0, slopes);
  const own: Meeting[] = [];
  const mixed: Meeting[] = [];
  for (let p = 0; p < LINES; p++) {
    const sp = slopes[p] as number;
    if (Math.abs(sp) <= FLAT) own.push({ p, q: p, atP: 1, atQ: 0 });
    if (sp <= FLAT) continue;
    for (let q = 0; q < LINES; q++) {
      const sq = slopes[q] as number;
      if (sq >= -FLAT) continue;
      const meeting = { p, q, atP: -sq / (sp - sq), atQ: sp / (sp - sq) };
      (p < OF_WIDTH === q < OF_WIDTH ? own : mixed).push(meeting);
    }
  }
  return { slopes, own, mixed, each: MIXED + mixed.length };
}

/** The nine lines of the width, then of the height, from eight corner values beginning at a place. */
function linesOf(g: Float64Array, at: number, bowWidth: number, bowHeight: number, out: Float64Array): void {
  let n = 0;
  for (let axis = 0; axis < 2; axis++) {
    const a = at + 4 * axis;
    const bow = axis === 0 ? bowWidth : bowHeight;
    const [a0, a1, b0, b1] = [g[a], g[a + 1], g[a + 2], g[a + 3]] as [number, number, number, number];
    const [am, bm] = [(a0 + a1) / 2 + bow, (b0 + b1) / 2 + bow];
    out[n++] = a0 + b0;
    out[n++] = a0 + b1;
    out[n++] = a0 + bm;
    out[n++] = a1 + b0;
    out[n++] = a1 + b1;
    out[n++] = a1 + bm;
    out[n++] = am + b0;
    out[n++] = am + b1;
    out[n++] = am + bm;
  }
}

/** The draws as an opening makes them. Sizes are then asked of it one after another. */
export function drawnIn(model: LayModel, draws: Draws, when: When): Drawn {
  const room = roomOf(model);
  const forms = [...model.corners, ...model.bows];
  const days = when === "day" ? [null] : [0, 1];
  return {
    model,
    count: draws.count,
    room,
    days: days.map((share) => {
      const out = new Float64Array(draws.count * room.each);
      forms.forEach((form, f) => {
        fill(form, draws, { share, every: room.each, scale: f < HALF_BOWS ? 1 : 0.5 }, out, f);
      });
      tighten(out, draws.count, room);
      return out;
    }),
  };
}

/** One column after another: this is where a long drawing spends its time. */
function fill(
  form: Form,
  draws: Draws,
  by: { readonly share: number | null; readonly every: number; readonly scale: number },
  out: Float64Array,
  f: number,
): void {
  const { share, every, scale } = by;
  let constant = form[0] as number;
  if (share !== null) constant += share * ((form[1 + MOVED_WIDTH] as number) + (form[1 + MOVED_HEIGHT] as number));
  for (let i = 0, at = f; i < draws.count; i++, at += every) out[at] = scale * constant;
  for (let k = 0; k < DRAWN; k++) {
    const slope = scale * (form[1 + k] as number);
    if (slope === 0 || (share !== null && (k === MOVED_WIDTH || k === MOVED_HEIGHT))) continue;
    const column = draws.columns[k] as Float64Array;
    for (let i = 0, at = f; i < draws.count; i++, at += every)
      out[at] = (out[at] as number) + slope * (column[i] as number);
  }
}

/** The tightest room of each dimension by itself, and of each pair of lines that hold it between the two. */
function tighten(out: Float64Array, count: number, room: Room): void {
  const lines = new Float64Array(LINES);
  for (let i = 0, at = 0; i < count; i++, at += room.each) {
    linesOf(out, at, out[at + HALF_BOWS] as number, out[at + HALF_BOWS + 1] as number, lines);
    let [width, height] = [Number.POSITIVE_INFINITY, Number.POSITIVE_INFINITY];
    for (const m of room.own) {
      const meets = m.atP * (lines[m.p] as number) + m.atQ * (lines[m.q] as number);
      if (m.p < OF_WIDTH) width = Math.min(width, meets);
      else height = Math.min(height, meets);
    }
    out[at + TIGHTEST] = width;
    out[at + TIGHTEST + 1] = height;
    for (let k = 0; k < room.mixed.length; k++) {
      const m = room.mixed[k] as Meeting;
      out[at + MIXED + k] = m.atP * (lines[m.p] as number) + m.atQ * (lines[m.q] as number);
    }
  }
}

/** Cover short by less than this is none, mm: what no tape shows. */
const TOUCH_MM = 1e-3;

/** How many of the draws bind, lose cover, or either, with glass of this size near the model's base. */
export function chancesIn(drawn: Drawn, size: GlassMm): Chances {
  const { model, count, days, room } = drawn;
  const [tight, wide] = [days[0] as Float64Array, (days[1] ?? days[0]) as Float64Array];
  const lay = new Laying(model, room, size);
  let [binds, lost, trouble] = [0, 0, 0];
  for (let i = 0, at = 0; i < count; i++, at += room.each) {
    const bound = lay.roomAt(tight, at) <= 0;
    if (bound) binds++;
    let bare = false;
    if (model.depth) {
      const left = tight === wide && !bound ? lay.roomAt(tight, at) : lay.roomAt(wide, at);
      // On a day on which it does not go in at all there is no lay to judge.
      bare = left > 0 && lay.spareCover(wide, at, left) < 0;
    }
    if (bare) lost++;
    if (bound || bare) trouble++;
  }
  return { binds: binds / count, coverLost: model.depth ? lost / count : null, trouble: trouble / count };
}

/**
 * What a size is expected to cost, each draw's spare room taken to be off by a doubt of so much, mm of the whole dimension: how
 * far it is from binding and from a bare edge counts, and not only whether it is either. Sizes of which no draw fails are told
 * apart by it. The draws are of what the firm believes of its tape, cutter and frames; the doubt is of those beliefs.
 */
export function doubtedCost(
  drawn: Drawn,
  size: GlassMm,
  doubt: { readonly doubtMm: Mm; readonly costs: { readonly binds: number; readonly coverLost: number } },
): number {
  const { model, count, days, room } = drawn;
  const [tight, wide] = [days[0] as Float64Array, (days[1] ?? days[0]) as Float64Array];
  const lay = new Laying(model, room, size);
  let cost = 0;
  for (let i = 0, at = 0; i < count; i++, at += room.each) {
    cost += doubt.costs.binds * normalBelow(-lay.roomAt(tight, at) / doubt.doubtMm);
    const left = lay.roomAt(wide, at);
    // Spare cover is that of one side: the dimension may be off by twice as much before it is gone.
    if (model.depth && left > 0)
      cost += doubt.costs.coverLost * normalBelow((-2 * lay.spareCover(wide, at, left)) / doubt.doubtMm);
  }
  return cost / count;
}

/** One pane laid in one drawn opening after another: at the turn with the best smallest gap, then evened. */
class Laying {
  readonly #room: Room;
  readonly #turns: Float64Array;
  readonly #added: Float64Array;
  readonly #mixedAdded: Float64Array;
  readonly #widthAdded: number;
  readonly #heightAdded: number;
  readonly #g = new Float64Array(8);
  readonly #lines = new Float64Array(LINES);
  readonly #near = new Float64Array(4);
  readonly #far = new Float64Array(4);
  readonly #most: Float64Array;
  readonly #pushed: boolean;

  constructor(model: LayModel, room: Room, size: GlassMm) {
    const off = { width: model.base.width - size.width, height: model.base.height - size.height };
    const added = model.corners.map(
      (f) => (f[OFF_WIDTH] as number) * off.width + (f[OFF_HEIGHT] as number) * off.height,
    );
    this.#room = room;
    this.#turns = Float64Array.from(model.turns);
    this.#added = Float64Array.from(added);
    // Both ends of a side gain alike, so all lines of one dimension do.
    this.#widthAdded = (added[0] as number) + (added[2] as number);
    this.#heightAdded = (added[4] as number) + (added[6] as number);
    const addedTo = (line: number): number => (line < OF_WIDTH ? this.#widthAdded : this.#heightAdded);
    this.#mixedAdded = Float64Array.from(room.mixed.map((m) => m.atP * addedTo(m.p) + m.atQ * addedTo(m.q)));
    const d = model.depth;
    this.#most = Float64Array.from(
      d ? [d.left, d.right, d.bottom, d.top].map((depth) => depth - model.leastCover + TOUCH_MM) : [0, 0, 0, 0],
    );
    this.#pushed = model.lies === "pushed";
  }

  /** The best smallest room over every turn, both sides of a dimension together. */
  roomAt(values: Float64Array, at: number): number {
    let best = (values[at + TIGHTEST] as number) + this.#widthAdded;
    const height = (values[at + TIGHTEST + 1] as number) + this.#heightAdded;
    if (height < best) best = height;
    const more = this.#mixedAdded;
    for (let k = 0; k < more.length; k++) {
      const meets = (values[at + MIXED + k] as number) + (more[k] as number);
      if (meets < best) best = meets;
    }
    return best;
  }

  /** The turn that leaves this room: in the middle of those that are as good, as the pane is drawn. */
  #turn(room: number): number {
    const { slopes } = this.#room;
    const best = room - 2 * AS_GOOD_MM;
    let [lo, hi] = [Number.NEGATIVE_INFINITY, Number.POSITIVE_INFINITY];
    for (let k = 0; k < LINES; k++) {
      const slope = slopes[k] as number;
      if (slope > FLAT) {
        const at = (best - (this.#lines[k] as number)) / slope;
        if (at > lo) lo = at;
      } else if (slope < -FLAT) {
        const at = (best - (this.#lines[k] as number)) / slope;
        if (at < hi) hi = at;
      }
    }
    return lo > Number.NEGATIVE_INFINITY && hi < Number.POSITIVE_INFINITY ? (lo + hi) / 2 : 0;
  }

  /** By how much more than the least its barest side is covered, mm, laid with this room; less than nothing where it is bare. */
  spareCover(values: Float64Array, at: number, best: number): number {
    const g = this.#g;
    for (let k = 0; k < 8; k++) g[k] = (values[at + k] as number) + (this.#added[k] as number);
    const [bowWidth, bowHeight] = [values[at + HALF_BOWS] as number, values[at + HALF_BOWS + 1] as number];
    linesOf(g, 0, bowWidth, bowHeight, this.#lines);
    const t = this.#turn(best);
    const [near, far, most] = [this.#near, this.#far, this.#most];
    for (let side = 0; side < 4; side++) {
      const a = (g[2 * side] as number) + t * (this.#turns[2 * side] as number);
      const b = (g[2 * side + 1] as number) + t * (this.#turns[2 * side + 1] as number);
      const m = (a + b) / 2 + (side < 2 ? bowWidth : bowHeight);
      near[side] = Math.min(a, b, m);
      far[side] = Math.max(a, b, m);
    }
    let spare = Number.POSITIVE_INFINITY;
    for (let side = 0; side < 4; side += 2) {
      const [n1, n2] = [near[side] as number, near[side + 1] as number];
      const [there, back] = this.#pushed ? [n2, n1] : [(n2 - n1) / 2, (n1 - n2) / 2];
      const one = (most[side] as number) - (far[side] as number) - there;
      const other = (most[side + 1] as number) - (far[side + 1] as number) - back;
      spare = Math.min(spare, one, other);
    }
    return spare;
  }
}
