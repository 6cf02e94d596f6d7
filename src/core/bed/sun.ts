import type { Compound } from "./compound.ts";

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
