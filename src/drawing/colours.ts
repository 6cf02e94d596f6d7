import { metalColour, tintColour } from "../core/specify/colours.ts";

/** The class that draws a spacer or a bar in the colour it is said to have; none where nothing says it. */
export const metalClass = (says: string): string => {
  const colour = metalColour(says);
  return colour ? `of-${colour}` : "";
};

/** The class that draws a tint. */
export const tintClass = (says: string): string => {
  const tint = tintColour(says);
  return tint ? `of-tint-${tint}` : "";
};
