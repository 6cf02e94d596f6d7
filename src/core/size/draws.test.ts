import { describe, expect, it } from "vitest";
import { BOW_HEIGHT, CUT_HEIGHT, CUT_WIDTH, DRAWN, drawsFrom, LEAN, MOVED_HEIGHT, MOVED_WIDTH, some } from "./draws.ts";

/* Which columns are spreads and which lie evenly between ends, and that the same seed gives the same luck. */

const N = 4000;
const moments = (column: Float64Array | undefined) => {
  const all = [...(column ?? [])];
  const mean = all.reduce((s, x) => s + x, 0) / all.length;
  return {
    mean,
    spread: Math.sqrt(all.reduce((s, x) => s + (x - mean) ** 2, 0) / all.length),
    most: Math.max(...all),
    least: Math.min(...all),
  };
};
type Is = "spread" | "within" | "share";
const kindOf = (column: Float64Array | undefined): Is => {
  const m = moments(column);
  return m.most > 1.5 ? "spread" : m.least < -0.5 ? "within" : "share";
};

describe("draws of chance", () => {
  it.each<[string, Parameters<typeof drawsFrom>[2], readonly (readonly [number, Is])[]]>([
    [
      "a cutter anywhere within his limit",
      "within",
      [
        [0, "spread"],
        [7, "spread"],
        [CUT_WIDTH, "within"],
        [CUT_HEIGHT, "within"],
        [MOVED_WIDTH, "share"],
        [MOVED_HEIGHT, "share"],
        [LEAN, "spread"],
        [BOW_HEIGHT, "spread"],
      ],
    ],
    [
      "a cutter with a spread",
      "spread",
      [
        [0, "spread"],
        [CUT_WIDTH, "spread"],
        [CUT_HEIGHT, "spread"],
        [MOVED_WIDTH, "share"],
        [LEAN, "spread"],
      ],
    ],
  ])("%s", (_, cutting, columns) => {
    const d = drawsFrom(7, N, cutting);
    expect([d.count, d.columns.length]).toEqual([N, DRAWN]);
    for (const [k, is] of columns) expect([k, kindOf(d.columns[k])]).toEqual([k, is]);
    expect(moments(d.columns[0]).spread).toBeCloseTo(1, 1);
    expect(moments(d.columns[MOVED_WIDTH]).mean).toBeCloseTo(0.5, 1);
  });
  it("both dimensions move as one, unless they are drawn apart", () => {
    const [one, apart] = [drawsFrom(7, 50, "within"), drawsFrom(7, 50, "within", "apart")];
    expect(one.columns[MOVED_HEIGHT]).toBe(one.columns[MOVED_WIDTH]);
    expect([...(apart.columns[MOVED_HEIGHT] ?? [])]).not.toEqual([...(apart.columns[MOVED_WIDTH] ?? [])]);
  });
  it("the same seed the same, another another", () => {
    expect(drawsFrom(7, 20, "within")).toEqual(drawsFrom(7, 20, "within"));
    expect(drawsFrom(8, 20, "within").columns[0]).not.toEqual(drawsFrom(7, 20, "within").columns[0]);
  });
  it.each([
    [3, 3],
    [20, 20],
    [50, 20],
  ])("the first %d of twenty: %d", (count, are) => {
    const all = drawsFrom(7, 20, "within");
    const few = some(all, count);
    expect([few.count, few.columns.length, ...new Set(few.columns.map((c) => c.length))]).toEqual([are, DRAWN, are]);
    expect(few.columns[4]?.[2]).toBe(all.columns[4]?.[2]);
  });
});
