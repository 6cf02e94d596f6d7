import { polygon, type Xy } from "./path.ts";

export type OnWallInput = {
  /** Floor to the lower edge of the glass, and glass edge to door edge, mm; null while not read. */
  readonly sill: number | null;
  readonly door: number | null;
  readonly pane: { readonly width: number; readonly height: number } | null;
  /** Where glass is in reach of a fall: up from the floor everywhere, and beside and in the door up to more, mm. */
  readonly zones?: { readonly low: number; readonly besideDoor: number; readonly doorUp: number } | undefined;
  /** It is a light of the door itself: no distance is drawn. */
  readonly inDoor?: boolean;
  readonly box: { readonly width: number; readonly height: number };
};

export type OnWall = {
  readonly zones: readonly string[];
  readonly floor: string;
  readonly door: string;
  readonly pane: string;
  readonly rise: string;
  /** Null in a door: there is none. */
  readonly away: string | null;
  /** The middle of each of the two distances. */
  readonly riseAt: Xy;
  readonly awayAt: Xy;
  readonly known: { readonly sill: boolean; readonly door: boolean };
};

/** A door as doors mostly are, mm; and what stands in for a reading until it is taken. */
const DOOR = { width: 800, height: 2000 };
const USUAL = { sill: 900, door: 600, pane: { width: 600, height: 900 } };
/** Rail and stile left round a light that is larger than a usual door. */
const LEAF = { side: 120, top: 120 };
const EDGE = 8;

/** A pane on its wall with the floor below and a door to its right, or in that door, all at one scale. */
export function onWall(input: OnWallInput): OnWall {
  const sill = Math.max(0, input.sill ?? USUAL.sill);
  const gap = Math.max(0, input.door ?? USUAL.door);
  const pane = input.pane ?? USUAL.pane;
  const inDoor = input.inDoor === true;
  const leaf = inDoor
    ? {
        width: Math.max(DOOR.width, pane.width + 2 * LEAF.side),
        height: Math.max(DOOR.height, sill + pane.height + LEAF.top),
      }
    : DOOR;
  const beside = inDoor ? (input.zones?.besideDoor ?? 0) : 0;
  const doorAt = inDoor ? beside : pane.width + gap;
  const paneAt = inDoor ? doorAt + (leaf.width - pane.width) / 2 : 0;
  const across = doorAt + leaf.width + beside;
  const up = Math.max(leaf.height, sill + pane.height);
  const scale = Math.min((input.box.width - 2 * EDGE) / across, (input.box.height - 2 * EDGE) / up);
  const ground = input.box.height - EDGE;
  const left = (input.box.width - across * scale) / 2;
  const at = (x: number, y: number) => ({ x: left + x * scale, y: ground - y * scale });
  const rect = (x: number, y: number, w: number, h: number): string =>
    polygon([at(x, y), at(x + w, y), at(x + w, y + h), at(x, y + h)]);
  const line = (x0: number, y0: number, x1: number, y1: number): string =>
    `M${at(x0, y0).x} ${at(x0, y0).y}L${at(x1, y1).x} ${at(x1, y1).y}`;
  const middle = sill + pane.height / 2;
  const { zones } = input;
  const wall = across;
  return {
    zones: zones
      ? [
          rect(0, 0, wall, zones.low),
          rect(
            Math.max(0, doorAt - zones.besideDoor),
            0,
            Math.min(zones.besideDoor, doorAt) + leaf.width + beside,
            zones.doorUp,
          ),
        ]
      : [],
    floor: `M0 ${ground}H${input.box.width}`,
    door: rect(doorAt, 0, leaf.width, leaf.height),
    pane: rect(paneAt, sill, pane.width, pane.height),
    rise: line(paneAt + pane.width / 2, 0, paneAt + pane.width / 2, sill),
    away: inDoor ? null : line(pane.width, middle, pane.width + gap, middle),
    riseAt: at(paneAt + pane.width / 2, sill / 2),
    awayAt: at(pane.width + gap / 2, middle),
    known: { sill: input.sill !== null, door: input.door !== null },
  };
}
