import { describe, expect, it } from "vitest";
import { closureOf, type NightFacts, nightOf, plugFor } from "./plug.ts";

const BOARD = { longMm: 1200, shortMm: 600 };

describe("a plug of boards of 1200 × 600, 2 off each way", () => {
  it.each([
    // 698 × 898: two upright pieces, one joint of 898; 2 × (2 × 1596 + 898).
    ["700 × 900: two upright", 700, 900, 2, [349, 898], 2, 8180],
    // 1148 × 498 lies level in one piece; 2 × 2 × 1646.
    ["1150 × 500: one, lying", 1150, 500, 1, [1148, 498], 1, 6584],
    ["280 × 580: one, of a quarter of a board", 280, 580, 1, [278, 578], 1, 3424],
    // 1298 × 2498: three by three; 2 × (2 × 3796 + 2 × 2498 + 2 × 1298).
    ["1300 × 2500: three by three", 1300, 2500, 9, [432.6, 832.6], 9, 30_368],
    // 1798 × 598: lying, two pieces of 899, one joint of 598; 2 × (2 × 2396 + 598).
    ["1800 × 600: two, lying", 1800, 600, 2, [899, 598], 2, 10_780],
    // 2398 × 298: lying, two of 1199 × 298, both out of one board; 2 × (2 × 2696 + 298).
    ["2400 × 300: two, lying, out of one board", 2400, 300, 2, [1199, 298], 1, 11_380],
    ["a board exactly", 602, 1202, 1, [600, 1200], 1, 7200],
  ] as const)("%s", (_, widthMm, heightMm, many, [w, h], boards, tapeMm) => {
    const plug = plugFor({ widthMm, heightMm, board: BOARD, offMm: 2 });
    expect(plug.pieces).toEqual(Array.from({ length: many }, () => ({ widthMm: w, heightMm: h })));
    expect([plug.boards, plug.tapeMm]).toEqual([boards, tapeMm]);
  });
});

describe("whether a closed hole stands overnight", () => {
  const safe: NightFacts = {
    closure: "board-screwed",
    storey: 0,
    mustLock: false,
    outerDoor: false,
    wetTomorrow: false,
    told: true,
  };
  it.each<[string, Partial<NightFacts>, "stands" | "watch" | "not-safe", readonly RegExp[]]>([
    ["a board, screwed", {}, "stands", []],
    ["the same, and nobody was told", { told: false }, "watch", [/Nobody was told/]],
    ["nothing at all", { closure: "open" }, "not-safe", [/Nothing closes it/]],
    ["a sheet at the ground", { closure: "sheet" }, "not-safe", [/push it in from the ground/]],
    ["insulation at the ground", { closure: "insulation" }, "not-safe", [/push it in/]],
    ["nobody said which floor: as at the ground", { closure: "sheet", storey: null }, "not-safe", [/push it in/]],
    ["a sheet upstairs, dry", { closure: "sheet", storey: 1 }, "stands", []],
    ["a sheet upstairs, and rain", { closure: "sheet", storey: 1, wetTomorrow: true }, "watch", [/Rain is forecast/]],
    ["a board in the rain", { wetTomorrow: true }, "stands", []],
    ["a sheet behind another door", { closure: "sheet", outerDoor: true }, "stands", []],
    ["a sheet where it must lock", { closure: "sheet", mustLock: true }, "not-safe", [/push it in/, /must lock/]],
    ["a board where it must lock", { mustLock: true }, "stands", []],
    ["glass where it must lock", { closure: "glass", mustLock: true }, "stands", []],
    [
      "a sheet that must lock, behind another door",
      { closure: "sheet", mustLock: true, outerDoor: true },
      "stands",
      [],
    ],
  ])("%s", (_, over, says, because) => {
    const night = nightOf({ ...safe, ...over });
    expect(night.says).toBe(says);
    expect(night.because).toHaveLength(because.length);
    for (const [i, b] of because.entries()) expect(night.because[i]).toMatch(b);
  });
  it.each([
    ["9 mm board, screwed", "board-screwed"],
    ["Plywood", "board-screwed"],
    ["the old glass", "glass"],
    ["Insulation, taped", "insulation"],
    ["foam", "insulation"],
    ["polythene", "sheet"],
  ])("“%s” is %s", (how, closure) => expect(closureOf(how)).toBe(closure));
});
