import { describe, expect, it } from "vitest";
import { inches, mm } from "../units/length.ts";
import { isSafetyGlass, massOf } from "./glass.ts";
import { type Location, safetyOf } from "./safety.ts";

const at = (over: Partial<Location>): Location => ({
  inDoor: false,
  wetRoom: false,
  stairs: false,
  walkway: false,
  sillHeight: mm(1120),
  doorDistance: mm(1900),
  width: mm(608),
  height: mm(900),
  ...over,
});

describe("set M: heights and door edges", () => {
  it.each([
    ["high and clear", {}, "not-needed", "clear-of-doors"],
    ["just at 800", { sillHeight: mm(800) }, "not-needed", "clear-of-doors"],
    ["just under 800", { sillHeight: mm(799.9) }, "needed", "low"],
    ["low", { sillHeight: mm(300) }, "needed", "low"],
    ["at 300 from a door edge", { doorDistance: mm(300) }, "needed", "beside-door"],
    ["past 300 from a door edge", { doorDistance: mm(300.1) }, "not-needed", "clear-of-doors"],
    ["beside a door but at 1500", { doorDistance: mm(10), sillHeight: mm(1500) }, "not-needed", "high-enough"],
    ["in a door", { inDoor: true }, "needed", "in-door"],
    ["in a door at 1500", { inDoor: true, sillHeight: mm(1500) }, "not-needed", "high-enough"],
    ["small in a door", { inDoor: true, width: mm(250), height: mm(900) }, "small-pane-6mm", "in-door"],
    ["narrow but over half a square metre", { sillHeight: mm(100), width: mm(250), height: mm(2001) }, "needed", "low"],
  ] as const)("%s", (_, over, kind, because) => expect(safetyOf("M", at(over))).toEqual({ kind, because }));
  it.each([
    [{ sillHeight: null, doorDistance: null }, ["sill-height", "door-distance"]],
    [{ sillHeight: null }, ["sill-height"]],
    [{ doorDistance: null }, ["door-distance"]],
    [{ inDoor: true, sillHeight: null }, ["sill-height"]],
    [{ doorDistance: null, noDoorWithin: mm(299) }, ["door-distance"]],
    [{ sillHeight: null, doorDistance: null, noDoorWithin: mm(300) }, ["sill-height"]],
  ] as const)("%j: asks for %j", (over, missing) =>
    expect(safetyOf("M", at(over))).toEqual({ kind: "not-known", missing }),
  );
});

describe("where there is no door to measure to", () => {
  it.each([
    ["M", "looked along as far as it asks", { noDoorWithin: mm(300) }, "not-needed"],
    ["M", "looked farther", { noDoorWithin: inches(24) }, "not-needed"],
    ["F", "looked along as far as it asks", { noDoorWithin: inches(24) }, "not-needed"],
    ["F", "looked as far as the other rule set asks: not far enough", { noDoorWithin: mm(300) }, "not-known"],
    ["M", "low is low, doors or none", { noDoorWithin: mm(300), sillHeight: mm(500) }, "needed"],
  ] as const)("set %s, %s", (set, _, over, kind) =>
    expect(safetyOf(set, at({ doorDistance: null, ...over })).kind).toBe(kind),
  );
  it("a distance that was read stands before it", () =>
    expect(safetyOf("M", at({ doorDistance: mm(200), noDoorWithin: mm(300) })).kind).toBe("needed"));
});

describe("set F: area, walkway, wet rooms", () => {
  const large = { width: inches(40), height: inches(60), sillHeight: inches(10), walkway: true };
  it.each([
    ["in a door", { inDoor: true }, "needed", "in-door"],
    ["by stairs", { stairs: true }, "needed", "stairs"],
    ["wet room under 60 in", { wetRoom: true, sillHeight: inches(59) }, "needed", "wet-room"],
    ["wet room at 60 in", { wetRoom: true, sillHeight: inches(60) }, "not-needed", "high-enough"],
    ["24 in from a door", { doorDistance: inches(24) }, "needed", "beside-door"],
    ["past 24 in", { doorDistance: inches(24, 1, 16) }, "not-needed", "clear-of-doors"],
    ["large, low, by a walkway", large, "needed", "large-and-low"],
    ["the same without a walkway", { ...large, walkway: false }, "not-needed", "clear-of-doors"],
    ["the same 18 in up", { ...large, sillHeight: inches(18) }, "not-needed", "clear-of-doors"],
    [
      "9 sq ft exactly is not larger than 9",
      { ...large, width: inches(36), height: inches(36) },
      "not-needed",
      "clear-of-doors",
    ],
  ] as const)("%s", (_, over, kind, because) => expect(safetyOf("F", at(over))).toEqual({ kind, because }));
});

describe("glass", () => {
  it("weighs 2.5 kg a square metre and millimetre", () => {
    expect(massOf(mm(1000), mm(1000), mm(1))).toBe(2.5);
    expect(massOf(mm(608), mm(900), mm(4))).toBeCloseTo(5.472, 9);
  });
  it.each([
    ["float", false],
    ["patterned", false],
    ["laminated", true],
    ["toughened", true],
  ] as const)("%s is safety glass: %s", (kind, is) => expect(isSafetyGlass(kind)).toBe(is));
});
