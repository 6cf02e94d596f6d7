import type { Side } from "../geometry/quad.ts";
import { straightSides } from "../geometry/sides.ts";
import type { Nm } from "../units/length.ts";
import { sidesOf } from "./own-sides.ts";
import type { Reckoning } from "./reckoning.ts";

/** How long each side of the pane as it stands is: its own where it is cut to shape; null until it is sized. */
export function sidesHere(r: Pick<Reckoning, "cut" | "shaped">): Readonly<Record<Side, Nm>> | null {
  if (!r.cut.ok) return null;
  const { width, height } = r.cut.value.glass;
  return r.shaped ? sidesOf(r.shaped.corners) : straightSides(width, height);
}
