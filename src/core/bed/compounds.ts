import type { Template } from "../text/template.ts";
import { COMPOUND_IDS, type Compound, type CompoundId, type OwnCompound } from "./compound.ts";

/** Each kind once; a kind that is missing here does not compile. */
const KINDS: Readonly<Record<CompoundId, Omit<Compound, "id" | "kind">>> = {
  linseed: {
    name: "Linseed {putty}",
    bed: "putty",
    workedBy: "hand",
    oily: true,
    handsOffHours: 48,
    leastDays: 7,
    mostDays: 28,
    leastC: 5,
    dryBefore: 1,
    primeRebate: true,
    mostC: 90,
    needs: "A primed {rebate}, above 5 °C, dry.",
    source: "trade practice: paint from 7 to 14 days, by 28",
  },
  "metal-casement": {
    name: "Metal-casement {putty}",
    bed: "putty",
    workedBy: "hand",
    oily: true,
    handsOffHours: 48,
    leastDays: 7,
    mostDays: 28,
    leastC: 5,
    dryBefore: 1,
    primeRebate: false,
    mostC: 90,
    needs: "Clean metal under a coat of metal primer, above 5 °C, dry.",
    source: "trade practice, as for linseed: paint from 7 to 14 days, by 28",
  },
  acrylic: {
    name: "Acrylic or latex compound",
    bed: "putty",
    workedBy: "gun",
    oily: false,
    handsOffHours: 4,
    leastDays: 3,
    mostDays: 14,
    leastC: 5,
    dryBefore: 1,
    primeRebate: false,
    mostC: 75,
    needs: "Above 5 °C, no rain for a day. Prime if its label says so.",
    source: "common labels: paint from 3 to 5 days, by 14",
  },
  "two-part": {
    name: "Two-part repair {putty}",
    bed: "putty",
    workedBy: "mixed",
    oily: false,
    handsOffHours: 1,
    leastDays: 0,
    mostDays: null,
    leastC: 5,
    dryBefore: 0,
    primeRebate: false,
    mostC: 90,
    needs: "Small repairs. It sets in minutes: mix what you can use.",
    source: "common labels",
  },
  silicone: {
    name: "Neutral-cure silicone",
    bed: "silicone",
    workedBy: "gun",
    oily: false,
    handsOffHours: 48,
    leastDays: null,
    mostDays: null,
    leastC: 5,
    dryBefore: 0,
    primeRebate: false,
    mostC: 150,
    needs: "Clean and dry, wiped with alcohol, above 5 °C. 48 hours nothing leans on it, and what opens stays shut.",
    source: "common labels: 24 h untouched, 48 h shut; cannot be painted",
  },
  tape: {
    name: "Glazing tape",
    bed: "tape",
    workedBy: "laid",
    oily: false,
    handsOffHours: 0,
    leastDays: null,
    mostDays: null,
    leastC: 10,
    dryBefore: 0,
    primeRebate: false,
    mostC: 80,
    needs: "Clean and dry, above 10 °C. Wetted to slide: until dry.",
    source: "common labels: no wait, not painted",
  },
  "tape-and-sealant": {
    name: "Glazing tape, and silicone outside it",
    bed: "both",
    workedBy: "laid",
    oily: false,
    handsOffHours: 48,
    leastDays: null,
    mostDays: null,
    leastC: 10,
    dryBefore: 0,
    primeRebate: false,
    mostC: 80,
    needs:
      "Clean and dry, above 10 °C; the tape slid dry, for sealant does not stick to cleaner. 48 hours nothing leans on it, and what opens stays shut.",
    source: "common labels of both, the stricter of each",
  },
  gasket: {
    name: "The frame's own gaskets",
    bed: "gasket",
    workedBy: "pressed",
    oily: false,
    handsOffHours: 0,
    leastDays: null,
    mostDays: null,
    leastC: -10,
    dryBefore: 0,
    primeRebate: false,
    mostC: 90,
    needs: "Clean grooves; corners full, not stretched. No wait.",
    source: "trade practice",
  },
};

export const COMPOUNDS: readonly Compound[] = COMPOUND_IDS.map((id) => ({ ...KINDS[id], id, kind: id }));

/** A kind by its id. */
export const kindNamed = (id: CompoundId): Compound => ({ ...KINDS[id], id, kind: id });

export const compoundById = (id: Template, all: readonly Compound[] = COMPOUNDS): Compound | undefined =>
  all.find((c) => c.id === id);

/** What is written down of a compound on the day it is used. */
export const asUsed = ({
  kind,
  name,
  handsOffHours,
  leastDays,
  mostDays,
  leastC,
  dryBefore,
  primeRebate,
  mostC,
}: Compound) => ({
  kind,
  name,
  handsOffHours,
  leastDays,
  mostDays,
  leastC,
  dryBefore,
  primeRebate,
  mostC,
});

/** Whose word the figures of the firm's own materials are. */
export const ITS_LABEL = "its label, as the firm read it";

/** A compound within a sentence: a kind begins small, a name from a label stays as it is. @example "linseed {putty}", "Tub 7" */
export const compoundInText = (c: Pick<Compound, "id" | "kind" | "name">): Template =>
  c.id === c.kind ? c.name.charAt(0).toLowerCase() + c.name.slice(1) : c.name;

/** The list with the firm's own materials first: each with what its kind needs, and its label as source. */
export const withOwn = (own: readonly OwnCompound[]): readonly Compound[] => [
  ...own.map(({ like, mostC, ...o }): Compound => {
    const kind = kindNamed(like);
    return { ...kind, ...o, id: o.name, mostC: mostC ?? kind.mostC, source: ITS_LABEL };
  }),
  ...COMPOUNDS,
];
