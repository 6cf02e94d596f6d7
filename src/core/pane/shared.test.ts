import { describe, expect, it } from "vitest";
import { PANE, Teller, uuid } from "../../../tests/support/told.ts";
import { PLAIN_LOOKS } from "../specify/looks.ts";
import type { Makeup } from "../specify/makeup.ts";
import { foldPane } from "./book.ts";
import { newThere, sharedFrom, subjectOf, subjectsIn } from "./shared.ts";

const BESIDE = { light: "top sash, row 1, column 2" };
const BELOW = { light: "top sash, row 2, column 1" };

function shared(tell: (t: Teller) => unknown, there = BESIDE) {
  const t = new Teller().opened().added();
  t.tell("pane.corrected", { light: "top sash, row 1, column 1" });
  tell(t);
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  return sharedFrom(book, there).map((c) => [c.kind, c.payload]);
}
const GLASS = { kind: "float", thickness: { text: "4", unit: "mm" }, edges: "arrissed", pattern: "" } as const;
const UNIT: Makeup = {
  panes: [
    { mm: 4, kind: "float" },
    { mm: 4, kind: "float" },
  ],
  cavities: [{ mm: 16, gas: "air", fill: 1 }],
  coatings: [],
  spacer: "warm edge, grey",
};
const PANEL = { make: "two-thin", mm: 4, lineMm: null, neighbourMm: null } as const;
const PLACE = { inDoor: false, wetRoom: true, stairs: false, walkway: false };
const HIGH = { "sill-height": "900", "door-distance": "1200" };

describe("what holds for the other panes of a sash", () => {
  it.each<[string, (t: Teller) => unknown, typeof BESIDE, readonly unknown[]]>([
    ["nothing said: nothing", () => undefined, BESIDE, []],
    [
      "the glass and what it is set in",
      (t) => {
        t.tell("specify.glass", GLASS);
        t.tell("specify.bed", { compound: "acrylic putty" });
      },
      BELOW,
      [
        ["specify.glass", GLASS],
        ["specify.bed", { compound: "acrylic putty" }],
      ],
    ],
    [
      "where it is, and how high its row stands",
      (t) => t.also("specify.location", PLACE).read(HIGH),
      BESIDE,
      [
        ["specify.location", PLACE],
        ["measure.reading", { place: "sill-height", text: "900", unit: "mm" }],
      ],
    ],
    [
      "another row stands elsewhere",
      (t) => t.also("specify.location", PLACE).read(HIGH),
      BELOW,
      [["specify.location", PLACE]],
    ],
    [
      "that somebody licensed is wanted",
      (t) => t.tell("look.special", { special: ["wired"], licensed: "" }),
      BELOW,
      [["look.special", { special: ["wired"], licensed: "" }]],
    ],
    [
      "a unit, and how it looks, how far it stands out in the wind and what its sash is",
      (t) => {
        t.tell("specify.makeup", { makeup: UNIT });
        t.tell("specify.exposure", { exposure: "coast" });
        t.tell("specify.looks", { ...PLAIN_LOOKS, tint: "bronze" });
      },
      BELOW,
      [
        ["specify.makeup", { makeup: UNIT }],
        ["specify.exposure", { exposure: "coast" }],
        ["specify.looks", { ...PLAIN_LOOKS, tint: "bronze" }],
      ],
    ],
    ["a solid panel", (t) => t.tell("specify.panel", { panel: PANEL }), BESIDE, [["specify.panel", { panel: PANEL }]]],
    [
      "a panel that was given up: none",
      (t) => t.also("specify.panel", { panel: PANEL }).tell("specify.panel", { panel: null }),
      BESIDE,
      [],
    ],
    ["a height that cannot be read", (t) => t.read({ "sill-height": "waist" }), BESIDE, []],
    ["no reading of the opening", (t) => t.read({ "width-top": "600", "rebate-depth": "9" }), BESIDE, []],
    ["not what is wrong with it", (t) => t.tell("look.damage", { damage: ["cracked"] }), BESIDE, []],
    [
      "a unit that was chosen and given up: no unit",
      (t) => t.also("specify.makeup", { makeup: null }).tell("specify.bed", { compound: "latex" }),
      BESIDE,
      [["specify.bed", { compound: "latex" }]],
    ],
  ])("%s", (_, tell, there, expected) => expect(shared(tell, there)).toEqual(expected));

  it("where neither stands in a row, the height of one says nothing of the other's", () => {
    const t = new Teller().opened().added().read(HIGH);
    const book = foldPane(PANE, t.entries);
    if (!book) throw new Error("no pane");
    expect(sharedFrom(book, { light: "top sash" })).toEqual([]);
  });

  it("leaves what was answered of the other for itself", () => {
    const other = uuid(0xb1);
    const t = new Teller().opened().added(other);
    t.tell("specify.glass", GLASS, { pane: other });
    t.tell("look.answer", { question: "kind", answer: "single" }, { pane: other });
    t.tell("look.building", { year: 1931, storey: 0 }, { pane: PANE });
    const said = subjectsIn(t.entries, other);
    expect(said).toEqual(
      ["pane.added ", "specify.glass ", "look.answer kind"].map((s) => s.replace("added ", "added")),
    );
    const from = [
      { kind: "specify.glass", payload: GLASS },
      { kind: "specify.bed", payload: { compound: "latex" } },
      { kind: "look.answer", payload: { question: "kind", answer: "laminated" } },
      { kind: "look.answer", payload: { question: "opens", answer: "fixed" } },
    ] as never;
    expect(newThere(from, said).map(subjectOf)).toEqual(["specify.bed ", "look.answer opens"]);
  });
});
