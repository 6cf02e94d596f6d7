import { describe, expect, it } from "vitest";
import type { StockInsert } from "../house/stock.ts";
import type { Readings } from "../measure/reckoned.ts";
import type { Way } from "../measure/ways.ts";
import { mm, toMm } from "../units/length.ts";
import { copiedWhole, insertOf } from "./copied-size.ts";

/** Outside 458 × 914, seen 406 × 862, for doors of 44 to 45. */
const HALF_LIGHT: StockInsert = {
  family: "Half light",
  outsideWidthNm: mm(458),
  outsideHeightNm: mm(914),
  seenWidthNm: mm(406),
  seenHeightNm: mm(862),
  doorFromNm: mm(44),
  doorToNm: mm(45),
};
const outside = (width: number, height: number): Readings => ({
  "insert-outside-width": mm(width),
  "insert-outside-height": mm(height),
});
const inside = (width: number, height: number): Readings => ({
  "insert-inside-width": mm(width),
  "insert-inside-height": mm(height),
});

describe("a door's insert as its family has it", () => {
  it.each<[string, Way, Readings, readonly [number, number] | null]>([
    ["read outside, a millimetre off", "insert-outside", outside(459, 913), [458, 914]],
    ["read inside: the opening seen in it", "insert-inside", inside(406, 862), [406, 862]],
    ["outside was read, inside was chosen", "insert-inside", outside(459, 913), null],
    ["no height", "insert-outside", { "insert-outside-width": mm(458) }, null],
    ["none of the list is near", "insert-outside", outside(700, 700), null],
    ["it closes on this door", "insert-outside", { ...outside(458, 914), "door-thickness": mm(44.5) }, [458, 914]],
    ["it does not close on this door", "insert-outside", { ...outside(458, 914), "door-thickness": mm(60) }, null],
    ["the rebate was read", "rebate", outside(458, 914), null],
    ["the old pane was read", "old-unit", outside(458, 914), null],
  ])("%s", (_, way, readings, size) => {
    const found = insertOf(way, readings, [HALF_LIGHT]);
    expect(found ? [toMm(found.size.width), toMm(found.size.height)] : null).toEqual(size);
    if (found) expect(found.match).toBe(HALF_LIGHT);
  });
});

describe("a copy of which both sides were read", () => {
  const copied = (width: number | null, height: number | null) =>
    copiedWhole({
      readings: {},
      guessed: null,
      copied: {
        of: "old-unit",
        glass: { width: width === null ? null : mm(width), height: height === null ? null : mm(height) },
        play: null,
        fit: "told",
      },
    });
  it.each<[string, number | null, number | null, readonly [number, number] | null]>([
    ["both", 598, 890, [598, 890]],
    ["no height", 598, null, null],
    ["no width", null, 890, null],
  ])("%s", (_, width, height, size) => {
    const is = copied(width, height);
    expect(is ? [toMm(is.width), toMm(is.height)] : null).toEqual(size);
  });
  it("nothing was copied", () => expect(copiedWhole({ readings: {}, guessed: null, copied: null })).toBeNull());
});
