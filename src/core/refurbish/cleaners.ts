/** What the inner faces are cleaned with, and whether it left a film. */
export const CLEANERS = ["vinegar", "alcohol", "glass-cleaner", "solvent", "oil"] as const;
export type Cleaner = (typeof CLEANERS)[number];

export const CLEANER_FACTS: Readonly<
  Record<Cleaner, { readonly name: string; readonly why: string; readonly onCoated: boolean }>
> = {
  vinegar: { name: "vinegar and water", why: "Takes scale and film; rinse it off.", onCoated: false },
  alcohol: { name: "alcohol, half water", why: "Leaves little, dries fast.", onCoated: true },
  "glass-cleaner": { name: "shop glass cleaner", why: "For the last wipe; some leave a film.", onCoated: true },
  solvent: { name: "solvent", why: "Lifts sealant; keep it off plastic and laminated edges.", onCoated: false },
  oil: { name: "light oil", why: "Softens old sealant, but all of it must come off again.", onCoated: false },
};

export const RESULTS = ["clear", "streaks", "film"] as const;
export type CleanResult = (typeof RESULTS)[number];

/** @example "solvent" on coated glass // it may not */
export const cleanerFault = (cleaner: Cleaner, coated: boolean): string | null =>
  coated && !CLEANER_FACTS[cleaner].onCoated
    ? `Not on coated glass: ${CLEANER_FACTS[cleaner].name} may mark the coating for good.`
    : null;
