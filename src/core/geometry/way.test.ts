import { describe, expect, it } from "vitest";
import { alongWay, wayLength } from "./way.ts";

/* A rise of 5 up a slope of 3 to 4, then 6 straight up. */
const BENT = [
  { x: 0, y: 0 },
  { x: 3, y: 4 },
  { x: 3, y: 10 },
];

describe("a way through points", () => {
  it("is as long as its stretches", () => {
    expect(wayLength(BENT)).toBe(11);
    expect([wayLength([]), wayLength([{ x: 7, y: 7 }])]).toEqual([0, 0]);
  });
  it.each([
    ["at its beginning", 0, [0, 0], [0.6, 0.8]],
    ["half up the slope", 2.5, [1.5, 2], [0.6, 0.8]],
    ["in the bend: still up the slope", 5, [3, 4], [0.6, 0.8]],
    ["two past it", 7, [3, 6], [0, 1]],
    ["at its end", 11, [3, 10], [0, 1]],
    ["past it: straight on", 12, [3, 11], [0, 1]],
    ["before it: straight back", -5, [-3, -4], [0.6, 0.8]],
  ] as const)("%s", (_, by, at, goes) => {
    const is = alongWay(BENT, by);
    expect([is.at.x, is.at.y]).toEqual([expect.closeTo(at[0], 9), expect.closeTo(at[1], 9)]);
    expect([is.goes.x, is.goes.y]).toEqual([expect.closeTo(goes[0], 9), expect.closeTo(goes[1], 9)]);
  });
  it("one point goes nowhere: level from it", () =>
    expect(alongWay([{ x: 7, y: 8 }], 3)).toEqual({ at: { x: 7, y: 8 }, goes: { x: 1, y: 0 } }));
});
