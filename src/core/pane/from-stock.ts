import type { HouseRules } from "../house/rules.ts";
import type { StockPane } from "../house/stock.ts";
import type { Result } from "../result.ts";
import { chancesOf, type OddsInput } from "../size/best.ts";
import { type Cut, type CutError, type CutInput, cutSize } from "../size/cut.ts";
import { fromStock, type StockChoice } from "../size/from-stock.ts";
import type { Glass } from "../specify/glass.ts";
import type { Looks } from "../specify/looks.ts";
import { addNm, mm, type Nm, nm } from "../units/length.ts";

/** More of it than this and a cut is the smaller trouble: a stock pane is a convenience, and never a remake. */
const LEFT_TO_CHANCE = 0.05;

/**
 * A stock pane, and how likely it is trouble where it is not cut to the size that the best odds give; null where it is. Drawn
 * when it is asked, and once: most pages show no stock.
 */
export type StockHere = StockChoice & { readonly trouble: () => number | null };

/** The first that is hardly ever trouble: only such a one is proposed, whatever the others save. */
export const proposedStock = (stock: readonly StockHere[]): StockHere | undefined =>
  stock.find((s) => (s.trouble() ?? 0) <= LEFT_TO_CHANCE);

/** Stock panes that give this pane, as sold or cut down to what best odds would cut; the fewest cuts first. */
export function stockFor(asked: {
  readonly stock: readonly StockPane[];
  readonly cutInput: CutInput;
  readonly odds: OddsInput;
  readonly glass: Glass;
  /** Tint and the way of its pattern, where somebody said them. */
  readonly looks: Looks | null;
  readonly house: HouseRules;
}): readonly StockHere[] {
  if (asked.stock.length === 0) return [];
  const wanted: Result<Cut, CutError> = cutSize({ ...asked.cutInput, school: "best-odds", overrule: undefined });
  if (!wanted.ok) return [];
  const { governs, glass } = wanted.value;
  // How far a smaller pane is still covered is not known until the depth is.
  const depth = asked.odds.depths;
  if (!depth) return [];
  // Half of the play on each side: at more than the depth it is not covered at all.
  const twice = (a: Nm, b: Nm): Nm => nm(2 * Math.min(a, b));
  const found = fromStock(asked.stock, {
    tight: { width: governs.width.length, height: governs.height.length },
    wanted: glass,
    leastOff: addNm(mm(asked.house.leastGapMm), mm(asked.house.leastGapMm)),
    mostOff: { width: twice(depth.left, depth.right), height: twice(depth.bottom, depth.top) },
    thickness: asked.glass.thickness,
    kind: asked.glass.kind,
    pattern: asked.glass.pattern,
    tint: asked.looks?.tint,
    runs: asked.looks?.runs,
    leastStrip: mm(asked.house.leastStripMm),
  });
  return found.map((s) => ({
    ...s,
    trouble: s.cuts === 2 ? () => null : once(() => chancesOf(asked.odds, s.glass)?.trouble ?? null),
  }));
}

/** The same answer to whoever asks, worked out for the first. */
function once<T>(work: () => T): () => T {
  let made: { readonly value: T } | null = null;
  return () => {
    made ??= { value: work() };
    return made.value;
  };
}
