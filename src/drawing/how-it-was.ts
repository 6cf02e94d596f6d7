import type { MapItem } from "../core/takeout/how-it-was.ts";
import type { Box } from "./board.ts";
import type { Xy } from "./path.ts";

export const MAP_BOX = { width: 320, height: 380 };
/** The pane in the map: room round it for what stands on its edges. */
export const PANE_IN_MAP: Box = { left: 52, top: 52, width: 216, height: 276 };

const LONG = 26;
const THICK = 10;

/** Where a thing on the map is drawn: a block on the edge of the pane as it is drawn there, and its letter outside. */
export function mapPlace(i: MapItem, p: Box = PANE_IN_MAP): { readonly block: string; readonly label: Xy } {
  const level = i.edge === "top" || i.edge === "bottom";
  const x = level ? p.left + i.share * p.width : i.edge === "left" ? p.left : p.left + p.width;
  const y = level ? (i.edge === "top" ? p.top : p.top + p.height) : p.top + (1 - i.share) * p.height;
  const out = i.edge === "left" ? -1 : i.edge === "right" ? 1 : i.edge === "top" ? -1 : 1;
  const block = level
    ? `M${x - LONG / 2} ${y}h${LONG}v${out * THICK}h${-LONG}z`
    : `M${x} ${y - LONG / 2}h${out * THICK}v${LONG}h${-out * THICK}z`;
  return {
    block,
    label: level ? { x, y: y + out * 26 } : { x: x + out * 27, y },
  };
}
