import type { Corner } from "../log/kinds/size.ts";
import { readsWhole } from "../measure/ways.ts";
import type { PaneBook } from "../pane/book.ts";
import { needsTemplate } from "../pane/needs-template.ts";
import { oldGlassBack } from "../pane/old-glass.ts";
import { allowanceOf, labelOf, statedSize } from "../pane/order-line.ts";
import type { Planned } from "../pane/planned.ts";
import type { Reckoning } from "../pane/reckoning.ts";
import { isMade, type StandsAs } from "../pane/stands.ts";
import { isUnit, isUnitOpen } from "../pane/unit.ts";
import { unlikelyHere } from "../pane/unlikely-size.ts";
import { wholeHere, wholeOf } from "../pane/whole-here.ts";
import { mostEased } from "../size/ease.ts";
import { isSafetyGlass } from "../specify/glass.ts";
import { looksText } from "../specify/looks.ts";
import { makeupIsSafe } from "../specify/makeup.ts";
import type { SafetyReason, SafetyVerdict } from "../specify/safety.ts";
import { wholeText } from "../specify/whole.ts";
import { writeLength, writeNumber } from "../tape/write.ts";
import type { Template } from "../text/template.ts";
import { gridUnit, type LengthUnit, mm, type Nm, nm } from "../units/length.ts";
import { outlineText } from "./arch.ts";
import { declinedText } from "./declined.ts";
import { type Dialect, say } from "./dialect.ts";
import { barsText } from "./found.ts";
import { glassText, panelText } from "./glass.ts";
import { READ_TO_JUDGE } from "./had.ts";
import { massText } from "./mass.ts";
import { oldBackText } from "./old-back.ts";
import { PLACE_NAMES } from "./places.ts";
import { cutErrorSentence } from "./size.ts";
import { sizeText } from "./size-text.ts";

/** The sentence that is read out at the glass counter. Size first, then what the cutter needs, then why. */
export type Ticket = {
  readonly size: { readonly width: string; readonly height: string; readonly unit: string } | null;
  /** The cutter's own size, when the reader's unit is not the cutter's. */
  readonly cutterSize: string | null;
  readonly what: string;
  readonly why: string;
  readonly trouble: boolean;
  /** All of it, to copy or read out. */
  readonly spoken: string;
};

type By = { readonly unit: LengthUnit; readonly dialect: Dialect; readonly poundsToo?: boolean };

/** Whether there is a pane to order or to set at all, and why not. */
function nothingToOrder(book: PaneBook, r: Reckoning, unit: LengthUnit): Template | null {
  if (r.stands.line) return null;
  if (oldGlassBack(book))
    return book.set ? "The old glass went back: nothing was ordered." : "The old glass goes back: nothing is ordered.";
  // A size that rests on a reading known to be wrong is nobody's to read out.
  const [slip] = r.slips;
  if (slip && book.overrule === null)
    return `Not to order yet: ${PLACE_NAMES[slip.place]} contradicts the other readings. Read it again, or stand by it: no size stands until then.`;
  if (book.shape === "raked" && !readsWhole(book.way) && r.shaped === null && r.opening.copied === null)
    return "A raking side: read both corners, and it is cut to its own shape. No size stands until then.";
  if (r.arch && !r.arch.ok && r.arch.error.kind === "not-read")
    return "An arched head: read both jambs to where it springs, and the middle to its crown. No size stands until then.";
  return r.poor && (r.eased === null || !r.shaped) ? declinedText(r, unit) : null;
}

/** What the glass is, as far as it is known: what stands on its order, or was chosen, or is only the house's usual. */
export function glassKnown(book: PaneBook, r: Reckoning, { dialect, unit }: By): string {
  const { line } = r.stands;
  if (!line) {
    if (oldGlassBack(book)) return say(oldBackText(book), dialect);
    const whole = wholeHere(book, r);
    if (whole) return wholeText(whole);
    if (isUnitOpen(book)) return say(unitUnsaid(r, unit), dialect);
    if (book.panel) return panelText(book.panel, unit);
  }
  const makeup = line ? (line.makeup ?? null) : book.makeup;
  // What came is as thick as it was read to be, whatever was ordered or chosen.
  const thicknessNm = r.stands.thickness ?? r.chosen.thickness;
  const glass = line ? { thicknessNm, glass: line.glass, whole: line.whole } : { thicknessNm, glass: r.glass.kind };
  const isUsual = !line && !book.glass && !book.makeup && r.stands.kind === null;
  return `${glassText({ ...glass, makeup }, { dialect, unit })}${isUsual ? " (the house's usual: nobody chose it)" : ""}`;
}

/** A unit of which nobody said what it is made of. @example bought, and measured 28 thick // "{unit} of 28 mm, its make not said" */
function unitUnsaid(r: Reckoning, unit: LengthUnit): Template {
  const { as, thickness } = r.stands;
  if (as === "worked-out") return "{unit}, not chosen yet";
  return thickness === null
    ? "{unit}, its make not said"
    : `{unit} of ${writeLength(thickness, unit, { places: 1, ticks: 32 })}, its make not said`;
}

const STANDS_WORDS: Readonly<Record<Exclude<StandsAs, "worked-out">, string>> = {
  ordered: "Ordered.",
  accepted: "As it came.",
  set: "As it was set.",
};

/** An order that was not sent yet orders nothing. */
function standsText({ as, line }: Reckoning["stands"]): string {
  if (as === "worked-out") return "";
  if (as === "ordered" && line?.state === "open") return "On an order that is not sent yet. ";
  return `${as === "accepted" && line === null ? "As it is here." : STANDS_WORDS[as]} `;
}

export function ticketOf(book: PaneBook, r: Reckoning, by: By): Ticket {
  const { unit, dialect } = by;
  const glass = [
    glassKnown(book, r, by),
    r.glass.pattern,
    book.looks ? looksText(book.looks) : "",
    book.makeup && book.bars && (book.bars.uprights > 0 || book.bars.crosses > 0)
      ? barsText(book.bars).replace("Bars: ", "bars ")
      : "",
    readsWhole(book.way) || oldGlassBack(book) || isUnit(book) ? "" : edgesText(r.glass.edges),
  ]
    .filter(Boolean)
    .join(", ");
  const nothing = nothingToOrder(book, r, unit);
  if (nothing !== null || !r.cut.ok) {
    // Glass that is here is as large as it is, whatever was read of its opening.
    const here = nothing === null ? r.stands.size : null;
    const unread = r.cut.ok ? "" : cutErrorSentence(r.cut.error, book.way);
    const why = say(nothing ?? (here ? `${standsText(r.stands)}${READ_TO_JUDGE}` : unread), dialect);
    return {
      size: here && { width: sizeText(here.width, unit, true), height: sizeText(here.height, unit, true), unit },
      cutterSize: null,
      what: `1 off, ${say(glass, dialect)}`,
      why,
      trouble: nothing !== null && !oldGlassBack(book),
      spoken: why,
    };
  }
  const { width, height } = r.cut.value.glass;
  const cutterUnit = r.stands.line ? gridUnit(r.stands.line.grid) : gridUnit(r.rule.grid);
  // A unit that nobody chose is weighed as two usual sheets: whoever lifts it is told that it is a guess.
  const roughly = readsWhole(book.way)
    ? "with its frame more than "
    : !r.stands.line && isUnitOpen(book)
      ? "about "
      : "";
  const mass = r.massKg === null ? "" : `${roughly}${massText(r.massKg, unit)}`;
  const what = ["1 off", r.shaped ? "cut to its shape" : "", say(glass, dialect), mass].filter(Boolean).join(", ");
  // What is set is in: no reading moves it any more.
  const isSet = r.stands.as === "set";
  const trouble =
    r.unsafe ||
    (!isSet &&
      (unlikelyHere(book, r) !== null || r.poor || r.slips.length > 0 || r.tooBigBy > 0 || (r.shaped?.stale ?? false)));
  const as = standsText(r.stands);
  const planned = r.planned && !r.stands.line ? `${say(plannedText(r.planned, unit), dialect)} ` : "";
  const since = isSet ? "" : say(sinceOrderedText(r, unit), dialect);
  const moved = since && `${since} `;
  // What came was measured over its own frame, whatever its order stated.
  const isHere = r.stands.as === "accepted" || r.stands.as === "set";
  const sizeIs = `${(!isHere && r.opening.copied && SIZE_IS[r.opening.copied.of]) || "Width × height"}. `;
  const why = `${as}${sizeIs}${planned}${moved}${say((isSet || (since && r.poor) ? null : troubleText(book, r, unit)) ?? "", dialect) || safetyText(r.safety, book, unit, dialect)}`;
  // What came was measured in the reader's own marks: nobody cuts it any more.
  const cutterSize =
    isHere || cutterUnit === unit
      ? null
      : `${writeNumber(width, cutterUnit)} × ${writeNumber(height, cutterUnit)} ${cutterUnit}`;
  const made = isMade(r.stands);
  const size = { width: sizeText(width, unit, made), height: sizeText(height, unit, made), unit };
  const isOpening = r.stands.line ? r.stands.line.basis === "opening" : book.basis === "opening";
  const stated = isOpening && !r.shaped ? openingText(r, unit) : null;
  const odd = needsTemplate(book, r) ? "The rectangle round it: cut to the template that comes with it. " : "";
  const copied =
    r.opening.copied && !(isHere && r.opening.copied.of === "window-hole")
      ? ` ${COPIED_WORDS[r.opening.copied.of]}`
      : "";
  const door = wholeOf(book) === "insert" ? doorText(r, unit) : "";
  const shape = r.shaped ? `${shapedText(r.shaped.corners, unit)}. ` : "";
  const rest = why.replace(sizeIs, "").replace(as, "");
  const spoken = `${stated ?? `${size.width} × ${size.height} ${unit}`} (width × height)${copied}${door}${cutterSize ? `, cut to ${cutterSize}` : ""}. ${what}. ${odd}${shape}${rest} ${labelOf(book)}.`;
  return {
    size,
    cutterSize,
    what,
    why: odd + (r.shaped ? `${shape}${why}` : stated ? `Order states the ${stated}. ${why}` : why),
    trouble,
    spoken,
  };
}

const doorText = (r: Reckoning, unit: LengthUnit): string => {
  const door = r.readings["door-thickness"];
  return door === undefined
    ? ", door not measured"
    : `, for a door ${writeLength(door, unit, { places: 1, ticks: 32 })} thick`;
};

/** @example "Planned: once the {rebate} is routed 5 mm deeper all round. Read it again then." */
export const plannedText = (p: Planned, unit: LengthUnit): Template =>
  p.isCut
    ? "It was routed: read it again. Until then this is the size of the plan."
    : `Planned: once the {rebate} is routed ${writeLength(p.by, unit, { places: 1, ticks: 32 })} deeper all round. Read it again then.`;

/**
 * What the readings of now give beside what stands on the order, and what that means; "" where they give nothing else.
 * @example ordered 545 × 1193, now 544 × 1191, and it still goes in // "The readings now give 544 × 1191 mm: 1 mm less width and 2 mm less height than was ordered. What stands still goes in."
 */
export function sinceOrderedText(r: Reckoning, unit: LengthUnit): Template {
  const { moved } = r;
  if (r.poor && r.stands.line && r.stands.as !== "set")
    return `By what is read now no true rectangle is likely to do.${standsMeans(r)} ${r.canEase ? "Ease the {rebate} before it is set" : "Read it again"}, or order it anew.`;
  if (!moved) return "";
  const by = (n: number, name: string): string =>
    n === 0 ? "" : `${writeLength(nm(Math.abs(n)), unit, { places: 1, ticks: 32 })} ${n < 0 ? "less" : "more"} ${name}`;
  const parts = [by(moved.by.width, "width"), by(moved.by.height, "height")].filter(Boolean).join(" and ");
  return `The readings now give ${sizeText(moved.now.width, unit)} × ${sizeText(moved.now.height, unit)} ${unit}: ${parts} than was ordered.${standsMeans(r)}`;
}

/** What the pane that stands does in the opening as it is read now. */
function standsMeans(r: Reckoning): string {
  if (!r.cut.ok || !r.cut.value.opening.ok) return "";
  if (r.tooBigBy > 0) return " What stands will not go in.";
  const { leastCover } = r.cut.value.opening.value;
  return leastCover && !leastCover.enough
    ? " What stands goes in, and is covered too little."
    : " What stands still goes in.";
}

/** The outline of a shaped pane, as a cutter draws them. @example "cut to shape: corners 0, 0 · 602, 0 · 608.5, 897 · 3, 899 mm from bottom left" */
export const shapedText = (corners: readonly Corner[], unit: LengthUnit = "mm"): string =>
  `Cut to shape within that size: ${outlineText(corners, unit)}`;

/**
 * The opening and what the cutter takes off it, as it stands on the order or would. Null where it cannot be told.
 * @example "opening 611.5 × 903 mm, take off 3.5 and 4 mm once"
 */
export function openingText(r: Reckoning, unit: LengthUnit): string | null {
  const text = (length: Nm): string => writeNumber(length, unit, { places: 1, ticks: 32 });
  const { line } = r.stands;
  const worked = r.worked.ok ? r.worked.value : null;
  const stated = line
    ? statedSize(line)
    : worked && {
        width: worked.governs.width.length,
        height: worked.governs.height.length,
        allowance: allowanceOf(worked),
      };
  return (
    stated &&
    `opening ${text(stated.width)} × ${text(stated.height)} ${unit}, take off ${text(stated.allowance.width)} and ${text(stated.allowance.height)} ${unit} once`
  );
}

const COPIED_WORDS = {
  "old-unit": "copied from the old one, nothing taken off",
  "through-glass": "sight size and what goes in behind it, nothing taken off",
  "insert-outside": "insert, over its frame outside to outside",
  "insert-inside": "insert, its seen opening inside to inside",
  "sash-outside": "new sash, over the sash outer edge to outer edge",
  "window-hole": "whole window, the hole in the wall at its least: its fitting gap is not taken off",
} as const;

/** Of what is made whole the figures alone are no size of glass: what they are stands beside them wherever they are read out. */
const SIZE_IS: Readonly<Partial<Record<keyof typeof COPIED_WORDS, string>>> = {
  "insert-outside": "Width × height over the insert's frame",
  "insert-inside": "Width × height of what is seen inside the insert's frame",
  "sash-outside": "Width × height over the sash, outer edge to outer edge",
  "window-hole": "Width × height of the hole in the wall: its fitting gap is not taken off",
};

export const edgesText = (edges: string): string => (edges === "as cut" ? "edges as cut" : `${edges} edges`);

function troubleText(book: PaneBook, r: Reckoning, unit: LengthUnit): Template | null {
  const unlikely = unlikelyHere(book, r);
  if (unlikely)
    return `No ${unlikely.is === "small" ? "{pane} is so small" : "sheet is so large"}: look at the ${unlikely.side}, and read it again.`;
  if (!r.cut.ok || !r.cut.value.opening.ok) return null;
  // Where its size was said by hand, what was read is said beside it.
  if (r.slips.length > 0) return "A reading contradicts the others: read it again.";
  if (r.poor) return declinedText(r, unit);
  if (r.shaped?.stale) return "The readings have changed since its shape was taken: take it again.";
  const by = r.tooBigBy;
  if (by > 0 && r.cut.value.overruled && r.eased)
    return `Goes in once the {rebate} is eased, by up to ${writeLength(nm(Math.round(mostEased(r.eased.easings) * 1e6)), unit, { places: 1, ticks: 32 })}.`;
  const { glass, governs } = r.cut.value;
  const larger = glass.width > governs.width.length || glass.height > governs.height.length;
  return by > 0
    ? `It will not go in: ${larger ? "it is larger than the opening" : "the opening leans"}. Take off ${writeLength(nm(Math.ceil(by * 1e6)), unit, { places: 1, ticks: 32 })} more.`
    : null;
}

const BECAUSE: Readonly<Record<SafetyReason, string>> = {
  "in-door": "it is in a door",
  "beside-door": "it is beside a door",
  low: "it is low down",
  "large-and-low": "it is large, low and by a walkway",
  "wet-room": "it is in a wet room",
  stairs: "it is by stairs",
  "small-pane": "it is small",
  "high-enough": "it is high enough",
  "clear-of-doors": "it is clear of doors and not low",
};

/** Whether what was chosen is safety glass: each sheet of a unit, the one sheet, or what a door's insert is ordered with. */
function isChosenSafe(book: PaneBook): boolean {
  if (wholeOf(book) === "insert") return book.insertSafe === true;
  return book.makeup ? makeupIsSafe(book.makeup) : book.glass !== null && isSafetyGlass(book.glass.kind);
}

/** Guidance only, and it says so: the local code decides. */
export function safetyText(verdict: SafetyVerdict | null, book: PaneBook, unit: LengthUnit, dialect: Dialect): string {
  const sill = book.readings["sill-height"];
  const door = book.readings["door-distance"];
  const where = [
    sill?.read.ok
      ? `lower edge ${writeLength(sill.read.value.adjusted, unit, { places: 0, ticks: 16 })} above floor`
      : null,
    door?.read.ok
      ? `${writeLength(door.read.value.adjusted, unit, { places: 0, ticks: 16 })} from a door`
      : book.location?.noDoorMm
        ? `no door within ${writeLength(mm(book.location.noDoorMm), unit, { places: 0, ticks: 16 })}`
        : null,
  ]
    .filter(Boolean)
    .join(", ");
  const isSafe = isChosenSafe(book);
  if (verdict === null || verdict.kind === "not-known") {
    if (isSafe) return "Safety glass is chosen, and will do wherever it stands: where that is was not read.";
    const place = book.readings["sill-height"]?.read.ok || book.location !== null;
    const missing =
      verdict?.missing.map((m) => (m === "sill-height" ? "the height above floor" : "the distance to a door")) ??
      // Where it is may be read already: it is judged with its size.
      (place ? ["width", "height"] : ["its place"]);
    return `Ordinary or safety glass? Not known until ${missing.join(" and ")} ${missing.length > 1 ? "are" : "is"} read.`;
  }
  const given = where ? `: ${where}` : `: ${BECAUSE[verdict.because]}`;
  switch (verdict.kind) {
    case "not-needed":
      return `Ordinary glass will do here by the house rule set${given}.`;
    case "small-pane-6mm":
      return say(`Small {pane} in a safety zone: 6 mm ordinary or safety glass${given}.`, dialect);
    case "needed":
      return `${isSafe ? "Safety glass, as is called for here" : "Safety glass is called for here"}: ${BECAUSE[verdict.because]}${where ? ` (${where})` : ""}.`;
  }
}
