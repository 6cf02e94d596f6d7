/** What a pane that the firm cuts itself follows from. Money in whole pence, sizes in mm. */
export type CutCostFacts = {
  /** What the sheet cost; null where nobody said. */
  readonly sheetPence: number | null;
  readonly sheetMm2: number;
  readonly paneMm2: number;
  /** Scores that are run and broken. */
  readonly cuts: number;
  readonly minutesPerCut: number;
  readonly hourRate: number;
  /** Pieces that came out right on this bench so far, and that broke the wrong way. */
  readonly cutWell: number;
  readonly spoilt: number;
};

export type CutCost = {
  readonly glassPence: number;
  readonly minutes: number;
  /** Which share is spoilt, as this bench's own past and the trade's have it together. */
  readonly spoiltShare: number;
  readonly pence: number;
  /** So many cuts of the firm's own are in that share. */
  readonly own: number;
};

/** Until the firm's own past says better: one in twenty, worth as much as twenty cuts of its own. Source: trade practice. */
const PRIOR = { spoilt: 1, of: 20 } as const;

/**
 * What a pane costs that is cut from what lies here: its share of the sheet by area and the time its cuts take, both as often
 * as it takes to get one that is right. A pane that fits as it is is its whole sheet, and cannot be spoilt. Null where nobody
 * said what the sheet cost.
 * @example 0.35 m² of a sheet of 0.54 m² at 27.00, two cuts of 5 min at 45 an hour, nothing cut yet
 * // 17.50 + 7.50 = 25.00, one in twenty spoilt: 25.00 / 0.95 = 26.32
 */
export function cutCost(f: CutCostFacts): CutCost | null {
  if (f.sheetPence === null || f.sheetMm2 <= 0) return null;
  const own = f.cutWell + f.spoilt;
  if (f.cuts === 0) return { glassPence: f.sheetPence, minutes: 0, spoiltShare: 0, pence: f.sheetPence, own };
  const spoiltShare = (PRIOR.spoilt + f.spoilt) / (PRIOR.of + own);
  const glass = (f.sheetPence * Math.min(f.paneMm2, f.sheetMm2)) / f.sheetMm2;
  const minutes = f.cuts * f.minutesPerCut;
  const once = glass + (minutes / 60) * f.hourRate * 100;
  return {
    glassPence: Math.round(glass),
    minutes,
    spoiltShare,
    pence: Math.round(once / (1 - spoiltShare)),
    own,
  };
}
