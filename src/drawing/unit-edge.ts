/** The box the opened unit's edge is drawn in. */
export const EDGE_BOX = { width: 450, height: 380 } as const;

/** Pictured sheets of 4, a spacer 16 wide and 7 high, a channel 4 deep: not to this unit's scale, as each is named and none measured off. */
const SCALE = 9;
const [PANE, SPACER, HIGH, CHANNEL] = [4, 16, 7, 4].map((mm) => mm * SCALE) as [number, number, number, number];
const TOP = 30;
const FOOT = EDGE_BOX.height - 50;
const WALL = 6;

export type UnitEdge = {
  readonly panes: readonly [string, string];
  readonly spacer: string;
  readonly bore: string;
  /** Drying beads in the bore, as dots. */
  readonly beads: readonly { readonly x: number; readonly y: number }[];
  readonly seal: string;
  /** Round the edge, from face to face. */
  readonly tape: string;
  /** Where the blade runs: between glass and seal, on both panes. */
  readonly cuts: string;
  /** The faces that are inside once it is closed. */
  readonly inside: string;
  /** How far the spacer stands in from the glass edge. */
  readonly depth: string;
  readonly at: Readonly<Record<"a" | "b" | "spacer" | "beads" | "seal", { readonly x: number; readonly y: number }>>;
};

/**
 * The lower edge of a unit in section: two panes, the spacer between them with drying beads in its bore, the sealant outside it.
 * @example unitEdge().cuts // two strokes, from the edge up past the spacer, one along each pane
 */
export function unitEdge(): UnitEdge {
  // Room at the right for the names, large on a phone too.
  const left = 30;
  const [a, b] = [left, left + PANE + SPACER];
  const inner = { from: left + PANE, to: b };
  const sealTop = FOOT - CHANNEL;
  const spacerTop = sealTop - HIGH;
  const box = (x: number, y: number, w: number, h: number) => `M${x} ${y}h${w}v${h}h${-w}z`;
  const bore = { x: inner.from + WALL, y: spacerTop + WALL, w: SPACER - 2 * WALL, h: HIGH - 2 * WALL };
  const columns = 8;
  const rows = 3;
  return {
    panes: [box(a, TOP, PANE, FOOT - TOP), box(b, TOP, PANE, FOOT - TOP)],
    spacer: box(inner.from, spacerTop, SPACER, HIGH),
    bore: box(bore.x, bore.y, bore.w, bore.h),
    beads: Array.from({ length: columns * rows }, (_, i) => ({
      x: bore.x + (bore.w * ((i % columns) + 0.5)) / columns,
      y: bore.y + (bore.h * (Math.floor(i / columns) + 0.5)) / rows,
    })),
    seal: box(inner.from, sealTop, SPACER, CHANNEL),
    tape: `M${a - 5} ${FOOT - CHANNEL}V${FOOT + 5}H${b + PANE + 5}V${FOOT - CHANNEL}`,
    cuts: [inner.from, inner.to].map((x) => `M${x} ${FOOT}V${spacerTop - 8}`).join(""),
    inside: [inner.from, inner.to].map((x) => `M${x} ${TOP}V${spacerTop}`).join(""),
    depth: `M${inner.from + SPACER / 2} ${sealTop}V${FOOT}`,
    at: {
      a: { x: a + PANE / 2, y: TOP - 8 },
      b: { x: b + PANE / 2, y: TOP - 8 },
      spacer: { x: b + PANE + 14, y: spacerTop + 14 },
      beads: { x: b + PANE + 14, y: spacerTop + HIGH / 2 + 16 },
      seal: { x: b + PANE + 14, y: sealTop + CHANNEL / 2 + 14 },
    },
  };
}
