import { seeded } from "../chance/seeded.ts";
import type { CuttingCase, Piece } from "./cutting.ts";

const MM = 1_000_000;

/** A case whose best is known: so many sheets of one size, each cut up by chance with nothing left over. */
export type MadeUpCutting = {
  readonly seed: number;
  readonly sheets: number;
  /** Pieces from each sheet, about. */
  readonly perSheet: number;
  readonly turns: boolean;
  readonly strip?: number;
};

/**
 * Cuts sheets of 3210 × 2250 mm up at random, edge to edge, in whole millimetres, no strip thinner than can be broken out: the
 * pieces fill their sheets to the last millimetre, so the fewest sheets are known.
 */
export function madeUpCutting({ seed, sheets, perSheet, turns, strip = 12 }: MadeUpCutting): CuttingCase {
  const { uniform } = seeded(seed);
  const [W, H] = [3210, 2250];
  const pieces: Piece[] = [];
  for (let s = 0; s < sheets; s++) {
    const open = [{ w: W, h: H }];
    while (open.length < perSheet) {
      // The largest is cut, so that none stays a whole sheet and none becomes a sliver.
      open.sort((a, b) => b.w * b.h - a.w * a.h);
      const at = Math.floor(uniform() * Math.min(3, open.length));
      const [r] = open.splice(at, 1);
      if (!r) break;
      const across = uniform() < r.w / (r.w + r.h);
      const along = across ? r.w : r.h;
      const least = Math.max(strip, 80);
      if (along < 2 * least) {
        open.push(r);
        if (open.every((o) => Math.max(o.w, o.h) < 2 * least)) break;
        continue;
      }
      const cut = Math.round(least + uniform() * (along - 2 * least));
      open.push(across ? { w: cut, h: r.h } : { w: r.w, h: cut });
      open.push(across ? { w: r.w - cut, h: r.h } : { w: r.w, h: r.h - cut });
    }
    for (const o of open) {
      const turned = turns && uniform() < 0.5;
      pieces.push({
        id: `p${pieces.length}`,
        width: (turned ? o.h : o.w) * MM,
        height: (turned ? o.w : o.h) * MM,
        turns,
        due: 0,
      });
    }
  }
  // Nobody is told which came from which.
  for (let i = pieces.length - 1; i > 0; i--) {
    const j = Math.floor(uniform() * (i + 1));
    const [a, b] = [pieces[i] as Piece, pieces[j] as Piece];
    pieces[i] = b;
    pieces[j] = a;
  }
  return {
    sheets: [{ id: "sheet", width: W * MM, height: H * MM, count: null, cost: 100, trim: 0 }],
    pieces,
    strip: strip * MM,
    keep: { width: 300 * MM, height: 300 * MM },
  };
}

/** Panes as a repairing firm cuts them: a few common sizes, each somewhat off, on sheets of two sizes and some off-cuts. */
export function madeUpPanes(seed: number, n: number): CuttingCase {
  const { uniform } = seeded(seed);
  const int = (from: number, to: number): number => from + Math.floor(uniform() * (to - from + 1));
  const usual = [
    [560, 860],
    [420, 590],
    [300, 450],
    [740, 1180],
    [250, 1200],
  ] as const;
  return {
    sheets: [
      { id: "3210 x 2250", width: 3210 * MM, height: 2250 * MM, count: null, cost: 7200, trim: 10 * MM },
      { id: "2000 x 1605", width: 2000 * MM, height: 1605 * MM, count: null, cost: 3400, trim: 10 * MM },
      ...Array.from({ length: 6 }, (_, i) => ({
        id: `off-cut ${i + 1}`,
        width: int(400, 1200) * MM,
        height: int(300, 900) * MM,
        count: 1,
        cost: 100,
        trim: 0,
      })),
    ],
    pieces: Array.from({ length: n }, (_, i) => {
      const [w, h] = usual[int(0, usual.length - 1)] ?? usual[0];
      return {
        id: `pane ${i + 1}`,
        width: (w + int(-25, 25)) * MM,
        height: (h + int(-25, 25)) * MM,
        turns: uniform() < 0.8,
        due: int(0, 5),
      };
    }),
    strip: 12 * MM,
    keep: { width: 300 * MM, height: 300 * MM },
  };
}
