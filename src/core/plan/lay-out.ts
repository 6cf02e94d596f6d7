import { type Chance, seeded } from "../chance/seeded.ts";
import { ownVisit } from "./day-holds.ts";
import { indexWeek, type WeekIndex } from "./numbered-week.ts";
import { helpFrom } from "./stop-times.ts";
import { minutesFor, type Stop, type Week } from "./week.ts";
import { type WeekCost, weekCost } from "./week-cost.ts";
import { WeekRoutes } from "./week-routes.ts";
import { type WhyNot, whyNot } from "./why-not.ts";

/** A week as it was laid out. */
export type LaidOut = {
  readonly stops: readonly Stop[];
  readonly unplaced: readonly WhyNot[];
  readonly cost: WeekCost;
  /** How often it was taken apart and put together again. */
  readonly rounds: number;
};

export type LayingOut = {
  readonly seed: number;
  /** Asked again and again: whether there is time for more. */
  readonly more: (rounds: number, cost: number) => boolean;
  /** The week as it stands: what comes out is never dearer. */
  readonly standing?: readonly Stop[] | undefined;
};

/** So many visits are taken off at once, at the most. */
const MOST_OFF = 14;
/** A place is passed over by chance this often, so that not every greedy choice is made; now and then most are. */
const BLINKS = [0, 0.01, 0.01, 0.05, 0.3];
/** How much dearer a week may become on the way to a cheaper one, as a share of the cost of one stop; it cools to nothing. */
const WARM = 6;

/**
 * Lays a week out: everybody's days, so that no hard rule is broken and what it costs is small. Ruin and recreate: visits that
 * have to do with one another are taken off, and put back one by one where each costs least, thousands of times, dearer weeks
 * taken now and then and less and less. The same seed and the same number of rounds give the same week.
 * Source: Schrimpf, Schneider, Stamm-Wilbrandt, Dueck 2000; Christiaens, Vanden Berghe 2020 (blinks, strings).
 */
export function layOut(week: Week, { seed, more, standing = [] }: LayingOut): LaidOut {
  const ix = indexWeek(week);
  const chance = seeded(seed);
  const now = new WeekRoutes(ix);
  const all = Array.from({ length: ix.n }, (_, v) => v);
  asItStands(now, week, standing);
  for (const v of all) if (isHeld(ix, v)) makeRoom(now, ix, v);
  fill(now, inNeed(ix, all));
  let best = now.keep();
  let rounds = 0;
  while (more(rounds, best.cost)) {
    const kept = now.keep();
    const off = ruin(now, ix, chance);
    const blink = BLINKS[Math.floor(chance.uniform() * BLINKS.length)] as number;
    fill(now, shuffledNeed(ix, off, chance), blink > 0 ? () => chance.uniform() < blink : null);
    // Threshold by the logarithm of chance, as in annealing; it cools with the rounds.
    const warm = (WARM * week.weights.stop) / (1 + rounds / 200);
    if (now.cost < kept.cost - warm * Math.log(Math.max(1e-9, chance.uniform()))) {
      if (now.cost < best.cost - 1e-9) best = now.keep();
    } else now.back(kept);
    rounds++;
  }
  now.back(best);
  const stops = stopsOf(now, ix, week);
  const cost = weekCost(week, stops);
  return {
    stops,
    cost,
    rounds,
    unplaced: all.flatMap((v) => (now.isPlaced(v) ? [] : [whyNot(week, ix, now, v)])),
  };
}

/** Puts visits back, each where it costs least; those that follow another after it. */
function fill(now: WeekRoutes, order: readonly number[], blink: (() => boolean) | null = null): void {
  let left = order.filter((v) => !now.isPlaced(v));
  for (let placed = true; placed && left.length > 0; ) {
    placed = false;
    const still: number[] = [];
    for (const v of left) {
      const slot = now.best(v, blink);
      if (slot) {
        now.put(v, slot);
        placed = true;
      } else still.push(v);
    }
    left = still;
  }
}

/** The week that stands, as far as it still holds: each visit on its day with its people, in the order of its hours. */
function asItStands(now: WeekRoutes, week: Week, standing: readonly Stop[]): void {
  const visit = new Map(week.visits.map((v, i) => [v.id, i]));
  const day = new Map(week.days.map((d, i) => [d.day, i]));
  const person = new Map(week.people.map((p, i) => [p.name, i]));
  /** When each of somebody's day is come to, in order. */
  const days = new Map<string, number[]>();
  const timesOf = (p: number, d: number): number[] => {
    const key = `${p} ${d}`;
    const times = days.get(key) ?? [];
    days.set(key, times);
    return times;
  };
  const before = (times: readonly number[], at: number): number => times.filter((t) => t <= at).length;
  for (const s of [...standing].sort((a, b) => a.day - b.day || a.from - b.from)) {
    const [v, d, p] = [visit.get(s.visit), day.get(s.day), person.get(s.person)];
    if (v === undefined || d === undefined || p === undefined || now.isPlaced(v)) continue;
    const h = s.helper === null ? -1 : (person.get(s.helper) ?? -1);
    const help = helpFrom(week.visits[v] ?? { helperFrom: 0 }, s);
    const [own, theirs] = [timesOf(p, d), h < 0 ? [] : timesOf(h, d)];
    const [at, helperAt] = [before(own, s.from), before(theirs, help)];
    const slot = now.slotAt(v, { day: d, person: p, helper: h }, at, helperAt);
    if (!slot) continue;
    now.put(v, slot);
    own.splice(at, 0, s.from);
    if (h >= 0) theirs.splice(helperAt, 0, help);
  }
}

const isHeld = (ix: WeekIndex, v: number): boolean => (ix.held[v]?.day ?? -1) !== -1;

/** What was given to somebody by hand is not crowded out by what was not. */
function makeRoom(now: WeekRoutes, ix: WeekIndex, v: number): void {
  if (now.isPlaced(v)) return;
  const slot = now.best(v);
  if (slot) {
    now.put(v, slot);
    return;
  }
  const { day, person } = ix.held[v] ?? { day: -2, person: -2 };
  if (day < 0) return;
  for (let p = 0; p < ix.people; p++)
    if (person < 0 || p === person || (ix.helperMinutes[v] as number) > 0)
      for (const code of now.route(p, day)) if (!isHeld(ix, ownVisit(code))) now.take(ownVisit(code));
  const found = now.best(v);
  if (found) now.put(v, found);
}

/** First what waits for a hole, then what has the fewest days, then what was promised soonest. */
function inNeed(ix: WeekIndex, visits: readonly number[]): readonly number[] {
  const daysOf = (v: number): number => {
    let n = 0;
    for (let d = 0; d < ix.days; d++) n += ix.mayDay[v * ix.days + d] as number;
    return n;
  };
  const key = new Map(
    visits.map((v) => {
      const visit = ix.week.visits[v];
      return [
        v,
        (visit?.openHole ? 0 : 1000) +
          daysOf(v) * 10 +
          ((ix.helperMinutes[v] as number) > 0 ? 0 : 5) -
          (visit?.promised ? 3 : 0),
      ];
    }),
  );
  return [...visits].sort((a, b) => (key.get(a) ?? 0) - (key.get(b) ?? 0) || a - b);
}

function shuffledNeed(ix: WeekIndex, off: readonly number[], chance: Chance): readonly number[] {
  const unplaced = off;
  const way = chance.uniform();
  if (way < 0.3) return inNeed(ix, unplaced);
  const key = new Map(
    unplaced.map((v) => [v, way < 0.6 ? -(ix.minutes[v * ix.people] as number) + chance.uniform() : chance.uniform()]),
  );
  return [...unplaced].sort((a, b) => (key.get(a) ?? 0) - (key.get(b) ?? 0));
}

/** Takes off visits that have to do with one another: of one day, one place, one person, or by chance; and all that found none. */
function ruin(now: WeekRoutes, ix: WeekIndex, chance: Chance): readonly number[] {
  const pick = (n: number): number => Math.floor(chance.uniform() * n);
  const off = new Set<number>();
  const unplaced: number[] = [];
  const placed: number[] = [];
  for (let v = 0; v < ix.n; v++) (now.isPlaced(v) ? placed : unplaced).push(v);
  if (placed.length > 0) {
    const most = Math.min(MOST_OFF, Math.max(2, Math.ceil(placed.length / 3)));
    const many = 1 + pick(most);
    const seed = placed[pick(placed.length)] as number;
    const near = related(now, ix, placed, seed, chance);
    for (const v of near) {
      if (off.size >= many) break;
      if (isHeld(ix, v)) continue;
      for (const gone of now.take(v)) off.add(gone);
    }
  }
  for (const v of unplaced) off.add(v);
  return [...off];
}

function related(
  now: WeekRoutes,
  ix: WeekIndex,
  placed: readonly number[],
  seed: number,
  chance: Chance,
): readonly number[] {
  const way = Math.floor(chance.uniform() * 4);
  const at = now.placeOf(seed);
  const noise = new Map(placed.map((v) => [v, chance.uniform()]));
  const far = (v: number): number => {
    const its = now.placeOf(v);
    const road = ix.road[(ix.place[seed] as number) * ix.places + (ix.place[v] as number)] as number;
    switch (way) {
      case 0:
        return noise.get(v) as number;
      case 1:
        return (its.day === at.day ? 0 : 10) + (its.person === at.person ? 0 : 1) + (noise.get(v) as number);
      case 2:
        return road + 3 * (noise.get(v) as number);
      default:
        return Math.abs(its.day - at.day) * 4 + road / 5 + 4 * (noise.get(v) as number);
    }
  };
  const key = new Map(placed.map((v) => [v, v === seed ? -1 : far(v)]));
  return [...placed].sort((a, b) => (key.get(a) as number) - (key.get(b) as number));
}

function stopsOf(now: WeekRoutes, ix: WeekIndex, week: Week): readonly Stop[] {
  const stops: Stop[] = [];
  for (let d = 0; d < ix.days; d++) {
    const began = now.times(d);
    for (let p = 0; p < ix.people; p++)
      for (const code of now.route(p, d)) {
        if (code < 0) continue;
        const v = ownVisit(code);
        const [visit, day, person] = [week.visits[v], week.days[d], week.people[p]];
        if (!visit || !day || !person) continue;
        const helper = now.placeOf(v).helper;
        const from = began[v] as number;
        stops.push({
          visit: visit.id,
          day: day.day,
          person: person.name,
          from,
          to: from + minutesFor(visit, person.name),
          helper: helper >= 0 ? (week.people[helper]?.name ?? null) : null,
        });
      }
  }
  return stops;
}
