import type { SpecifyRules } from "../house/specify-rules.ts";
import type { SafetyFigures } from "../specify/safety.ts";
import { mm, type Nm, nm } from "../units/length.ts";

const INCH_NM = 25_400_000;
const inch = (n: number): Nm => nm(Math.round(n * INCH_NM));

/** Both rule sets with the firm's own figures in them. */
export const safetyFigures = (h: SpecifyRules): SafetyFigures => ({
  m: {
    besideDoor: mm(h.safeBesideDoorMm),
    doorZone: mm(h.safeDoorZoneMm),
    lowZone: mm(h.safeLowZoneMm),
    smallLeast: mm(h.safeSmallLeastMm),
    smallAreaM2: h.safeSmallAreaM2,
  },
  f: {
    besideDoor: inch(h.safeBesideDoorIn),
    doorZone: inch(h.safeDoorZoneIn),
    lowEdge: inch(h.safeLowEdgeIn),
    upperEdge: inch(h.safeUpperEdgeIn),
    wetZone: inch(h.safeWetZoneIn),
    areaSqFt: h.safeAreaSqFt,
  },
});
