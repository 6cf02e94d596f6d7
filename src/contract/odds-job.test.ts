import { describe, expect, it } from "vitest";
import { HOUSE_DEFAULTS, isHouseRule } from "../core/house/rules.ts";
import { errorRules, errorsFor, MATERIALS } from "../core/size/errors.ts";
import { OddsJob } from "./odds-job.ts";

/* What the page hands to its worker is what the worker takes: anything more and the odds are never drawn. */

const OF = MATERIALS.flatMap((material) =>
  (["mm", "in"] as const).flatMap((tape) => [true, false].map((sealedUnit) => ({ material, tape, sealedUnit }))),
);
describe.each(OF)("$material, $tape, sealed unit $sealedUnit", (of) => {
  it("is taken by the worker as it is", () => {
    const errors = errorsFor(HOUSE_DEFAULTS, of);
    expect(OddsJob.shape.errors.parse(errors)).toEqual(errors);
  });
  it("names the five rules it was taken from, each with its figure", () => {
    const rules = errorRules(of);
    expect(rules.filter(isHouseRule)).toHaveLength(5);
    const { tape, cutting, perMetre } = errorsFor(HOUSE_DEFAULTS, of);
    expect(rules.map((r) => HOUSE_DEFAULTS[r])).toEqual([tape, cutting.mm, cutting.off, perMetre.lo, perMetre.hi]);
  });
});
