import { type LinesRun, waysToLie } from "../cut/lies.ts";
import { isSameGlass } from "../house/same-glass.ts";
import type { StockPane } from "../house/stock.ts";
import type { GlassKind } from "../specify/glass.ts";
import { type Nm, nm } from "../units/length.ts";

export type StockNeed = {
  /** The smallest width and height of the opening. */
  readonly tight: { readonly width: Nm; readonly height: Nm };
  /** The pane as it would be cut. */
  readonly wanted: { readonly width: Nm; readonly height: Nm };
  /** Least off each way, both sides together; and most, beyond which it falls through. */
  readonly leastOff: Nm;
  readonly mostOff: { readonly width: Nm; readonly height: Nm };
  readonly thickness: Nm;
  readonly kind: GlassKind;
  readonly pattern?: string | undefined;
  readonly tint?: string | undefined;
  /** Which way the lines of its pattern run in the window. */
  readonly runs?: LinesRun;
  /** The narrowest strip that breaks off clean. */
  readonly leastStrip: Nm;
};

export type StockChoice = {
  readonly pane: StockPane;
  /** Width and height of the stock pane change places. */
  readonly turned: boolean;
  readonly cuts: 0 | 1 | 2;
  readonly glass: { readonly width: Nm; readonly height: Nm };
  /** Which edges stay as the factory made them: both ends of a dimension that is not cut, one of each that is. */
  readonly factoryEdges: 2 | 3 | 4;
  readonly wasteNm2: number;
};

/**
 * Stock panes that give this pane, with the fewest cuts; of those the least waste. The lines of a pattern run as
 * they do in the window, toughened glass is not cut.
 * @example opening 612 × 903, wanted 608 × 900, stock 610 × 900 and 600 × 1200 // 610 × 900 as sold; the other, too narrow, not
 */
export function fromStock(stock: readonly StockPane[], need: StockNeed): readonly StockChoice[] {
  return stock
    .filter((p) => p.count !== 0 && isSameGlass(p, { ...need, glass: need.kind, thicknessNm: need.thickness }))
    .flatMap((pane) => {
      const ways = waysToLie(need.kind, need.runs, pane.runs);
      return ways
        .filter((turned, i) => i === 0 || !turned || pane.widthNm !== pane.heightNm)
        .flatMap((turned) => choiceOf(pane, turned, need) ?? []);
    })
    .sort((a, b) => a.cuts - b.cuts || a.wasteNm2 - b.wasteNm2 || Number(a.turned) - Number(b.turned))
    .filter((c, i, all) => all.findIndex((x) => isAlike(x, c)) === i);
}

/** The same pane out of the same sheet: turned or not is all one to whoever takes it. */
const isAlike = (a: StockChoice, b: StockChoice): boolean =>
  a.pane === b.pane && a.cuts === b.cuts && a.glass.width === b.glass.width && a.glass.height === b.glass.height;

function choiceOf(pane: StockPane, turned: boolean, need: StockNeed): StockChoice | undefined {
  const sold = turned ? { width: pane.heightNm, height: pane.widthNm } : { width: pane.widthNm, height: pane.heightNm };
  const width = along(sold.width, "width", need);
  const height = along(sold.height, "height", need);
  if (width === undefined || height === undefined) return undefined;
  const cuts = (Number(width.cut) + Number(height.cut)) as 0 | 1 | 2;
  if (cuts > 0 && need.kind === "toughened") return undefined;
  const glass = { width: width.length, height: height.length };
  return {
    pane,
    turned,
    cuts,
    glass,
    factoryEdges: (4 - cuts) as 2 | 3 | 4,
    wasteNm2: sold.width * sold.height - glass.width * glass.height,
  };
}

function along(
  sold: number,
  axis: "width" | "height",
  need: StockNeed,
): { readonly length: Nm; readonly cut: boolean } | undefined {
  const off = need.tight[axis] - sold;
  if (off >= need.leastOff && off <= need.mostOff[axis]) return { length: nm(sold), cut: false };
  return sold - need.wanted[axis] >= need.leastStrip ? { length: need.wanted[axis], cut: true } : undefined;
}

/** The largest stock pane that goes in as it is sold: what the school "next size down" takes. */
export const nextSizeDown = (choices: readonly StockChoice[]): StockChoice | undefined =>
  choices
    .filter((c) => c.cuts === 0)
    .sort((a, b) => b.glass.width * b.glass.height - a.glass.width * a.glass.height)[0];
