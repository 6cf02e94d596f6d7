import { describe, expect, it } from "vitest";
import { PLAIN_DAYS as calendar } from "../../../tests/support/plain-days.ts";
import { LEANING, PANE, Teller } from "../../../tests/support/told.ts";
import type { System } from "../frame/systems.ts";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import { NO_BARS } from "../measure/found.ts";
import type { GlassKind } from "../specify/glass.ts";
import { PLAIN_LOOKS } from "../specify/looks.ts";
import { NO_SPACER } from "../specify/makeup.ts";
import { foldPane } from "./book.ts";
import { reckon } from "./reckoning.ts";
import { unknownsOf } from "./unknowns.ts";

/** What whoever makes it would have to ask of a pane that was read, by what was told of it besides. */
function asked(system: System, tell: (t: Teller) => void): readonly string[] {
  const t = new Teller().added(PANE, system).read(LEANING);
  tell(t);
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  return unknownsOf(book, reckon(book, { house: HOUSE_DEFAULTS, calendar })).map((u) => u.id);
}

const sheet =
  (kind: GlassKind, pattern = "") =>
  (t: Teller) =>
    t.tell("specify.glass", { kind, thickness: { text: "6", unit: "mm" }, edges: "arrissed", pattern });
const unit =
  (spacer: string, all = true) =>
  (t: Teller) => {
    t.read({ "sill-height": "1120", "door-distance": "1900" });
    t.tell("specify.makeup", {
      makeup: {
        panes: [
          { mm: 4, kind: "float" },
          { mm: 4, kind: "float" },
        ],
        cavities: [{ mm: 16, gas: "argon", fill: 0.9 }],
        coatings: [],
        spacer,
      },
    });
    t.read({ "unit-thickness": "24" });
    if (!all) return;
    t.tell("measure.coating", { coated: "no", face: null, how: "" });
    t.tell("measure.bars", NO_BARS);
  };

describe("what an order would leave to guess", () => {
  it.each<[string, System, (t: Teller) => void, readonly string[]]>([
    ["one sheet, and nobody said which", "timber-putty", () => undefined, ["safety", "glass"]],
    ["one sheet, where it stands not read", "timber-putty", sheet("float"), ["safety"]],
    [
      "an arch, a curve or a rake: nobody cuts it from four figures",
      "timber-putty",
      (t) => {
        sheet("toughened")(t);
        t.tell("measure.shape", { shape: "odd" });
      },
      ["template"],
    ],
    [
      "a fire door, and nobody with a licence",
      "timber-putty",
      (t) => {
        sheet("toughened")(t);
        t.tell("look.special", { special: ["fire"], licensed: " " });
      },
      ["special"],
    ],
    [
      "a fire door, and who is licensed for it",
      "timber-putty",
      (t) => {
        sheet("toughened")(t);
        t.tell("look.special", { special: ["fire"], licensed: "Osric Vane, no. 7" });
      },
      [],
    ],
    [
      "a new sash was chosen, and glass for the old one is asked for",
      "timber-putty",
      (t) => {
        sheet("toughened")(t);
        t.tell("look.option", { option: "sash", reason: "" });
        t.tell("measure.way", { way: "rebate" });
      },
      ["whole"],
    ],
    [
      "a welded sash, and nobody chose what takes its place",
      "plastic-no-bead",
      (t) => {
        t.tell("look.opens", { opens: false });
        unit("warm edge, grey")(t);
      },
      ["closed"],
    ],
    [
      "a new sash, of which nothing was read and nobody said how it hangs",
      "timber-putty",
      (t) => void t.tell("look.option", { option: "sash", reason: "" }),
      ["hangs", "size"],
    ],
    [
      "a new sash with safety glass, hinged at the left",
      "plastic-no-bead",
      (t) => {
        t.tell("look.option", { option: "sash", reason: "" });
        t.tell("look.answer", { question: "opens", answer: "hinge-left" });
        t.tell("specify.insert", { safety: true });
        t.read({ "sash-outside-width": "640", "sash-outside-height": "980" });
      },
      [],
    ],
    ["safety glass, wherever it stands", "timber-putty", sheet("toughened"), []],
    ["the same, laminated", "timber-putty", sheet("laminated"), []],
    ["patterned, and no pattern", "timber-putty", sheet("patterned"), ["safety", "pattern", "pattern-runs"]],
    [
      "metal, and nobody said by what it holds",
      "metal-frame",
      (t) => t.read({ "sill-height": "1120", "door-distance": "1900" }),
      ["held", "glass"],
    ],
    [
      "a unit nobody chose",
      "plastic-bead-inside",
      () => undefined,
      ["safety", "makeup", "thickness", "coating", "bars"],
    ],
    [
      "a unit with a pattern, and nobody said on which sheet",
      "plastic-bead-inside",
      (t) => {
        unit("warm edge, grey")(t);
        t.tell("specify.looks", { ...PLAIN_LOOKS, pattern: "stippled" });
      },
      ["pattern-on", "pattern-runs"],
    ],
    [
      "the same, on the inner one",
      "plastic-bead-inside",
      (t) => {
        unit("warm edge, grey")(t);
        t.tell("specify.looks", { ...PLAIN_LOOKS, pattern: "stippled", patternOn: "inner", runs: "neither" });
      },
      [],
    ],
    [
      "a unit chosen, and neither its thickness nor the rebate was read",
      "plastic-bead-inside",
      (t) => {
        unit("warm edge, grey")(t);
        t.read({ "unit-thickness": "" });
      },
      ["thickness"],
    ],
    [
      "the same, and how wide the rebate is was read",
      "plastic-bead-inside",
      (t) => {
        unit("warm edge, grey")(t);
        t.read({ "unit-thickness": "", "rebate-width": "31" });
      },
      [],
    ],
    ["a unit whose spacer nobody looked at", "plastic-bead-inside", unit(NO_SPACER), ["spacer"]],
    [
      "a unit of which only the make is said",
      "plastic-bead-inside",
      unit("warm edge, grey", false),
      ["coating", "bars"],
    ],
    ["a unit with all of it", "plastic-bead-inside", unit("warm edge, grey"), []],
  ])("%s", (_, system, tell, ids) => expect(asked(system, tell)).toEqual(ids));
});

describe("where what is asked is answered", () => {
  const at = (id: string, tell: (t: Teller) => void, system: System = "timber-putty") => {
    const t = new Teller().added(PANE, system);
    tell(t);
    const book = foldPane(PANE, t.entries);
    if (!book) throw new Error("no pane");
    return unknownsOf(book, reckon(book, { house: HOUSE_DEFAULTS, calendar })).find((u) => u.id === id)?.place ?? null;
  };
  it.each<[string, string, (t: Teller) => void, string | null]>([
    [
      "a width that no pane has",
      "size",
      (t) => t.read({ "width-top": "10", "width-bottom": "11", "height-left": "900", "height-right": "900" }),
      "width-top",
    ],
    [
      "a height that no pane has",
      "size",
      (t) => t.read({ "width-top": "600", "width-bottom": "600", "height-left": "11", "height-right": "10" }),
      "height-right",
    ],
    ["nothing read", "size", () => undefined, "width-top"],
    [
      "a raking side, and a new sash for it: its maker's",
      "template",
      (t) => {
        t.tell("look.option", { option: "sash", reason: "" });
        t.also("measure.shape", { shape: "raked" }).read({ "sash-outside-width": "800", "sash-outside-height": "600" });
      },
      null,
    ],
    [
      "a raking side, and the old pane is copied",
      "template",
      (t) => {
        t.tell("measure.way", { way: "old-unit" });
        t.also("measure.shape", { shape: "raked" }).read({ "old-width": "800", "old-height": "600" });
      },
      null,
    ],
    [
      "a raking side, and neither corner read",
      "template",
      (t) => t.also("measure.shape", { shape: "raked" }).read({ "width-bottom": "800", "height-left": "600" }),
      "diagonal-up",
    ],
    [
      "and one of them",
      "template",
      (t) => t.also("measure.shape", { shape: "raked" }).read({ "width-bottom": "800", "diagonal-up": "1000" }),
      "diagonal-down",
    ],
    [
      "the sash that is to take a unit, of which nothing was read",
      "sash",
      (t) => {
        t.read(LEANING);
        t.tell("look.option", { option: "double", reason: "" });
      },
      "rebate-depth",
    ],
    [
      "its depth was read: the next",
      "sash",
      (t) => {
        t.read({ ...LEANING, "rebate-depth": "10" });
        t.tell("look.option", { option: "double", reason: "" });
      },
      "rebate-width",
    ],
  ])("%s", (_, id, tell, place) => expect(at(id, tell)).toBe(place));
});
