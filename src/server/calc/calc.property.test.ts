import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { DepthAnswer, DepthCase } from "../../contract/calc-depth.ts";
import { FitAnswer, FitCase } from "../../contract/calc-fit.ts";
import { OddsAnswer, OddsCase } from "../../contract/calc-odds.ts";
import { OpeningAnswer, OpeningCase } from "../../contract/calc-opening.ts";
import { PuttyAnswer, PuttyCase } from "../../contract/calc-putty.ts";
import { SizeAnswer, SizeCase } from "../../contract/calc-size.ts";
import { ThicknessAnswer, ThicknessCase } from "../../contract/calc-thickness.ts";
import { OPENING } from "../../core/measure/places.ts";
import { SCHOOLS } from "../../core/size/school.ts";
import { GRIDS } from "../../core/units/length.ts";
import { calcDepth } from "./depth.ts";
import { calcFit } from "./fit.ts";
import { calcOdds } from "./odds.ts";
import { calcOpening } from "./opening.ts";
import { calcPutty } from "./putty.ts";
import { calcSize } from "./size.ts";
import { calcThickness } from "./thickness.ts";

const length = fc.oneof(
  fc.integer({ min: 0, max: 4000 }).map(String),
  fc.integer({ min: 0, max: 40000 }).map((v) => ({ mm: v / 10 })),
  fc.integer({ min: 0, max: 4_000_000_000 }).map((nm) => ({ nm })),
  fc.constantFrom("23 11/16", "1' 11 1/2", "601,5", "7/8-"),
);
const pair = fc.record({ width: length, height: length });

/** Answers in whole and finite numbers (the schema takes no NaN), or refuses with a sentence. */
function sound(
  outcome: { ok: true; value: unknown } | { ok: false; error: { message: string } },
  schema: { parse: (v: unknown) => unknown },
) {
  if (outcome.ok) expect(() => schema.parse(outcome.value)).not.toThrow();
  else expect(outcome.error.message).toMatch(/^.{10,}[.?]$/);
}

describe("whatever lengths are sent", () => {
  it("size answers in finite numbers, or says what to do", () => {
    const cases = fc.record(
      {
        readings: fc.record(Object.fromEntries(OPENING.map((p) => [p, length])), { requiredKeys: [] }),
        school: fc.constantFrom(...SCHOOLS),
        grid: fc.constantFrom(...GRIDS),
        off: length,
        oldPane: pair,
        overrule: pair,
        rebateDepth: length,
        unit: fc.constantFrom("mm", "in"),
      },
      { requiredKeys: ["readings"] },
    );
    fc.assert(
      fc.property(cases, (c) => {
        const outcome = calcSize(SizeCase.parse(c));
        sound(outcome, SizeAnswer);
        if (outcome.ok) {
          expect(outcome.value.glass.width.nm).toBeGreaterThan(0);
          expect(outcome.value.massKg).toBeGreaterThanOrEqual(0);
        }
      }),
      { numRuns: 400 },
    );
  });

  const readings = fc.record(Object.fromEntries(OPENING.map((p) => [p, length])), { requiredKeys: [] });
  const cases: readonly (readonly [string, fc.Arbitrary<unknown>, (c: unknown) => void])[] = [
    [
      "opening",
      fc.record({ readings, back: readings, unit: fc.constantFrom("mm", "in") }, { requiredKeys: ["readings"] }),
      (c) => sound(calcOpening(OpeningCase.parse(c)), OpeningAnswer),
    ],
    [
      "fit",
      fc.record(
        { readings, glass: pair, clearance: length, rebateDepth: length, grid: fc.constantFrom(...GRIDS) },
        { requiredKeys: ["readings"] },
      ),
      (c) => sound(calcFit(FitCase.parse(c)), FitAnswer),
    ],
    [
      "odds of one dimension",
      fc.record(
        {
          readings: fc.array(length, { minLength: 1, maxLength: 3 }),
          rebateDepth: length,
          lies: fc.constantFrom("centred", "pushed"),
        },
        { requiredKeys: ["readings"] },
      ),
      (c) => sound(calcOdds(OddsCase.parse(c)), OddsAnswer),
    ],
    [
      "odds of an opening",
      fc.record(
        { opening: readings, rebateDepth: length, glass: fc.array(pair, { maxLength: 2 }) },
        { requiredKeys: ["opening"] },
      ),
      (c) => sound(calcOdds(OddsCase.parse({ ...(c as object), samples: 200 })), OddsAnswer),
    ],
    [
      "thickness",
      fc.record(
        {
          overall: length,
          pane: length,
          farPane: length,
          slip: fc.record({ far: length, near: length, bed: length }, { requiredKeys: [] }),
        },
        { requiredKeys: [] },
      ),
      (c) => sound(calcThickness(ThicknessCase.parse(c)), ThicknessAnswer),
    ],
    [
      "depth",
      fc.record(
        {
          rebateWidth: length,
          glass: length,
          bed: length,
          bead: length,
          rout: fc.record(
            { rebateDepth: length, depthNeeded: length, timber: length, face: length },
            { requiredKeys: ["rebateDepth", "depthNeeded", "timber"] },
          ),
        },
        { requiredKeys: ["rebateWidth", "glass"] },
      ),
      (c) => sound(calcDepth(DepthCase.parse(c)), DepthAnswer),
    ],
  ];
  it.each(cases)("%s answers in finite numbers, or says what to do", (_, arbitrary, run) => {
    fc.assert(fc.property(arbitrary, run), { numRuns: 120 });
  });

  it("putty is never negative", () => {
    const cases = fc.record(
      {
        tight: pair,
        glass: pair,
        thickness: length,
        rebateDepth: length,
        rebateWidth: length,
        bed: length,
        nose: length,
      },
      { requiredKeys: ["tight", "glass", "thickness", "rebateDepth", "rebateWidth"] },
    );
    fc.assert(
      fc.property(cases, (c) => {
        const outcome = calcPutty(PuttyCase.parse(c));
        sound(outcome, PuttyAnswer);
        if (!outcome.ok) return;
        for (const ml of [outcome.value.bedMl, outcome.value.faceMl, outcome.value.edgeMl])
          expect(ml).toBeGreaterThanOrEqual(0);
      }),
      { numRuns: 400 },
    );
  });
});
