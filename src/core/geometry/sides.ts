import type { Side } from "./quad.ts";

/** The sides of a pane of four right angles, by one length type. @example straightSides(600, 900) // bottom and top 600, left and right 900 */
export const straightSides = <L extends number>(width: L, height: L): Readonly<Record<Side, L>> => ({
  left: height,
  right: height,
  bottom: width,
  top: width,
});
