import { isInchMake, makeText } from "../units/inch-make.ts";
import type { Mm } from "../units/length.ts";
import { type Cavity, centreHeat, corrected, type GasName, mixed, UNCOATED } from "./heat.ts";

/** Glass as it stands, from outside in: sheets, and what is between them. Faces are numbered from outside, 1 up. */
export type Glazing = {
  readonly panesMm: readonly Mm[];
  readonly cavities: readonly { readonly widthMm: Mm; readonly gas: GasName; readonly fill: number }[];
  /** Coated faces, with the normal emissivity that the maker states. */
  readonly coatings: readonly { readonly face: number; readonly emissivity: number }[];
};

/** Heat loss at the centre, W/m²K. A coating on a face that looks at no cavity saves nothing in this sum. */
export function heatOf(g: Glazing): number {
  const face = (n: number): number => {
    const coat = g.coatings.find((c) => c.face === n);
    return coat ? corrected(coat.emissivity) : UNCOATED;
  };
  return centreHeat({
    glassMm: g.panesMm.reduce((sum, p) => sum + p, 0),
    cavities: g.cavities.map(
      (c, i): Cavity => ({
        widthMm: c.widthMm,
        gas: mixed(c.gas, c.gas === "air" ? 1 : c.fill),
        faces: [face(2 * i + 2), face(2 * i + 3)],
      }),
    ),
  });
}

/** @example overallMm({ panesMm: [4, 4], cavities: [{ widthMm: 16, … }] }) // 24 */
export const overallMm = (g: Glazing): number =>
  g.panesMm.reduce((sum, p) => sum + p, 0) + g.cavities.reduce((sum, c) => sum + c.widthMm, 0);

/** From outside in, as it is written and said. @example "4-16-4, argon, coated on 3" */
export function glazingText(g: Glazing): string {
  const layers = g.panesMm.flatMap((p, i) => (g.cavities[i] ? [p, g.cavities[i].widthMm] : [p]));
  const gases = [...new Set(g.cavities.map((c) => c.gas))].filter((n) => n !== "air");
  return [
    layers.map(makeText).join(layers.some(isInchMake) ? " - " : "-"),
    ...gases,
    g.coatings.length > 0 ? `coated on ${g.coatings.map((c) => c.face).join(" and ")}` : "",
  ]
    .filter(Boolean)
    .join(", ");
}
