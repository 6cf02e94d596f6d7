import { describe, expect, it } from "vitest";
import { PLAIN_DAYS as calendar } from "../../../tests/support/plain-days.ts";
import { plainUnit } from "../../../tests/support/plain-unit.ts";
import { PANE, Teller } from "../../../tests/support/told.ts";
import type { System } from "../frame/systems.ts";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import type { Place } from "../measure/places.ts";
import { mm } from "../units/length.ts";
import { foldPane } from "./book.ts";
import { reckon } from "./reckoning.ts";
import { isUnit, layersOf, oldUnitMm, type SealedBy, sealedBy, wasUnit } from "./unit.ts";

describe("how thick the unit is that was there: the old packers are judged by it", () => {
  const thick = (tell: (t: Teller) => void): number | null => {
    const t = new Teller().added(PANE, "plastic-bead-inside");
    tell(t);
    const book = foldPane(PANE, t.entries);
    if (!book) throw new Error("no pane");
    return oldUnitMm(book, reckon(book, { house: HOUSE_DEFAULTS, calendar }));
  };
  const chosen = (t: Teller) =>
    t.tell("specify.makeup", {
      makeup: {
        panes: [
          { mm: 4, kind: "float" },
          { mm: 4, kind: "float" },
        ],
        cavities: [{ mm: 20, gas: "argon", fill: 0.9 }],
        coatings: [],
        spacer: "",
      },
    });
  it.each<[string, (t: Teller) => void, number | null]>([
    ["nobody read it, nothing chosen", () => undefined, null],
    ["read by caliper", (t) => t.read({ "unit-thickness": "24" }), 24],
    ["read off the old pane", (t) => t.read({ "old-thickness": "20" }), 20],
    ["not read, and 28 chosen in its place", chosen, 28],
    [
      "24 read, and 28 chosen: the old one was 24",
      (t) => {
        t.read({ "unit-thickness": "24" });
        chosen(t);
      },
      24,
    ],
    [
      "one sheet, whose edge was read as thick as a thin unit",
      (t) => {
        t.tell("look.answer", { question: "kind", answer: "single" });
        t.read({ "old-thickness": "12" });
      },
      null,
    ],
    ["one sheet, by the examination", (t) => t.tell("look.answer", { question: "kind", answer: "single" }), null],
  ])("%s", (_, tell, mm) => expect(thick(tell)).toBe(mm));
});

describe("sheets and cavities that it is reckoned with", () => {
  const layers = (system: System, overall: number | null, tell: (t: Teller) => void = () => {}) => {
    const t = new Teller().added(PANE, system);
    tell(t);
    const book = foldPane(PANE, t.entries);
    if (!book) throw new Error("no pane");
    return layersOf(book, overall === null ? null : mm(overall));
  };
  const triple = (t: Teller) =>
    t.tell("specify.makeup", {
      makeup: {
        panes: [
          { mm: 4, kind: "float" },
          { mm: 3, kind: "float" },
          { mm: 6, kind: "toughened" },
        ],
        cavities: [
          { mm: 12, gas: "argon", fill: 0.9 },
          { mm: 10, gas: "argon", fill: 0.9 },
        ],
        coatings: [],
        spacer: "",
      },
    });
  it.each<[string, System, number | null, ((t: Teller) => void) | undefined, ReturnType<typeof layersOf>]>([
    ["one sheet: none", "timber-putty", 24, undefined, undefined],
    ["nobody read it: 4-16-4", "plastic-bead-inside", null, undefined, { panesMm: [4, 4], cavitiesMm: [16] }],
    ["28 read: 4-20-4", "plastic-bead-inside", 28, undefined, { panesMm: [4, 4], cavitiesMm: [20] }],
    ["so thin that no spacer is left: 4", "plastic-bead-inside", 10, undefined, { panesMm: [4, 4], cavitiesMm: [4] }],
    ["as it was chosen", "plastic-bead-inside", 28, triple, { panesMm: [4, 3, 6], cavitiesMm: [12, 10] }],
  ])("%s", (_, system, overall, tell, is) => expect(layers(system, overall, tell)).toEqual(is));
});

/* One sheet cannot mist between its sheets: what was seen says more than what such a frame mostly holds. */
describe("whether it was a sealed unit, and is to be one again", () => {
  const misted = (t: Teller) => t.tell("look.damage", { damage: ["misted"] });
  const double = (t: Teller) => t.tell("look.option", { option: "double", reason: "" });
  const read = (place: Place, text: string) => (t: Teller) => t.read({ [place]: text });
  const answered = (answer: "single" | "sealed") => (t: Teller) => t.tell("look.answer", { question: "kind", answer });
  const both =
    (...all: readonly ((t: Teller) => void)[]) =>
    (t: Teller) => {
      for (const tell of all) tell(t);
    };
  const sheet = (t: Teller) =>
    t.tell("specify.glass", { kind: "float", thickness: { text: "4", unit: "mm" }, edges: "arrissed", pattern: "" });
  it.each<[string, System, (t: Teller) => void, was: boolean, is: boolean]>([
    ["timber beads, nothing seen", "timber-bead", () => undefined, false, false],
    ["timber beads, misted", "timber-bead", misted, true, true],
    ["putty, misted: a slim unit", "timber-putty", misted, true, true],
    ["misted, but found to be one sheet", "timber-bead", both(misted, answered("single")), false, false],
    ["misted, and one sheet chosen: it is asked what it is made of", "timber-bead", both(misted, sheet), true, true],
    ["plastic, cracked", "plastic-bead-inside", (t) => t.tell("look.damage", { damage: ["cracked"] }), true, true],
    ["plastic, one sheet chosen", "plastic-bead-inside", sheet, false, false],
    ["timber, a unit by the examination", "timber-putty", answered("sealed"), true, true],
    ["timber beads, 20 mm by caliper", "timber-bead", read("unit-thickness", "20"), true, true],
    ["timber beads, 20 mm over its edge", "timber-bead", read("old-thickness", "20"), true, true],
    ["plastic, 11 mm over its edge: the slimmest unit", "plastic-bead-inside", read("old-thickness", "11"), true, true],
    ["timber, 11 mm", "timber-bead", read("old-thickness", "11"), true, true],
    ["timber, 10.9 mm", "timber-bead", read("old-thickness", "10.9"), false, false],
    ["plastic, 4 mm over its edge", "plastic-bead-inside", read("old-thickness", "4"), false, false],
    [
      "12 mm over its edge, and one sheet when looked at",
      "timber-bead",
      both(read("old-thickness", "12"), answered("single")),
      false,
      false,
    ],
    ["putty, to get a unit", "timber-putty", double, false, true],
    [
      "putty, and a unit was chosen without a word that it goes double: one for one",
      "timber-putty",
      (t) => t.tell("specify.makeup", { makeup: plainUnit() }),
      true,
      true,
    ],
    [
      "seen as one sheet, and a unit was chosen",
      "timber-bead",
      both(answered("single"), (t) => t.tell("specify.makeup", { makeup: plainUnit() })),
      false,
      true,
    ],
    ["the same, and the old sheet read", "timber-putty", both(double, read("old-thickness", "3")), false, true],
  ])("%s", (_, system, tell, was, is) => {
    const t = new Teller().added(PANE, system);
    tell(t);
    const book = foldPane(PANE, t.entries);
    if (!book) throw new Error("no pane");
    expect([wasUnit(book), isUnit(book)]).toEqual([was, is]);
  });
});

/* A default is shown as one: until somebody sees, reads or chooses, it is only what such frames mostly hold. */
describe("by what it is taken to be one sheet or a unit", () => {
  it.each<[string, System, (t: Teller) => void, SealedBy]>([
    ["a metal frame, nothing seen", "metal-frame", () => undefined, "usual"],
    ["plastic, nothing seen", "plastic-bead-inside", () => undefined, "usual"],
    ["cracked says nothing of it", "metal-frame", (t) => t.tell("look.damage", { damage: ["cracked"] }), "usual"],
    ["mist says it", "metal-frame", (t) => t.tell("look.damage", { damage: ["misted"] }), "said"],
    ["looked at", "metal-frame", (t) => t.tell("look.answer", { question: "kind", answer: "single" }), "said"],
    ["its thickness read", "metal-frame", (t) => t.read({ "unit-thickness": "24" }), "thickness"],
    ["width and height say nothing of it", "metal-frame", (t) => t.read({ "width-top": "600" }), "usual"],
    [
      "single glass to give way",
      "timber-putty",
      (t) => t.tell("look.option", { option: "double", reason: "" }),
      "said",
    ],
  ])("%s", (_, system, tell, by) => {
    const t = new Teller().added(PANE, system);
    tell(t);
    const book = foldPane(PANE, t.entries);
    if (!book) throw new Error("no pane");
    expect(sealedBy(book)).toBe(by);
  });
});
