import { SIDES, type Side } from "../geometry/quad.ts";
import type { Template } from "../text/template.ts";
import type { Mm } from "../units/length.ts";
import { type Before, removalOrder } from "./precedence.ts";

/** Corners as one looks at the beads. */
export const CORNERS = ["bottom-left", "bottom-right", "top-right", "top-left"] as const;
export type Corner = (typeof CORNERS)[number];

/** The upright and the level bead that meet at a corner. */
export const MEETING: Readonly<Record<Corner, readonly [upright: Side, level: Side]>> = {
  "bottom-left": ["left", "bottom"],
  "bottom-right": ["right", "bottom"],
  "top-right": ["right", "top"],
  "top-left": ["left", "top"],
};

/**
 * How two beads meet: mitred, or one of them runs through to the frame and pins the other's end, or one laps over the
 * other. The side named is the one that runs through, or lies on top.
 */
export type Joint = { readonly kind: "mitred" } | { readonly kind: "runs" | "laps"; readonly side: Side };
export type Joints = Readonly<Partial<Record<Corner, Joint>>>;

/** Which are taken first where the corners leave it open. */
export const BEAD_SCHOOLS = ["longest", "long-sides", "ends"] as const;
export type BeadSchool = (typeof BEAD_SCHOOLS)[number];
export const BEAD_SCHOOL_FACTS: Readonly<Record<BeadSchool, { readonly name: string; readonly why: Template }>> = {
  longest: {
    name: "longest first, head last",
    why: "A long {bead} bends most, and the head keeps the {pane} from folding out.",
  },
  "long-sides": { name: "both long sides first", why: "The {pane} cannot fold over the two that stay." },
  ends: { name: "head and foot first", why: "Sprung mouldings: the sides then follow easily." },
};

export type BeadStep = {
  readonly side: Side;
  /** Where the knife goes in. */
  readonly start: "middle" | "left" | "right" | "bottom" | "top";
  readonly why: string;
};

export type BeadOrder =
  | {
      readonly kind: "order";
      readonly steps: readonly BeadStep[];
      /** Beads that no corner holds at each turn. */
      readonly free: readonly (readonly Side[])[];
      /** The one that keeps the pane in till the end. */
      readonly last: Side;
      readonly unmarked: readonly Corner[];
    }
  | { readonly kind: "impossible"; readonly corners: readonly Corner[] };

export type BeadsInput = {
  readonly joints: Joints;
  /** Clear width and height of the opening, in any one unit. */
  readonly width: Mm;
  readonly height: Mm;
  readonly school: BeadSchool;
};

/**
 * Which bead comes out first. A bead that butts against one that runs through comes before it; a strip that laps over
 * another comes before it; a mitre forces nothing. What is left open goes by the school, and the head stays till last.
 * @example top and bottom run through, 600 × 900 // left, right, bottom, top
 * @example each runs through at one end and butts at the other, all the way round // impossible: all four corners
 */
export function beadOrder(input: BeadsInput): BeadOrder {
  const rules = jointRules(input.joints);
  const found = removalOrder(
    SIDES.map((id) => ({ id, rank: rankOf(id, input) })),
    rules,
  );
  if (found.kind === "impossible") return { kind: "impossible", corners: found.circle.map((r) => r.because as Corner) };
  const unmarked = CORNERS.filter((c) => input.joints[c] === undefined);
  return {
    kind: "order",
    steps: found.order.map((side, turn) => stepFor(side, found.order.slice(0, turn), input.joints)),
    free: found.free,
    last: found.order[3] ?? "top",
    unmarked,
  };
}

/** What each corner forces; its `because` is the corner. */
export const jointRules = (joints: Joints): readonly (Before<Side> & { readonly because: Corner })[] =>
  CORNERS.flatMap((corner) => {
    const joint = joints[corner];
    if (!joint || joint.kind === "mitred") return [];
    const [a, b] = MEETING[corner];
    const other = joint.side === a ? b : a;
    return joint.kind === "runs"
      ? [{ first: other, next: joint.side, because: corner }]
      : [{ first: joint.side, next: other, because: corner }];
  });

/** Lower comes sooner. The head is kept till last, but where the school takes head and foot first. */
function rankOf(side: Side, input: BeadsInput): number {
  const upright = side === "left" || side === "right";
  const place = { left: 0, right: 0.1, bottom: 0.2, top: 0.3 }[side];
  switch (input.school) {
    case "longest": {
      if (side === "top") return 10;
      const longer = input.height >= input.width;
      return (upright === longer ? 0 : 1) + place;
    }
    case "long-sides": {
      const longer = input.height >= input.width;
      return (upright === longer ? 0 : 1) + place;
    }
    case "ends":
      return (upright ? 1 : 0) + place;
  }
}

/** Ends of a bead, from its left or bottom. */
const ENDS: Readonly<Record<Side, readonly [Corner, Corner]>> = {
  left: ["bottom-left", "top-left"],
  right: ["bottom-right", "top-right"],
  bottom: ["bottom-left", "bottom-right"],
  top: ["top-left", "top-right"],
};

/**
 * Where to start on one bead: in the middle where both ends are mitred or still pinned, for there it bends; at an end
 * that butts, or lies on top, or whose neighbour is already off.
 */
function stepFor(side: Side, gone: readonly Side[], joints: Joints): BeadStep {
  const [near, far] = ENDS[side];
  const words: readonly [BeadStep["start"], BeadStep["start"]] =
    side === "left" || side === "right" ? ["bottom", "top"] : ["left", "right"];
  const freeAt = (corner: Corner): string | null => {
    const [a, b] = MEETING[corner];
    const neighbour = a === side ? b : a;
    if (gone.includes(neighbour)) return "its neighbour there is off";
    const joint = joints[corner];
    if (!joint || joint.kind === "mitred") return null;
    if (joint.kind === "laps" && joint.side === side) return "it lies on top there";
    return null;
  };
  const [atNear, atFar] = [freeAt(near), freeAt(far)];
  if (atNear) return { side, start: words[0], why: atNear };
  if (atFar) return { side, start: words[1], why: atFar };
  return { side, start: "middle", why: "both ends are held: it bends most there" };
}

/**
 * The order of putting back: the reverse, but where nothing forces it, ends or sides first as the system asks. A bead that
 * came out last goes in first.
 * @example out left, right, bottom, top with top and bottom running through // back bottom, top, left, right where ends go first
 */
export function refitOrder(
  input: BeadsInput,
  demand: "ends-first" | "sides-first" | "reverse",
): readonly Side[] | null {
  const out = beadOrder(input);
  if (out.kind === "impossible") return null;
  const was = out.steps.map((s) => s.side);
  const rank = (side: Side): number => {
    const back = 3 - was.indexOf(side);
    if (demand === "reverse") return back;
    const end = side === "top" || side === "bottom";
    return (end === (demand === "ends-first") ? 0 : 10) + back;
  };
  const rules = jointRules(input.joints).map((r) => ({ first: r.next, next: r.first, because: r.because }));
  const found = removalOrder(
    SIDES.map((id) => ({ id, rank: rank(id) })),
    rules,
  );
  return found.kind === "order" ? found.order : null;
}
