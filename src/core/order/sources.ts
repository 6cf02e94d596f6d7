import type { Pence } from "../money/pence.ts";
import type { WorkCalendar } from "../plan/calendar.ts";
import type { GlassKind } from "../specify/glass.ts";
import type { Whole } from "../specify/whole.ts";
import { counted, plural } from "../text/counted.ts";
import type { Template } from "../text/template.ts";
import type { Day } from "../units/day.ts";
import type { LengthUnit } from "../units/length.ts";
import type { CutCost } from "./cut-cost.ts";
import { afterWorkingDays, chanceWithin, type Lead, workingDaysBetween } from "./lead.ts";

/** Where glass can come from. */
export const SOURCE_KINDS = ["rack", "stock", "counter", "toughener", "unit-maker", "frame-maker", "insert"] as const;
export type SourceKind = (typeof SOURCE_KINDS)[number];
export const SOURCE_NAMES: Readonly<Record<SourceKind, Template>> = {
  rack: "cut down from the rack",
  stock: "from the rack, as it is",
  counter: "cut at the shop",
  toughener: "{toughened} to order",
  "unit-maker": "unit maker",
  "frame-maker": "the frame's own maker",
  insert: "complete insert",
};

/** What a supplier makes. */
export const MAKES_OF = ["single", "toughened", "laminated", "units", "inserts", "sashes"] as const;
export type MakesOf = (typeof MAKES_OF)[number];
/** What a line of an order needs of whoever makes it. @example a unit of two sheets // "units" */
export const makesOfLine = (line: {
  readonly glass: GlassKind;
  readonly makeup?: object | undefined;
  readonly whole?: { readonly what: Whole } | undefined;
}): MakesOf =>
  line.whole
    ? line.whole.what === "insert"
      ? "inserts"
      : "sashes"
    : line.makeup
      ? "units"
      : line.glass === "toughened" || line.glass === "laminated"
        ? line.glass
        : "single";

export const MAKES_NAMES: Readonly<Record<MakesOf, Template>> = {
  single: "single glass, cut",
  toughened: "{toughened}",
  laminated: "laminated",
  units: "{units}",
  inserts: "door inserts",
  sashes: "sashes and whole frames",
};

/** What a maker of each is to whoever buys there. */
const KIND_OF: Readonly<Record<MakesOf, SourceKind>> = {
  single: "counter",
  laminated: "counter",
  toughened: "toughener",
  units: "unit-maker",
  inserts: "insert",
  sashes: "frame-maker",
};

/** One supplier as far as a source needs to know it. */
export type SourceSupplier = {
  readonly name: string;
  readonly makes: readonly MakesOf[];
  /** Nobody said what they make. */
  readonly unsaid?: boolean | undefined;
  /** In which sizes they make units, where it is not both. */
  readonly unitsIn?: LengthUnit | undefined;
  readonly lead: Lead;
  /** What this pane costs there before tax, delivery left out; null where something of it is not on their list. */
  readonly pence: Pence | null;
  /** What of it their list has no price for, as it is said. */
  readonly missing?: readonly string[] | undefined;
  /** Panes checked in from them, and how many went back. */
  readonly panes: number;
  readonly sentBack: number;
};

export type SourceFacts = {
  readonly needs: MakesOf;
  /** The makes that the unit chosen is of; null where none is, or no unit is needed. */
  readonly unitsIn: LengthUnit | null;
  /** A pane of the firm's stock that would do, cut or as it is. */
  readonly fromStock: {
    readonly name: string;
    readonly cuts: number;
    readonly cost: CutCost | null;
    /** It is not here: whoever sells glass has it. */
    readonly bought?: boolean | undefined;
  } | null;
  /** Toughened is never cut, whoever holds it. */
  readonly mayCut: boolean;
  readonly isDoorInsert: boolean;
  /** What a complete insert mostly costs, before tax, where a bare unit is what is needed. */
  readonly insertPence: Pence | null;
  readonly today: Day;
  readonly needed: Day | null;
  readonly calendar: WorkCalendar;
  readonly suppliers: readonly SourceSupplier[];
};

export type Source = {
  readonly kind: SourceKind;
  readonly supplier: string | null;
  readonly day: Day;
  /** Working days until it is here. */
  readonly leadDays: number;
  readonly late: boolean;
  /** The chance that it is here on the day it is needed, by what their orders took; null where nobody can say. */
  readonly inTime: number | null;
  readonly pence: Pence | null;
  /** Panes sent back of those checked in, in words of data. */
  readonly record: { readonly panes: number; readonly sentBack: number } | null;
  readonly because: string;
  /** Cut here, where so much of this glass runs off that whoever cuts it for money comes first. */
  readonly spoilsMuch: boolean;
  /** Nobody said that they make such a thing. */
  readonly unsaid: boolean;
  /** A complete insert in a bare unit's stead: another thing, read and ordered by its own size. */
  readonly instead: boolean;
};

/**
 * Every way to come by this pane, the one that we propose first: in time before late, who is known to make it before who is
 * not, of those too late the likeliest and then the sooner, then a better record where one is clearly worse, then the lower price, then the sooner.
 * @example needed Friday; shop tomorrow at 35, unit maker in 8 days at 28 // the shop
 */
export function sourcesFor(f: SourceFacts): readonly Source[] {
  const all: Source[] = [];
  const late = (d: Day): boolean => f.needed !== null && d > f.needed;
  if (f.fromStock && (f.mayCut || f.fromStock.cuts === 0) && f.needs !== "units")
    all.push({
      kind: f.fromStock.cuts === 0 ? "stock" : "rack",
      supplier: null,
      day: f.today,
      leadDays: 0,
      late: late(f.today),
      inTime: f.needed === null ? null : Number(!late(f.today)),
      pence: f.fromStock.cost?.pence ?? null,
      record: null,
      unsaid: false,
      instead: false,
      spoilsMuch: spoilsMuch(f.fromStock.cost),
      because:
        f.fromStock.cuts === 0
          ? `${f.fromStock.name} fits as it is: ${f.fromStock.bought ? "it is sold so" : "nothing to wait for"}, every edge from the works.`
          : `${f.fromStock.name} cut down by ${counted(f.fromStock.cuts, "edge")}: ${f.fromStock.bought ? "it is sold so, and fetched today" : "it is here today"}.${f.fromStock.cost ? ` ${costWords(f.fromStock.cost)}` : ""}${spoilsMuch(f.fromStock.cost) ? " Too many of it run off here: let a shop's machine cut it." : ""}`,
    });
  for (const s of f.suppliers) {
    const offers: readonly MakesOf[] = f.isDoorInsert ? [f.needs, "inserts"] : [f.needs];
    for (const make of new Set(offers)) {
      if (!s.makes.includes(make)) continue;
      // Sheets and spacers of metric makes and of inch makes are not the same sizes.
      if (make === "units" && f.unitsIn !== null && s.unitsIn !== undefined && s.unitsIn !== f.unitsIn) continue;
      const day = afterWorkingDays(f.today, s.lead.days, f.calendar);
      const instead = make === "inserts" && f.needs !== "inserts";
      all.push({
        kind: KIND_OF[make],
        supplier: s.name,
        day,
        leadDays: s.lead.days,
        late: late(day),
        inTime: f.needed === null ? null : chanceWithin(s.lead, workingDaysBetween(f.today, f.needed, f.calendar)),
        // No list of glass has the price of an insert: the house's own figure for one is what the quote has too.
        pence: instead ? f.insertPence : (s.pence ?? (make === "inserts" ? f.insertPence : null)),
        record: { panes: s.panes, sentBack: s.sentBack },
        because: becauseOf(s, late(day), instead ? [] : (s.missing ?? [])),
        unsaid: s.unsaid === true,
        instead,
        spoilsMuch: false,
      });
    }
  }
  // Nobody can say that another thing is cheaper than what has no price yet.
  const unpriced = all.some((s) => !s.instead && s.pence === null);
  const behind = (s: Source): number => Number(s.instead && unpriced);
  return all.sort(
    (a, b) =>
      behind(a) - behind(b) ||
      Number(a.late) - Number(b.late) ||
      Number(a.unsaid) - Number(b.unsaid) ||
      (a.late ? (b.inTime ?? 0) - (a.inTime ?? 0) || a.day - b.day : 0) ||
      badness(a) - badness(b) ||
      (a.pence ?? UNPRICED) - (b.pence ?? UNPRICED) ||
      a.day - b.day ||
      (a.supplier ?? "").localeCompare(b.supplier ?? ""),
  );
}

/**
 * Of its sources the one that we propose for this pane itself: an insert in a unit's stead is another thing, at another price.
 * @example a misted cassette, inserts in 3 days, units in 8 // the unit maker
 */
export const proposedSource = (f: SourceFacts): Source | undefined => sourcesFor(f).find((s) => !s.instead);

/** What its price is made of. @example costWords(…) // "Its share of the sheet and 10 min, 5% spoilt (as a rule)." */
const costWords = ({ minutes, spoiltShare, own }: CutCost): string =>
  `Its share of the sheet and ${minutes} min, ${Math.round(100 * spoiltShare)}% spoilt (${own === 0 ? "as a rule" : `as a rule and your own ${own} cuts`}).`;

/** Unpriced stands behind priced, but what the firm has already costs least of all. */
const UNPRICED = Number.MAX_SAFE_INTEGER;
const CLEARLY = 5;
const BAD_SHARE = 0.15;

/** One in seven of five or more that were cut here. */
const spoilsMuch = (cost: CutCost | null): boolean =>
  cost !== null && cost.minutes > 0 && cost.own >= CLEARLY && cost.spoiltShare > BAD_SHARE;

/** 0 for what is in the firm's own hands, 1 as a rule, 2 for who sends wrong panes, or spoils them: one in seven of five or more. */
function badness(s: Source): number {
  if (s.supplier === null) return s.spoilsMuch ? 2 : 0;
  const r = s.record;
  return r && r.panes >= CLEARLY && r.sentBack / r.panes > BAD_SHARE ? 2 : 1;
}

function becauseOf(s: SourceSupplier, late: boolean, missing: readonly string[]): string {
  const lead =
    s.lead.usual === null
      ? `says ${s.lead.days} working ${plural(s.lead.days, "day")}`
      : `took ${s.lead.usual} working ${plural(s.lead.usual, "day")} as a rule, nine in ten within ${s.lead.slow} (your own, from ${s.lead.orders} such orders)`;
  const record = s.panes > 0 ? `, ${s.sentBack} of ${s.panes} panes sent back` : "";
  const price = missing.length > 0 ? ` No price: their list has none for ${missing.join(", ")}.` : "";
  const unsaid = s.unsaid ? " What they make nobody said: ask first." : "";
  return `${s.name} ${lead}${record}${late ? ": too late for the day it is needed" : ""}.${unsaid}${price}`;
}
