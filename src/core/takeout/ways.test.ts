import { describe, expect, it } from "vitest";
import { facts, type Over } from "../../../tests/support/step-facts.ts";
import { CLEANERS, cleanerFault } from "../refurbish/cleaners.ts";
import { seamTools } from "./seam-tools.ts";

describe("what opens the seam", () => {
  it.each<[string, Over, readonly string[], readonly string[]]>([
    ["timber beads", { system: "timber-bead" }, ["two broad putty knives", "thin putty knife"], ["flat bar"]],
    [
      "plastic",
      { system: "plastic-bead-inside" },
      ["plastic wedge or a deglazing blade"],
      ["flat bar", "thin putty knife"],
    ],
    ["pinned stops, once loose", { system: "pinned-stop" }, ["flat bar"], []],
    ["no mallet at toughened", { system: "timber-bead", toughened: true }, [], ["stiff knife and mallet"]],
    ["cut away", { system: "timber-bead", detail: { keep: "destroy" } }, ["oscillating blade"], []],
    ["kept", { system: "timber-bead" }, [], ["oscillating blade"]],
  ])("%s", (_, over, has, hasNot) => {
    const tools = seamTools(facts(over)).map((t) => t.tool);
    expect(tools).toEqual(expect.arrayContaining([...has]));
    for (const t of hasNot) expect(tools).not.toContain(t);
  });
});

describe("what coated glass may be cleaned with", () => {
  it.each([
    ["vinegar", true, false],
    ["alcohol", true, true],
    ["glass-cleaner", true, true],
    ["solvent", true, false],
    ["oil", true, false],
  ] as const)("%s, coated %s: fine %s", (cleaner, coated, fine) =>
    expect(cleanerFault(cleaner, coated) === null).toBe(fine),
  );
  it("uncoated glass takes all of them", () => {
    expect(CLEANERS.filter((c) => cleanerFault(c, false) !== null)).toEqual([]);
  });
});
