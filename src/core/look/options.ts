import type { System } from "../frame/systems.ts";
import { frameOf } from "../frame/systems.ts";
import type { PriceRules } from "../house/price-rules.ts";
import {
  areaOfM2,
  byArea,
  byShare,
  byTime,
  greaterOf,
  type Parts,
  partsOf,
  rounded,
  sumOfParts,
  timesParts,
} from "../money/parts.ts";
import { lessOf, type Pence, penceOf } from "../money/pence.ts";
import type { Template } from "../text/template.ts";
import type { MemberState } from "./condition.ts";

/** What can be done about a pane, cheapest first as a rule. */
export const OPTION_KINDS = ["repack", "refurbish", "glass", "sash", "insert", "double", "window"] as const;
export type OptionKind = (typeof OPTION_KINDS)[number];

/** The old glass stays, or goes back once it is mended: it lies there to be measured, and nothing is ordered. */
export const goesBack = (option: OptionKind | null | undefined): boolean =>
  option === "repack" || option === "refurbish";

export const OPTION_NAMES: Readonly<Record<OptionKind, Template>> = {
  repack: "keep the glass, pack and bed it anew",
  refurbish: "open, dry and reseal the {unit}",
  glass: "new glass or {unit} alone",
  sash: "new sash",
  insert: "complete insert",
  double: "{unit} instead of single glass",
  window: "whole window",
};

/**
 * What it is called for this pane: what goes in, where somebody said what was there.
 * @example one sheet, as was said // "new glass alone"; a unit taken for granted // "new glass or {unit} alone"
 */
export const optionName = (kind: OptionKind, f: Pick<OptionFacts, "sealed" | "sealedUsual">): Template =>
  kind !== "glass" || f.sealedUsual ? OPTION_NAMES[kind] : f.sealed ? "a new {unit} alone" : "new glass alone";

export type OptionFacts = {
  readonly system: System;
  readonly opens: boolean;
  readonly sealed: boolean;
  /** Nobody saw or read whether it is a unit: it is taken as such a frame mostly holds. */
  readonly sealedUsual: boolean;
  readonly toughened: boolean;
  readonly coated: boolean | null;
  /** A sheet of it is broken, or its seal has failed, or neither. */
  readonly glass: "broken" | "seal-gone" | "sound" | "not-looked";
  /** What stands there now is clear plastic. */
  readonly acrylic: boolean;
  /** It rattles, binds, lets wind in, or its bed is dry. */
  readonly loose: boolean;
  /** Its packing alone was said to have failed. */
  readonly packingFailed: boolean;
  readonly worst: MemberState | null;
  /** What mending the members takes, where glass alone is changed: hours by hand, and days of drying. */
  readonly mending: { readonly hours: number; readonly days: number };
  /** Whether a wider rebate would leave timber enough; null until it is read. */
  readonly doubleHolds: boolean | null;
  readonly areaM2: number | null;
  /** Visits that glass alone takes: another for paint. */
  readonly paints: boolean;
  /** Another for what must dry over night before it is set. */
  readonly takesNight: boolean;
  /** Days after setting from which what it is set in may be painted; null where nothing is painted, or nothing waits for it. */
  readonly paintWaits: number | null;
  /** Working days that whoever would make it takes, by the firm's suppliers; the house's figures where nobody is known to. */
  readonly leads: Readonly<Partial<Record<OptionKind, number>>>;
  readonly heat: { readonly now: number | null; readonly same: number | null; readonly better: number };
};

export type Option = {
  readonly kind: OptionKind;
  readonly possible: boolean;
  /** Why not, or what to know. */
  readonly because: string;
  /** Tax included. */
  readonly pence: Pence;
  readonly hours: number;
  /** Working days until it is in. */
  readonly days: number;
  /** Days after that until the last visit, for paint, can be; null where no visit waits. */
  readonly paintAfter: number | null;
  readonly visits: number;
  /** Heat loss at the centre, W/m²K, before and after; null where not known. */
  readonly heat: { readonly before: number | null; readonly after: number | null };
  readonly guarantee: Template;
  readonly match: string;
};

/** Area that a price is reckoned with until the pane is sized, m². */
export const USUAL_AREA_M2 = 0.5;

/**
 * All six side by side, each possible or not with the reason, priced by the firm's own figures. Pence are rounded once,
 * after tax, half up.
 * @example glass of 0.55 m² at 55 a m², 1.5 h at 45, two visits at 40, materials 12, tax a fifth // (35 + 67.50 + 80 + 12) × 1.2 = 233.40
 */
export function optionsFor(f: OptionFacts, p: PriceRules): readonly Option[] {
  return OPTION_KINDS.map((kind) => {
    const { possible, because } = judge(kind, f);
    return { kind, possible, because, ...costOf(kind, f, p), ...promiseOf(kind, f) };
  });
}

function judge(kind: OptionKind, f: OptionFacts): { readonly possible: boolean; readonly because: string } {
  const yes = (because: string) => ({ possible: true, because });
  const no = (because: Template) => ({ possible: false, because });
  switch (kind) {
    case "repack":
      if (f.glass === "broken") return no("The glass is broken.");
      if (f.glass === "seal-gone") return no("Its seal has failed: packing does not dry it.");
      if (!f.opens) return no("The sash lets nothing out.");
      if (!f.loose) return no("Nothing of it is loose, dropped or dry.");
      return f.glass === "sound"
        ? yes("The glass is sound: this comes before anybody orders another.")
        : yes("If the glass proves sound: examine it first.");
    case "refurbish":
      if (!f.sealed)
        return no(
          f.sealedUsual
            ? "Taken as one sheet, which nobody said yet: there is nothing to dry."
            : "One sheet: there is nothing to dry.",
        );
      if (f.glass === "broken") return no("A sheet of it is broken.");
      if (f.toughened) return no("{Toughened} {panes} are not cut free by force: they burst.");
      if (f.coated === true) return no("A coated face marks when it is cleaned.");
      if (!f.opens) return no("The sash lets nothing out.");
      return f.glass === "seal-gone"
        ? yes("An afternoon and a tube or two. No gas, no guarantee, no test; it may mist again.")
        : no("Its seal has not failed.");
    case "glass":
      if (!f.opens) return no("The sash is welded or closed: nothing comes out of it.");
      if (f.worst === "not-worth") return no("The sash is not worth new glass.");
      return yes(f.worst === "mend" ? "The frame is mended first." : "The smallest repair that lasts.");
    case "sash":
      if (frameOf(f.system).ofDoor) return no("A door has no sash: see the insert.");
      return yes(
        f.opens
          ? "Where the sash is tired, or nobody can wait for drying."
          : "The only way without changing the frame.",
      );
    case "insert":
      return frameOf(f.system).ofDoor
        ? yes("Frame and glass come as one: matched and sealed.")
        : no("Only doors have inserts.");
    case "double":
      if (f.sealed)
        return no(f.sealedUsual ? "Taken as a {unit} already, which nobody said yet." : "It is a {unit} already.");
      if (frameOf(f.system).inFront || !f.opens) return no("Nothing to rout here.");
      if (f.doubleHolds === false) return no("Too little timber would stay.");
      return yes(
        !frameOf(f.system).canBeEased
          ? "Where its groove is wide enough: read it under Measure."
          : f.doubleHolds === null
            ? "If the timber allows: read the sash under Measure."
            : "The sash keeps timber enough.",
      );
    case "window":
      if (frameOf(f.system).inFront) return no("It stands in front of the window, which is another job.");
      return yes("When frame, sash and glass are all past it.");
  }
}

/** What is bedded here is painted here; a sash or window comes painted. */
const PAINTED_ON_SITE: Readonly<Record<OptionKind, boolean>> = {
  repack: true,
  refurbish: false,
  glass: true,
  sash: false,
  insert: false,
  double: true,
  window: false,
};

function costOf(kind: OptionKind, f: OptionFacts, p: PriceRules) {
  const area = areaOfM2(f.areaM2 ?? USUAL_AREA_M2);
  const each = (written: number): Parts => partsOf(penceOf(written));
  const byHouse = (perM2: number): Parts => greaterOf(each(p.leastCharge), byArea(penceOf(perM2), area));
  const glass = byHouse(f.sealed ? p.unitPerM2 : p.glassPerM2);
  const unit = byHouse(p.unitPerM2);
  const materials = each(p.materialsEach);
  const mended = f.worst === "mend" && (kind === "glass" || kind === "double");
  const mend = mended ? f.mending : { hours: 0, days: 0 };
  const parts: Readonly<
    Record<
      OptionKind,
      { readonly goods: Parts; readonly hours: number; readonly days: number; readonly visits: number }
    >
  > = {
    repack: { goods: materials, hours: p.hoursRepack, days: 1, visits: f.paints ? 2 : 1 },
    refurbish: { goods: each(p.refurbishKit), hours: p.hoursRefurbish, days: 3, visits: 2 },
    glass: {
      goods: sumOfParts([glass, materials]),
      hours: p.hoursGlass + mend.hours,
      days: (f.leads.glass ?? (f.sealed ? p.daysUnit : p.daysGlass)) + mend.days,
      visits: 1 + Number(f.paints) + Number(f.takesNight || mend.days > 0),
    },
    sash: { goods: each(p.sashEach), hours: p.hoursSash, days: f.leads.sash ?? p.daysMade, visits: 2 },
    insert: { goods: each(p.insertEach), hours: p.hoursInsert, days: f.leads.insert ?? p.daysMade, visits: 1 },
    double: {
      goods: sumOfParts([unit, materials]),
      hours: p.hoursDouble + mend.hours,
      days: (f.leads.double ?? p.daysUnit) + mend.days,
      visits: 2,
    },
    window: { goods: each(p.windowEach), hours: p.hoursWindow, days: f.leads.window ?? p.daysMade, visits: 2 },
  };
  const { goods, hours, days, visits } = parts[kind];
  const before = sumOfParts([goods, byTime(penceOf(p.hourRate), hours * 60), timesParts(each(p.callOut), visits)]);
  const paintAfter = PAINTED_ON_SITE[kind] && f.paints ? f.paintWaits : null;
  return { pence: rounded(byShare(before, 1 + p.taxShare)), hours, days, paintAfter, visits };
}

function promiseOf(kind: OptionKind, f: OptionFacts): Pick<Option, "heat" | "guarantee" | "match"> {
  const { now, same, better } = f.heat;
  const old = f.sealed && f.glass !== "sound" && f.glass !== "not-looked" ? now : same;
  // A pane in front loses nothing by itself: the two together do.
  if (frameOf(f.system).inFront) return { heat: { before: null, after: null }, ...wordsOf(kind, f) };
  const after: Readonly<Record<OptionKind, number | null>> = {
    repack: old,
    refurbish: same,
    glass: f.sealed ? better : same,
    sash: better,
    insert: better,
    double: better,
    window: better,
  };
  return { heat: { before: old, after: after[kind] }, ...wordsOf(kind, f) };
}

function wordsOf(kind: OptionKind, f: OptionFacts): Pick<Option, "guarantee" | "match"> {
  const guarantee: Readonly<Record<OptionKind, Template>> = {
    repack: "on the work",
    refurbish: "none",
    glass: f.sealed ? "the maker's, on the {unit}" : "on the work",
    sash: "the maker's",
    insert: "the maker's",
    double: "the maker's, on the {unit}; on the work for the sash",
    window: "the maker's",
  };
  const match: Readonly<Record<OptionKind, string>> = {
    repack: "as it was",
    refurbish: "as it was",
    glass: f.sealed
      ? "spacer, tint and bars must be matched"
      : f.acrylic
        ? "glass where plastic was: clear, and heavier"
        : "new glass is flat, old glass is wavy",
    sash: f.paints ? "new paint beside old" : "a new sash beside old ones",
    insert: "the frame beside its neighbour's",
    double: "a double reflection beside single ones",
    window: "the odd one in its row",
  };
  return { guarantee: guarantee[kind], match: match[kind] };
}

/**
 * What the owner should know beside the prices; null where nothing more is to be said.
 * @example a cracked unit that is still clear // do not wait for mist; in a frame that mostly holds one, and nobody looked // null
 */
export const ownerNote = (f: Pick<OptionFacts, "sealed" | "sealedUsual" | "glass">): Template | null =>
  f.sealed && !f.sealedUsual && f.glass === "broken"
    ? "The {unit} is cracked: its filling has gone and damp follows. It already loses more heat, and nothing is gained by waiting until it mists."
    : f.sealed && f.glass === "seal-gone"
      ? "Its seal has failed: what is inside cannot be wiped off, and it gets worse, not better."
      : null;

/**
 * Why an option that was possible was not taken, against the one that was: dearer or cheaper, slower or quicker.
 * @example 540.00 and 20 days, against 268.50 and 8 // { pence: 27150, days: 12, visits: 0, hours: 0.5 }
 */
export const against = (
  o: Option,
  chosen: Option,
): Readonly<Record<"days" | "visits" | "hours", number>> & { readonly pence: Pence } => ({
  pence: lessOf(o.pence, chosen.pence),
  days: o.days - chosen.days,
  visits: o.visits - chosen.visits,
  hours: o.hours - chosen.hours,
});

/** Of what is possible, what we would do, and why. Refurbishing is never advised: only offered, honestly. */
export function recommend(
  options: readonly Option[],
  f: OptionFacts,
): { readonly kind: OptionKind; readonly because: Template } {
  const can = (kind: OptionKind): Option | undefined => options.find((o) => o.kind === kind && o.possible);
  const repack = can("repack");
  if (repack && f.glass === "sound")
    return { kind: "repack", because: "The glass is sound: pack and bed it anew before anybody orders another." };
  if (repack && f.packingFailed)
    return { kind: "repack", because: "Its packing failed, and nothing of the glass: look it over, and pack it anew." };
  const insert = can("insert");
  const glass = can("glass");
  if (insert && (!glass || insert.pence <= glass.pence))
    return { kind: "insert", because: "The complete insert costs no more than the {unit} in it, and comes sealed." };
  if (glass)
    return {
      kind: "glass",
      because:
        f.worst === "mend"
          ? "Mend the frame, then new glass: it lasts, and costs least."
          : "The smallest repair that will last.",
    };
  const sash = can("sash");
  if (sash && f.worst !== "not-worth")
    return { kind: "sash", because: "The sash lets no glass out: it is changed whole." };
  const window = can("window");
  if (sash && window && sash.pence <= window.pence)
    return { kind: "sash", because: "The sash is not worth new glass; its frame may be." };
  return { kind: insert ? "insert" : "window", because: "Nothing smaller lasts." };
}
