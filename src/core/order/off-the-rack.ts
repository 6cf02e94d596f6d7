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
export function leftOf(choice: StockChoice): readonly Piece[] {
  const sold = soldAs(choice);
  const [beside, above] = [sold.width - choice.glass.width, sold.height - choice.glass.height];
  const ways: readonly (readonly Piece[])[] = [
    [
      { widthNm: beside, heightNm: sold.height },
      { widthNm: choice.glass.width, heightNm: above },
    ],
    [
      { widthNm: sold.width, heightNm: above },
      { widthNm: beside, heightNm: choice.glass.height },
    ],
  ];
  const asListed = (p: Piece): Piece => (choice.turned ? { widthNm: p.heightNm, heightNm: p.widthNm } : p);
  const kept = ways.map((w) => w.filter((p) => isKept({ width: p.widthNm, height: p.heightNm }, OFFCUT_KEPT)));
  const largest = (w: readonly Piece[]): number => Math.max(0, ...w.map((p) => p.widthNm * p.heightNm));
  return ([...kept].sort((a, b) => largest(b) - largest(a))[0] ?? []).map(asListed);
}

const soldAs = (choice: StockChoice): { readonly width: number; readonly height: number } =>
  choice.turned
    ? { width: choice.pane.heightNm, height: choice.pane.widthNm }
    : { width: choice.pane.widthNm, height: choice.pane.heightNm };

/**
 * The same sheet taken to another size than was proposed: its cuts are those that this size wants, and no more.
 * @example 900 × 1200, proposed 478 × 729, taken as 900 × 729 // one cut
 */
export function takenTo(choice: StockChoice, glass: StockChoice["glass"]): StockChoice {
  const sold = soldAs(choice);
  const cuts = (Number(glass.width < sold.width) + Number(glass.height < sold.height)) as StockChoice["cuts"];
  return {
    ...choice,
    glass,
    cuts,
    factoryEdges: (4 - cuts) as StockChoice["factoryEdges"],
    wasteNm2: sold.width * sold.height - glass.width * glass.height,
  };
}

/** What it is taken from, and how many of its edges are cut. @example { cuts: 2, note: "Rack A, 450 by 600" } */
export const outOf = (choice: StockChoice): { readonly cuts: number; readonly note: string } => ({
  cuts: choice.cuts,
  note: choice.pane.name,
});

/** The sheet as it goes off the list, and what of it lies there now. */
export const offTheRack = (choice: StockChoice, pane: string, label: string): SheetCut => ({
  sheet: choice.pane.name,
  panes: [pane],
  left: leftOf(choice).map((p, i) => ({
    name: `Off-cut of ${label}`.slice(0, 90) + (i === 0 ? "" : `, ${i + 1}`),
    ...p,
  })),
  spoilt: 0,
  glass: choice.pane.glass,
  thicknessNm: choice.pane.thicknessNm,
});
