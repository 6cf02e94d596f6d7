import type { RoundRow } from "./row.ts";

/** Panes that are alike: one order line each for the same size, or the same date in the spacer. */
export type AlikeGroup = {
  readonly by: "size" | "date";
  /** Width × height in nm, or the date as stamped. */
  readonly key: string;
  readonly rows: readonly RoundRow[];
};

/**
 * Groups of two or more: equal glass of equal kind, and equal date marks. What failed in one of a date may fail next in
 * its neighbours: those are for a look.
 * @example two of 608 × 900 and one of 609 × 900 // one group of two
 */
export function alikeOn(rows: readonly RoundRow[]): readonly AlikeGroup[] {
  const groups = (by: AlikeGroup["by"], keyOf: (r: RoundRow) => string): AlikeGroup[] => {
    const found = new Map<string, RoundRow[]>();
    for (const row of rows) {
      const key = keyOf(row);
      if (key) found.set(key, [...(found.get(key) ?? []), row]);
    }
    return [...found].flatMap(([key, of]) => (of.length > 1 ? [{ by, key, rows: of }] : []));
  };
  return [
    ...groups("date", (r) => r.dateMark.trim().toLowerCase()),
    ...groups("size", (r) =>
      r.line ? `${r.line.widthNm}×${r.line.heightNm} ${r.line.thicknessNm} ${r.line.glass}` : "",
    ),
  ];
}

/** Of a group by date, those whose glass nobody has found wrong yet. */
export const toLookAt = (group: AlikeGroup): readonly RoundRow[] => group.rows.filter((r) => !r.failed);
