/** Colours that glass is tinted in. */
export const TINTS = ["bronze", "grey", "green", "blue"] as const;
export type Tint = (typeof TINTS)[number];

/** The tint that is said; null where the word names none. @example "light green" // "green" */
export const tintColour = (says: string): Tint | null =>
  /bronze|brown/i.test(says)
    ? "bronze"
    : /gr[ea]y|smoke/i.test(says)
      ? "grey"
      : (TINTS.find((t) => says.toLowerCase().includes(t)) ?? null);

/** Colours that spacers and bars are seen in. */
export const METAL_COLOURS = ["black", "grey", "white", "bronze", "gold", "bright"] as const;
export type MetalColour = (typeof METAL_COLOURS)[number];

const WORDS: readonly (readonly [RegExp, MetalColour])[] = [
  [/black|anthracite/i, "black"],
  [/gr[ea]y/i, "grey"],
  [/white|cream/i, "white"],
  [/bronze|brown/i, "bronze"],
  [/gold|brass/i, "gold"],
  [/alumin|bright|silver|steel|mill/i, "bright"],
];

/**
 * The colour that a spacer or a bar is said to have; null where nothing says it.
 * @example "warm edge, black" // "black" @example "aluminium" // "bright" @example "warm edge" // null
 */
export const metalColour = (says: string): MetalColour | null => WORDS.find(([word]) => word.test(says))?.[1] ?? null;
