import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { barPlaces } from "./bar-places.ts";
import { barsErrorSentence } from "./bars-fault.ts";
import type { Bars } from "./found.ts";

const bars = (over: Partial<Bars> = {}): Bars => ({
  uprights: 0,
  crosses: 0,
  width: { text: "20", unit: "mm" },
  colour: "white",
  kind: "flat",
  spacing: "even",
  given: "",
  ...over,
});
const GLASS = { widthMm: 600, heightMm: 800 };

describe("bars that have no room", () => {
  // Six of 120 are 720 of 800 and leave 11 clear each; seven are more than there is.
  it.each<[string, Partial<Bars>, string | null]>([
    ["thirty uprights of 20 in 600", { uprights: 30 }, "width"],
    ["six crosses of 120 in 800", { crosses: 6, width: { text: "120", unit: "mm" } }, null],
    ["seven crosses of 120 in 800", { crosses: 7, width: { text: "120", unit: "mm" } }, "height"],
  ])("%s", (_, over, axis) => {
    const at = barPlaces(bars(over), GLASS);
    expect(at.ok ? null : at.error).toEqual(axis === null ? null : { kind: "no-room", axis });
  });
});

describe("where bars stand", () => {
  it.each<[string, Partial<Bars>, readonly number[], readonly number[]]>([
    ["none", {}, [], []],
    ["one upright, even: the middle", { uprights: 1 }, [300], []],
    // (600 − 2 × 20) / 3 = 186.67 clear; middles at 186.67 + 10 and 2 × 186.67 + 30.
    ["two uprights, even", { uprights: 2 }, [196.667, 403.333], []],
    ["one cross, even", { crosses: 1 }, [], [400]],
    ["as given, 280 and 300", { uprights: 1, spacing: "given", given: "280, 300" }, [290], []],
    ["as given, both ways", { uprights: 1, crosses: 1, spacing: "given", given: "280, 300, 200, 580" }, [290], [210]],
    ["given, but nothing said yet: even", { uprights: 1, spacing: "given" }, [300], []],
    [
      "inches",
      { uprights: 1, width: { text: "3/4", unit: "in" }, spacing: "given", given: "11 7/16; 11 7/16" },
      [300.037],
      [],
    ],
    ["width not read: 18", { uprights: 1, width: null, spacing: "given", given: "291, 291" }, [300], []],
  ])("%s", (_, over, uprights, crosses) => {
    const found = barPlaces(bars(over), GLASS);
    if (!found.ok) throw new Error(barsErrorSentence(found.error));
    expect(found.value.uprights.map((x) => Number(x.toFixed(3)))).toEqual(uprights);
    expect(found.value.crosses.map((x) => Number(x.toFixed(3)))).toEqual(crosses);
  });
  it.each<[string, Partial<Bars>, RegExp]>([
    ["a space that is no length", { uprights: 1, spacing: "given", given: "280, wide" }, /“wide” is not a length/],
    ["one space short", { uprights: 1, spacing: "given", given: "580" }, /1 spaces are given and these bars leave 2/],
    [
      "they do not make up the glass",
      { uprights: 1, spacing: "given", given: "280, 310" },
      /10\.0 mm more than the glass/,
    ],
    [
      "less than the glass",
      { crosses: 1, spacing: "given", given: "380, 380" },
      /across the height come to 20\.0 mm less/,
    ],
    ["more bars than glass", { uprights: 30 }, /leave no glass between them across the width/],
  ])("%s", (_, over, says) => {
    const found = barPlaces(bars(over), GLASS);
    expect(found.ok ? "fine" : barsErrorSentence(found.error)).toMatch(says);
  });
  it("two millimetres over four spaces is let through, two and a half is not", () => {
    const at = (last: string) => barPlaces(bars({ uprights: 1, spacing: "given", given: `280, ${last}` }), GLASS).ok;
    expect([at("302"), at("302.5")]).toEqual([true, false]);
  });
  it("even bars leave the same glass between them and at both ends", () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 12 }), fc.integer({ min: 300, max: 2500 }), (n, across) => {
        const found = barPlaces(bars({ uprights: n }), { widthMm: across, heightMm: 500 });
        if (!found.ok) return expect(n * 20).toBeGreaterThanOrEqual(across);
        const edges = [-10, ...found.value.uprights, across + 10];
        const clear = edges.slice(1).map((x, i) => x - (edges[i] ?? 0) - 20);
        for (const c of clear) expect(c).toBeCloseTo(clear[0] ?? 0, 6);
      }),
    );
  });
});
