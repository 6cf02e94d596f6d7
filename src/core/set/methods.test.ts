import { describe, expect, it } from "vitest";
import { facts, type Over } from "../../../tests/support/step-facts.ts";
import { SYSTEMS } from "../frame/systems.ts";
import { setMethods } from "./methods.ts";

const cards = (over: Over) => setMethods(facts(over)).map((m) => m.id);

describe("cards on how it is set", () => {
  it.each<[string, Over, readonly string[], readonly string[]]>([
    ["putty", {}, ["which-putty", "bed-or-dabs", "sprigs"], ["bead-start", "nails", "screws", "both", "gasket"]],
    [
      "timber beads",
      { system: "timber-bead" },
      ["bead-start", "how-hard", "nails", "timber-swell"],
      ["sprigs", "screws"],
    ],
    ["wedge gasket", { system: "plastic-bead-inside" }, ["bead-start", "how-hard"], ["nails", "gasket", "which-putty"]],
    ["outer gasket", { system: "plastic-bead-inside", detail: { gasket: "outer" } }, ["gasket"], ["sprigs", "nails"]],
    ["tape inside", { system: "plastic-bead-outside" }, ["bead-start", "both"], ["which-putty", "caulk"]],
    ["pinned stop", { system: "pinned-stop" }, ["nails", "both"], ["screws", "timber-swell"]],
    ["cassette", { system: "cassette" }, ["caulk", "screws", "both"], ["nails", "sprigs", "bead-start"]],
    ["mouldings", { system: "compression-moulding" }, ["trims", "how-hard"], ["nails", "screws"]],
    ["metal with compound", { system: "metal-frame", bed: "putty" }, ["which-putty"], ["sprigs", "nails", "gasket"]],
    ["in front", { system: "in-front" }, [], ["frame-fixings", "nails", "which-putty"]],
  ])("%s", (_, over, has, hasNot) => {
    expect(cards(over)).toEqual(expect.arrayContaining([...has]));
    for (const id of hasNot) expect(cards(over)).not.toContain(id);
  });

  it("every system has a card but the one that is only lifted off", () => {
    for (const system of SYSTEMS)
      expect([system, cards({ system }).length > 0]).toEqual([system, system !== "in-front"]);
  });
});
