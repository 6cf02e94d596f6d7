import { describe, expect, it, test } from "vitest";
import { FACING_FACTS, type FacingFacts, facingMatters, facingSigns } from "./facing.ts";
import { shiftFor } from "./gaps.ts";

const PLAIN: FacingFacts = {
  sealed: false,
  coatedFace: null,
  patterned: false,
  texture: "not-said",
  runs: "not-said",
  stamped: false,
  oldGlassBack: false,
};

describe("which sign says which face goes in", () => {
  test.each([
    ["plain float", {}, ["alike"], false],
    ["a plain unit", { sealed: true }, ["stamp", "label", "corner-joint"], true],
    ["a unit coated on 3", { sealed: true, coatedFace: 3 }, ["stamp", "label", "coating", "corner-joint"], true],
    ["toughened, stamped", { stamped: true }, ["stamp"], true],
    ["patterned", { patterned: true }, ["texture"], true],
    ["the old pane again", { oldGlassBack: true }, ["own-mark", "alike"], true],
  ] as const)("%s", (_, over, signs, matters) => {
    expect(facingSigns({ ...PLAIN, ...over })).toEqual(signs);
    expect(facingMatters({ ...PLAIN, ...over })).toBe(matters);
  });
  it("names the coated face and where the texture goes", () => {
    expect(FACING_FACTS.coating.look({ ...PLAIN, coatedFace: 2 })).toContain("face 2");
    expect(FACING_FACTS.texture.look({ ...PLAIN, texture: "room" })).toContain("to the room");
    expect(FACING_FACTS.texture.look({ ...PLAIN })).toContain("neighbour");
  });
});

describe("which way its lines run", () => {
  test.each([
    ["up", /stand upright\.$/],
    ["across", /lie across\.$/],
    ["neither", /the room\.$/],
    ["not-said", /as in the neighbour\.$/],
  ] as const)("%s", (runs, says) =>
    expect(FACING_FACTS.texture.look({ ...PLAIN, texture: "room", runs })).toMatch(says),
  );
});

describe("how far it must move to stand in the middle", () => {
  test.each([
    [{ left: 2, right: 5, top: 3, bottom: 3 }, 1.5, 0, false],
    [{ left: 5, right: 2, top: 3, bottom: 3 }, -1.5, 0, false],
    [{ left: 3, right: 3, top: 6, bottom: 2 }, 0, 2, false],
    [{ left: 3, right: 4, top: 3, bottom: 2 }, 0.5, 0.5, true],
  ])("%o", (gaps, rightMm, upMm, even) => expect(shiftFor(gaps)).toEqual({ rightMm, upMm, even }));
});
