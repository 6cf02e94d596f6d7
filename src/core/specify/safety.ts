import { inches, mm, type Nm, toMm } from "../units/length.ts";

/** Where the pane is. `sillHeight` is its lower edge above the floor; null where nobody has read it. */
export type Location = {
  readonly inDoor: boolean;
  readonly wetRoom: boolean;
  readonly stairs: boolean;
  readonly walkway: boolean;
  readonly sillHeight: Nm | null;
  readonly doorDistance: Nm | null;
  /** Nobody could measure to a door, and none stands nearer than this; null or left out where nobody said so. */
  readonly noDoorWithin?: Nm | null | undefined;
  readonly width: Nm;
  readonly height: Nm;
};

export type SafetyReason =
  | "in-door"
  | "beside-door"
  | "low"
  | "large-and-low"
  | "wet-room"
  | "stairs"
  | "small-pane"
  | "high-enough"
  | "clear-of-doors";

export type SafetyVerdict =
  | { readonly kind: "needed"; readonly because: SafetyReason }
  | { readonly kind: "small-pane-6mm"; readonly because: SafetyReason }
  | { readonly kind: "not-needed"; readonly because: SafetyReason }
  | { readonly kind: "not-known"; readonly missing: readonly ("sill-height" | "door-distance")[] };

/** The figures of both rule sets. Guidance; the firm changes them for its local code, and the local code decides. */
export type SafetyFigures = {
  readonly m: {
    readonly besideDoor: Nm;
    readonly doorZone: Nm;
    readonly lowZone: Nm;
    readonly smallLeast: Nm;
    readonly smallAreaM2: number;
  };
  readonly f: {
    readonly besideDoor: Nm;
    readonly doorZone: Nm;
    readonly lowEdge: Nm;
    readonly upperEdge: Nm;
    readonly wetZone: Nm;
    readonly areaSqFt: number;
  };
};

/** Set M: heights above floor and distance to a door edge. Set F: area, walkway, wet rooms. */
export const SAFETY_FIGURES: SafetyFigures = {
  m: { besideDoor: mm(300), doorZone: mm(1500), lowZone: mm(800), smallLeast: mm(250), smallAreaM2: 0.5 },
  f: {
    besideDoor: inches(24),
    doorZone: inches(60),
    lowEdge: inches(18),
    upperEdge: inches(36),
    wetZone: inches(60),
    areaSqFt: 9,
  },
};

const SQ_FT_MM2 = 304.8 * 304.8;

/**
 * Whether a single pane here should be safety glass, by one of the two rule sets. Guidance only: fire, guarding and
 * overhead glass are never decided here, and local code has the last word.
 * @example safetyOf("M", sill 1120 mm, door 1900 mm) // not needed: clear of doors and high enough
 * @example safetyOf("M", sill 300 mm) // needed: low
 */
export function safetyOf(set: "M" | "F", at: Location, figures: SafetyFigures = SAFETY_FIGURES): SafetyVerdict {
  return set === "M" ? bySetM(at, figures.m) : bySetF(at, figures.f);
}

/** Whether a door's edge is as near as the rule set asks; null where nobody read it or looked that far. */
function besideDoor({ doorDistance, noDoorWithin }: Location, near: Nm): boolean | null {
  if (doorDistance !== null) return doorDistance <= near;
  return noDoorWithin && noDoorWithin >= near ? false : null;
}

/** How far along the wall one looks for a door by this rule set. */
export const doorAsked = (set: "M" | "F", f: SafetyFigures = SAFETY_FIGURES): Nm =>
  set === "M" ? f.m.besideDoor : f.f.besideDoor;

function bySetM(at: Location, m: SafetyFigures["m"]): SafetyVerdict {
  const needed = (because: SafetyReason): SafetyVerdict =>
    Math.min(toMm(at.width), toMm(at.height)) <= toMm(m.smallLeast) &&
    (toMm(at.width) * toMm(at.height)) / 1e6 <= m.smallAreaM2
      ? { kind: "small-pane-6mm", because }
      : { kind: "needed", because };
  if (at.sillHeight !== null && at.sillHeight >= m.doorZone) return { kind: "not-needed", because: "high-enough" };
  if (at.inDoor) return at.sillHeight === null ? { kind: "not-known", missing: ["sill-height"] } : needed("in-door");
  if (at.sillHeight !== null && at.sillHeight < m.lowZone) return needed("low");
  if (at.sillHeight === null)
    return {
      kind: "not-known",
      missing: besideDoor(at, m.besideDoor) === null ? ["sill-height", "door-distance"] : ["sill-height"],
    };
  const door = besideDoor(at, m.besideDoor);
  if (door === null) return { kind: "not-known", missing: ["door-distance"] };
  return door ? needed("beside-door") : { kind: "not-needed", because: "clear-of-doors" };
}

function bySetF(at: Location, f: SafetyFigures["f"]): SafetyVerdict {
  if (at.inDoor) return { kind: "needed", because: "in-door" };
  if (at.stairs) return { kind: "needed", because: "stairs" };
  const sill = at.sillHeight;
  if (at.wetRoom && (sill === null || sill < f.wetZone))
    return sill === null ? { kind: "not-known", missing: ["sill-height"] } : { kind: "needed", because: "wet-room" };
  if (sill === null)
    return {
      kind: "not-known",
      missing: besideDoor(at, f.besideDoor) === null ? ["sill-height", "door-distance"] : ["sill-height"],
    };
  if (sill < f.doorZone) {
    const door = besideDoor(at, f.besideDoor);
    if (door === null) return { kind: "not-known", missing: ["door-distance"] };
    if (door) return { kind: "needed", because: "beside-door" };
  }
  const large = (toMm(at.width) * toMm(at.height)) / SQ_FT_MM2 > f.areaSqFt;
  if (large && sill < f.lowEdge && sill + at.height > f.upperEdge && at.walkway)
    return { kind: "needed", because: "large-and-low" };
  return { kind: "not-needed", because: sill >= f.doorZone ? "high-enough" : "clear-of-doors" };
}
