import { describe, expect, it } from "vitest";
import { facts, finishing, type Over } from "../../../tests/support/step-facts.ts";
import { finishSteps } from "../finish/steps.ts";
import { type InspectionFacts, inspectionOf } from "./inspection.ts";

const looks = (over: Over, more: Partial<InspectionFacts> = {}) =>
  inspectionOf({
    ...facts(over),
    minds: "",
    stamp: "",
    coated: false,
    staysShut: false,
    paints: false,
    cures: false,
    painted: false,
    ...more,
  });
const told = (over: Over, more: Partial<InspectionFacts> = {}) => looks(over, more).find((i) => i.id === "told")?.look;
const ids = (over: Over, more: Partial<InspectionFacts> = {}) => looks(over, more).map((i) => i.id);

describe("what the customer knows at the end", () => {
  it.each<[string, Over, Partial<InspectionFacts>, RegExp]>([
    [
      "a hinged sash in putty is left shut",
      { hinge: "left" },
      { paints: true, cures: true },
      /to leave it shut and when it is painted/,
    ],
    [
      "a fixed light is not leaned on",
      { hinge: "fixed" },
      { paints: true, cures: true },
      /nothing may lean on it and when it is painted/,
    ],
    [
      "the same once it is painted",
      { hinge: "fixed" },
      { paints: true, cures: true, painted: true },
      /^The customer knows that its paint is fresh, and what to leave alone\.$/,
    ],
    [
      "a hinged sash in sealant",
      { system: "timber-bead", hinge: "left" },
      { cures: true },
      /to leave it shut, and what to leave alone/,
    ],
    [
      "a fixed light in sealant",
      { system: "timber-bead", hinge: "fixed" },
      { cures: true },
      /nothing may lean on it, and what/,
    ],
    [
      "held by gaskets: nothing waits",
      { system: "plastic-bead-inside", hinge: "left" },
      {},
      /what was fitted, and what to leave alone/,
    ],
  ])("%s", (_, over, more, says) => expect(told(over, more)).toMatch(says));
  it.each<[string, Over, string]>([
    [
      "hinged, in putty",
      { hinge: "left" },
      "Tell the customer: leave it shut, nothing leans on it, paint is still to come.",
    ],
    ["fixed, in putty", { hinge: "fixed" }, "Tell the customer: nothing leans on it, paint is still to come."],
    [
      "fixed, in sealant",
      { system: "timber-bead", hinge: "fixed" },
      "Tell the customer how long nothing may lean on it, and what not to clean it with.",
    ],
    [
      "hinged, in sealant",
      { system: "timber-bead", hinge: "left" },
      "Tell the customer how long it stays shut, and what not to clean it with.",
    ],
  ])("the step says the same: %s", (_, over, does) =>
    expect(finishSteps(finishing(facts(over))).find((s) => s.id === "tell")?.does).toBe(does),
  );
});

describe("what is looked at", () => {
  it.each<[string, Over, Partial<InspectionFacts>, readonly string[], readonly string[]]>([
    [
      "putty",
      {},
      { paints: true },
      ["still", "bed-line", "sight-line", "told"],
      ["gasket", "pins", "paint-lap", "stamp"],
    ],
    ["putty that has been painted", {}, { paints: true, painted: true }, ["paint-lap"], []],
    [
      "beads pinned in timber",
      { system: "timber-bead" },
      { cures: true },
      ["bead-ends", "pins"],
      ["sight-line", "gasket"],
    ],
    [
      "gaskets",
      { system: "plastic-bead-inside", sealed: true },
      {},
      ["gasket", "bead-ends"],
      ["bed-line", "sight-line"],
    ],
    ["a mark that the old glass carried", {}, { stamp: "T-4" }, ["stamp"], []],
    [
      "the old glass went back: its mark and its looks are as they were",
      {},
      { stamp: "T-4", oldGlassBack: true },
      [],
      ["stamp", "match"],
    ],
  ])("%s", (_, over, more, there, not) => {
    const all = ids(over, more);
    expect(there.filter((id) => !all.includes(id))).toEqual([]);
    expect(not.filter((id) => all.includes(id))).toEqual([]);
  });
});

describe("a door's insert, frame and glass in one, at the end", () => {
  const insert = looks({ system: "cassette", sealed: true, whole: "insert", bed: "silicone" }, { cures: true });
  const glassAlone = looks({ system: "cassette", sealed: true, bed: "silicone" }, { cures: true });
  it("is looked at by the same ids as new glass in the old halves", () =>
    expect(insert.map((i) => i.id)).toEqual(glassAlone.map((i) => i.id)));
  it("speaks of no bead, gasket, packer or gap: its frame lies on the door, and screws hold it", () => {
    const says = insert.map((i) => `${i.look} ${i.ifNot}`).join("\n");
    expect(says).not.toMatch(/\{beads?\}|gasket|\{packers?\}|gaps|bed line/i);
    expect(says).toMatch(/lies flat on both faces of the door/);
    expect(says).toMatch(/No sealant stands out past the flange/);
    expect(insert.find((i) => i.id === "still")?.ifNot).toMatch(/screws once more/);
  });
  it("between halves there is no bead for a scrap to lie behind", () => {
    expect(glassAlone.find((i) => i.id === "cavity")?.look).toMatch(/no scrap between the halves\.$/);
    expect(looks({ system: "plastic-bead-inside", sealed: true }).find((i) => i.id === "cavity")?.look).toMatch(
      /no scrap behind the \{bead\}\.$/,
    );
  });
});
