import type { Pence } from "../money/pence.ts";
import type { GlassKind } from "../specify/glass.ts";
import type { Nm } from "../units/length.ts";

/** A pane as it can be had without cutting: a size on the shelf, or one that the shop sells. */
export type StockPane = {
  readonly name: string;
  readonly widthNm: number;
  readonly heightNm: number;
  readonly thicknessNm: number;
  readonly glass: GlassKind;
  /** Its pattern and its tint by name, as an order says them; none where it is plain. */
  readonly pattern?: string | undefined;
  readonly tint?: string | undefined;
  /** Which way the lines of the pattern run, as width and height are given; upright where nobody said. */
  readonly runs?: "neither" | "up" | "across" | undefined;
  /** How many lie there; one where nobody counted. None is said for what is bought as it is needed. */
  readonly count?: number | undefined;
  /** It is bought, as many as are wanted. */
  readonly bought?: boolean | undefined;
  readonly costPence?: Pence | undefined;
  readonly slot?: string | undefined;
  readonly trimNm?: number | undefined;
  /** Of fewer than this more is bought. */
  readonly least?: number | undefined;
};

/** A door insert that is made: its frame over all, the glass that is seen in it, and the doors it closes on. */
export type StockInsert = {
  readonly family: string;
  readonly outsideWidthNm: number;
  readonly outsideHeightNm: number;
  readonly seenWidthNm: number;
  readonly seenHeightNm: number;
  readonly doorFromNm: number;
  readonly doorToNm: number;
};

/** One name for an insert: families hold several sizes. */
export const insertKey = (i: StockInsert): string => `${i.family}/${i.outsideWidthNm}×${i.outsideHeightNm}`;

export type InsertMatch = {
  readonly insert: StockInsert;
  /** Read less listed, in nm. */
  readonly off: { readonly width: number; readonly height: number };
  /** Whether it closes on a door of this thickness; null until that is read. */
  readonly closes: boolean | null;
};

/** An insert read with a tape is taken for a listed one up to this far off each way, nm: a moulded flange is not sharp. */
export const INSERT_REACH_NM = 8_000_000;

/**
 * Listed inserts that a reading may be of, the nearest first; those that do not close on the door stand last.
 * @example outside 457 × 914 read, 458 × 914 listed for doors of 44 to 45 // off −1 and 0, closes on a door of 44.5
 */
export function insertsNear(
  list: readonly StockInsert[],
  wanted: {
    readonly way: "insert-outside" | "insert-inside";
    readonly width: Nm;
    readonly height: Nm;
    readonly door?: Nm | undefined;
  },
): readonly InsertMatch[] {
  return list
    .map((insert): InsertMatch => {
      const [width, height] =
        wanted.way === "insert-outside"
          ? [insert.outsideWidthNm, insert.outsideHeightNm]
          : [insert.seenWidthNm, insert.seenHeightNm];
      return {
        insert,
        off: { width: wanted.width - width, height: wanted.height - height },
        closes: wanted.door === undefined ? null : wanted.door >= insert.doorFromNm && wanted.door <= insert.doorToNm,
      };
    })
    .filter((m) => Math.abs(m.off.width) <= INSERT_REACH_NM && Math.abs(m.off.height) <= INSERT_REACH_NM)
    .sort((a, b) => Number(a.closes === false) - Number(b.closes === false) || farOff(a) - farOff(b));
}

/** So much of an old flange's line nobody minds, nm: paint and caulk hide it. */
const HIDDEN_NM = 1_000_000;

/**
 * How much of the old flange's line shows on a side once this insert is centred over it, nm; 0 where it is covered. Only of one
 * that was read over its flange.
 * @example 565 × 921 read over the old flange, listed 559 × 914 // 3.5 mm
 */
export const lineShows = ({ off }: Pick<InsertMatch, "off">): number => {
  const wider = Math.max(off.width, off.height) / 2;
  return wider > HIDDEN_NM ? wider : 0;
};

const farOff = (m: InsertMatch): number => Math.abs(m.off.width) + Math.abs(m.off.height);
