import type { Payloads } from "../log/kinds.ts";
import { NO_MONEY, type Pence, pence } from "../money/pence.ts";
import { penceIn } from "../money/read-money.ts";
import { EXTRAS, type Extra, PER, type Per } from "../order/price.ts";
import { plainMoney } from "./money.ts";

type Terms = Payloads["supplier.terms"];

/** One row of a price list as it stands in a file. */
export type PriceRow = { readonly what: string; readonly price: string; readonly per: string };
export const PRICE_COLUMNS = ["what", "price", "per"] as const;

/** A list as rows: least and delivery first, then glass by kind and thickness, then extras. Money with two decimals. */
export const priceRows = (t: Terms): readonly PriceRow[] => [
  { what: "least", price: plainMoney(t.leastPence), per: "pane" },
  { what: "delivery", price: plainMoney(t.deliveryPence), per: "order" },
  ...t.products.map((p) => ({ what: p.product, price: plainMoney(p.pencePerM2), per: "m2" })),
  ...t.extras.map((e) => ({
    what: e.extra,
    price: e.per === "permille" ? String(e.pence) : plainMoney(e.pence),
    per: e.per,
  })),
];

export type PriceRowError = { readonly row: number; readonly says: string };

const PRODUCT = /^((float|patterned|laminated|toughened)\/\d{1,2}(\.\d)?|unit\/[23]|insert)$/;

/**
 * Rows of a file as a list for a supplier; or what is wrong, row by row, counted as a spreadsheet does with its heading 1.
 * @example what "float/4", price "55.00", per "m2" // 5500 pence a m²
 * @example price "dear" // row 2: “dear” is not a price
 */
export function termsFromRows(
  rows: readonly Partial<PriceRow>[],
  supplier: Pick<Terms, "name" | "makes">,
): { readonly ok: true; readonly terms: Terms } | { readonly ok: false; readonly errors: readonly PriceRowError[] } {
  const errors: PriceRowError[] = [];
  let [leastPence, deliveryPence] = [NO_MONEY, NO_MONEY];
  const products = new Map<string, Pence>();
  const extras = new Map<Extra, { pence: Pence; per: Per }>();
  rows.forEach((r, i) => {
    const row = i + 2;
    const [what, price, per] = [r.what?.trim() ?? "", r.price?.trim() ?? "", r.per?.trim() ?? ""];
    const share = per === "permille";
    const asked = share ? (/^\d{1,5}$/.test(price) ? pence(Number(price)) : null) : penceIn(price);
    if (asked === null) errors.push({ row, says: `“${price}” is not a price: give it as 55.00.` });
    else if (what === "least") leastPence = asked;
    else if (what === "delivery") deliveryPence = asked;
    else if (PRODUCT.test(what)) {
      if (per !== "m2") errors.push({ row, says: `${what} is priced by m2, not by “${per}”.` });
      else products.set(what, asked);
    } else if (isExtra(what)) {
      if (!isPer(per)) errors.push({ row, says: `“${per}” is not one of ${PER.join(", ")}.` });
      else extras.set(what, { pence: asked, per });
    } else
      errors.push({
        row,
        says: `“${what}” is not known: float/4, unit/2, least, delivery, or one of ${EXTRAS.join(", ")}.`,
      });
  });
  if (errors.length > 0) return { ok: false, errors };
  return {
    ok: true,
    terms: {
      ...supplier,
      leastPence,
      deliveryPence,
      products: [...products].map(([product, pencePerM2]) => ({ product, pencePerM2 })),
      extras: [...extras].map(([extra, e]) => ({ extra, ...e })),
    },
  };
}

const isExtra = (s: string): s is Extra => (EXTRAS as readonly string[]).includes(s);
const isPer = (s: string): s is Per => (PER as readonly string[]).includes(s);
