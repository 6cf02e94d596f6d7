import type { Mm } from "../units/length.ts";
import type { RuleFact } from "./sizing-rules.ts";

/** What specifying goes by: the cold outside, wind by exposure, and the figures of both safety rule sets. */
export type SpecifyRules = {
  readonly coldOutsideC: number;
  readonly roomC: number;
  readonly roomHumidity: number;
  readonly coatedEmissivity: number;
  readonly windSheltered: number;
  readonly windTown: number;
  readonly windOpen: number;
  readonly windCoast: number;
  readonly windPerFloor: number;
  readonly cupKg: number;
  readonly offBalanceKg: number;
  readonly safeBesideDoorMm: Mm;
  readonly safeDoorZoneMm: Mm;
  readonly safeLowZoneMm: Mm;
  readonly safeSmallLeastMm: Mm;
  readonly safeSmallAreaM2: number;
  readonly safeBesideDoorIn: number;
  readonly safeDoorZoneIn: number;
  readonly safeLowEdgeIn: number;
  readonly safeUpperEdgeIn: number;
  readonly safeWetZoneIn: number;
  readonly safeAreaSqFt: number;
};

const SET_M = "rule set M; your local code decides";
const SET_F = "rule set F; your local code decides";
const WIND = "an example from EN 1991-1-4 by exposure; put in your local figure";

export const SPECIFY_RULES: { readonly [K in keyof SpecifyRules]: RuleFact<SpecifyRules[K]> } = {
  coldOutsideC: {
    value: -5,
    says: "Outside on a cold night",
    unit: "°C",
    source: "a usual winter night",
    from: -40,
    to: 20,
  },
  roomC: { value: 20, says: "Room", unit: "°C", source: "usual comfort", from: 5, to: 35 },
  roomHumidity: {
    value: 0.5,
    says: "Humidity of the room, as a share",
    unit: "",
    source: "usual comfort",
    from: 0.1,
    to: 1,
  },
  coatedEmissivity: {
    value: 0.05,
    says: "Normal emissivity of a low-emissivity coating",
    unit: "",
    source: "EN 12898; common soft coatings 0.03 to 0.05",
    from: 0.01,
    to: 0.89,
  },
  windSheltered: { value: 0.5, says: "Wind pressure, sheltered", unit: "kPa", source: WIND, from: 0, to: 10 },
  windTown: { value: 0.7, says: "Wind pressure, town", unit: "kPa", source: WIND, from: 0, to: 10 },
  windOpen: { value: 1, says: "Wind pressure, open country", unit: "kPa", source: WIND, from: 0, to: 10 },
  windCoast: { value: 1.4, says: "Wind pressure, coast or hilltop", unit: "kPa", source: WIND, from: 0, to: 10 },
  windPerFloor: { value: 0.08, says: "More for each floor up", unit: "kPa", source: WIND, from: 0, to: 2 },
  cupKg: { value: 25, says: "One suction cup carries", unit: "kg", source: "its own rating, tested", from: 1, to: 200 },
  offBalanceKg: {
    value: 0.25,
    says: "Upper sash's weights heavier, lower's lighter, each",
    unit: "kg",
    source: "trade practice; the other dialect says half a pound",
    from: 0,
    to: 5,
  },
  safeBesideDoorMm: { value: 300, says: "M: beside a door, within", unit: "mm", source: SET_M, from: 0, to: 3000 },
  safeDoorZoneMm: {
    value: 1500,
    says: "M: in and beside doors, from the floor to",
    unit: "mm",
    source: SET_M,
    from: 0,
    to: 5000,
  },
  safeLowZoneMm: { value: 800, says: "M: elsewhere, from the floor to", unit: "mm", source: SET_M, from: 0, to: 5000 },
  safeSmallLeastMm: {
    value: 250,
    says: "M: small {pane}, least dimension up to",
    unit: "mm",
    source: SET_M,
    from: 0,
    to: 1000,
  },
  safeSmallAreaM2: { value: 0.5, says: "M: small {pane}, area up to", unit: "m²", source: SET_M, from: 0, to: 5 },
  safeBesideDoorIn: { value: 24, says: "F: beside a door, within", unit: "in", source: SET_F, from: 0, to: 120 },
  safeDoorZoneIn: { value: 60, says: "F: beside doors, lower edge under", unit: "in", source: SET_F, from: 0, to: 200 },
  safeLowEdgeIn: { value: 18, says: "F: large {pane}, lower edge under", unit: "in", source: SET_F, from: 0, to: 100 },
  safeUpperEdgeIn: {
    value: 36,
    says: "F: large {pane}, upper edge above",
    unit: "in",
    source: SET_F,
    from: 0,
    to: 200,
  },
  safeWetZoneIn: { value: 60, says: "F: wet room, lower edge under", unit: "in", source: SET_F, from: 0, to: 200 },
  safeAreaSqFt: { value: 9, says: "F: large {pane}, area above", unit: "ft²", source: SET_F, from: 0, to: 100 },
};
