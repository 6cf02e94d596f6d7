import type { Detail } from "../frame/detail.ts";
import type { System } from "../frame/systems.ts";
import type { Side } from "../geometry/quad.ts";
import type { Damage } from "../look/damage.ts";
import type { Hinge } from "../measure/found.ts";
import type { Whole } from "../specify/whole.ts";
import type { Mm } from "../units/length.ts";
import type { Profile } from "./profile.ts";

/** Things that stand in front of the glass and go off first. */
export const FRONTS = ["storm-pane", "screen", "blind", "grille", "trim", "curtain-rail"] as const;
export type Front = (typeof FRONTS)[number];

/** All that the steps of a pane follow from. */
export type StepFacts = {
  readonly system: System;
  /** It cannot be opened: welded, or nothing that lets go. */
  readonly closed: boolean;
  readonly detail: Detail;
  readonly damage: readonly Damage[];
  readonly storey: number | null;
  /** The pane, mm; null until it is measured. */
  readonly size: { readonly width: Mm; readonly height: Mm } | null;
  /** The new pane is here, and so is the card it travelled in. */
  readonly cardKept: boolean;
  /** A sealed unit, not one sheet. */
  readonly sealed: boolean;
  /** The glass that is worked at bursts: the old when it comes out, the new when it goes in. */
  readonly toughened: boolean;
  /** The old sheet is clear plastic: it does not shatter, and tape mars it. */
  readonly acrylic: boolean;
  /** Broken glass leaves before what holds it is opened. */
  readonly glassFirst: boolean;
  /** What is changed whole, with its glass in it; null where it is a pane. */
  readonly whole: Whole | null;
  /** Hands that the mass asks for, by the house's limits. */
  readonly lift: 1 | 2 | "machine";
  readonly front: readonly Front[];
  /** Side of the frame that the beads, putty or halves come off. */
  readonly side: "inside" | "outside";
  readonly hinge: Hinge;
  /** It is in the leaf of a door that opens: nobody can be asked to keep that shut for days. */
  readonly leaf: boolean;
  /** The beads in the order in which they come out; null where there are none, or their corners contradict. */
  readonly beads: readonly { readonly side: Side; readonly start: string; readonly why: string }[] | null;
  /** What the firm has learnt about this frame's profile on other windows. */
  readonly profile: Profile | null;
  /** Beads that did not survive. */
  readonly broken: readonly Side[];
  /** Old paint may hold lead. */
  readonly lead: boolean;
  /** The old glass goes back: refurbished, or only packed and bedded anew. */
  readonly oldGlassBack: boolean;
  /** The glass stays in its gaskets while its {beads} and {packers} come out: it is only packed anew. */
  readonly staysIn: boolean;
};

export const brokenUp = (f: StepFacts): boolean =>
  f.damage.some((d) => d === "gone" || d === "holed" || d === "standing");
/** It leaves as it stands: neither broken up nor cracked. @example misted // true */
export const inOnePiece = (f: StepFacts): boolean => !brokenUp(f) && !f.damage.includes("cracked");
export const isGone = (f: StepFacts): boolean => f.damage.includes("gone");
/** It lies on a bench: turned over by hand, worked from either face, by one. */
export const atBench = (f: StepFacts): boolean => f.detail.where === "bench";
