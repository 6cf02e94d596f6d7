import { describe, expect, it } from "vitest";
import { facts, ids, type Over, ready } from "../../../tests/support/step-facts.ts";
import { CAUSES } from "../look/damage.ts";
import { AFTERCARE_CAUSES } from "../signoff/aftercare.ts";
import { readyMethods } from "./methods.ts";
import { remedyFor } from "./remedies.ts";

describe("what a cause leaves to do", () => {
  it.each(CAUSES)("%s: a task at the frame, a word for the customer", (cause) => {
    const step = ready({ cause }).find((s) => s.id === "remedy");
    expect(step?.does).toBe(remedyFor(cause)?.does);
    // Nothing failed where somebody only wants another, or it lived its time: nothing at the frame is put right.
    expect((step?.why ?? "").length > 20).toBe(cause !== "wish" && cause !== "age");
    expect(AFTERCARE_CAUSES[cause]).toMatch(/^[A-Z].*\.$/);
  });
  it("nothing where nobody said why", () => expect(ids(ready())).not.toContain("remedy"));
  it.each<[string, Over, readonly string[], readonly string[]]>([
    ["stood in water", { cause: "water", waterStood: true }, ["remedy", "drains"], []],
    ["rot in a member", { faults: ["rot"] }, ["mend"], ["fill", "joints"]],
    ["an opened joint", { faults: ["joint"] }, ["joints"], ["mend"]],
    ["a chewed corner", { faults: ["chewed"] }, ["fill"], ["mend"]],
    ["chewed, and rot as well", { faults: ["rot", "chewed"] }, ["mend"], ["fill"]],
    ["thick paint on a member", { faults: ["thick-paint"] }, ["strip"], ["mend"]],
    ["brittle plastic", { system: "plastic-bead-inside", faults: ["brittle"] }, ["mend-frame"], ["mend", "strip"]],
    ["rusted steel", { system: "metal-frame", faults: ["rust"] }, ["mend-frame", "rust"], ["mend", "strip"]],
    ["a bent member", { system: "metal-frame", faults: ["bent"] }, ["mend-frame"], ["mend"]],
    ["hinges to strip", { strips: ["hinges", "keeps"] }, ["hardware"], []],
    ["no hardware said", {}, [], ["hardware"]],
    [
      "packed anew, the glass stays",
      { system: "plastic-bead-inside", staysIn: true, oldGlassBack: true, cause: "packing" },
      ["remedy", "drains", "gasket-look"],
      ["clean", "dry-fit", "sweep", "glass-clean", "stickers"],
    ],
  ])("%s", (_, over, has, hasNot) => {
    const all = ids(ready(over));
    for (const id of has) expect(all).toContain(id);
    for (const id of hasNot) expect(all).not.toContain(id);
  });
  it("strips by the minute: five for each piece, and wet where lead may be", () => {
    const step = ready({ strips: ["hinges", "keeps", "latch"], lead: true }).find((s) => s.id === "hardware");
    expect([step?.minutes, step?.tools]).toEqual([15, ["wet scraper", "damp cloths"]]);
    expect(step?.does).toContain("hinges, keeps, latch");
  });
});

describe("cards of making ready", () => {
  it.each<[string, Over, readonly string[]]>([
    ["timber in putty", {}, ["bare", "two-part", "paint"]],
    ["plastic on tape", { system: "plastic-bead-outside" }, ["bare"]],
    ["plastic in silicone", { system: "plastic-bead-outside", detail: { bond: "silicone" } }, ["bare", "mask"]],
    ["the old glass back", { system: "plastic-bead-inside", oldGlassBack: true }, ["glass", "bare"]],
    ["the glass stays in", { system: "plastic-bead-inside", oldGlassBack: true, staysIn: true }, []],
  ])("%s", (_, over, expected) => expect(readyMethods(facts(over)).map((m) => m.id)).toEqual(expected));
});
