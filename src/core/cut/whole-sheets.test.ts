import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type SheetArea, wholeSheets } from "./whole-sheets.ts";

const kind = (each: number, cost: number, count: number | null = 1): SheetArea => ({ each, cost, count });

/** Every way to take them, one by one. */
function byTrying(kinds: readonly SheetArea[], area: number): number {
  const [first, ...rest] = kinds;
  if (area <= 0) return 0;
  if (!first) return Number.POSITIVE_INFINITY;
  let best = Number.POSITIVE_INFINITY;
  for (let n = 0; n <= Math.min(first.count ?? 99, Math.ceil(area / first.each)); n++)
    best = Math.min(best, n * first.cost + byTrying(rest, area - n * first.each));
  return best;
}

describe("whole sheets for so much glass", () => {
  it.each<[string, readonly SheetArea[], number, number]>([
    ["nothing wanted", [kind(5, 5)], 0, 0],
    ["two off-cuts for less than the sheet", [kind(5, 5), kind(3, 2), kind(9, 10)], 6, 7],
    ["exactly what one holds", [kind(5, 5), kind(9, 10)], 9, 10],
    ["a hair more than one holds", [kind(5, 5), kind(9, 10)], 9.001, 15],
    ["as many as are wanted of one that does not end", [kind(5, 5, null)], 23, 25],
    ["an off-cut for the rest", [kind(5, 5, null), kind(3, 1)], 23, 21],
    ["more than there is", [kind(5, 5), kind(3, 2)], 9, Number.POSITIVE_INFINITY],
    ["glass that costs nothing", [kind(5, 0), kind(5, 4, null)], 10, 4],
  ])("%s", (_, kinds, area, cost) => expect(wholeSheets(kinds, area)).toBe(cost));

  it("is what trying them all comes to", () => {
    const some = fc.record({
      each: fc.integer({ min: 1, max: 9 }),
      cost: fc.integer({ min: 0, max: 9 }),
      count: fc.option(fc.integer({ min: 1, max: 3 })),
    });
    fc.assert(
      fc.property(fc.array(some, { maxLength: 4 }), fc.integer({ min: 0, max: 30 }), (kinds, area) => {
        expect(wholeSheets(kinds, area)).toBe(byTrying(kinds, area));
      }),
    );
  });

  it("says that there are too many ways, and does not look for ever", () => {
    const kinds = Array.from({ length: 40 }, (_, i) =>
      kind(1000 + 37 * i + Math.sqrt(i + 1), 100 + 3.7 * i + Math.cbrt(i + 1)),
    );
    expect(wholeSheets(kinds, 25_000)).toBeNull();
  });
});
