import type { OrderLine } from "./order-book.ts";

/** Lines that are one thing to a cutter: so many off, each with its own label. */
export type LineGroup = { readonly line: OrderLine; readonly lines: readonly OrderLine[] };

/**
 * Lines of an order grouped where they are truly equal: size, basis, glass and all that is said of them. Labels tell them
 * apart; nothing else may.
 * @example two of 409 × 503 float and one of 409 × 503 laminated // 2 off and 1 off
 */
export function groupedLines(lines: readonly OrderLine[]): readonly LineGroup[] {
  const groups = new Map<string, OrderLine[]>();
  for (const l of lines) {
    const key = sameThing(l);
    const there = groups.get(key);
    if (there) there.push(l);
    else groups.set(key, [l]);
  }
  return [...groups.values()].flatMap((all) => (all[0] ? [{ line: all[0], lines: all }] : []));
}

const sameThing = (l: OrderLine): string =>
  JSON.stringify([
    l.widthNm,
    l.heightNm,
    l.thicknessNm,
    l.glass,
    l.edges,
    l.pattern,
    l.grid,
    l.basis ?? null,
    l.allowanceNm ?? null,
    l.makeup ?? null,
    l.looks ?? null,
    l.bars ?? null,
    l.whole ?? null,
    l.parts ?? null,
    l.note ?? null,
    l.corners ?? null,
    // Each has a template of its own.
    l.template ? l.label : null,
  ]);
