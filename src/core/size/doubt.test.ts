import { describe, expect, it } from "vitest";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import { figureOf, type OpeningReadings } from "../measure/figure.ts";
import { mm, toMm } from "../units/length.ts";
import { type Best, costOf, findBest, type OddsInput } from "./best.ts";
import { errorsFor } from "./errors.ts";

/* Of sizes that are alike by what the firm believes, the one is taken that is farther from trouble either way. */

const true600x900: OpeningReadings = {
  "width-top": mm(600),
  "width-middle": mm(600),
  "width-bottom": mm(600),
  "height-left": mm(900),
  "height-middle": mm(900),
  "height-right": mm(900),
  "diagonal-up": mm(Math.hypot(600, 900)),
  "diagonal-down": mm(Math.hypot(600, 900)),
};
const USUAL = errorsFor(HOUSE_DEFAULTS, { material: "timber", tape: "mm", sealedUnit: false });
const input = (depthMm: number | null, doubtMm: number, readings = true600x900): OddsInput => {
  const d = depthMm === null ? undefined : mm(depthMm);
  return {
    readings,
    figure: figureOf(readings),
    grid: "1 mm",
    depths: d === undefined ? undefined : { left: d, right: d, bottom: d, top: d },
    leastCover: mm(3),
    errors: { ...USUAL, doubtMm },
  };
};
const best = (...given: Parameters<typeof input>): Best => {
  const found = findBest(input(...given));
  if (!found) throw new Error("no size");
  return found;
};
const off = (b: Best) => [toMm(b.off.width), toMm(b.off.height)] as const;

describe("a size where what the firm believes may be off itself", () => {
  // A rebate of 7 has 2 mm a side to lose: there is no room to step back into. One of 9 or 13 has.
  it.each([
    [7, 0, [4, 4]],
    [7, 0.5, [4, 4]],
    [9, 0, [4, 4]],
    [9, 0.5, [5, 5]],
    [13, 0, [4, 4]],
    [13, 0.5, [5, 5]],
    [13, 1, [6, 6]],
  ] as const)("rebate of %d mm, doubt of %d mm: %j off 600 × 900", (depth, doubt, wanted) =>
    expect(off(best(depth, doubt))).toEqual(wanted),
  );

  it("it costs no more by what the firm believes than the best that takes no doubt, but for what counts as alike", () => {
    const two: OpeningReadings = { "width-middle": mm(600), "height-middle": mm(900) };
    for (const readings of [true600x900, two])
      for (const depth of [6.5, 7, 8, 9, 11, 13, 18]) {
        const [plain, doubting] = [best(depth, 0, readings), best(depth, 0.5, readings)];
        expect(costOf(doubting.chances, USUAL.costs)).toBeLessThanOrEqual(
          costOf(plain.chances, USUAL.costs) + USUAL.alike + 1e-9,
        );
      }
  });

  it("a deeper rebate never takes off less", () => {
    const widths = [9, 11, 13, 18].map((depth) => off(best(depth, 0.5))[0]);
    expect(widths).toEqual([...widths].sort((a, b) => a - b));
  });

  it("while no depth is read there is no cover to weigh it against, and no doubt makes the pane smaller", () =>
    expect(off(best(null, 1))).toEqual(off(best(null, 0))));

  it("what binding costs pulls it smaller, what a bare edge costs larger", () => {
    const with_ = (costs: OddsInput["errors"]["costs"]) => {
      const given = input(8, 1);
      const found = findBest({ ...given, errors: { ...given.errors, costs, alike: 0 } });
      return found ? toMm(found.off.width) : Number.NaN;
    };
    const [dear, even, bare] = [
      with_({ binds: 20, coverLost: 1 }),
      with_({ binds: 1, coverLost: 1 }),
      with_({ binds: 1, coverLost: 20 }),
    ];
    expect([dear >= even, even >= bare, dear > bare]).toEqual([true, true, true]);
  });
});
