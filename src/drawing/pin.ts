import { rectangle } from "./path.ts";

export const PIN_BOX = { width: 300, height: 150 };
const AT = { x: 150, y: 70 };

export type PinDrawing = {
  readonly frame: string;
  readonly bead: string;
  readonly glass: string;
  readonly pin: string;
  readonly head: { readonly x: number; readonly y: number };
};

/**
 * A pin through a bead into the frame, to scale, the glass at the left: the bead stands on the frame below it, the pin goes
 * in at its outer side and leans away from the glass.
 */
export function pinDrawing(pin: {
  readonly lengthMm: number;
  readonly stopMm: number;
  readonly angleDeg: number;
  readonly toGlassMm: number;
}): PinDrawing {
  const k = Math.min(2.6, 62 / Math.max(pin.stopMm, 1));
  const a = (pin.angleDeg * Math.PI) / 180;
  const glassX = AT.x - pin.toGlassMm * k;
  const top = AT.y - pin.stopMm * k;
  const tip = { x: AT.x + pin.lengthMm * Math.sin(a) * k, y: top + pin.lengthMm * Math.cos(a) * k };
  return {
    frame: rectangle(glassX - 46, AT.y, 190, 62),
    bead: rectangle(glassX, top, 44 + pin.toGlassMm * k, pin.stopMm * k),
    glass: rectangle(glassX - 12, 6, 12, AT.y - 8),
    pin: `M${AT.x} ${top}L${tip.x} ${tip.y}`,
    head: { x: AT.x, y: top },
  };
}
