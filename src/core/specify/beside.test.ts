import { describe, expect, it } from "vitest";
import { pence } from "../money/pence.ts";
import { type CandidateFacts, candidatesFor } from "./candidates.ts";
import { hingeLoad, springPair } from "./hinges.ts";
import { looksText, PLAIN_LOOKS } from "./looks.ts";
import { makeupText } from "./makeup.ts";
import { blockHeight, panelMass, panelThickness } from "./panel.ts";
import { laminatedFor } from "./safer.ts";
import { withStormPane } from "./storm.ts";

describe("hinges and stays", () => {
  it.each([
    // sash, old glass, new glass, width, apart, rated; after, pull after, holds
    ["heavier glass on hinges", 18, 4, 6, 600, 900, 25, 20, 65.4, true],
    ["at its rating", 18, 4, 6, 600, 900, 20, 20, 65.4, true],
    ["over its rating", 18, 4, 6, 600, 900, 19.9, 20, 65.4, false],
    ["hinges close together pull more", 18, 4, 6, 600, 450, null, 20, 130.8, null],
    ["lighter glass", 18, 6, 4, 600, 900, 25, 16, 52.3, true],
  ])("%s", (_, sashKg, oldGlassKg, newGlassKg, widthMm, apartMm, ratedKg, after, pull, holds) => {
    const load = hingeLoad({ sashKg, oldGlassKg, newGlassKg, widthMm, apartMm, ratedKg });
    expect([load.beforeKg, load.afterKg, load.holds]).toEqual([sashKg, after, holds]);
    expect(load.pullN?.after.toFixed(1)).toBe(pull.toFixed(1));
  });
  it("stays have no pull worked out", () => {
    const load = hingeLoad({ sashKg: 9, oldGlassKg: 3, newGlassKg: 4, widthMm: 500, apartMm: null, ratedKg: 12 });
    expect([load.pullN, load.afterKg, load.holds]).toEqual([null, 10, true]);
  });
  it("springs lift half each over the sash's height", () =>
    expect(springPair(14.4, 900)).toEqual({ eachKg: 7.2, travelMm: 900 }));
});

describe("a solid panel", () => {
  it.each([
    ["one-thick", 10, 10, 15],
    ["two-thin", 4, 8, 12],
  ] as const)("%s of %d: %d through, %d kg at 600 × 1000", (make, mm, through, kg) => {
    expect(panelThickness({ make, mm })).toBe(through);
    expect(panelMass({ make, mm }, 600, 1000)).toBeCloseTo(kg, 9);
  });
  it.each([
    ["its line comes up by 4", 300, 304, 8, { kind: "block", mm: 4 }],
    ["level already", 304, 304, 8, { kind: "block", mm: 0 }],
    ["all of the play", 300, 308, 8, { kind: "block", mm: 8 }],
    ["more than the play", 300, 311, 8, { kind: "too-high", byMm: 3 }],
    ["its line stands too high", 306, 304, 8, { kind: "too-low", byMm: 2 }],
  ] as const)("%s", (_, lineMm, neighbourMm, playMm, expected) =>
    expect(blockHeight({ lineMm, neighbourMm, playMm })).toEqual(expected),
  );
});

describe("a storm pane", () => {
  it("halves what single glass loses, whatever the air between", () => {
    const at = (apartMm: number) => withStormPane({ glassMm: 4, stormMm: 4, apartMm });
    // By EN 673 two sheets with 50 mm and more of air lose about 2.8: convection makes up for the width.
    expect(at(60)).toBeGreaterThan(2.5);
    expect(at(60)).toBeLessThan(2.9);
    expect(at(12)).toBeGreaterThan(at(16));
  });
});

describe("how it looks", () => {
  it.each([
    [PLAIN_LOOKS, ""],
    [{ ...PLAIN_LOOKS, tint: "bronze" }, "bronze tint"],
    [{ ...PLAIN_LOOKS, runs: "up" as const, texture: "room" as const }, "lines run upright, texture to the room"],
    [{ ...PLAIN_LOOKS, mark: "stamp", markAt: "top-left" as const }, "stamp top left"],
  ])("%#", (looks, says) => expect(looksText(looks)).toBe(says));
});

/** A house's figures that what the unit is made of does not hang on. */
const HOUSE = {
  emissivity: 0.05,
  roomC: 20,
  outsideC: -5,
  perM2: pence(12_000),
  leastCharge: pence(3_500),
  days: 8,
  again: true,
} as const;

describe("candidates of a unit made in inches", () => {
  const facts: CandidateFacts = {
    was: { panesMm: [3.175, 3.175], cavityMm: 9.525 },
    roomMm: null,
    widthMm: 600,
    heightMm: 900,
    safetyNeeded: false,
    safetyKind: "toughened",
    ...HOUSE,
  };
  const told = (f: CandidateFacts) =>
    candidatesFor(f).map((c) => [c.id, makeupText(c.makeup).split(", ")[0], c.overallMm]);
  it("5/8 of 1/8 sheets is 1/8 - 3/8 - 1/8, coated or not; no third sheet finds a spacer", () =>
    expect(told(facts)).toEqual([
      ["same", "1/8 - 3/8 - 1/8", 15.875],
      ["coated", "1/8 - 3/8 - 1/8", 15.875],
      ["argon", "1/8 - 3/8 - 1/8", 15.875],
    ]));
  it("7/8 has room for three, with spacers of 1/4", () =>
    expect(told({ ...facts, was: { panesMm: [3.175, 3.175], cavityMm: 15.875 } }).at(-1)).toEqual([
      "triple",
      "1/8 - 1/4 - 1/8 - 1/4 - 1/8",
      expect.closeTo(22.225, 6),
    ]));
  it("three sheets in millimetres have spacers that are made: 28 gives 4-8-4-8-4, 30 gives 4-9-4-9-4", () =>
    expect([20, 22].map((cavityMm) => told({ ...facts, was: { panesMm: [4, 4], cavityMm } }).at(-1)?.[1])).toEqual([
      "4-8-4-8-4",
      "4-9-4-9-4",
    ]));
});

describe("candidates in laminated", () => {
  const facts: CandidateFacts = {
    was: { panesMm: [4, 4], cavityMm: 16 },
    roomMm: 26,
    widthMm: 600,
    heightMm: 900,
    safetyNeeded: true,
    safetyKind: "laminated",
    ...HOUSE,
  };
  it("the cavity gives way to the thicker sheets: 6.4-10-6.4 in the room of 4-16-4", () => {
    const [same] = candidatesFor(facts);
    expect(same?.makeup.panes).toEqual([
      { mm: 6.4, kind: "laminated" },
      { mm: 6.4, kind: "laminated" },
    ]);
    // 24 − 12.8 leaves 11.2: the widest spacer made up to that is 10.
    expect(same?.makeup.cavities[0]?.mm).toBe(10);
    expect(same?.overallMm).toBeCloseTo(22.8, 9);
    expect(same?.spareMm).toBeCloseTo(3.2, 9);
  });
  it("toughened keeps the cavity", () => {
    const [same] = candidatesFor({ ...facts, safetyKind: "toughened" });
    expect([same?.makeup.cavities[0]?.mm, same?.overallMm]).toEqual([16, 24]);
  });
  it("needed or not decides, not the choice", () => {
    const [same] = candidatesFor({ ...facts, safetyNeeded: false });
    expect(same?.makeup.panes.every((p) => p.kind === "float")).toBe(true);
  });
  it("in a unit too slim for it, the narrowest spacer that is made, and it says that it does not fit", () => {
    const [same] = candidatesFor({ ...facts, was: { panesMm: [4, 4], cavityMm: 6 }, roomMm: 14 });
    expect(same?.makeup.cavities[0]?.mm).toBe(6);
    expect(same?.spareMm).toBeCloseTo(-4.8, 9);
  });
  it.each([
    [3, 6.4],
    [6, 6.4],
    [8, 8.8],
    [10, 10.8],
    [12, 12],
  ])("%d mm is made as %d", (mm, made) => expect(laminatedFor(mm)).toBe(made));
});
