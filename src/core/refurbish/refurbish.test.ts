import { describe, expect, it } from "vitest";
import { dryingOf, refurbishNeeds } from "./beads-and-seal.ts";
import { refurbishSteps } from "./steps.ts";

const unit = {
  glass: { widthMm: 600, heightMm: 900 },
  channelMm: 4,
  spacerMm: 16,
  spacerHighMm: 7,
  boreMm2: 80,
  keyLegMm: 25,
  filledSides: 4,
  waste: 0.1,
} as const;

describe("what a refurbished unit takes", () => {
  it("600 × 900, four sides filled", () => {
    const got = refurbishNeeds(unit);
    // Centre line 7.5 inside: 585 and 885; less two legs of 25 each: 535 and 835; twice over.
    expect(got.boreMm).toBeCloseTo(2740, 9);
    expect(got.beadsMl).toBeCloseTo(219.2, 9);
    expect(got.beadsG).toBeCloseTo(164.4, 9);
    // 16 × (600 × 900 − 592 × 892) = 16 × 11 936 mm³.
    expect(got.sealMl).toBeCloseTo(190.976, 9);
    expect(got.tubes).toBe(1);
  });
  it.each([
    ["two sides: the long ones", { filledSides: 2 }, { boreMm: 1670 }],
    ["by name, twice 835", { filledSides: "two long" }, { boreMm: 1670 }],
    ["the short ones, twice 535", { filledSides: "two short" }, { boreMm: 1070, beadsMl: 85.6 }],
    ["one of each, 835 and 535", { filledSides: "one long, one short" }, { boreMm: 1370, beadsMl: 109.6 }],
    ["half filled", { fill: 0.5 }, { beadsMl: 109.6 }],
    ["lighter beads", { density: 0.7 }, { beadsG: 153.44 }],
    ["shoulders", { shouldersMl: 20 }, { sealMl: 210.976 }],
    ["a large one takes two tubes", { glass: { widthMm: 1200, heightMm: 1500 } }, { tubes: 2 }],
    ["too small for its keys: nothing to fill", { glass: { widthMm: 60, heightMm: 60 } }, { boreMm: 0, beadsG: 0 }],
  ] as const)("%s", (_, over, expected) => {
    const got = refurbishNeeds({ ...unit, ...over });
    for (const [key, value] of Object.entries(expected)) expect(got[key as keyof typeof got]).toBeCloseTo(value, 9);
  });
});

describe("the steps of opening and closing it", () => {
  const given = (over: Partial<Parameters<typeof refurbishSteps>[0]> = {}) =>
    refurbishSteps({ longestMm: 600, coated: false, needs: null, marks: { a: "", b: "" }, ...over });
  it("is cut from both faces, dried, squared and sealed, in that order", () =>
    expect(given().map((s) => s.id)).toEqual(
      "mark cut spacer empty dry clean fill square look seal tape".split(" ").map((id) => `ru-${id}`),
    ));
  it.each([
    ["900 long: stiff enough", { longestMm: 900 }, false],
    ["longer: drawn out with a line", { longestMm: 901 }, true],
    ["nobody measured it", { longestMm: null }, false],
  ] as const)("%s", (_, over, line) => expect(given(over).some((s) => s.id === "ru-line")).toBe(line));
  it("a coated face is only dusted", () => {
    expect(given({ coated: true }).find((s) => s.id === "ru-clean")?.never).toMatch(/only dusted/);
    expect(given().find((s) => s.id === "ru-clean")?.never).toBeUndefined();
  });
  it("names what goes back in once its size is known, and takes the sealant from the shelf", () => {
    const steps = given({ needs: refurbishNeeds(unit) });
    expect(steps.find((s) => s.id === "ru-fill")?.does).toMatch(/About 164 g of them\.$/);
    expect(steps.find((s) => s.id === "ru-seal")?.uses).toEqual([{ what: "unit sealant", unit: "ml", each: 191 }]);
    expect(given().find((s) => s.id === "ru-seal")?.uses).toBeUndefined();
  });
  it("brings the marks back where the panes meet again", () => {
    const square = given({ marks: { a: "wax cross, up, room", b: "" } }).find((s) => s.id === "ru-square");
    expect(square?.does).toMatch(/A: wax cross, up, room; B: not said\.$/);
  });
});

describe("drying", () => {
  const w = (minutes: number, grams: number) => ({ minutes, grams });
  it.each([
    ["nothing weighed", [], { kind: "weigh-first" }],
    ["once", [w(0, 172)], { kind: "weigh-first" }],
    ["still losing", [w(0, 172), w(60, 165)], { kind: "again", lost: 7 }],
    ["two weighings agree", [w(0, 172), w(60, 165), w(120, 165)], { kind: "dry", lostInAll: 7 }],
    ["a fifth of a gram on 165 is agreement", [w(0, 172), w(60, 165), w(120, 164.8)], { kind: "dry", lostInAll: 7.2 }],
    ["too soon after the last to tell", [w(0, 172), w(60, 165), w(70, 165)], { kind: "again", lost: 7 }],
    ["written in another order", [w(120, 165), w(0, 172), w(60, 165)], { kind: "dry", lostInAll: 7 }],
  ] as const)("%s", (_, weighings, expected) => {
    const got = dryingOf(weighings);
    expect(got.kind).toBe(expected.kind);
    if ("lost" in expected && got.kind === "again") expect(got.lost).toBeCloseTo(expected.lost, 9);
    if ("lostInAll" in expected && got.kind === "dry") expect(got.lostInAll).toBeCloseTo(expected.lostInAll, 9);
  });
});
