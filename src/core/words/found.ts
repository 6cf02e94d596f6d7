import { type Bars, type Coating, type Found, hasBars } from "../measure/found.ts";
import { withUnit, writtenIn } from "../tape/as-written.ts";
import { readTape } from "../tape/read.ts";
import type { Written } from "../tape/written.ts";
import { type LengthUnit, toMm } from "../units/length.ts";
import { metric } from "./in-unit.ts";

const count = (n: number, one: string, many: string): string => `${n === 0 ? "no" : n} ${n === 1 ? one : many}`;

/**
 * How wide a bar is, as it was read with its unit, and in millimetres beside it for a cutter who works in them.
 * @example 3/4 to a metric cutter // "3/4 in (19 mm)"
 */
function barWidth(w: Written, cutter?: LengthUnit): string {
  const told = withUnit(w);
  const read = readTape(w.text, w.unit);
  return writtenIn(w) === "in" && cutter === "mm" && read.ok
    ? `${told} (${metric(`${Number(toMm(read.value.adjusted).toFixed(1))} mm`)})`
    : told;
}

/**
 * Bars read back as counted, and for whoever makes them in what they measure in.
 * @example "Bars: 1 upright, 2 crosses, 18 mm white flat, evenly spaced"
 */
export function barsText(b: Bars, cutter?: LengthUnit): string {
  if (!hasBars(b)) return "Bars: none";
  const made = [b.width ? barWidth(b.width, cutter) : "", b.colour, b.kind].filter(Boolean).join(" ");
  const spaced = b.spacing === "even" ? "evenly spaced" : `spaced ${b.given || "as given"}`;
  return `Bars: ${count(b.uprights, "upright", "uprights")}, ${count(b.crosses, "cross", "crosses")}, ${made}, ${spaced}`;
}

/** The same on an order, where none is said too. @example "no bars" // "bars 1 upright, no crosses, 18 mm white flat" */
export const barsOnOrder = (b: Bars, cutter: LengthUnit): string =>
  hasBars(b) ? barsText(b, cutter).replace("Bars: ", "bars ") : "no bars";

export function coatingText(c: Coating): string {
  const face = c.face === null ? "" : ` on face ${c.face}`;
  const how = c.how ? ` (${c.how})` : "";
  switch (c.coated) {
    case "yes":
      return `Coated${face}${how}`;
    case "no":
      return `Not coated${how}`;
    case "unsure":
      return `Coated or not: unsure${how}. The order waits for it.`;
  }
}

const HINGE_WORDS: Readonly<Record<Found["hinge"], string>> = {
  left: "hinged left",
  right: "hinged right",
  top: "hung at the top",
  bottom: "hung at the bottom",
  slides: "slides on rollers",
  hung: "slides up and down",
  fixed: "fixed",
  "not-said": "",
};
export const hingeWords = (hinge: Found["hinge"]): string => HINGE_WORDS[hinge] || "not said";

export function foundText(f: Found): string {
  const parts = [
    HINGE_WORDS[f.hinge],
    f.held === "not-said" ? "" : `held by {${f.held === "bead" ? "beads" : "putty"}}`,
    f.marks ? `marked ${f.marks}` : "",
    f.spacerDate ? `spacer dated ${f.spacerDate}` : "",
  ].filter(Boolean);
  return `Found: ${parts.join(", ") || "nothing"}`;
}
