import type { Whole } from "../specify/whole.ts";
import type { Mm } from "../units/length.ts";

/** What is looked at when a pane comes, beside its size. */
export const CHECK_LOOKS = [
  "thickness",
  "marks",
  "coating",
  "bars",
  "colour",
  "edges",
  "scratches",
  "seal",
  "hand",
  "square",
  "outline",
] as const;
export type CheckLook = (typeof CHECK_LOOKS)[number];

export type CheckFacts = {
  readonly unit: boolean;
  readonly coated: boolean;
  readonly barred: boolean;
  readonly safety: boolean;
  readonly looks: boolean;
  /** It has no right angles: cut to a shape of its own. */
  readonly shaped: boolean;
  /** It comes whole: its glass has no edges to feel, and its thickness is its maker's. */
  readonly whole: Whole | null;
};

export const CHECK_LOOK_FACTS: Readonly<
  Record<CheckLook, { readonly name: string; readonly how: string; readonly when: (f: CheckFacts) => boolean }>
> = {
  thickness: { name: "thickness", how: "Caliper at two corners.", when: (f) => f.whole === null },
  marks: {
    name: "safety mark",
    how: "The stamp is there, in the corner asked for, and can be read. Laminated that stands where ordinary glass would do may have none: then its edge shows its layer.",
    when: (f) => f.safety,
  },
  coating: {
    name: "coated face",
    how: "A flame or a phone's light to the glass: the reflection of another colour is the coated face. Count from outside.",
    when: (f) => f.coated,
  },
  bars: { name: "bars", how: "Count them, upright and across; measure one space each way.", when: (f) => f.barred },
  colour: {
    name: "colour and pattern",
    how: "Beside the neighbour's photo: tint, spacer, pattern and the way it runs.",
    when: (f) => f.unit || f.whole !== null || f.looks,
  },
  edges: {
    name: "edges",
    how: "Thumb along all of them, gloved: no chip, no shell, finished as ordered.",
    when: (f) => f.whole === null,
  },
  scratches: { name: "scratches", how: "Along the glass in slanting light, both faces.", when: () => true },
  seal: {
    name: "edge seal",
    how: "Unbroken all round, nothing on the inner faces, corners full.",
    when: (f) => f.unit,
  },
  hand: {
    name: "hand",
    how: "Hinges, handle and lock on the sides that were ordered, seen from outside; what opens, opens.",
    when: (f) => f.whole === "sash" || f.whole === "window",
  },
  square: { name: "square", how: "Both diagonals alike.", when: (f) => !f.shaped },
  outline: {
    name: "outline",
    how: "Laid on its template, or against what was ordered of it: every side, where a curve begins, the face that is marked.",
    when: (f) => f.shaped,
  },
};

/** What is worth looking at on this pane. @example a plain pane of float // thickness, edges, scratches, square */
export const looksAsked = (f: CheckFacts): readonly CheckLook[] =>
  CHECK_LOOKS.filter((l) => CHECK_LOOK_FACTS[l].when(f));

/** Tolerance on the difference of the diagonals: that of the longer side. Source: as for the sizes, by house rule. */
export const diagonalsWithin = (upMm: Mm, downMm: Mm, toleranceMm: Mm): boolean =>
  Math.abs(upMm - downMm) <= toleranceMm + 1e-9;
