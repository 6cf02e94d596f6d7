/** What is left over goes back to the rack from this size on, nm: smaller ones are in the way. Source: workshop practice. */
export const OFFCUT_KEPT = { width: 300_000_000, height: 300_000_000 } as const;
