import { DayHolds, minutesAt, ownVisit, type Route } from "./day-holds.ts";
import type { WeekIndex } from "./numbered-week.ts";

/** Where a visit would go, and what that costs. */
export type Slot = {
  readonly day: number;
  readonly person: number;
  readonly at: number;
  readonly helper: number;
  readonly helperAt: number;
  readonly cost: number;
};

/** Where alone a visit is looked for. */
export type Only = { readonly day: number; readonly person: number; readonly helper: number };

/** A week as it is laid out, that can be changed a visit at a time and taken back. Held to the hard rules at every change. */
export class WeekRoutes {
  readonly ix: WeekIndex;
  private routes: Route[];
  private readonly dayOf: Int32Array;
  private readonly personOf: Int32Array;
  private readonly helperOf: Int32Array;
  /** Visits with a helper, day by day. */
  private readonly joint: Int32Array;
  private readonly hours: Float64Array;
  cost = 0;
  private readonly holds: DayHolds;

  constructor(ix: WeekIndex) {
    this.ix = ix;
    this.routes = Array.from({ length: ix.people * ix.days }, () => []);
    this.dayOf = new Int32Array(ix.n).fill(-1);
    this.personOf = new Int32Array(ix.n).fill(-1);
    this.helperOf = new Int32Array(ix.n).fill(-1);
    this.joint = new Int32Array(ix.days);
    this.hours = new Float64Array(ix.people);
    this.holds = new DayHolds(ix);
    for (let v = 0; v < ix.n; v++) this.cost += ix.missing[v] ?? 0;
  }

  day = (v: number): number => this.dayOf[v] as number;
  isPlaced = (v: number): boolean => (this.dayOf[v] as number) >= 0;
  route = (person: number, day: number): Route => this.routes[person * this.ix.days + day] as Route;
  placeOf = (v: number) => ({
    day: this.dayOf[v] as number,
    person: this.personOf[v] as number,
    helper: this.helperOf[v] as number,
  });

  /** First and last day on which a visit may be, as those that it follows and that follow it stand now; null where none may. */
  range(v: number): readonly [number, number] | null {
    let from = 0;
    let to = this.ix.days - 1;
    for (const b of this.ix.before[v] ?? []) {
      const d = this.dayOf[b.of] as number;
      if (d < 0) return null;
      from = Math.max(from, b.ready[d] as number);
    }
    for (const b of this.ix.behind[v] ?? []) {
      const d = this.dayOf[b.of] as number;
      if (d < 0) continue;
      while (to >= 0 && (b.ready[to] as number) > d) to--;
    }
    return from <= to ? [from, to] : null;
  }

  /** The cheapest place for a visit that is not placed; null where there is none. `blink` passes a place over by chance. */
  best = (v: number, blink: (() => boolean) | null = null, only: Only | null = null): Slot | null =>
    this.seek(v, blink, only, null);

  /** Every place that a visit could have. */
  every(v: number): readonly Slot[] {
    const all: Slot[] = [];
    this.seek(v, null, null, all);
    return all;
  }

  /** This place in somebody's day, and in that of whoever helps, where the day still holds with it. */
  slotAt(v: number, { day, person, helper }: Only, at: number, helperAt: number): Slot | null {
    const { ix } = this;
    const range = this.range(v);
    if (!range || day < range[0] || day > range[1] || !ix.mayDay[v * ix.days + day]) return null;
    const two = (ix.helperMinutes[v] as number) > 0;
    if (two !== helper >= 0 || helper === person || !ix.works[person * ix.days + day]) return null;
    if (!ix.mayPerson[v * ix.people + person] || (two && !ix.works[helper * ix.days + day])) return null;
    const route = this.route(person, day);
    const theirs = two ? this.route(helper, day) : [];
    const added = route.toSpliced(at, 0, v);
    if (!this.fitsDay(day, person, added, helper, two ? theirs.toSpliced(helperAt, 0, ~v) : null)) return null;
    const cost =
      (ix.dayCost[v * ix.days + day] as number) +
      this.added(person, route, at, v, minutesAt(ix, v, person)) +
      (two ? this.added(helper, theirs, helperAt, v, ix.helperMinutes[v] as number) : 0);
    return { day, person, at, helper, helperAt, cost };
  }

  private seek(v: number, blink: (() => boolean) | null, only: Only | null, all: Slot[] | null): Slot | null {
    const range = this.range(v);
    if (!range) return null;
    const { ix } = this;
    const held = ix.held[v];
    let found: Slot | null = null;
    let least = Number.POSITIVE_INFINITY;
    const withHelper = (ix.helperMinutes[v] as number) > 0;
    for (let day = range[0]; day <= range[1]; day++) {
      if (!ix.mayDay[v * ix.days + day] || (held && held.day !== -1 && held.day !== day)) continue;
      if (only && only.day !== day) continue;
      const byDay = ix.dayCost[v * ix.days + day] as number;
      if (byDay >= least) continue;
      for (let p = 0; p < ix.people; p++) {
        if (!ix.works[p * ix.days + day] || !ix.mayPerson[v * ix.people + p]) continue;
        if (held && held.person !== -1 && held.person !== p) continue;
        if (only && only.person !== p) continue;
        const route = this.route(p, day);
        const tied = this.joint[day] !== 0 && this.holds.isTied(route);
        for (let at = 0; at <= route.length; at++) {
          if (blink?.()) continue;
          const own = byDay + this.added(p, route, at, v, minutesAt(ix, v, p));
          if (own >= least) continue;
          if (!withHelper) {
            if (!this.holds.fitsRoute(p, day, route, at, v)) continue;
            if (tied && !this.fitsDay(day, p, inserted(route, at, v), -1, null)) continue;
            found = { day, person: p, at, helper: -1, helperAt: -1, cost: own };
            if (all) all.push(found);
            else least = own;
            continue;
          }
          if (!this.holds.fitsRoute(p, day, route, at, v)) continue;
          for (let h = 0; h < ix.people; h++) {
            if (h === p || !ix.works[h * ix.days + day] || (held && held.helper !== -1 && held.helper !== h)) continue;
            if (only && only.helper !== -1 && only.helper !== h) continue;
            const theirs = this.route(h, day);
            for (let helperAt = 0; helperAt <= theirs.length; helperAt++) {
              const cost = own + this.added(h, theirs, helperAt, v, ix.helperMinutes[v] as number);
              if (cost >= least || !this.holds.fitsRoute(h, day, theirs, helperAt, ~v)) continue;
              if (!this.fitsDay(day, p, inserted(route, at, v), h, inserted(theirs, helperAt, ~v))) continue;
              found = { day, person: p, at, helper: h, helperAt, cost };
              if (all) all.push(found);
              else least = cost;
            }
          }
        }
      }
    }
    return found;
  }

  put(v: number, slot: Slot): void {
    const { ix } = this;
    this.cost += slot.cost - (ix.missing[v] as number);
    const own = slot.person * ix.days + slot.day;
    this.hours[slot.person] =
      (this.hours[slot.person] as number) +
      this.addedHours(slot.person, this.routes[own] as Route, slot.at, v, minutesAt(ix, v, slot.person));
    this.routes[own] = inserted(this.routes[own] as Route, slot.at, v);
    if (slot.helper >= 0) {
      const theirs = slot.helper * ix.days + slot.day;
      this.hours[slot.helper] =
        (this.hours[slot.helper] as number) +
        this.addedHours(slot.helper, this.routes[theirs] as Route, slot.helperAt, v, ix.helperMinutes[v] as number);
      this.routes[theirs] = inserted(this.routes[theirs] as Route, slot.helperAt, ~v);
      this.joint[slot.day] = (this.joint[slot.day] as number) + 1;
    }
    this.dayOf[v] = slot.day;
    this.personOf[v] = slot.person;
    this.helperOf[v] = slot.helper;
  }

  /** Takes a visit off, and all that follow it. Answers with what was taken off. */
  take(v: number): readonly number[] {
    if (!this.isPlaced(v)) return [];
    const gone = (this.ix.behind[v] ?? []).flatMap((b) => this.take(b.of));
    const { ix } = this;
    const [day, p, h] = [this.dayOf[v] as number, this.personOf[v] as number, this.helperOf[v] as number];
    this.cost += (ix.missing[v] as number) - (ix.dayCost[v * ix.days + day] as number);
    this.drop(p, day, v, minutesAt(ix, v, p));
    if (h >= 0) {
      this.drop(h, day, ~v, ix.helperMinutes[v] as number);
      this.joint[day] = (this.joint[day] as number) - 1;
    }
    this.dayOf[v] = -1;
    this.personOf[v] = -1;
    this.helperOf[v] = -1;
    return [v, ...gone];
  }

  private drop(p: number, day: number, code: number, minutes: number): void {
    const key = p * this.ix.days + day;
    const route = this.routes[key] as Route;
    const at = route.indexOf(code);
    const without = route.filter((_, i) => i !== at);
    const v = ownVisit(code);
    this.routes[key] = without;
    this.hours[p] = (this.hours[p] as number) - this.addedHours(p, without, at, v, minutes);
    this.cost -= this.added(p, without, at, v, minutes);
  }

  /** The same week with one visit left out, though that visit or the people may be others. */
  like(other: WeekRoutes, without: number): void {
    const { ix } = this;
    for (let p = 0; p < other.ix.people; p++)
      for (let d = 0; d < ix.days; d++)
        this.routes[p * ix.days + d] = other.route(p, d).filter((code) => ownVisit(code) !== without);
    for (let v = 0; v < ix.n; v++) {
      if (v === without) continue;
      const at = other.placeOf(v);
      this.dayOf[v] = at.day;
      this.personOf[v] = at.person;
      this.helperOf[v] = at.helper;
      if (at.helper >= 0) this.joint[at.day] = (this.joint[at.day] as number) + 1;
    }
  }

  keep() {
    return {
      routes: [...this.routes],
      dayOf: this.dayOf.slice(),
      personOf: this.personOf.slice(),
      helperOf: this.helperOf.slice(),
      joint: this.joint.slice(),
      hours: this.hours.slice(),
      cost: this.cost,
    };
  }

  back(kept: ReturnType<WeekRoutes["keep"]>): void {
    this.routes = [...kept.routes];
    this.dayOf.set(kept.dayOf);
    this.personOf.set(kept.personOf);
    this.helperOf.set(kept.helperOf);
    this.joint.set(kept.joint);
    this.hours.set(kept.hours);
    this.cost = kept.cost;
  }

  /** Minutes at which each visit of a day begins. */
  times(day: number): Float64Array {
    this.fitsDay(day, -1, null, -1, null);
    return this.holds.began;
  }

  /** Whether a day holds with two routes in place of those kept. */
  private fitsDay(day: number, p: number, route: Route | null, h: number, theirs: Route | null): boolean {
    return this.holds.fitsDay(day, (i) => (i === p && route ? route : i === h && theirs ? theirs : this.route(i, day)));
  }

  private roadTo(p: number, route: Route, at: number): number {
    return at < 0 || at >= route.length
      ? (this.ix.start[p] as number)
      : (this.ix.place[ownVisit(route[at] as number)] as number);
  }

  private addedRoad(p: number, route: Route, at: number, v: number): number {
    const { road, places, place } = this.ix;
    const from = this.roadTo(p, route, at - 1);
    const to = this.roadTo(p, route, at);
    const here = place[v] as number;
    const was = route.length === 0 ? 0 : (road[from * places + to] as number);
    return (road[from * places + here] as number) + (road[here * places + to] as number) - was;
  }

  private addedHours = (p: number, route: Route, at: number, v: number, minutes: number): number =>
    (this.addedRoad(p, route, at, v) + minutes) / 60;

  /** What one more visit costs on this route: road, evenness, and a stop where nobody calls at its place yet. */
  private added(p: number, route: Route, at: number, v: number, minutes: number): number {
    const { week, place } = this.ix;
    const w = week.weights;
    const road = this.addedRoad(p, route, at, v);
    const more = (road + minutes) / 60;
    const hours = this.hours[p] as number;
    const here = place[v] as number;
    let called = false;
    for (const code of route) if (place[ownVisit(code)] === here) called = true;
    return w.travel * road + w.uneven * ((hours + more) * (hours + more) - hours * hours) + (called ? 0 : w.stop);
  }
}

const inserted = (route: Route, at: number, code: number): Route => [...route.slice(0, at), code, ...route.slice(at)];
