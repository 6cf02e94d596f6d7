import { expect, it } from "vitest";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import { mm } from "../units/length.ts";
import { safetyFigures } from "./safety-figures.ts";

it("millimetres for the one set, inches of 25.4 mm for the other", () => {
  const f = safetyFigures({
    ...HOUSE_DEFAULTS,
    safeBesideDoorMm: 300,
    safeDoorZoneMm: 1500,
    safeLowZoneMm: 800,
    safeSmallLeastMm: 250,
    safeSmallAreaM2: 0.5,
    safeBesideDoorIn: 24,
    safeDoorZoneIn: 60,
    safeLowEdgeIn: 18,
    safeUpperEdgeIn: 36,
    safeWetZoneIn: 60.5,
    safeAreaSqFt: 9,
  });
  expect(f.m).toEqual({
    besideDoor: mm(300),
    doorZone: mm(1500),
    lowZone: mm(800),
    smallLeast: mm(250),
    smallAreaM2: 0.5,
  });
  expect(f.f).toEqual({
    besideDoor: mm(609.6),
    doorZone: mm(1524),
    lowEdge: mm(457.2),
    upperEdge: mm(914.4),
    wetZone: mm(1536.7),
    areaSqFt: 9,
  });
});
