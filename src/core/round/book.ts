import type { Compound } from "../bed/compound.ts";
import { withOwn } from "../bed/compounds.ts";
import type { System } from "../frame/systems.ts";
import { HOUSE_DEFAULTS, type HouseRules, houseValueFits, isHouseRule } from "../house/rules.ts";
import { insertKey, type StockInsert, type StockPane } from "../house/stock.ts";
import type { OwnFrom } from "../learn/own-from.ts";
import { type Customer, type FirmDetails, NO_DETAILS } from "../log/kinds/firm.ts";
import type { Entry, Payloads } from "../log/kinds.ts";
import { readLog } from "../log/standing-entries.ts";
import type { ReckonWith } from "../pane/reckoning.ts";
import { MONDAY_TO_FRIDAY, type WorkCalendar } from "../plan/calendar.ts";
import type { FindBest } from "../size/best.ts";
import { type Past, pastOf, type Took } from "../steps/past.ts";
import type { Profile } from "../takeout/profile.ts";
import { type Day, dayOf } from "../units/day.ts";
import { type PlanBook, planBook } from "./plan-book.ts";

export type Supplier = Payloads["supplier.added"] & { readonly entry: string };

/** The firm's side of the log: its rules, suppliers, and what is known of the days. */
export type Firm = {
  readonly house: HouseRules;
  /** The rules that somebody decided; the rest are defaults that nobody chose. */
  readonly decided: ReadonlySet<string>;
  /** Of those, the ones that are the firm's own figures, and what each was learned from. */
  readonly own: ReadonlyMap<string, OwnFrom>;
  readonly suppliers: readonly Supplier[];
  readonly calendar: WorkCalendar;
  readonly stock: readonly StockPane[];
  readonly inserts: readonly StockInsert[];
  /** The firm as it stands on its papers. */
  readonly details: FirmDetails;
  /** Whose windows they are, by address. */
  readonly customers: ReadonlyMap<string, Customer>;
  /** Paint tested for lead, by address. */
  readonly leadTests: ReadonlyMap<string, "none" | "found">;
  /** What each supplier makes and asks. */
  readonly terms: ReadonlyMap<string, Payloads["supplier.terms"]>;
  /** How the beads of each frame profile let go. */
  readonly profiles: ReadonlyMap<string, Profile>;
  /** How long the firm's own people took. */
  readonly past: Past;
  /** Setting materials: the firm's own first, then the usual ones. */
  readonly compounds: readonly Compound[];
  /** What the firm sets glass in, by the kind of frame. */
  readonly usualBeds: ReadonlyMap<System, string>;
  readonly ownCompounds: readonly Payloads["compound.kept"][];
  readonly lessons: readonly Payloads["lesson.kept"][];
  /** What lies on the shelf, by name. */
  readonly shelf: ReadonlyMap<string, Payloads["shelf.kept"]>;
  /** Who works when, how far it is, and what a week is weighed by. */
  readonly plan: PlanBook;
  /** How often each thing was left behind. */
  readonly forgotten: ReadonlyMap<string, number>;
};

/** Folds the entries that are about no pane: house rules, suppliers, weather and days off. */
export function foldFirm(entries: readonly Entry[]): Firm {
  let house: HouseRules = HOUSE_DEFAULTS;
  const decided = new Set<string>();
  const own = new Map<string, OwnFrom>();
  const suppliers = new Map<string, Supplier>();
  const stock = new Map<string, Payloads["stock.pane"]>();
  let details = NO_DETAILS;
  const customers = new Map<string, Customer>();
  const leadTests = new Map<string, "none" | "found">();
  const inserts = new Map<string, Payloads["stock.insert"]>();
  const terms = new Map<string, Payloads["supplier.terms"]>();
  const profiles = new Map<string, Profile>();
  const took: Took[] = [];
  const compounds = new Map<string, Payloads["compound.kept"]>();
  const usualBeds = new Map<System, string>();
  const lessons = new Map<string, Payloads["lesson.kept"]>();
  const shelf = new Map<string, Payloads["shelf.kept"]>();
  const forgotten = new Map<string, number>();
  const plan = planBook();
  const daysOff = new Set<Day>();
  const wet = new Set<Day>();
  const lowC = new Map<Day, number>();
  for (const e of readLog(entries).standing) {
    plan.hear(e);
    switch (e.kind) {
      case "house.rule":
        if (isHouseRule(e.payload.rule) && houseValueFits(e.payload.rule, e.payload.value)) {
          house = { ...house, [e.payload.rule]: e.payload.value };
          decided.add(e.payload.rule);
          if (e.payload.own) own.set(e.payload.rule, e.payload.own);
          else own.delete(e.payload.rule);
        }
        break;
      case "supplier.added":
        suppliers.set(e.payload.name, { ...e.payload, entry: e.id });
        break;
      case "firm.details":
        details = e.payload;
        break;
      case "customer.kept":
        customers.set(e.payload.address, e.payload);
        break;
      case "building.lead":
        leadTests.set(e.payload.address, e.payload.result);
        break;
      case "supplier.terms":
        terms.set(e.payload.name, e.payload);
        break;
      case "profile.known":
        profiles.set(e.payload.profile, e.payload);
        break;
      case "work.took":
        took.push(e.payload);
        break;
      case "compound.kept":
        keep(compounds, e.payload.name, e.payload);
        break;
      case "bed.usual":
        usualBeds.set(e.payload.system, e.payload.compound);
        break;
      case "lesson.kept":
        keep(lessons, e.payload.lesson, e.payload);
        break;
      case "shelf.kept":
        shelf.set(e.payload.what, e.payload);
        break;
      case "kit.forgot":
        forgotten.set(e.payload.what, (forgotten.get(e.payload.what) ?? 0) + 1);
        break;
      case "stock.pane":
        keep(stock, e.payload.name, e.payload);
        break;
      case "stock.cut":
        cutUp(stock, e.payload);
        break;
      case "stock.insert":
        keep(inserts, insertKey(e.payload), e.payload);
        break;
      case "round.weather": {
        const d = dayOf(e.payload.day);
        if (e.payload.wet) wet.add(d);
        else wet.delete(d);
        if (e.payload.lowC === null) lowC.delete(d);
        else lowC.set(d, e.payload.lowC);
        break;
      }
      case "round.day-off":
        if (e.payload.off) daysOff.add(dayOf(e.payload.day));
        else daysOff.delete(dayOf(e.payload.day));
        break;
    }
  }
  return {
    plan: plan.book(),
    house,
    decided,
    own,
    suppliers: [...suppliers.values()],
    stock: [...stock.values()],
    inserts: [...inserts.values()],
    details,
    customers,
    leadTests,
    terms,
    profiles,
    past: pastOf(took),
    compounds: withOwn([...compounds.values()]),
    usualBeds,
    ownCompounds: [...compounds.values()],
    lessons: [...lessons.values()],
    shelf,
    forgotten,
    calendar: { workingWeekdays: MONDAY_TO_FRIDAY, daysOff, wet, lowC },
  };
}

/** Keeps one of a name, or takes it off. */
function keep<T extends { readonly gone?: boolean | undefined }>(all: Map<string, T>, name: string, one: T): void {
  if (one.gone) all.delete(name);
  else all.set(name, one);
}

/** A sheet fewer, where there was one; what is left over lies there under its own name. */
function cutUp(stock: Map<string, Payloads["stock.pane"]>, cut: Payloads["stock.cut"]): void {
  const sheet = stock.get(cut.sheet);
  if (!sheet) return;
  const count = (sheet.count ?? 1) - 1;
  if (!sheet.bought && count <= 0) stock.delete(cut.sheet);
  else if (!sheet.bought) stock.set(cut.sheet, { ...sheet, count });
  for (const { name, widthNm, heightNm } of cut.left)
    stock.set(name, { name, widthNm, heightNm, thicknessNm: sheet.thicknessNm, glass: sheet.glass, count: 1 });
}

/** What reckoning a pane takes from the firm. */
export const withFirm = (firm: Firm, findBest?: FindBest): ReckonWith => ({
  house: firm.house,
  calendar: firm.calendar,
  stock: firm.stock,
  inserts: firm.inserts,
  leadTests: firm.leadTests,
  profiles: firm.profiles,
  past: firm.past,
  compounds: firm.compounds,
  usualBeds: firm.usualBeds,
  own: firm.own,
  findBest,
});
