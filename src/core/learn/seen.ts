import type { Cause } from "../look/damage.ts";
import type { Pence } from "../money/pence.ts";
import type { Whose } from "../order/had.ts";
import type { MakesOf } from "../order/sources.ts";
import type { Material } from "../size/errors.ts";
import type { LengthUnit, Mm } from "../units/length.ts";
import type { RemakeWhy } from "./remake.ts";
import type { Went } from "./went.ts";

/*
 * What one pane tells of the firm's own errors: kept in a table beside it, so that a list of thousands costs no reading of the
 * log. Days are `yyyy-mm-dd`, lengths mm. Nothing here depends on today or on the firm's rules.
 */

/** One place read twice, the second time without looking: the first less the second. */
export type ReadTwice = {
  readonly who: string;
  readonly tape: LengthUnit;
  readonly day: string;
  readonly byMm: Mm;
};

/** One side of a pane that came: as it was measured less as it was ordered. */
export type SideCame = {
  readonly supplier: string;
  readonly sealed: boolean;
  readonly who: string;
  readonly tape: LengthUnit;
  readonly day: string;
  readonly byMm: Mm;
};

/** One dimension as the pane stood in it: room seen less the room that opening and pane, both as read, should have left. */
export type RoomSeen = {
  readonly material: Material;
  /** When the opening was read, and when the pane was set in it. */
  readonly read: string;
  readonly day: string;
  readonly byMm: Mm;
  readonly lengthMm: Mm;
};

/** A line that was checked in, or broke after: one pane that came. */
export type PaneCame = {
  readonly supplier: string;
  readonly day: string;
  readonly back: boolean;
  readonly make: MakesOf;
};

/** A pane that came back, or was made again. */
export type CameBack = {
  /** The line of an order; "" for one that failed where it was set. */
  readonly line: string;
  readonly day: string;
  readonly supplier: string | null;
  /** What was said of it on the day. */
  readonly said: string;
  readonly why: RemakeWhy | null;
  readonly whose: Whose | null;
  readonly pence: Pence | null;
};

/** A unit with a year in its spacer, when somebody looked at it, and whether it had failed by then. */
export type MadeIn = {
  readonly year: number;
  readonly day: string;
  readonly failed: boolean;
  readonly cause: Cause | null;
};

export type PaneSeen = {
  readonly twice: readonly ReadTwice[];
  readonly sides: readonly SideCame[];
  readonly room: readonly RoomSeen[];
  readonly came: readonly PaneCame[];
  readonly back: readonly CameBack[];
  readonly went: { readonly went: Went; readonly day: string } | null;
  readonly made: MadeIn | null;
};

export const NOTHING_SEEN: PaneSeen = { twice: [], sides: [], room: [], came: [], back: [], went: null, made: null };

/** Whether it tells anything at all. */
export const tells = (s: PaneSeen): boolean =>
  s.twice.length + s.sides.length + s.room.length + s.came.length + s.back.length > 0 ||
  s.went !== null ||
  s.made !== null;
