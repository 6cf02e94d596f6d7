import { describe, expect, it } from "vitest";
import { PANE, Teller } from "../../../tests/support/told.ts";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import type { Place } from "../measure/places.ts";
import type { Way } from "../measure/ways.ts";
import type { Makeup } from "../specify/makeup.ts";
import { inches, mm, type Nm, toMm } from "../units/length.ts";
import { foldPane, type PaneBook } from "./book.ts";
import { glassMakes, glassOf, gridOfListed, makesOffered, overruleOf, tapeUnit } from "./chosen.ts";

const book = (say: (t: Teller) => void): PaneBook => {
  const t = new Teller().added(PANE, "plastic-bead-inside");
  say(t);
  const found = foldPane(PANE, t.entries);
  if (!found) throw new Error("no pane");
  return found;
};
const unit = (kinds: readonly Makeup["panes"][number]["kind"][]): Makeup => ({
  panes: kinds.map((kind) => ({ mm: 4, kind })),
  cavities: [{ mm: 16, gas: "air", fill: 1 }],
  coatings: [],
  spacer: "warm edge, black",
});
const sheet =
  (over: object = {}) =>
  (t: Teller) =>
    t.tell("specify.glass", {
      kind: "toughened",
      thickness: { text: "6", unit: "mm" },
      edges: "polished",
      pattern: "reeded",
      ...over,
    });

describe("the glass as it was chosen", () => {
  it.each<[string, (t: Teller) => void, string, number, string, string | undefined]>([
    ["nobody chose: the house's float", () => undefined, "float", HOUSE_DEFAULTS.glassMm, "arrissed", undefined],
    ["a sheet", sheet(), "toughened", 6, "polished", "reeded"],
    ["no pattern said", sheet({ pattern: "" }), "toughened", 6, "polished", undefined],
    [
      "a thickness nobody can read: the house's",
      sheet({ thickness: { text: "thick", unit: "mm" } }),
      "toughened",
      HOUSE_DEFAULTS.glassMm,
      "polished",
      "reeded",
    ],
    [
      "a unit of float",
      (t) => t.tell("specify.makeup", { makeup: unit(["float", "float"]) }),
      "float",
      24,
      "arrissed",
      undefined,
    ],
    [
      "a unit of safety glass on both sides",
      (t) => t.tell("specify.makeup", { makeup: unit(["laminated", "laminated"]) }),
      "laminated",
      24,
      "arrissed",
      undefined,
    ],
    [
      "a unit that is safe on one side only is not safety glass",
      (t) => t.tell("specify.makeup", { makeup: unit(["toughened", "float"]) }),
      "float",
      24,
      "arrissed",
      undefined,
    ],
    [
      "a unit, with the edges and the pattern of the sheet chosen before it",
      (t) => {
        sheet()(t);
        t.tell("specify.makeup", { makeup: unit(["float", "float"]) });
      },
      "float",
      24,
      "polished",
      "reeded",
    ],
  ])("%s", (_, say, kind, thick, edges, pattern) => {
    const glass = glassOf(book(say), HOUSE_DEFAULTS);
    expect([glass.kind, toMm(glass.thickness), glass.edges, glass.pattern]).toEqual([kind, thick, edges, pattern]);
  });
});

describe("the tape that the size rests on", () => {
  const reading = (place: Place, unit: "mm" | "in") => (t: Teller) =>
    t.tell("measure.reading", { place, text: "20", unit });
  it.each<[string, Way, readonly ((t: Teller) => void)[], "mm" | "in"]>([
    ["nothing read", "rebate", [], "mm"],
    ["the opening in inches", "rebate", [reading("width-top", "in")], "in"],
    ["one of each: millimetres", "rebate", [reading("width-top", "in"), reading("height-left", "mm")], "mm"],
    ["the old pane in inches, copied", "old-unit", [reading("old-width", "in"), reading("old-height", "in")], "in"],
    [
      "the old pane in inches, copied, and the opening read in millimetres beside it",
      "old-unit",
      [reading("old-width", "in"), reading("width-top", "mm"), reading("height-left", "mm")],
      "in",
    ],
    [
      "through the glass in inches, then the opening in millimetres: the opening counts",
      "through-glass",
      [reading("sight-width", "in"), reading("width-top", "mm")],
      "mm",
    ],
    ["through the glass in inches alone", "through-glass", [reading("sight-width", "in")], "in"],
    ["a copy of which nothing is read goes by the opening", "old-unit", [reading("width-top", "in")], "in"],
    ["a sash in inches", "sash-outside", [reading("sash-outside-width", "in"), reading("width-top", "mm")], "in"],
  ])("%s", (_, way, said, expected) =>
    expect(
      tapeUnit(
        book((t) => {
          t.tell("measure.way", { way });
          for (const say of said) say(t);
        }),
      ),
    ).toBe(expected),
  );
});

describe("the grid of a size off a list", () => {
  const house = { gridMm: "1 mm", gridIn: "1/16 in" } as const;
  it.each<[string, readonly Nm[], "mm" | "in", string]>([
    ["whole millimetres, read in millimetres", [mm(600), mm(900)], "mm", "1 mm"],
    ["24 × 38 in, read with a tape in millimetres: as it is listed", [inches(24), inches(38)], "mm", "1/16 in"],
    ["24 × 38 in, read in inches", [inches(24), inches(38)], "in", "1/16 in"],
    // 508 × 762 mm is 20 × 30 in: exact in both, it stays in the reader's own.
    ["20 × 30 in, exact in both, read in millimetres", [mm(508), mm(762)], "mm", "1 mm"],
    ["20 × 30 in, exact in both, read in inches", [mm(508), mm(762)], "in", "1/16 in"],
    ["one side in each: neither is exact, so the reader's own, finely", [inches(24), mm(900)], "mm", "0.5 mm"],
    ["half millimetres", [mm(600.5), mm(900)], "mm", "0.5 mm"],
  ])("%s", (_, of, unit, is) => expect(gridOfListed(of, unit, house)).toBe(is));
});

describe("in which makes single glass is offered", () => {
  const inInches = (t: Teller) => t.read({ "width-top": "23 11/16", "height-left": "35 1/2" }, "in");
  const chosenIn = (unit: "mm" | "in", text: string) => (t: Teller) => sheet({ thickness: { text, unit } })(t);
  it.each<[string, readonly ((t: Teller) => unknown)[], "mm" | "in", readonly ("mm" | "in")[]]>([
    ["nothing read, nothing chosen", [], "mm", ["mm"]],
    ["read in inches", [inInches], "in", ["in"]],
    ["chosen in mm, then read in inches: both", [chosenIn("mm", "6"), inInches], "mm", ["mm", "in"]],
    ["chosen in inches, read in inches", [inInches, chosenIn("in", "1/4")], "in", ["in"]],
  ])("%s", (_, tells, makes, offered) => {
    const b = book((t) => {
      for (const tell of tells) tell(t);
    });
    expect(glassMakes(b)).toBe(makes);
    expect(makesOffered(b)).toEqual(offered);
  });
});

describe("a size in the place of the sum", () => {
  it.each<[string, string, string, readonly [number, number] | null]>([
    ["both can be read", "607", "899.5", [607, 899.5]],
    ["a width nobody can read", "wide", "899.5", null],
    ["a height nobody can read", "607", "high", null],
  ])("%s", (_, width, height, size) => {
    const b = book((t) =>
      t.tell("size.overruled", {
        width: { text: width, unit: "mm" },
        height: { text: height, unit: "mm" },
        reason: "",
      }),
    );
    const of = overruleOf(b);
    expect(of ? [toMm(of.width), toMm(of.height)] : null).toEqual(size);
  });
  it("nobody overruled it", () => expect(overruleOf(book(() => undefined))).toBeUndefined());
});
