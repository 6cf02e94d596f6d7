import type { Template } from "../text/template.ts";
import type { Mm } from "../units/length.ts";
import { GLASS_NAMES, type GlassKind } from "./glass.ts";
import { type Glazing, glazingText, heatOf, overallMm } from "./glazing.ts";
import type { GasName } from "./heat.ts";
import { paneMass } from "./mass.ts";

/** A sealed unit as it is ordered: sheets from outside in, what is between them, and its looks. Millimetres. */
export type Makeup = {
  readonly panes: readonly { readonly mm: Mm; readonly kind: GlassKind }[];
  readonly cavities: readonly { readonly mm: Mm; readonly gas: GasName; readonly fill: number }[];
  readonly coatings: readonly { readonly face: number; readonly emissivity: number }[];
  readonly spacer: string;
};

/** Nobody said yet which spacer: its kind and colour are looked up at the neighbours. */
export const NO_SPACER = "";
export const SPACERS = ["aluminium, silver", "warm edge, black", "warm edge, grey", "warm edge, white"] as const;

export const glazingOf = (m: Makeup): Glazing => ({
  panesMm: m.panes.map((p) => p.mm),
  cavities: m.cavities.map((c) => ({ widthMm: c.mm, gas: c.gas, fill: c.fill })),
  coatings: m.coatings,
});

/** Everything a unit maker needs to build it, from outside in, its {words} for the reader's dialect to fill. @example "4-16-4, argon, coated on 3, warm edge, black" */
export function makeupText(m: Makeup): Template {
  const safe = m.panes.flatMap((p, i): readonly Template[] =>
    p.kind === "float"
      ? []
      : [`${i === 0 ? "outer" : i === m.panes.length - 1 ? "inner" : "middle"} ${GLASS_NAMES[p.kind]}`],
  );
  return [glazingText(glazingOf(m)), ...safe, m.spacer].filter(Boolean).join(", ");
}

export const makeupOverall = (m: Makeup): number => overallMm(glazingOf(m));
export const makeupHeat = (m: Makeup): number => heatOf(glazingOf(m));
export const makeupMass = (m: Makeup, widthMm: Mm, heightMm: Mm): number =>
  paneMass(
    widthMm,
    heightMm,
    m.panes.map((p) => p.mm),
  );

/** Which sheets must be safety glass: both faces of a unit can be struck. */
export const makeupIsSafe = (m: Makeup): boolean =>
  m.panes.every((p) => p.kind === "toughened" || p.kind === "laminated");
