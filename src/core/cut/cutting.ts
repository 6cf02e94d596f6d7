/** A kind of sheet that can be cut, or an off-cut that lies there. Lengths in nanometres, whole. */
export type Sheet = {
  readonly id: string;
  readonly width: number;
  readonly height: number;
  /** How many there are; null for as many as are bought. */
  readonly count: number | null;
  /** What cutting one up costs: its price, or what the firm says an off-cut is worth. */
  readonly cost: number;
  /** Taken off all round before anything else; 0 for an off-cut, whose edges are clean. */
  readonly trim: number;
};

export type Piece = {
  readonly id: string;
  readonly width: number;
  readonly height: number;
  /** It may lie either way: no pattern, no coating that runs. */
  readonly turns: boolean;
  /** The smaller, the sooner it is due: where glass runs out, these go first. */
  readonly due: number;
};

/** What is to be cut from what. */
export type CuttingCase = {
  readonly sheets: readonly Sheet[];
  readonly pieces: readonly Piece[];
  /** The least strip that can be broken out: on both sides of every cut. */
  readonly strip: number;
  /** A left-over smaller than this is waste. */
  readonly keep: { readonly width: number; readonly height: number };
};

/**
 * A sheet as it is cut up. `across`: its parts stand side by side, left to right, and every cut runs from its top to its foot;
 * `up`: they lie one on the other, from the foot up. A leaf is a piece, or left over.
 */
export type CutNode =
  | {
      readonly kind: "piece";
      readonly width: number;
      readonly height: number;
      readonly piece: number;
      readonly turned: boolean;
    }
  | { readonly kind: "left"; readonly width: number; readonly height: number }
  | {
      readonly kind: "across" | "up";
      readonly width: number;
      readonly height: number;
      readonly parts: readonly CutNode[];
    };

export type CutSheet = { readonly sheet: number; readonly root: CutNode };

export type CuttingPlan = {
  readonly sheets: readonly CutSheet[];
  /** Pieces that no sheet is left for. */
  readonly unplaced: readonly number[];
  readonly cost: number;
};

/** Whether a left-over is worth keeping, whichever way it lies. */
export const isKept = (n: { readonly width: number; readonly height: number }, keep: CuttingCase["keep"]): boolean =>
  (n.width >= keep.width && n.height >= keep.height) || (n.height >= keep.width && n.width >= keep.height);

/** What of a sheet can be used. */
export const usable = (s: Sheet): { readonly width: number; readonly height: number } => ({
  width: s.width - 2 * s.trim,
  height: s.height - 2 * s.trim,
});
