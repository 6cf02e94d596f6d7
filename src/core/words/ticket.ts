import type { Corner } from "../log/kinds.ts";
import type { PaneBook } from "../pane/book.ts";
import { allowanceOf, labelOf } from "../pane/order-line.ts";
import type { Reckoning } from "../pane/reckoning.ts";
import { isUnitOpen } from "../pane/unit.ts";
import type { Cut } from "../size/cut.ts";
import { mostEased } from "../size/ease.ts";
import { looksText } from "../specify/looks.ts";
import type { SafetyReason, SafetyVerdict } from "../specify/safety.ts";
import { writeLength, writeNumber } from "../tape/write.ts";
import { gridUnit, type LengthUnit, NM_PER_64TH, type Nm, nm, toMm } from "../units/length.ts";
import { type Dialect, say } from "./dialect.ts";
import { barsText } from "./found.ts";
import { glassText } from "./glass.ts";
import { cutErrorSentence } from "./size.ts";

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

/** A cut size as a reader of this unit sees it: down to 0.1 mm or 1/32 in, never up. @example sizeShown(mm(608), "in") // 23 29/32 in */
export function sizeShown(length: Nm, unit: LengthUnit): Nm {
  const tick = unit === "mm" ? 100_000 : NM_PER_64TH * 2;
  return nm(Math.floor(length / tick) * tick);
}
export const sizeText = (length: Nm, unit: LengthUnit): string =>
  writeNumber(sizeShown(length, unit), unit, { places: 1, ticks: 32 });

export function ticketOf(
  book: PaneBook,
  r: Reckoning,
  by: { readonly unit: LengthUnit; readonly dialect: Dialect; readonly poundsToo?: boolean },
): Ticket {
  const { unit, dialect } = by;
  const glass = say(
    [
      isUnitOpen(book)
        ? "{unit}, not chosen yet"
        : glassText({ thicknessNm: r.glass.thickness, glass: r.glass.kind, makeup: book.makeup }, dialect),
      r.glass.pattern,
      book.looks ? looksText(book.looks) : "",
      book.makeup && book.bars && (book.bars.uprights > 0 || book.bars.crosses > 0)
        ? barsText(book.bars).replace("Bars: ", "bars ")
        : "",
      edgesText(r.glass.edges),
    ]
      .filter(Boolean)
      .join(", "),
    dialect,
  );
  if (!r.cut.ok) {
    const why = say(cutErrorSentence(r.cut.error), dialect);
    return { size: null, cutterSize: null, what: `1 off, ${glass}`, why, trouble: false, spoken: why };
  }
  const { width, height } = r.cut.value.glass;
  const cutterUnit = gridUnit(r.rule.grid);
  const mass = r.massKg === null ? "" : massText(r.massKg, unit);
  const what = `1 off, ${glass}, ${mass}`;
  const trouble = r.unsafe || r.poor || r.slips.length > 0 || r.tooBigBy > 0 || (r.shaped?.stale ?? false);
  const why = `Width × height. ${say(troubleText(r, unit) ?? "", dialect) || safetyText(r.safety, book, unit, dialect)}`;
  const cutterSize =
    cutterUnit === unit ? null : `${writeNumber(width, cutterUnit)} × ${writeNumber(height, cutterUnit)} ${cutterUnit}`;
  const size = { width: sizeText(width, unit), height: sizeText(height, unit), unit };
  const stated = book.basis === "opening" && !r.shaped ? openingText(r.cut.value, unit) : null;
  const copied = r.opening.copied === null ? "" : ` ${COPIED_WORDS[r.opening.copied]}`;
  const shape = r.shaped ? `${shapedText(r.shaped.corners)}. ` : "";
  const spoken = `${stated ?? `${size.width} × ${size.height} ${unit}`} (width × height)${copied}${cutterSize ? `, cut to ${cutterSize}` : ""}. ${what}. ${shape}${why.replace("Width × height. ", "")} ${labelOf(book)}.`;
  return {
    size,
    cutterSize,
    what,
    why: r.shaped ? `${shape}${why}` : stated ? `Order states the ${stated}. ${why}` : why,
    trouble,
    spoken,
  };
}

/** Corner points of a shaped pane, as a cutter draws them. @example "cut to shape: corners 0, 0 · 602, 0 · 608.5, 897 · 3, 899 mm from bottom left" */
export const shapedText = (corners: readonly Corner[]): string =>
  `Cut to shape within that size: corners ${corners.map((c) => `${toMm(nm(c.x))}, ${toMm(nm(c.y))}`).join(" · ")} mm from the bottom left, seen from the side it goes in`;

/** The opening and what the cutter takes off it. @example "opening 611.5 × 903 mm, take off 3.5 and 4 mm once" */
function openingText(cut: Cut, unit: LengthUnit): string {
  const text = (length: Nm): string => writeNumber(length, unit, { places: 1, ticks: 32 });
  const off = allowanceOf(cut);
  return `opening ${text(cut.governs.width.length)} × ${text(cut.governs.height.length)} ${unit}, take off ${text(off.width)} and ${text(off.height)} ${unit} once`;
}

const COPIED_WORDS = {
  "old-unit": "copied from the old one, nothing taken off",
  "insert-outside": "insert, over its frame outside to outside",
  "insert-inside": "insert, its seen opening inside to inside",
} as const;

export const edgesText = (edges: string): string => (edges === "as cut" ? "edges as cut" : `${edges} edges`);

/** @example massText(5.47, "mm") // "5.5 kg"; inch readers get pounds first */
export const massText = (kg: number, unit: LengthUnit): string =>
  unit === "mm" ? `${kg.toFixed(1)} kg` : `${(kg / 0.45359237).toFixed(1)} lb (${kg.toFixed(1)} kg)`;

function troubleText(r: Reckoning, unit: LengthUnit): string | null {
  if (!r.cut.ok || !r.cut.value.opening.ok) return null;
  if (r.slips.length > 0) return "Not to order yet: a reading contradicts the others. Read it again.";
  if (r.poor) return "No true rectangle is likely to do here: ease the {rebate}, or cut it to shape.";
  if (r.shaped?.stale) return "The readings have changed since its shape was taken: take it again.";
  const by = r.tooBigBy;
  if (by > 0 && r.cut.value.overruled && r.eased)
    return `Goes in once the {rebate} is eased, by up to ${writeLength(nm(Math.round(mostEased(r.eased.easings) * 1e6)), unit, { places: 1, ticks: 32 })}.`;
  return by > 0
    ? `It will not go in: the opening leans. Take off ${writeLength(nm(Math.ceil(by * 1e6)), unit, { places: 1, ticks: 32 })} more.`
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

/** Guidance only, and it says so: the local code decides. */
export function safetyText(verdict: SafetyVerdict | null, book: PaneBook, unit: LengthUnit, dialect: Dialect): string {
  const sill = book.readings["sill-height"];
  const door = book.readings["door-distance"];
  const where = [
    sill?.read.ok
      ? `lower edge ${writeLength(sill.read.value.adjusted, unit, { places: 0, ticks: 16 })} above floor`
      : null,
    door?.read.ok ? `${writeLength(door.read.value.adjusted, unit, { places: 0, ticks: 16 })} from a door` : null,
  ]
    .filter(Boolean)
    .join(", ");
  if (verdict === null || verdict.kind === "not-known") {
    const missing =
      verdict?.missing.map((m) => (m === "sill-height" ? "height above floor" : "distance to a door")).join(" and ") ??
      "its place";
    return `Ordinary or safety glass? Not known until the ${missing} is read.`;
  }
  const given = where ? `: ${where}` : `: ${BECAUSE[verdict.because]}`;
  switch (verdict.kind) {
    case "not-needed":
      return `Ordinary glass will do here by the house rule set${given}.`;
    case "small-pane-6mm":
      return say(`Small {pane} in a safety zone: 6 mm ordinary or safety glass${given}.`, dialect);
    case "needed":
      return `Safety glass is called for here: ${BECAUSE[verdict.because]}${where ? ` (${where})` : ""}.`;
  }
}
