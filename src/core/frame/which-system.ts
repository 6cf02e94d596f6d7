import type { Template } from "../text/template.ts";
import type { Detail } from "./detail.ts";
import { frameOf, type System } from "./systems.ts";

/** Where the questions end: a way the glass is held, or a sash that lets nothing out. */
export type SystemEnd = {
  readonly system: System;
  readonly opens: boolean;
  /** Side that the beads come off, where the answers say so. */
  readonly side?: "inside" | "outside";
  readonly detail?: Partial<Detail>;
};

type Answer = { readonly says: Template; readonly to: NodeId | SystemEnd };
type Node = {
  readonly asks: Template;
  readonly how: Template;
  readonly draws: System;
  readonly answers: readonly Answer[];
};

export type NodeId =
  | "made-of"
  | "timber-round"
  | "timber-strip"
  | "plastic-inside"
  | "plastic-gasket"
  | "plastic-outside"
  | "plastic-screws"
  | "door"
  | "metal";

/** Questions that a beginner can answer while the sash still hangs. */
export const SYSTEM_TREE: Readonly<Record<NodeId, Node>> = {
  "made-of": {
    asks: "What holds the glass?",
    how: "The part that touches it, not the wall's frame.",
    draws: "timber-putty",
    answers: [
      { says: "timber, bare or painted", to: "timber-round" },
      { says: "plastic", to: "plastic-inside" },
      { says: "a door's panel or its side light", to: "door" },
      { says: "steel or aluminium", to: "metal" },
      { says: "a {pane} or screen in front of the window", to: { system: "in-front", opens: true } },
    ],
  },
  "timber-round": {
    asks: "Round the glass, on either side",
    how: "Look where glass meets timber, from outside and from the room.",
    draws: "timber-putty",
    answers: [
      { says: "a slope of {putty}", to: { system: "timber-putty", opens: true, side: "outside" } },
      { says: "a wooden strip with a seam to the frame", to: "timber-strip" },
      {
        says: "a strip, and metal or plastic over the wood outside",
        to: { system: "pinned-stop", opens: true, side: "inside" },
      },
    ],
  },
  "timber-strip": {
    asks: "The strip's seam, and what is under it",
    how: "Look along it for nail heads, filled holes, or a line of clear sealant at the glass.",
    draws: "timber-bead",
    answers: [
      { says: "outside, pinned", to: { system: "timber-bead", opens: true, side: "outside" } },
      { says: "in the room, pinned", to: { system: "timber-bead", opens: true, side: "inside" } },
      { says: "nailed, and the glass lies in wet sealant", to: { system: "pinned-stop", opens: true, side: "inside" } },
    ],
  },
  "plastic-inside": {
    asks: "In the room: a seam right round, between glass and sash?",
    how: "A removable {bead} has a seam all round; a fixed leg has none.",
    draws: "plastic-bead-inside",
    answers: [
      { says: "yes, a seam right round", to: "plastic-gasket" },
      { says: "no seam", to: "plastic-outside" },
    ],
  },
  "plastic-gasket": {
    asks: "Between that {bead} and the glass",
    how: "Press a fingernail in: rubber that can be drawn out gives. Then look outside, where glass meets the sash.",
    draws: "plastic-bead-inside",
    answers: [
      {
        says: "rubber on both faces",
        to: { system: "plastic-bead-inside", opens: true, side: "inside" },
      },
      {
        says: "outside it is stuck: tape or sealant, no rubber",
        to: { system: "plastic-bead-inside-bonded", opens: true, side: "inside" },
      },
    ],
  },
  "plastic-outside": {
    asks: "Outside: a seam right round?",
    how: "The same from outside.",
    draws: "plastic-bead-outside",
    answers: [
      { says: "yes, a seam right round", to: { system: "plastic-bead-outside", opens: true, side: "outside" } },
      { says: "no seam there either", to: "plastic-screws" },
    ],
  },
  "plastic-screws": {
    asks: "Open the sash: screws at its corners, in the edge?",
    how: "Look along the edge of the sash at each corner.",
    draws: "plastic-no-bead",
    answers: [
      { says: "screws", to: { system: "plastic-no-bead", opens: true } },
      { says: "welded: no screws", to: { system: "plastic-no-bead", opens: false } },
    ],
  },
  door: {
    asks: "Round the frame on the room side",
    how: "Run a finger over it: small round plugs or screw heads, or a moulding that gives.",
    draws: "cassette",
    answers: [
      { says: "plugs or screw heads", to: { system: "cassette", opens: true, side: "inside" } },
      {
        says: "no screws: a moulding sprung in, glass on tape",
        to: { system: "compression-moulding", opens: true, side: "outside" },
      },
    ],
  },
  metal: {
    asks: "What keeps the glass in the metal?",
    how: "Compound that is hard and painted, or {beads} with rubber.",
    draws: "metal-frame",
    answers: [
      {
        says: "hard compound",
        to: { system: "metal-frame", opens: true, side: "outside", detail: { metal: "compound" } },
      },
      {
        says: "{beads} and rubber",
        to: { system: "metal-frame", opens: true, side: "inside", detail: { metal: "beads" } },
      },
    ],
  },
};

/**
 * The sides from which a frame's questions end: one where it goes in from nowhere else, two where somebody has to look, none
 * where it makes no difference.
 * @example sidesOf("plastic-bead-inside") // ["inside"]; sidesOf("timber-bead") // ["outside", "inside"]
 */
export const sidesOf = (system: System): readonly ("inside" | "outside")[] => [
  ...new Set(
    Object.values(SYSTEM_TREE).flatMap((node) =>
      node.answers.flatMap(({ to }) => (typeof to !== "string" && to.system === system && to.side ? [to.side] : [])),
    ),
  ),
];

export type Ways = ReturnType<typeof directionsOf>;

/**
 * The faces that the work needs and nobody can get to.
 * @example beads off outside, bond cut from inside, only the room side can be reached // ["outside"]
 */
export const outOfReach = (ways: Ways, reach: "both" | "inside" | "outside"): readonly ("inside" | "outside")[] =>
  reach === "both"
    ? []
    : ([...new Set([ways.beads, ways.cut, ways.leaves])].filter((w) => w !== null && w !== reach) as (
        | "inside"
        | "outside"
      )[]);

/** Faces of the frame: where the beads come off, from where a bond is cut, and which way the glass leaves. */
export function directionsOf(
  system: System,
  side: "inside" | "outside",
  bonded: boolean,
): {
  readonly beads: "inside" | "outside";
  readonly cut: "inside" | "outside" | null;
  readonly leaves: "inside" | "outside";
} {
  const other = side === "inside" ? "outside" : "inside";
  // The pane leaves where it is not held by the fixed leg: the side the beads come off.
  return { beads: side, cut: bonded && frameOf(system).usual.bond !== "putty" ? other : null, leaves: side };
}
