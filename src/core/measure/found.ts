import type { Written } from "../tape/written.ts";

/** Bars inside the unit, or between lights: counted as they stand in front of you. */
export type Bars = {
  readonly uprights: number;
  readonly crosses: number;
  readonly width: Written | null;
  readonly colour: string;
  readonly kind: "flat" | "shaped";
  /** Even, or the clear distances as given, left to right then bottom to top. */
  readonly spacing: "even" | "given";
  readonly given: string;
};

/** Looked, and there are none. */
export const NO_BARS: Bars = {
  uprights: 0,
  crosses: 0,
  width: null,
  colour: "white",
  kind: "flat",
  spacing: "even",
  given: "",
};

export const BAR_KINDS = ["flat", "shaped"] as const;
export const SPACINGS = ["even", "given"] as const;

/** Whether the glass is coated. `unsure` holds the order. Faces count from outside, 1 to 4. */
export type Coating = { readonly coated: "yes" | "no" | "unsure"; readonly face: number | null; readonly how: string };
export const COATED = ["yes", "no", "unsure"] as const;

export type CoatingWay = "reflections" | "neighbour" | "paper";

/** Ways to tell a coating, the surest first. */
export const COATING_WAYS: readonly { readonly way: CoatingWay; readonly says: string }[] = [
  {
    way: "reflections",
    says: "Hold a flame or a phone's light to the glass: two reflections a face; one of another colour is the coated one.",
  },
  { way: "neighbour", says: "Compare the upper with the lower sash, or with a neighbour of the same date." },
  { way: "paper", says: "Hold white paper behind: a blue or dark cast beside bare air." },
];

/** What else is found while measuring, for the stations after it. */
export type Found = {
  readonly hinge: Hinge;
  /** What is printed on the glass or in the spacer, as read. */
  readonly marks: string;
  readonly spacerDate: string;
  readonly held: "bead" | "putty" | "not-said";
};
/** Nobody found anything yet. */
export const NOTHING_FOUND: Found = { hinge: "not-said", marks: "", spacerDate: "", held: "not-said" };

/** How the sash hangs: on hinges at a side, on rollers along a track, on cords or balances up and down, or not at all. */
export const HINGES = ["not-said", "left", "right", "top", "bottom", "slides", "hung", "fixed"] as const;
export type Hinge = (typeof HINGES)[number];
export const HELD = ["not-said", "bead", "putty"] as const;

/** Even clear spaces between bars, mm. @example evenSpaces(600, 2, 20) // 186.67 three times */
export const evenSpaces = (across: number, bars: number, barWidth: number): number =>
  (across - bars * barWidth) / (bars + 1);

export const hasBars = (b: Pick<Bars, "uprights" | "crosses">): boolean => b.uprights > 0 || b.crosses > 0;
