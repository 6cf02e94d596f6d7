/** Whose size the order states: the glass as it is cut, or the opening, with the allowance asked of the cutter. */
export const BASES = ["glass", "opening"] as const;
export type Basis = (typeof BASES)[number];
