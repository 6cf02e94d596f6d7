import type { Mm } from "../units/length.ts";
/**
 * A sash as four bars pinned at their corners, its hinge bar fixed upright, and a rigid pane packed inside it. All in mm;
 * angles in radians. Seen from the side the pane goes in; the handle is opposite the hinge.
 */
export type Sash = { readonly widthMm: Mm; readonly heightMm: Mm };

export type Lift = {
  /** Angle by which the handle side hangs down: sin γ = drop / width. */
  readonly gamma: number;
  /** The diagonal from the hinge's foot to the handle's head: as it hangs, and square. */
  readonly diagonal: { readonly hangsMm: Mm; readonly squareMm: Mm };
  /** By how much packers must lengthen it: exactly, and to first order. */
  readonly lengthenMm: { readonly exact: number; readonly firstOrder: number };
  /** The other one, hinge head to handle foot: as it hangs, and how far the handle would hang down with as much packed into it. */
  readonly wrong: { readonly hangsMm: Mm; readonly dropWouldBeMm: Mm };
};

/**
 * What lifting a dropped handle corner asks of the diagonal that runs from the hinge's foot to the handle's head. It is
 * shortened when the sash drops: from √(W² + H² − 2Hs) back to √(W² + H²); s H / √(W² + H²) to first order.
 * The other diagonal is lengthened by the drop already, to √(W² + H² + 2Hs): what is packed into it makes it hang lower.
 * @example 600 × 900, dropped 6 // 5.004 exactly, 4.992 to first order; across the wrong diagonal it would hang 12.04
 */
export function liftOf(sash: Sash, dropMm: Mm): Lift {
  const { widthMm: W, heightMm: H } = sash;
  const square = Math.hypot(W, H);
  const hangs = Math.sqrt(Math.max(0, W * W + H * H - 2 * H * dropMm));
  const wrong = Math.sqrt(Math.max(0, W * W + H * H + 2 * H * dropMm));
  return {
    wrong: {
      hangsMm: wrong,
      dropWouldBeMm: ((wrong + square - hangs) ** 2 - W * W - H * H) / (2 * H),
    },
    gamma: Math.asin(Math.max(-1, Math.min(1, dropMm / W))),
    diagonal: { hangsMm: hangs, squareMm: square },
    lengthenMm: { exact: square - hangs, firstOrder: (dropMm * H) / square },
  };
}

export type Packed = {
  readonly pane: Sash;
  /** Bottom and top packers together, and the two side ones together, mm. */
  readonly uprightMm: Mm;
  readonly sidewaysMm: Mm;
  /** How far apart the two upright ones stand along their edges, and the two side ones. */
  readonly dxMm: Mm;
  readonly dyMm: Mm;
};

/**
 * How far the handle side hangs down as it is packed, mm: the play that the packers leave, turned into an angle over the
 * distance between them. To first order: γ = ((H − h) − p) / dx + ((W − w) − q) / dy, and the drop is γ W. Less than 0
 * would be a handle side above square: the packers are too thick, and the sash binds.
 * @example 600 × 900 with 594 × 894, packed 4 and 4, 500 and 800 apart // (2/500 + 2/800) × 600 = 3.9 down
 */
export const restsAt = (sash: Sash, p: Packed): number =>
  ((sash.heightMm - p.pane.heightMm - p.uprightMm) / p.dxMm + (sash.widthMm - p.pane.widthMm - p.sidewaysMm) / p.dyMm) *
  sash.widthMm;

/** Packers to add for a lift: all of it upright, or all of it sideways. @example lift 6 at 600 wide, 500 and 800 apart // 5, or 8 */
export const addFor = (
  sash: Sash,
  liftMm: Mm,
  apart: { readonly dxMm: Mm; readonly dyMm: Mm },
): { readonly uprightMm: Mm; readonly sidewaysMm: Mm } => ({
  uprightMm: (liftMm * apart.dxMm) / sash.widthMm,
  sidewaysMm: (liftMm * apart.dyMm) / sash.widthMm,
});

/** Drop of the handle corner from the head gaps as they are: more open at the handle than at the hinge is a drop. */
export const dropFromHeads = (heads: { readonly hingeMm: Mm; readonly handleMm: Mm }): number =>
  heads.handleMm - heads.hingeMm;

/** Four corners of the sash as it hangs, hinge foot at the origin, handle to the right: hinge foot, handle foot, handle head, hinge head. */
export function sashCorners(sash: Sash, dropMm: Mm): readonly { readonly x: number; readonly y: number }[] {
  const sin = Math.max(-1, Math.min(1, dropMm / sash.widthMm));
  const across = sash.widthMm * Math.sqrt(1 - sin * sin);
  return [
    { x: 0, y: 0 },
    { x: across, y: -dropMm },
    { x: across, y: sash.heightMm - dropMm },
    { x: 0, y: sash.heightMm },
  ];
}
