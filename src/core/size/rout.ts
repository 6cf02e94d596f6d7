import { SIDES, type Side } from "../geometry/quad.ts";
import { addNm, type Nm, nm, takeNm } from "../units/length.ts";

/** A single-glazed sash that is to hold a sealed unit. */
export type RoutInput = {
  readonly bed: Nm;
  readonly unit: Nm;
  readonly faceClearance: Nm;
  readonly bead: Nm;
  readonly rebateWidth: Nm;
  readonly rebateDepth: Nm;
  /** Depth the unit needs, so that its edge seal is covered: cover + edge gap. */
  readonly depthNeeded: Nm;
  /** The sash member: through the glass, and its face in the plane of the glass. A bar has a rebate on both sides. */
  readonly timber: Nm;
  readonly faces: Readonly<Partial<Record<Side, Nm>>>;
  readonly twoSided?: boolean;
  readonly leastUpstand: Nm;
  readonly leastWeb: Nm;
};

export type Rout = {
  readonly width: { readonly needed: Nm; readonly by: Nm };
  readonly depth: { readonly needed: Nm; readonly by: Nm };
  readonly upstandLeft: Nm;
  readonly upstandHolds: boolean;
  readonly webs: readonly { readonly side: Side; readonly left: Nm; readonly holds: boolean }[];
  readonly holds: boolean;
};

/**
 * How much wider and deeper a rebate must be routed for a sealed unit, and what timber that leaves. Limits are inclusive.
 * @example bed 2 + unit 14 + 1 + bead 10 = 27 in timber of 44, rebate 18 // rout 9 wider, 17 of upstand left
 */
export function routFor(input: RoutInput): Rout {
  const width = [input.bed, input.unit, input.faceClearance, input.bead].reduce<Nm>(addNm, nm(0));
  const missing = (needed: Nm, there: Nm): Nm => nm(Math.max(0, needed - there));
  const newWidth = nm(Math.max(width, input.rebateWidth));
  const newDepth = nm(Math.max(input.depthNeeded, input.rebateDepth));
  const upstandLeft = takeNm(input.timber, newWidth);
  const webs = SIDES.flatMap((side) => {
    const face = input.faces[side];
    if (face === undefined) return [];
    const left = takeNm(face, nm(newDepth * (input.twoSided ? 2 : 1)));
    return [{ side, left, holds: left >= input.leastWeb }];
  });
  const upstandHolds = upstandLeft >= input.leastUpstand;
  return {
    width: { needed: width, by: missing(width, input.rebateWidth) },
    depth: { needed: input.depthNeeded, by: missing(input.depthNeeded, input.rebateDepth) },
    upstandLeft,
    upstandHolds,
    webs,
    holds: upstandHolds && webs.every((w) => w.holds),
  };
}
