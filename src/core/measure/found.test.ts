import { describe, expect, it } from "vitest";
import { evenSpaces, hasBars } from "./found.ts";

describe("bars in a unit", () => {
  it.each<[number, number, boolean]>([
    [0, 0, false],
    [1, 0, true],
    [0, 1, true],
    [2, 1, true],
  ])("%i upright and %i across", (uprights, crosses, has) => expect(hasBars({ uprights, crosses })).toBe(has));
  it.each<[number, number, number, number]>([
    [600, 2, 20, 560 / 3],
    [600, 0, 20, 600],
    [610, 1, 10, 300],
  ])("%i across, %i bars of %i: even spaces", (across, bars, wide, space) =>
    expect(evenSpaces(across, bars, wide)).toBeCloseTo(space, 9),
  );
});
