import type { Mm } from "../units/length.ts";
import { type Cavity, centreHeat, GASES, UNCOATED } from "./heat.ts";

/** Heat loss at the centre of single glass with a storm pane in front of it, still air between. W/m²K, EN 673. @example 4 + 4 mm, 60 apart // about 2.8 */
export function withStormPane(window: { readonly glassMm: Mm; readonly stormMm: Mm; readonly apartMm: Mm }): number {
  const cavity: Cavity = { widthMm: window.apartMm, gas: GASES.air, faces: [UNCOATED, UNCOATED] };
  return centreHeat({ glassMm: window.glassMm + window.stormMm, cavities: [cavity] });
}
