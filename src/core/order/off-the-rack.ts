import { isKept } from "../cut/cutting.ts";
import { OFFCUT_KEPT } from "../cut/offcut-kept.ts";
import type { StockChoice } from "../size/from-stock.ts";
import type { GlassKind } from "../specify/glass.ts";

/** A sheet cut up, as the log keeps it. */
export type SheetCut = {
  readonly sheet: string;
  readonly panes: readonly string[];
  readonly left: readonly ({ readonly name: string } & Piece)[];
  readonly spoilt: number;
  readonly glass: GlassKind;
  readonly thicknessNm: number;
};

type Piece = { readonly widthNm: number; readonly heightNm: number };

/**
 * What is left of a sheet that a pane is cut out of, edge to edge: of the two ways to make the cuts, the one that leaves the
 * larger piece whole. Pieces too small for the rack are waste. Width and height are those of the sheet as it is listed: a pattern
 * runs in them as it does in the sheet.
 * @example 900 × 1200 for 478 × 729 // 422 × 1200 beside it, and 478 × 471 above
 */
export function leftOf(of: StockChoice): readonly Piece[] {
  const sold = soldAs(of);
  const [beside, above] = [sold.width - of.glass.width, sold.height - of.glass.height];
  const ways: readonly (readonly Piece[])[] = [
    [
      { widthNm: beside, heightNm: sold.height },
      { widthNm: of.glass.width, heightNm: above },
    ],
    [
      { widthNm: sold.width, heightNm: above },
      { widthNm: beside, heightNm: of.glass.height },
    ],
  ];
  const asListed = (p: Piece): Piece => (of.turned ? { widthNm: p.heightNm, heightNm: p.widthNm } : p);
  const kept = ways.map((w) => w.filter((p) => isKept({ width: p.widthNm, height: p.heightNm }, OFFCUT_KEPT)));
  const largest = (w: readonly Piece[]): number => Math.max(0, ...w.map((p) => p.widthNm * p.heightNm));
  return ([...kept].sort((a, b) => largest(b) - largest(a))[0] ?? []).map(asListed);
}

const soldAs = (of: StockChoice): { readonly width: number; readonly height: number } =>
  of.turned
    ? { width: of.pane.heightNm, height: of.pane.widthNm }
    : { width: of.pane.widthNm, height: of.pane.heightNm };

/**
 * The same sheet taken to another size than was proposed: its cuts are those that this size wants, and no more.
 * @example 900 × 1200, proposed 478 × 729, taken as 900 × 729 // one cut
 */
export function takenTo(of: StockChoice, glass: StockChoice["glass"]): StockChoice {
  const sold = soldAs(of);
  const cuts = (Number(glass.width < sold.width) + Number(glass.height < sold.height)) as StockChoice["cuts"];
  return {
    ...of,
    glass,
    cuts,
    factoryEdges: (4 - cuts) as StockChoice["factoryEdges"],
    wasteNm2: sold.width * sold.height - glass.width * glass.height,
  };
}

/** What it is taken from, and how many of its edges are cut. @example { cuts: 2, note: "Rack A, 450 by 600" } */
export const outOf = (of: StockChoice): { readonly cuts: number; readonly note: string } => ({
  cuts: of.cuts,
  note: of.pane.name,
});

/** The sheet as it goes off the list, and what of it lies there now. */
export const offTheRack = (of: StockChoice, pane: string, label: string): SheetCut => ({
  sheet: of.pane.name,
  panes: [pane],
  left: leftOf(of).map((p, i) => ({ name: `Off-cut of ${label}`.slice(0, 90) + (i === 0 ? "" : `, ${i + 1}`), ...p })),
  spoilt: 0,
  glass: of.pane.glass,
  thicknessNm: of.pane.thicknessNm,
});
