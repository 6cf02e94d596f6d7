/** Where a tape was held. Widths and heights are rebate wall to rebate wall; seen from the side the pane goes in. */
export const WIDTHS = ["width-top", "width-middle", "width-bottom"] as const;
export const HEIGHTS = ["height-left", "height-middle", "height-right"] as const;
/** Up: bottom left to top right. Down: top left to bottom right. */
export const DIAGONALS = ["diagonal-up", "diagonal-down"] as const;
/** Depth: sight line to rebate wall, in the plane of the glass. Width: upstand to outer face, through the glass. */
export const REBATE = ["rebate-depth", "rebate-width"] as const;
/** Where the pane is in the room: what the safety rules ask. */
export const SITE = ["sill-height", "door-distance"] as const;
/** The pane that came out, if it was whole enough to measure. */
export const OLD_PANE = ["old-width", "old-height", "old-thickness"] as const;

export const OPENING = [...WIDTHS, ...HEIGHTS, ...DIAGONALS] as const;
export const PLACES = [...OPENING, ...REBATE, ...SITE, ...OLD_PANE] as const;

export type OpeningPlace = (typeof OPENING)[number];
export type Place = (typeof PLACES)[number];
