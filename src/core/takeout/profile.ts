/** How a bead of this profile lets go. */
export const UNHOOKS = ["straight", "lift", "squeeze"] as const;
export type Unhooks = (typeof UNHOOKS)[number];

/** Where along it a bead gave first. */
export const GAVE = ["middle", "end", "corner", "along"] as const;
export type Gave = (typeof GAVE)[number];

/** What of a bead or gasket shows which way round it goes: the lip, the slope or the groove, and what it faces. */
export const TURNED = ["lip-to-glass", "slope-to-glass", "groove-to-frame"] as const;
export type Turned = (typeof TURNED)[number];
export const TURNED_NAMES: Readonly<Record<Turned, string>> = {
  "lip-to-glass": "lip to the glass",
  "slope-to-glass": "slope to the glass",
  "groove-to-frame": "groove to the frame",
};

/** What the firm has learnt about the beads or stops of one frame profile, on whatever window it met them. */
export type Profile = {
  readonly profile: string;
  readonly unhooks: Unhooks | null;
  readonly gave: Gave | null;
  /** Which way round it goes back; not said on older records. */
  readonly turned?: Turned | null | undefined;
  readonly tape: "thin" | "thick" | null;
  /** Old plastic that cracks where it should bend. */
  readonly brittle: boolean;
  /** Told to whoever meets the next one. */
  readonly lesson: string;
};

export const UNHOOKS_FACTS: Readonly<Record<Unhooks, { readonly name: string; readonly how: string }>> = {
  straight: { name: "straight inward", how: "It comes away straight, toward you." },
  lift: { name: "lifted first", how: "Lift its inner edge first, then draw it toward you." },
  squeeze: { name: "squeezed, then pulled", how: "Squeeze it together along its length, then pull." },
};

export const GAVE_FACTS: Readonly<Record<Gave, { readonly name: string; readonly at: string }>> = {
  middle: { name: "in its middle", at: "in the middle" },
  end: { name: "at an end", at: "at its end" },
  corner: { name: "at a corner", at: "at a corner" },
  along: { name: "bit by bit along a long side", at: "at one end of a long side, working steadily along it" },
};

/** Thick tape behind a bead holds on: minutes more for each. */
export const THICK_TAPE_MINUTES = 3;
