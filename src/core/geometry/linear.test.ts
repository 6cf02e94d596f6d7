import { describe, expect, it } from "vitest";
import { leastSquares } from "./least-squares.ts";
import { solveLinear } from "./linear.ts";

describe("linear equations", () => {
  it.each([
    [
      [
        [2, 0],
        [0, 4],
      ],
      [2, 2],
      [1, 0.5],
    ],
    [
      [
        [0, 1],
        [1, 0],
      ],
      [3, 7],
      [7, 3],
    ],
    [
      [
        [1, 1, 1],
        [0, 2, 5],
        [2, 5, -1],
      ],
      [6, -4, 27],
      [5, 3, -2],
    ],
  ])("%j x = %j", (matrix, right, x) => {
    const found = solveLinear(matrix, right) ?? [];
    for (const [i, v] of x.entries()) expect(found[i]).toBeCloseTo(v, 9);
  });
  it("has no answer when a row says nothing", () =>
    expect(
      solveLinear(
        [
          [1, 2],
          [2, 4],
        ],
        [1, 2],
      ),
    ).toBeUndefined());
});

describe("least squares", () => {
  it("takes the mean of readings that disagree", () => {
    const fit = leastSquares(([x = 0]) => [x - 600, x - 601, x - 603], [0]);
    expect(fit.x[0]).toBeCloseTo(601.3333333, 6);
    expect(fit.settled).toBe(true);
  });
  it("finds a bent valley's floor", () => {
    const fit = leastSquares(([x = 0, y = 0]) => [10 * (y - x * x), 1 - x], [-1.2, 1]);
    expect(fit.x[0]).toBeCloseTo(1, 5);
    expect(fit.x[1]).toBeCloseTo(1, 5);
  });
});
