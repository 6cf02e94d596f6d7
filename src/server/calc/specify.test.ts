import { describe, expect, it } from "vitest";
import { CalcBalance } from "../../contract/calc-balance.ts";
import { CalcHeat } from "../../contract/calc-heat.ts";
import { CalcMass } from "../../contract/calc-mass.ts";
import { CalcPlate } from "../../contract/calc-plate.ts";
import { CalcSafety } from "../../contract/calc-safety.ts";
import { CalcStack } from "../../contract/calc-stack.ts";
import { calcBalance, calcHeat, calcMass, calcPlate, calcSafety, calcStack } from "./specify.ts";

/** Runs a case as the endpoint does: through its schema first. */
const heat = (raw: object) => calcHeat(CalcHeat.input?.parse(raw) as never);
const stack = (raw: object) => calcStack(CalcStack.input?.parse(raw) as never);
const safety = (raw: object) => calcSafety(CalcSafety.input?.parse(raw) as never);
const plate = (raw: object) => calcPlate(CalcPlate.input?.parse(raw) as never);
const mass = (raw: object) => calcMass(CalcMass.input?.parse(raw) as never);
const balance = (raw: object) => calcBalance(CalcBalance.input?.parse(raw) as never);

describe("heat, asked from outside", () => {
  it.each<[string, object, number]>([
    ["one sheet", { panes: ["4"] }, 5.7],
    ["inches", { unit: "in", panes: ["1/8", "1/8"], cavities: [{ width: "1/2" }] }, 2.8],
    ["nm and mm", { panes: [{ nm: 4_000_000 }, { mm: 4 }], cavities: [{ width: { mm: 16 } }] }, 2.7],
    [
      "coated, argon",
      { panes: ["4", "4"], cavities: [{ width: "16", gas: "argon" }], coatings: [{ face: 3, emissivity: 0.05 }] },
      1.2,
    ],
    ["a fill of its own", { panes: ["4", "4"], cavities: [{ width: "16", gas: "argon", fill: 0 }] }, 2.7],
  ])("%s", (_, raw, expected) => {
    const got = heat({ unit: "mm", ...raw });
    expect(got.ok && got.value.heatToOneDecimal).toBe(expected);
  });
  it("is wet just where the room is damper than it may be", () => {
    const at = (humidity: number) => heat({ panes: ["4"], insideC: 20, outsideC: 0, humidity });
    const dry = at(0.2);
    if (!dry.ok) throw new Error("refused");
    expect(dry.value.wet).toBe(false);
    const wet = at(Math.min(1, dry.value.dryUpTo + 0.01));
    expect(wet.ok && wet.value.wet).toBe(true);
  });
  it.each<[string, object, string]>([
    ["a cavity too few", { panes: ["4", "4"] }, "cavities-do-not-fit"],
    ["a sheet of nothing", { panes: ["0"] }, "no-thickness"],
    ["a face that is not there", { panes: ["4"], coatings: [{ face: 3, emissivity: 0.1 }] }, "no-such-face"],
    [
      "a face coated twice",
      {
        panes: ["4"],
        coatings: [
          { face: 2, emissivity: 0.1 },
          { face: 2, emissivity: 0.2 },
        ],
      },
      "coated-twice",
    ],
    ["what cannot be read", { panes: ["4x"] }, "unknown-unit"],
  ])("refuses %s", (_, raw, code) => {
    const got = heat(raw);
    expect(got.ok).toBe(false);
    if (!got.ok && code !== "unknown-unit") expect(got.error.code).toBe(code);
    if (!got.ok) expect(got.error.message).toMatch(/\.$/);
  });
});

describe("a stack, asked from outside", () => {
  it.each([
    ["24", ["4"], "4-16-4"],
    ["20", ["4"], "4-12-4"],
    ["28", ["6"], "6-16-6"],
    ["14", ["4"], "4-6-4"],
  ])("%s overall, pane %o: %s first", (overall, panes, first) => {
    const got = stack({ overall, panes });
    expect(got.ok && got.value.stacks[0]?.text).toBe(first);
  });
  it("none where none is made, and says to feel it again", () => {
    const got = stack({ overall: "9" });
    expect(got.ok && [got.value.possible, got.value.says]).toEqual([0, expect.stringContaining("feel it again")]);
  });
  it("lists no more than it was asked for, and says how many there are", () => {
    const got = stack({ overall: "24", most: 1 });
    expect(got.ok && got.value.stacks.length).toBe(1);
    expect(got.ok && got.value.possible).toBeGreaterThan(1);
  });
});

describe("safety, asked from outside", () => {
  const at = (raw: object) => {
    const got = safety({ set: "M", width: "600", height: "1000", ...raw });
    if (!got.ok) throw new Error(got.error.message);
    return got.value;
  };
  it("offers toughened or laminated, and only laminated where it is cut after", () => {
    expect(at({ sillHeight: "300" })).toMatchObject({ verdict: "needed", kinds: ["toughened", "laminated"] });
    expect(at({ sillHeight: "300", cutOnSite: true }).kinds).toEqual(["laminated"]);
    expect(at({ sillHeight: "1600" })).toMatchObject({ verdict: "not-needed", kinds: [] });
  });
  it("names what is still to be read", () => expect(at({}).missing).toEqual(["sill-height", "door-distance"]));
  it("asks a licensed person for fire, guarding and overhead glass, whatever the height", () => {
    const got = at({ sillHeight: "1600", special: ["guarding", "overhead"] });
    expect(got.verdict).toBe("ask-licensed");
    expect(got.ask).toHaveLength(2);
  });
  it("says that it is guidance", () => expect(at({ sillHeight: "300" }).source).toContain("local code decides"));
});

describe("plate, mass and balance, asked from outside", () => {
  it("a strength of one's own decides", () => {
    const given = (strengthMpa?: number) =>
      plate({ width: "600", height: "900", thickness: "4", loadKpa: 0.8, ...(strengthMpa ? { strengthMpa } : {}) });
    const usual = given();
    const own = given(5);
    expect([usual.ok && usual.value.holds, own.ok && own.value.holds]).toEqual([true, false]);
  });
  it("no load, no stress", () => {
    const got = plate({ width: "600", height: "900", thickness: "4", loadKpa: 0 });
    expect(got.ok && [got.value.stressMpa, got.value.deflectionMm]).toEqual([0, 0]);
  });
  it.each([
    [["4"], "one", null],
    [["10", "10"], "two", 2],
    [["19", "19"], "machine", null],
  ] as const)("a metre square of %o: %s", (panes, lift, cups) => {
    const got = mass({ width: "1000", height: "1000", panes: [...panes] });
    expect(got.ok && [got.value.lift, got.value.cups]).toEqual([lift, cups]);
  });
  it("pounds beside kilos", () => {
    const got = mass({ width: "1000", height: "1000", panes: ["4"] });
    expect(got.ok && got.value.lb).toBeCloseTo(22.046, 3);
  });
  it("what is taken off needs no bar; glass heavier than its sash is refused", () => {
    const lighter = balance({ sash: "upper", sashKg: 12, oldGlassKg: 6, newGlassKg: 5 });
    expect(lighter.ok && [lighter.value.changeKg, lighter.value.lengthMm, lighter.value.newSashKg]).toEqual([
      -0.5, 0, 11,
    ]);
    const wrong = balance({ sash: "upper", sashKg: 5, oldGlassKg: 6, newGlassKg: 5 });
    expect(!wrong.ok && wrong.error.code).toBe("glass-heavier");
    const light = balance({ sash: "lower", sashKg: 0.1, oldGlassKg: 0, newGlassKg: 0 });
    expect(!light.ok && light.error.code).toBe("too-light");
  });
});
