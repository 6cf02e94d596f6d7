import { withOwn } from "../bed/compounds.ts";
import type { System } from "../frame/systems.ts";
import { HOUSE_DEFAULTS, type HouseRule, type HouseRules, houseValueFits, isHouseRule } from "../house/rules.ts";
import { insertKey } from "../house/stock.ts";
import type { OwnFrom } from "../learn/own-from.ts";
import type { PersonFigure, PersonRule } from "../learn/person-rule.ts";
import type { SupplierFigure, SupplierRule } from "../learn/supplier-rule.ts";
import { type Customer, type FirmDetails, type FirmPayloads, NO_DETAILS, type ToldWeather } from "../log/kinds/firm.ts";
import type { PlanPayloads } from "../log/kinds/plan.ts";
import type { EntryOf, Kind, Payloads } from "../log/kinds.ts";
import type { Explains } from "../people/explains.ts";
import { sameAddress } from "../people/forget.ts";
import { MONDAY_TO_FRIDAY } from "../plan/calendar.ts";
import { roadKey } from "../plan/road-key.ts";
import { WEIGHTS, type WeekWeights } from "../plan/week.ts";
import { pastOf, type Timed } from "../steps/past.ts";
import type { Profile } from "../takeout/profile.ts";
import { addDays, type Day, dayOf } from "../units/day.ts";
import { tallied } from "./cut-record.ts";
import type { Firm, Supplier } from "./firm.ts";
import { lateKey, type PlanPerson } from "./plan-book.ts";
import { type Taken, takenBy } from "./taken-twice.ts";

/** Kinds of entry that say something of the firm itself, about no round and no pane. */
export type FirmKind =
  | Exclude<keyof FirmPayloads, "round.opened">
  | Exclude<keyof PlanPayloads, "plan.visit" | "plan.told">;

/** What has been heard of a firm so far. */
export type Told = {
  house: HouseRules;
  readonly decided: Set<string>;
  readonly own: Map<string, OwnFrom>;
  readonly ofPeople: Map<string, ReadonlyMap<PersonRule, PersonFigure>>;
  readonly explains: Map<string, Explains>;
  readonly asked: Map<string, Payloads["person.asked"]>;
  readonly suppliers: Map<string, Supplier>;
  readonly ofSuppliers: Map<string, ReadonlyMap<SupplierRule, SupplierFigure>>;
  readonly terms: Map<string, Payloads["supplier.terms"]>;
  readonly stock: Map<string, Payloads["stock.pane"]>;
  /** When what lies in the rack was last counted, and by whom. */
  readonly counted: Map<string, { readonly day: string; readonly who: string }>;
  /** Panes that came off the bench, and pieces that broke the wrong way. */
  cutting: Firm["cutting"];
  /** Who took the last of each sheet, and what was taken once more when none was left. */
  readonly taken: Map<string, Taken>;
  takenTwice: Firm["takenTwice"];
  readonly cutters: Map<string, Payloads["bench.cutter"]>;
  readonly inserts: Map<string, Payloads["stock.insert"]>;
  details: FirmDetails;
  readonly customers: Map<string, Customer>;
  readonly leadTests: Map<string, "none" | "found">;
  readonly profiles: Map<string, Profile>;
  readonly took: Timed[];
  readonly compounds: Map<string, Payloads["compound.kept"]>;
  readonly usualBeds: Map<System, string>;
  readonly lessons: Map<string, Payloads["lesson.kept"]>;
  readonly shelf: Map<string, Payloads["shelf.kept"]>;
  readonly forgotten: Map<string, number>;
  readonly daysOff: Set<Day>;
  readonly wet: Set<Day>;
  readonly lowC: Map<Day, number>;
  /** Days whose weather somebody entered; and all days' as it was told last. */
  readonly entered: Set<Day>;
  readonly told: Map<Day, ToldWeather>;
  toldOn: Day | null;
  readonly people: Map<string, PlanPerson>;
  readonly away: Map<string, Map<Day, Payloads["plan.away"]>>;
  readonly roads: Map<string, number>;
  readonly where: Map<string, { readonly latitude: number; readonly longitude: number }>;
  weights: WeekWeights;
  readonly late: Map<string, number>;
};

/** A firm of which nothing has been said. */
export const nothingTold = (): Told => ({
  house: HOUSE_DEFAULTS,
  decided: new Set(),
  own: new Map(),
  ofPeople: new Map(),
  ofSuppliers: new Map(),
  explains: new Map(),
  asked: new Map(),
  suppliers: new Map(),
  terms: new Map(),
  stock: new Map(),
  counted: new Map(),
  cutting: [],
  taken: new Map(),
  takenTwice: [],
  cutters: new Map(),
  inserts: new Map(),
  details: NO_DETAILS,
  customers: new Map(),
  leadTests: new Map(),
  profiles: new Map(),
  took: [],
  compounds: new Map(),
  usualBeds: new Map(),
  lessons: new Map(),
  shelf: new Map(),
  forgotten: new Map(),
  daysOff: new Set(),
  wet: new Set(),
  lowC: new Map(),
  entered: new Set(),
  told: new Map(),
  toldOn: null,
  people: new Map(),
  away: new Map(),
  roads: new Map(),
  where: new Map(),
  weights: WEIGHTS,
  late: new Map(),
});

type Fold<K extends Kind> = (told: Told, payload: Payloads[K], entry: EntryOf<K>) => void;

/** What each kind of the firm's entries changes. One that is missing does not compile. */
export const FIRM_FOLDS: { readonly [K in FirmKind]: Fold<K> } = {
  "house.rule": (t, p) => {
    if (!isHouseRule(p.rule) || !houseValueFits(p.rule, p.value)) return;
    t.house = { ...t.house, [p.rule]: p.value };
    t.decided.add(p.rule);
    if (p.own) t.own.set(p.rule, p.own);
    else t.own.delete(p.rule);
  },
  "person.figure": (t, p) => t.ofPeople.set(p.person, withFigure(t.ofPeople.get(p.person), p)),
  "supplier.figure": (t, p) => t.ofSuppliers.set(p.supplier, withFigure(t.ofSuppliers.get(p.supplier), p)),
  "person.explains": (t, p) => t.explains.set(p.person, p.how),
  "person.asked": (t, p) => keep(t.asked, `${p.person}/${p.system}`, p),
  "supplier.added": (t, p, e) => t.suppliers.set(p.name, { ...p, entry: e.id }),
  "supplier.terms": (t, p) => t.terms.set(p.name, p),
  "firm.details": (t, p) => {
    t.details = p;
  },
  "customer.kept": (t, p) => t.customers.set(p.address, p),
  "customer.forgotten": (t, p) => {
    for (const address of [...t.customers.keys()]) if (sameAddress(address, p.address)) t.customers.delete(address);
  },
  "building.lead": (t, p) => t.leadTests.set(p.address, p.result),
  "profile.known": (t, p) => t.profiles.set(p.profile, p),
  "work.took": (t, took, e) => t.took.push({ ...took, who: e.who, day: e.at.slice(0, 10) }),
  "compound.kept": (t, p) => keep(t.compounds, p.name, p),
  "bed.usual": (t, p) => t.usualBeds.set(p.system, p.compound),
  "lesson.kept": (t, p) => keep(t.lessons, p.lesson, p),
  "shelf.kept": (t, p) => t.shelf.set(p.what, p),
  "kit.forgot": (t, p) => t.forgotten.set(p.what, (t.forgotten.get(p.what) ?? 0) + 1),
  "stock.pane": (t, p) => {
    looked(t, p.name);
    keep(t.stock, p.name, p);
  },
  "stock.cut": (t, p, e) => {
    if (cutUp(t.stock, p)) t.taken.set(p.sheet, takenBy(e));
    else {
      // Somebody who had not seen that it was gone took it too; of what never lay there nobody knows.
      const first = t.taken.get(p.sheet);
      if (first) t.takenTwice = [...t.takenTwice, { sheet: p.sheet, first, again: takenBy(e) }];
    }
    t.cutting = tallied(t.cutting, {
      glass: p.glass ?? null,
      thicknessNm: p.thicknessNm ?? null,
      who: e.who,
      cutWell: p.panes.length,
      spoilt: p.spoilt,
    });
  },
  "bench.cutter": (t, p) => keep(t.cutters, p.name, p),
  "stock.counted": (t, p, e) => {
    looked(t, p.name);
    const lies = t.stock.get(p.name);
    if (!lies || lies.bought) return;
    if (p.count === 0 && !lies.least) t.stock.delete(p.name);
    else t.stock.set(p.name, { ...lies, count: p.count });
    t.counted.set(p.name, { day: e.at.slice(0, 10), who: e.who });
  },
  "stock.insert": (t, p) => keep(t.inserts, insertKey(p), p),
  "weather.told": (t, p) => {
    const on = dayOf(p.day);
    for (const [n, told] of p.days.entries()) t.told.set(addDays(on, n), told);
    t.toldOn = on;
  },
  "round.weather": (t, p) => {
    const day = dayOf(p.day);
    t.entered.add(day);
    put(t.wet, day, p.wet);
    if (p.lowC === null) t.lowC.delete(day);
    else t.lowC.set(day, p.lowC);
  },
  "round.day-off": (t, p) => put(t.daysOff, dayOf(p.day), p.off),
  "plan.person": (t, { gone, ...person }) => {
    if (gone) t.people.delete(person.name);
    else t.people.set(person.name, person);
  },
  "plan.away": (t, p) => {
    const days = t.away.get(p.name) ?? new Map<Day, Payloads["plan.away"]>();
    t.away.set(p.name, days.set(dayOf(p.day), p));
  },
  "plan.road": (t, p) => t.roads.set(roadKey(p.from, p.to), p.minutes),
  "plan.where": (t, p) => t.where.set(p.place, p),
  "plan.weight": (t, p) => {
    t.weights = { ...t.weights, [p.what]: p.value };
  },
  "plan.late": (t, p) => t.late.set(lateKey(p.name, p.day), p.minutes),
};

export const isFirmKind = (kind: Kind): kind is FirmKind => kind in FIRM_FOLDS;

/** The firm, of all that was told of it. */
export const firmOf = (t: Told): Firm => ({
  house: t.house,
  decided: t.decided,
  own: t.own,
  ofPeople: t.ofPeople,
  ofSuppliers: t.ofSuppliers,
  explains: t.explains,
  asked: [...t.asked.values()],
  suppliers: [...t.suppliers.values()],
  terms: t.terms,
  stock: [...t.stock.values()],
  counted: t.counted,
  cutting: t.cutting,
  takenTwice: t.takenTwice,
  cutters: [...t.cutters.values()],
  inserts: [...t.inserts.values()],
  details: t.details,
  customers: t.customers,
  leadTests: t.leadTests,
  profiles: t.profiles,
  past: pastOf(t.took),
  compounds: withOwn([...t.compounds.values()]),
  ownCompounds: [...t.compounds.values()],
  usualBeds: t.usualBeds,
  lessons: [...t.lessons.values()],
  shelf: t.shelf,
  forgotten: t.forgotten,
  ...calendarOf(t),
  plan: {
    people: [...t.people.values()],
    away: t.away,
    roads: t.roads,
    where: t.where,
    weights: t.weights,
    late: t.late,
  },
});

/** One more figure of somebody's own, or one fewer; one that no rule allows changes nothing. */
function withFigure<R extends HouseRule>(
  before: ReadonlyMap<R, { readonly value: number; readonly own: OwnFrom }> | undefined,
  p: { readonly rule: R; readonly value: number; readonly own: OwnFrom; readonly gone?: boolean | undefined },
): ReadonlyMap<R, { readonly value: number; readonly own: OwnFrom }> {
  const theirs = new Map(before);
  if (p.gone) theirs.delete(p.rule);
  else if (houseValueFits(p.rule, p.value)) theirs.set(p.rule, { value: p.value, own: p.own });
  return theirs;
}

/** Keeps one of a name, or takes it off. */
function keep<T extends { readonly gone?: boolean | undefined }>(all: Map<string, T>, name: string, one: T): void {
  if (one.gone) all.delete(name);
  else all.set(name, one);
}

function put(days: Set<Day>, day: Day, is: boolean): void {
  if (is) days.add(day);
  else days.delete(day);
}

/** The days ahead: as somebody entered them; as they were told where nobody did, and the house goes by that. */
function calendarOf(t: Told): Pick<Firm, "calendar" | "weatherEntered" | "weatherTold" | "weatherToldOn"> {
  const told = t.house.toldWeather === "yes" ? [...t.told].filter(([day]) => !t.entered.has(day)) : [];
  return {
    calendar: {
      workingWeekdays: MONDAY_TO_FRIDAY,
      daysOff: t.daysOff,
      wet: new Set([...t.wet, ...told.flatMap(([day, w]) => (w.wet ? [day] : []))]),
      lowC: new Map([...told.flatMap(([day, w]) => (w.lowC === null ? [] : [[day, w.lowC] as const])), ...t.lowC]),
    },
    weatherEntered: t.entered,
    weatherTold: new Set(told.map(([day]) => day)),
    weatherToldOn: t.toldOn,
  };
}

/** Somebody looked what lies there: who took it before is settled. */
function looked(t: Told, sheet: string): void {
  t.taken.delete(sheet);
  t.takenTwice = t.takenTwice.filter((x) => x.sheet !== sheet);
}

/** A sheet fewer, where there was one; what is left over lies there under its own name. Whether there was one. */
function cutUp(stock: Map<string, Payloads["stock.pane"]>, cut: Payloads["stock.cut"]): boolean {
  const sheet = stock.get(cut.sheet);
  if (!sheet || (!sheet.bought && sheet.count === 0)) return false;
  const count = (sheet.count ?? 1) - 1;
  // Of what is to be bought again the name stays, though none lies there.
  if (!sheet.bought && count <= 0 && !sheet.least) stock.delete(cut.sheet);
  else if (!sheet.bought) stock.set(cut.sheet, { ...sheet, count: Math.max(0, count) });
  for (const { name: called, widthNm, heightNm } of cut.left) {
    // Two sheets cut on one day may call theirs alike: both lie there.
    let name = called;
    for (let n = 2; stock.has(name); n++) name = `${called} (${n})`;
    const { thicknessNm, glass, pattern, tint, runs } = sheet;
    stock.set(name, { name, widthNm, heightNm, thicknessNm, glass, pattern, tint, runs, count: 1 });
  }
  return true;
}
