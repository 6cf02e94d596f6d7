/** Where a tape was held. Widths and heights are rebate wall to rebate wall; seen from the side the pane goes in. */
export const WIDTHS = ["width-top", "width-middle", "width-bottom"] as const;
export const HEIGHTS = ["height-left", "height-middle", "height-right"] as const;
/** Up: bottom left to top right. Down: top left to bottom right. */
export const DIAGONALS = ["diagonal-up", "diagonal-down"] as const;
export const OPENING = [...WIDTHS, ...HEIGHTS, ...DIAGONALS] as const;
export type OpeningPlace = (typeof OPENING)[number];
export const isOpeningPlace = (place: string): place is OpeningPlace => (OPENING as readonly string[]).includes(place);

/** The same eight from the other face, where left and right are still those of the first: their difference is twist. */
export const BACK = [
  "back-width-top",
  "back-width-middle",
  "back-width-bottom",
  "back-height-left",
  "back-height-middle",
  "back-height-right",
  "back-diagonal-up",
  "back-diagonal-down",
] as const satisfies readonly `back-${OpeningPlace}`[];

/** Depth: sight line to rebate wall, in the plane of the glass. Width: upstand to outer face, through the glass. */
export const REBATE = ["rebate-depth", "rebate-width"] as const;
/** Where a side's depth differs from the rest, and the lip that must be covered where the house rule will not do. */
export const REBATE_SIDES = ["depth-left", "depth-right", "depth-bottom", "depth-top"] as const;
export const LIP = ["lip"] as const;
/** The bead that is there, across, and what was sanded off it: it must stand in what bed and glass leave of the rebate width. */
export const BEAD = ["bead-width", "bead-sanded"] as const;

/**
 * Through standing glass: what is seen; how far the glass goes in behind the sight line on one side, or else how deep the rebate
 * is there; and how far that may be off.
 */
export const SIGHT = ["sight-width", "sight-height", "goes-in", "cover-guess", "cover-doubt"] as const;
/** The pane that came out, if it was whole enough to measure, and how thick each packer under and beside it was. */
export const OLD_PANE = ["old-width", "old-height", "old-thickness"] as const;
export const OLD_PACKED = ["old-packed"] as const;
/** A door's insert: its frame outside to outside, or the opening seen inside it; and the door's thickness. */
export const INSERT = [
  "insert-outside-width",
  "insert-outside-height",
  "insert-inside-width",
  "insert-inside-height",
] as const;
export const DOOR = ["door-thickness"] as const;
/** The hole in the wall for a whole window, at three places each way: the least of each counts. */
export const HOLE_WIDTHS = ["window-hole-width", "window-hole-width-middle", "window-hole-width-sill"] as const;
export const HOLE_HEIGHTS = ["window-hole-height", "window-hole-height-middle", "window-hole-height-right"] as const;
export const HOLE = [...HOLE_WIDTHS, ...HOLE_HEIGHTS] as const;
/** A sash over its outer edges, and the hole in the wall. */
export const MADE_WHOLE = ["sash-outside-width", "sash-outside-height", ...HOLE] as const;

/** By caliper: overall, and each pane. */
export const CALIPER = ["unit-thickness", "pane-thickness", "pane-thickness-far"] as const;
/** Marks on a slip of wood stood on the fixed leg: the stop's face, and the two faces of the nearer pane. */
export const SLIP = ["slip-stop", "slip-far", "slip-near"] as const;
export const BED = ["bed-under"] as const;
/** For a wider rebate: the timber through the glass, and the member's face. */
export const TIMBER = ["timber-thickness", "member-face"] as const;

/** Where the pane is in the room: what the safety rules ask. */
export const SITE = ["sill-height", "door-distance"] as const;
/** Gap between sash and head at each end: the handle corner's drop is their difference. */
export const HANG = ["head-gap-hinge", "head-gap-handle"] as const;

/** Gaps round the sash in its frame, shut: what is even looks right, and latches. */
export const SASH_GAPS = ["gap-left", "gap-right", "gap-top", "gap-bottom"] as const;

/** How far each bead stands out from its frame once it is in. */
export const BEAD_PROUD = ["proud-left", "proud-right", "proud-top", "proud-bottom"] as const;

export const PLACES = [
  ...OPENING,
  ...BACK,
  ...REBATE,
  ...REBATE_SIDES,
  ...LIP,
  ...BEAD,
  ...SIGHT,
  ...OLD_PANE,
  ...OLD_PACKED,
  ...INSERT,
  ...DOOR,
  ...MADE_WHOLE,
  ...CALIPER,
  ...SLIP,
  ...BED,
  ...TIMBER,
  ...SITE,
  ...HANG,
  ...SASH_GAPS,
  ...BEAD_PROUD,
] as const;
export type Place = (typeof PLACES)[number];

export const isPlace = (text: string): text is Place => (PLACES as readonly string[]).includes(text);
