import type { Side } from "../geometry/quad.ts";
import { type Nm, nm, takeNm } from "../units/length.ts";
import type { Depths } from "./lay.ts";

export type SidePlay = {
  /** Gap with the pane where it is set: in the middle across, on its packers below. */
  readonly gap: Nm;
  /** Rebate depth less that gap; null while the depth is not read. */
  readonly cover: Nm | null;
  /** The same with the pane slid as far from this side as it goes. */
  readonly worst: Nm | null;
};

/**
 * Play on the four sides of a pane that stands on packers: the width can float, the foot cannot, so that all the height's
 * play is at the head. By the smallest width and height; true rectangle on true rectangle.
 * @example opening 612 × 903, glass 608 × 900, foot packed 1.5, depth 10 // left 2, right 2, foot 1.5, head 1.5; worst cover left 6
 */
export function playOf(fit: {
  readonly tight: { readonly width: Nm; readonly height: Nm };
  readonly glass: { readonly width: Nm; readonly height: Nm };
  readonly foot: Nm;
  readonly depths?: Depths | undefined;
}): Readonly<Record<Side, SidePlay>> {
  const across = takeNm(fit.tight.width, fit.glass.width);
  const up = takeNm(fit.tight.height, fit.glass.height);
  const gaps: Readonly<Record<Side, { readonly gap: Nm; readonly most: Nm }>> = {
    left: { gap: nm(Math.floor(across / 2)), most: across },
    right: { gap: nm(Math.ceil(across / 2)), most: across },
    bottom: { gap: fit.foot, most: fit.foot },
    top: { gap: takeNm(up, fit.foot), most: takeNm(up, fit.foot) },
  };
  const side = (s: Side): SidePlay => ({
    gap: gaps[s].gap,
    cover: fit.depths ? takeNm(fit.depths[s], gaps[s].gap) : null,
    worst: fit.depths ? takeNm(fit.depths[s], gaps[s].most) : null,
  });
  return { left: side("left"), right: side("right"), bottom: side("bottom"), top: side("top") };
}
