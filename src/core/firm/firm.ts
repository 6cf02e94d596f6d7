import type { Compound } from "../bed/compound.ts";
import type { System } from "../frame/systems.ts";
import type { HouseRules } from "../house/rules.ts";
import type { StockInsert, StockPane } from "../house/stock.ts";
import type { OwnFrom } from "../learn/own-from.ts";
import type { OfPeople } from "../learn/person-rule.ts";
import type { OfSuppliers } from "../learn/supplier-rule.ts";
import type { Customer, FirmDetails } from "../log/kinds/firm.ts";
import type { Payloads } from "../log/kinds.ts";
import type { ReckonWith } from "../pane/reckoning.ts";
import type { Explains } from "../people/explains.ts";
import type { WorkCalendar } from "../plan/calendar.ts";
import type { FindBest } from "../size/best.ts";
import { NO_PAST, type Past } from "../steps/past.ts";
import type { Profile } from "../takeout/profile.ts";
import type { Day } from "../units/day.ts";
import type { CutTally } from "./cut-record.ts";
import type { PlanBook } from "./plan-book.ts";
import type { TakenTwice } from "./taken-twice.ts";

export type Supplier = Payloads["supplier.added"] & { readonly entry: string };

/** The firm's side of the log: its rules, suppliers, and what is known of the days. */
export type Firm = {
  readonly house: HouseRules;
  /** The rules that somebody decided; the rest are defaults that nobody chose. */
  readonly decided: ReadonlySet<string>;
  /** Of those, the ones that are the firm's own figures, and what each was learned from. */
  readonly own: ReadonlyMap<string, OwnFrom>;
  /** What is another for one person: their own tape's figures, and how much they are told. */
  readonly ofPeople: OfPeople;
  /** And for one supplier: how much larger what they send comes, and how it scatters. */
  readonly ofSuppliers: OfSuppliers;
  readonly explains: ReadonlyMap<string, Explains>;
  /** Who wants to be shown which frame, and by whom. */
  readonly asked: readonly Payloads["person.asked"][];
  readonly suppliers: readonly Supplier[];
  readonly calendar: WorkCalendar;
  /** Days whose weather somebody entered; and those whose weather is as it was told, for nobody did. */
  readonly weatherEntered: ReadonlySet<Day>;
  readonly weatherTold: ReadonlySet<Day>;
  /** The day on which the weather was told last. */
  readonly weatherToldOn: Day | null;
  readonly stock: readonly StockPane[];
  /** When each piece of it was last counted, and by whom. */
  readonly counted: ReadonlyMap<string, { readonly day: string; readonly who: string }>;
  /** Panes that came off the firm's own bench, and pieces that broke the wrong way. */
  readonly cutting: readonly CutTally[];
  /** Sheets that two people took, each not knowing of the other. */
  readonly takenTwice: readonly TakenTwice[];
  /** Its glass cutters, and what each runs off the straightedge. */
  readonly cutters: readonly Payloads["bench.cutter"][];
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

/** The minutes that steps are reckoned by: the firm's own past, where the house goes by it. */
export const pastInUse = ({ house, past }: Pick<Firm, "house" | "past">): Past =>
  house.ownMinutes === "yes" ? past : NO_PAST;

/** What reckoning a pane takes from the firm. */
export const withFirm = (firm: Firm, findBest?: FindBest): ReckonWith => ({
  house: firm.house,
  calendar: firm.calendar,
  stock: firm.stock,
  inserts: firm.inserts,
  leadTests: firm.leadTests,
  profiles: firm.profiles,
  past: pastInUse(firm),
  compounds: firm.compounds,
  usualBeds: firm.usualBeds,
  own: firm.own,
  ofPeople: firm.ofPeople,
  findBest,
});
