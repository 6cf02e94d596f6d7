import type { Turned } from "../core/takeout/profile.ts";

export const TURNED_BOX = { width: 84, height: 60 };

/** A bead in section beside the glass, and an arrow at what shows which way round it goes. */
export function beadTurned(turned: Turned): { readonly glass: string; readonly bead: string; readonly arrow: string } {
  const glass = "M8 4H16V56H8Z";
  switch (turned) {
    case "lip-to-glass":
      return { glass, bead: "M20 50V26L17 20L22 22V14H52V50Z", arrow: "M40 8L22 18M22 18l8 -1M22 18l4 -7" };
    case "slope-to-glass":
      return { glass, bead: "M20 50L34 14H56V50Z", arrow: "M52 6L30 26M30 26l8 -3M30 26l2 -8" };
    case "groove-to-frame":
      return { glass, bead: "M20 50V14H56V50H46V42H36V50Z", arrow: "M74 56L44 48M44 48l8 -1M44 48l6 6" };
  }
}
