import type { Template } from "../text/template.ts";

/** What makes glass hot in one place and cold in another. */
export type CrackingFacts = {
  readonly kind: "float" | "patterned" | "laminated" | "toughened";
  readonly tinted: boolean;
  readonly wired: boolean;
  readonly coated: boolean;
  readonly sealed: boolean;
  readonly close: "nothing" | "blind" | "heater";
  readonly partShade: boolean;
  readonly darkFrame: boolean;
};

export type CrackingRisk = "low" | "some" | "high";

/**
 * How likely heat is to crack it, by points: what it drinks in, what holds heat behind it, what keeps its edge cold.
 * Toughened glass stands what these make. Source: common guidance on thermal fracture, put in points.
 * @example clear float, nothing behind, full sun // low
 * @example tinted unit behind a blind, in part shade // high
 */
export function crackingOf(f: CrackingFacts): {
  readonly risk: CrackingRisk;
  readonly points: number;
  readonly advice: readonly Template[];
} {
  if (f.kind === "toughened") return { risk: "low", points: 0, advice: ["{Toughened} glass stands it."] };
  const points =
    (f.tinted ? 2 : 0) +
    (f.wired ? 2 : 0) +
    (f.kind === "laminated" ? 1 : 0) +
    (f.coated ? 1 : 0) +
    (f.sealed ? 1 : 0) +
    (f.close === "blind" ? 2 : f.close === "heater" ? 3 : 0) +
    (f.partShade ? 1 : 0) +
    (f.darkFrame ? 0 : 0.5);
  const risk: CrackingRisk = points >= 5 ? "high" : points >= 3 ? "some" : "low";
  const advice = [
    f.close === "blind" && risk !== "low"
      ? "Leave 50 mm open at the head and foot of the blind, and 75 mm to the glass."
      : "",
    f.close === "heater" ? "Turn the heater away from the glass, or shield it." : "",
    risk === "high" ? "Take heat-treated glass: {toughened} or heat-strengthened." : "",
    risk !== "low" ? "Edges arrissed and without a chip: that is where it starts." : "",
  ].filter(Boolean);
  return { risk, points, advice };
}
