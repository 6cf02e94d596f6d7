import type { System } from "../look/systems.ts";

/** What seals and holds the pane, and how it sets. Days are whole; the label wins. */
export type Compound = {
  readonly id: string;
  readonly name: string;
  /** Nothing may touch it for so many hours. */
  readonly handsOffHours: number;
  /** Paint window, days after setting; `most` null: no limit; both null: it cannot be painted. */
  readonly leastDays: number | null;
  readonly mostDays: number | null;
  /** It does not cure on days colder than this. */
  readonly leastC: number;
  /** So many days before painting must be dry. */
  readonly dryBefore: number;
  readonly primeRebate: boolean;
  /** It bears so much in the sun once it has set, °C. */
  readonly mostC: number;
  /** Whose maker says that it may be used: of the frame, or of the unit; empty where nobody did. */
  readonly approved?: string | undefined;
  readonly needs: string;
  readonly source: string;
  /** The kind it is of, where it is one of the firm's own: what it may touch, and how it is worked. */
  readonly like?: string;
};

/** What a material is kept as by the firm, from its label. */
export type OwnCompound = Omit<Compound, "id" | "needs" | "source" | "like" | "mostC"> & {
  readonly like: string;
  readonly mostC?: number | undefined;
};

export const COMPOUNDS: readonly Compound[] = [
  {
    id: "linseed",
    name: "Linseed {putty}",
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
  {
    id: "acrylic",
    name: "Acrylic or latex compound",
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
  {
    id: "two-part",
    name: "Two-part repair {putty}",
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
  {
    id: "silicone",
    name: "Neutral-cure silicone",
    handsOffHours: 48,
    leastDays: null,
    mostDays: null,
    leastC: 5,
    dryBefore: 0,
    primeRebate: false,
    mostC: 150,
    needs: "Clean and dry, wiped with alcohol, above 5 °C. Leave the sash shut 48 hours.",
    source: "common labels: 24 h untouched, 48 h shut; cannot be painted",
  },
  {
    id: "tape",
    name: "Glazing tape or factory gasket",
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
];

/** Where neither label nor kind says. */
const USUAL_MOST_C = 70;

/** How hot glass and frame get in full summer sun, °C. Source: usual makers' advice on dark frames. */
export const SUN_C = { light: 60, dark: 80 } as const;

/**
 * Why a material does not stand the sun at this frame; null where it does. Some old ones run.
 * @example one that bears 70 °C in a dark frame // "It bears 70 °C: a dark frame in the sun reaches 80, and it runs."
 */
export const runsInSun = (c: Pick<Compound, "mostC">, dark: boolean): string | null => {
  const hot = dark ? SUN_C.dark : SUN_C.light;
  return c.mostC < hot
    ? `It bears ${c.mostC} °C: ${dark ? "a dark frame" : "a light frame"} in the sun reaches ${hot}, and it runs.`
    : null;
};

/** What the old glass was stuck with. */
export type Bond = "putty" | "silicone" | "tape" | "gasket";

/**
 * What is usual where the old glass was stuck with this: the first offered. Beads and stops of timber are bedded in silicone
 * now, whatever the old bed was.
 * @example usualCompound("timber-putty", "putty") // "linseed"
 * @example usualCompound("cassette", "silicone") // "silicone"
 */
export function usualCompound(system: System, bond: Bond): string {
  if (system === "timber-putty") return "linseed";
  if (system === "timber-bead" || system === "pinned-stop") return bond === "tape" ? "tape" : "silicone";
  return bond === "putty" ? "linseed" : bond === "silicone" ? "silicone" : "tape";
}

/** What the pane lies in, by what it is set in; a factory gasket and tape are one compound, told apart by the frame. */
export const bedOf = (compound: string, bond: Bond): Bond =>
  compound === "silicone" ? "silicone" : compound === "tape" ? (bond === "tape" ? "tape" : "gasket") : "putty";

export const compoundById = (id: string, all: readonly Compound[] = COMPOUNDS): Compound | undefined =>
  all.find((c) => c.id === id);

/** The kind of a compound: its own id, or what the firm's own is like. */
export const kindOf = (c: Pick<Compound, "id" | "like">): string => c.like ?? c.id;

/** The list with the firm's own materials first: each with what its kind needs, and its label as source. */
export const withOwn = (own: readonly OwnCompound[]): readonly Compound[] => [
  ...own.map(
    (o): Compound => ({
      ...o,
      mostC: o.mostC ?? compoundById(o.like)?.mostC ?? USUAL_MOST_C,
      id: o.name,
      needs: compoundById(o.like)?.needs ?? "As its label says.",
      source: "its label, as the firm read it",
    }),
  ),
  ...COMPOUNDS,
];
