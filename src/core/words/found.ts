import type { Bars, Coating, Found } from "../measure/found.ts";

const count = (n: number, one: string, many: string): string => `${n === 0 ? "no" : n} ${n === 1 ? one : many}`;

/** Bars read back as counted. @example "Bars: 1 upright, 2 crosses, 18 mm white flat, evenly spaced" */
export function barsText(b: Bars): string {
  if (b.uprights === 0 && b.crosses === 0) return "Bars: none";
  const made = [
    b.width ? `${b.width.text}${/[a-z"/]/i.test(b.width.text) ? "" : ` ${b.width.unit}`}` : "",
    b.colour,
    b.kind,
  ]
    .filter(Boolean)
    .join(" ");
  const spaced = b.spacing === "even" ? "evenly spaced" : `spaced ${b.given || "as given"}`;
  return `Bars: ${count(b.uprights, "upright", "uprights")}, ${count(b.crosses, "cross", "crosses")}, ${made}, ${spaced}`;
}

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
  slides: "slides",
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
