import { describe, expect, it } from "vitest";
import { HOUSE_DEFAULTS, isHouseRule } from "../core/house/rules.ts";
import { errorRules, errorsFor, MATERIALS } from "../core/size/errors.ts";
import { OddsJob } from "./odds-job.ts";

/* What the page hands to its worker is what the worker takes: anything more and the odds are never drawn. */

const OF = MATERIALS.flatMap((material) =>
  (["mm", "in"] as const).flatMap((tape) => [true, false].map((sealedUnit) => ({ material, tape, sealedUnit }))),
);
describe.each(OF)("$material, $tape, sealed unit $sealedUnit", (given) => {
  it("is taken by the worker as it is", () => {
    const errors = errorsFor(HOUSE_DEFAULTS, given);
    expect(OddsJob.shape.errors.parse(errors)).toEqual(errors);
  });
  it("names the rules it was taken from, each with its figure", () => {
    const rules = errorRules(given);
    expect(rules.filter(isHouseRule)).toHaveLength(rules.length);
    const { tape, cutting, perMetre } = errorsFor(HOUSE_DEFAULTS, given);
    const inches = given.tape === "in" ? [HOUSE_DEFAULTS.inchTapeOffMm] : [];
    expect(rules.map((r) => HOUSE_DEFAULTS[r])).toEqual([
      tape,
      cutting.mm,
      cutting.off,
      perMetre.lo,
      perMetre.hi,
      ...inches,
    ]);
  });
  // Larger by 0.4, units by 0.6; by inches 0.3 more.
  it("what comes larger is of the glass and of the tape", () => {
    const house = { ...HOUSE_DEFAULTS, cutOffMm: 0.4, cutOffUnitMm: 0.6, inchTapeOffMm: 0.3 };
    expect(errorsFor(house, given).cutting.off).toBeCloseTo(
      (given.sealedUnit ? 0.6 : 0.4) + (given.tape === "in" ? 0.3 : 0),
      9,
    );
  });
});
