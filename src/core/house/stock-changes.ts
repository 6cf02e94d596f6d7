import type { StockPane } from "./stock.ts";

/** What a list of stock says that the firm's own does not. */
export type StockChanges = {
  readonly fresh: readonly StockPane[];
  readonly changed: readonly { readonly was: StockPane; readonly is: StockPane }[];
  readonly same: number;
  /** What the firm has and the list does not name: it stays. */
  readonly unnamed: readonly StockPane[];
};

/** Fields that a list can say, each as nobody having said it. */
const said = (s: StockPane): readonly unknown[] => [
  s.widthNm,
  s.heightNm,
  s.thicknessNm,
  s.glass,
  s.pattern ?? "",
  s.tint ?? "",
  s.runs ?? "",
  s.bought ?? false,
  s.bought ? null : (s.count ?? 1),
  s.costPence ?? null,
  s.slot ?? "",
  s.trimNm ?? null,
  s.least ?? 0,
];

/**
 * Compares by name: what is new, what is another than it was, and what the list is silent about.
 * @example two there, a list of one of them with another count and one more // 1 fresh, 1 changed, 0 same, 1 unnamed
 */
export function stockChanges(now: readonly StockPane[], list: readonly StockPane[]): StockChanges {
  const had = new Map(now.map((s) => [s.name, s]));
  const named = new Set(list.map((s) => s.name));
  const fresh = list.filter((s) => !had.has(s.name));
  const both = list.flatMap((is) => {
    const was = had.get(is.name);
    return was ? [{ was, is }] : [];
  });
  const changed = both.filter(({ was, is }) => JSON.stringify(said(was)) !== JSON.stringify(said(is)));
  return { fresh, changed, same: both.length - changed.length, unnamed: now.filter((s) => !named.has(s.name)) };
}
