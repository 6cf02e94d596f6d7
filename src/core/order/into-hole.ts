import { mm, type Nm, nm } from "../units/length.ts";

/** What a frame wants free on each side, to be packed plumb and sealed. Source: common fitters' practice, 5 mm as a rule. */
const LEAST_GAP = mm(3);
/** More than this on a side is no joint any more: it is packed out and covered. Source: the same. */
const MOST_GAP = mm(12);

export type HoleSide = {
  /** What stays free on each of its two sides where it stands in the middle. */
  readonly gap: Nm;
  readonly fits: "too-large" | "well" | "too-small";
};
export type IntoHole = {
  readonly width: HoleSide;
  readonly height: HoleSide;
  readonly fits: boolean;
  /** It would fit the other way round. */
  readonly swapped: boolean;
  readonly leastGap: Nm;
  readonly mostGap: Nm;
};

/**
 * What was made whole against the hole it goes into: its maker took the fitting gap off, so it comes smaller than the size on
 * the order, and as large as that it does not go in.
 * @example hole 900 × 1500, came 890 × 1490 // 5 mm on each side: it fits; came 900 × 1500 // too large
 */
export function intoHole(fit: {
  readonly hole: { readonly width: Nm; readonly height: Nm };
  readonly came: { readonly width: Nm; readonly height: Nm };
}): IntoHole {
  const side = (hole: Nm, came: Nm): HoleSide => {
    const gap = nm(Math.round((hole - came) / 2));
    return { gap, fits: gap < LEAST_GAP ? "too-large" : gap > MOST_GAP ? "too-small" : "well" };
  };
  const well = (a: HoleSide, b: HoleSide): boolean => a.fits === "well" && b.fits === "well";
  const width = side(fit.hole.width, fit.came.width);
  const height = side(fit.hole.height, fit.came.height);
  const fits = well(width, height);
  return {
    width,
    height,
    fits,
    swapped: !fits && well(side(fit.hole.width, fit.came.height), side(fit.hole.height, fit.came.width)),
    leastGap: LEAST_GAP,
    mostGap: MOST_GAP,
  };
}
