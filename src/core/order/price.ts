import {
  areaNm2,
  byArea,
  byLength,
  byShare,
  greaterOf,
  type Parts,
  partsOf,
  rounded,
  sumOfParts,
  timesParts,
} from "../money/parts.ts";
import { type Pence, sumOf } from "../money/pence.ts";
import { GLASS_NAMES, type GlassKind } from "../specify/glass.ts";
import type { Makeup } from "../specify/makeup.ts";
import type { Template } from "../text/template.ts";
import { addNm, type Mm, type Nm } from "../units/length.ts";

/** What costs more, and by what it is reckoned. */
export const EXTRAS = [
  "coating",
  "argon",
  "krypton",
  "toughened-sheet",
  "laminated-sheet",
  "bars",
  "pattern",
  "polished",
  "shape",
] as const;
export type Extra = (typeof EXTRAS)[number];
export const EXTRA_NAMES: Readonly<Record<Extra, Template>> = {
  coating: "coating",
  argon: "argon",
  krypton: "krypton",
  "toughened-sheet": "a sheet {toughened}",
  "laminated-sheet": "a sheet laminated",
  bars: "bars",
  pattern: "pattern",
  polished: "edges polished",
  shape: "cut to shape",
};
/** A product or an extra as it is said. @example "float/4" // "4 mm clear float"; "coating" // "coating" */
export function pricedName(name: string): Template {
  if (name === "unit/2" || name === "unit/3") return `a {unit} of ${name === "unit/2" ? "two" : "three"} sheets`;
  const [kind, thick] = name.split("/");
  const glass = GLASS_NAMES[kind as GlassKind];
  return glass ? `${thick} mm ${glass}` : (EXTRA_NAMES[name as Extra] ?? name);
}

export const PER = ["each", "m2", "metre", "permille"] as const;
export type Per = (typeof PER)[number];

/** A supplier's list. Whole pence of the firm's currency, before tax. */
export type PriceList = {
  readonly products: readonly { readonly product: string; readonly pencePerM2: Pence }[];
  readonly extras: readonly { readonly extra: Extra; readonly pence: Pence; readonly per: Per }[];
  /** Least that one pane is charged, before extras. */
  readonly leastPence: Pence;
  /** Once an order. */
  readonly deliveryPence: Pence;
};

export type Priced = {
  readonly width: Nm;
  readonly height: Nm;
  readonly product: string;
  /** Each extra, and how many of it: sheets coated, bars, metres of edge are reckoned by the size. */
  readonly extras: readonly { readonly extra: Extra; readonly count: number }[];
};

/**
 * What one pane costs before tax and delivery, in whole pence: area times its rate or the least charge, whichever is more,
 * then the extras. Rounded once, half a penny up.
 * @example 608 × 900 of float at 55.00 a m², least 20.00 // 30.096 → 30.10
 * @example the same at 300 × 300, least 20.00 // 20.00
 */
export function panePence(
  pane: Priced,
  list: PriceList,
): { readonly pence: Pence; readonly missing: readonly string[] } {
  const missing: string[] = [];
  const rate = list.products.find((p) => p.product === pane.product)?.pencePerM2;
  if (rate === undefined) missing.push(pane.product);
  const area = areaNm2(pane.width, pane.height);
  const least = partsOf(list.leastPence);
  const base = rate === undefined ? least : greaterOf(byArea(rate, area), least);
  const by: Readonly<Record<Per, (rate: Pence) => Parts>> = {
    each: partsOf,
    m2: (rate) => byArea(rate, area),
    metre: (rate) => byLength(rate, addNm(addNm(pane.width, pane.height), addNm(pane.width, pane.height))),
    permille: (thousandths) => byShare(base, thousandths / 1000),
  };
  const extras = pane.extras.flatMap(({ extra, count }) => {
    const row = list.extras.find((e) => e.extra === extra);
    if (!row) missing.push(extra);
    return row ? [timesParts(by[row.per](row.pence), count)] : [];
  });
  return { pence: rounded(sumOfParts([base, ...extras])), missing };
}

export type OrderTotal = {
  readonly linesPence: Pence;
  readonly deliveryPence: Pence;
  readonly taxPence: Pence;
  readonly totalPence: Pence;
};

/** Lines, delivery once, tax once on their sum, half a penny up. @example 30.10 + 12.50, a fifth // tax 8.52, total 51.12 */
export function orderTotal(linesPence: readonly Pence[], deliveryPence: Pence, taxShare: number): OrderTotal {
  const lines = sumOf(linesPence);
  const net = sumOf([lines, deliveryPence]);
  const tax = taxOn(net, taxShare);
  return { linesPence: lines, deliveryPence, taxPence: tax, totalPence: sumOf([net, tax]) };
}

/** Tax on whole pence by its share, half a penny up. @example taxOn(pence(4260), 0.2) // 852 */
export const taxOn = (net: Pence, share: number): Pence => rounded(byShare(partsOf(net), share));

/** What a line is on a price list: its product, and what it has that costs more. */
export function pricedOf(line: {
  readonly widthNm: number;
  readonly heightNm: number;
  readonly thicknessMm: Mm;
  readonly glass: GlassKind;
  readonly pattern: string;
  readonly edges: string;
  readonly makeup?: Makeup | undefined;
  readonly bars?: { readonly uprights: number; readonly crosses: number } | undefined;
  readonly shaped: boolean;
}): Priced {
  const extras: { extra: Extra; count: number }[] = [];
  const add = (extra: Extra, count: number) => {
    if (count > 0) extras.push({ extra, count });
  };
  const { makeup } = line;
  if (makeup) {
    add("coating", makeup.coatings.length);
    add("argon", makeup.cavities.filter((c) => c.gas === "argon").length);
    add("krypton", makeup.cavities.filter((c) => c.gas === "krypton").length);
    add("toughened-sheet", makeup.panes.filter((p) => p.kind === "toughened").length);
    add("laminated-sheet", makeup.panes.filter((p) => p.kind === "laminated").length);
  }
  add("bars", (line.bars?.uprights ?? 0) + (line.bars?.crosses ?? 0));
  add("pattern", line.pattern && line.glass !== "patterned" ? 1 : 0);
  add("polished", line.edges === "polished" ? 1 : 0);
  add("shape", line.shaped ? 1 : 0);
  return {
    width: line.widthNm as Nm,
    height: line.heightNm as Nm,
    product: makeup ? `unit/${makeup.panes.length}` : `${line.glass}/${line.thicknessMm}`,
    extras,
  };
}
