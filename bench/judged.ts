import { bestTurn, centred, gapsOf, layTurn } from "../src/core/geometry/placing.ts";
import { SIDES } from "../src/core/geometry/quad.ts";
import { middlesOf } from "../src/core/size/lay-model.ts";
import { moved, type TrueOpening } from "./population.ts";

/**
 * What becomes of a pane as it came, in a year: it is laid as the application draws it, at the turn with the best smallest gap
 * and evened. It must go in on the tightest day, and be covered on the widest.
 */
export function judged(
  o: TrueOpening,
  pane: { readonly width: number; readonly height: number },
): "fits" | "binds" | "cover-lost" {
  const middles = middlesOf(o.bow);
  if (bestTurn(moved(o, 0), pane, middles).gap <= 0) return "binds";
  const wide = moved(o, 1);
  const placed = centred(wide, { ...pane, turn: layTurn(wide, pane, middles) }, middles);
  if (!placed) return "cover-lost";
  const gaps = gapsOf(wide, placed, middles);
  return SIDES.every((s) => o.depth - gaps[s].most >= o.leastCover) ? "fits" : "cover-lost";
}
