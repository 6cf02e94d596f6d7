import { areaOfM2, byPart, byShare, byTime, partsOf, rounded, sumOfParts } from "../money/parts.ts";
import type { Pence } from "../money/pence.ts";

/** What a pane that the firm cuts itself follows from. Sizes in mm. */
export type CutCostFacts = {
  /** What the sheet cost; null where nobody said. */
  readonly sheetPence: Pence | null;
  readonly sheetMm2: number;
  readonly paneMm2: number;
  /** Scores that are run and broken. */
  readonly cuts: number;
  readonly minutesPerCut: number;
  readonly hourPence: Pence;
  /** Pieces of this glass that came out right on this bench so far, and that broke the wrong way. */
  readonly cutWell: number;
  readonly spoilt: number;
  /** The same of other glass on this bench: it says something of the hands, and nothing of this glass. */
  readonly others: { readonly cutWell: number; readonly spoilt: number };
};

export type CutCost = {
  readonly glassPence: Pence;
  readonly minutes: number;
  /** Which share is spoilt, as this bench's own past and the trade's have it together. */
  readonly spoiltShare: number;
  readonly pence: Pence;
  /** So many cuts of the firm's own are in that share. */
  readonly own: number;
};

/** Until the firm's own past says better: one in twenty, worth as much as twenty cuts of its own. Source: trade practice. */
const PRIOR = { spoilt: 1, of: 20 } as const;

/**
 * Which share of this glass is spoilt: the trade's share, moved by what this bench did with other glass, moved by what it did
 * with this one, each worth twenty cuts until there are more.
 * @example nothing cut yet // 1 in 20; 8 of 20 of other glass spoilt, none of this one // 9 in 40, worth twenty: 0.225
 */
export function spoiltShare(f: Pick<CutCostFacts, "cutWell" | "spoilt" | "others">): number {
  const hands = (PRIOR.spoilt + f.others.spoilt) / (PRIOR.of + f.others.cutWell + f.others.spoilt);
  return (PRIOR.of * hands + f.spoilt) / (PRIOR.of + f.cutWell + f.spoilt);
}

/**
 * What a pane costs that is cut from what lies here: its share of the sheet by area and the time its cuts take, both as often
 * as it takes to get one that is right. A pane that fits as it is is its whole sheet, and cannot be spoilt. Null where nobody
 * said what the sheet cost.
 * @example 0.35 m² of a sheet of 0.54 m² at 27.00, two cuts of 5 min at 45 an hour, nothing cut yet
 * // 17.50 + 7.50 = 25.00, one in twenty spoilt: 25.00 / 0.95 = 26.32
 */
export function cutCost(f: CutCostFacts): CutCost | null {
  if (f.sheetPence === null || f.sheetMm2 <= 0) return null;
  const own = f.cutWell + f.spoilt + f.others.cutWell + f.others.spoilt;
  if (f.cuts === 0) return { glassPence: f.sheetPence, minutes: 0, spoiltShare: 0, pence: f.sheetPence, own };
  const share = spoiltShare(f);
  const ofSheet = areaOfM2(Math.min(f.paneMm2, f.sheetMm2) / 1e6);
  const glass = byPart(partsOf(f.sheetPence), ofSheet, areaOfM2(f.sheetMm2 / 1e6));
  const minutes = f.cuts * f.minutesPerCut;
  const once = sumOfParts([glass, byTime(f.hourPence, minutes)]);
  return {
    glassPence: rounded(glass),
    minutes,
    spoiltShare: share,
    pence: rounded(byShare(once, 1 / (1 - share))),
    own,
  };
}
