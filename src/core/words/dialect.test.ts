import { describe, expect, it } from "vitest";
import { piecesOf, say } from "./dialect.ts";

describe("a sentence in either dialect", () => {
  it.each([
    ["Draw every {sprig}.", "Draw every sprig.", "Draw every point."],
    ["{Packers} on the {sill}.", "Packers on the sill.", "Shims on the sill."],
    ["It is a {unit} already.", "It is a sealed unit already.", "It is an IG unit already."],
    ["A {unit}, or a {bead}.", "A sealed unit, or a bead.", "An IG unit, or a stop."],
    ["area {unit}", "area sealed unit", "area IG unit"],
    ["{nonsense} stays", "{nonsense} stays", "{nonsense} stays"],
  ])("%s", (sentence, a, b) => {
    expect([say(sentence, "a"), say(sentence, "b")]).toEqual([a, b]);
  });
  it("taken apart, it says the same", () => {
    const pieces = piecesOf("It is a {unit} with a {packer}.", "b");
    expect(pieces.map((p) => p.text).join("")).toBe("It is an IG unit with a shim.");
    expect(pieces.map((p) => p.term)).toEqual([null, "unit", null, "packer", null]);
  });
});
