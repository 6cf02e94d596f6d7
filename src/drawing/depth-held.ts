import type { Place } from "../core/measure/places.ts";
import { open, rectangle } from "./path.ts";

/** Through the bottom of a frame, outside at the left: what the tape is held between, not to scale. */
export const DEPTH_BOX = { width: 120, height: 146 } as const;

/** The sight line, the rebate's floor and outer face, the upstand's face; the glass, and its lower edge above the floor. */
const SIGHT = 58;
const FLOOR = 104;
const OUTER = 18;
const UPSTAND = 78;
const GLASS = { left: 58, right: 68, edge: 96 } as const;

export type DepthHeld = {
  readonly frame: readonly string[];
  readonly glass: string;
  /** What the tape is held between. */
  readonly from: string;
  /** The tape itself, with its ends. */
  readonly held: string;
};

type Held = { readonly way: "up"; readonly from: number; readonly to: number } | { readonly way: "across" };

const HELD: Readonly<Partial<Record<Place, Held>>> = {
  "rebate-depth": { way: "up", from: SIGHT, to: FLOOR },
  "cover-guess": { way: "up", from: SIGHT, to: FLOOR },
  "goes-in": { way: "up", from: SIGHT, to: GLASS.edge },
  "rebate-width": { way: "across" },
};

/**
 * Where the tape is held for a reading that no elevation can show; null for every other.
 * @example depthHeld("goes-in") // from the sight line down to the glass's edge, above the rebate's floor
 */
export function depthHeld(place: Place): DepthHeld | null {
  const at = HELD[place];
  if (!at) return null;
  const x = 38;
  const y = 82;
  return {
    frame: [
      rectangle(OUTER, FLOOR, 102 - OUTER, DEPTH_BOX.height - 6 - FLOOR),
      rectangle(UPSTAND, SIGHT, 102 - UPSTAND, FLOOR - SIGHT),
    ],
    glass: rectangle(GLASS.left, 8, GLASS.right - GLASS.left, GLASS.edge - 8),
    from:
      at.way === "up"
        ? [at.from, at.to].map((v) => line(x - 14, v, UPSTAND, v)).join("")
        : [OUTER, UPSTAND].map((v) => line(v, y - 14, v, y + 14)).join(""),
    held:
      at.way === "up"
        ? `${line(x, at.from, x, at.to)}${line(x - 6, at.from, x + 6, at.from)}${line(x - 6, at.to, x + 6, at.to)}`
        : `${line(OUTER, y, UPSTAND, y)}${line(OUTER, y - 6, OUTER, y + 6)}${line(UPSTAND, y - 6, UPSTAND, y + 6)}`,
  };
}

const line = (x0: number, y0: number, x1: number, y1: number): string =>
  open([
    { x: x0, y: y0 },
    { x: x1, y: y1 },
  ]);
