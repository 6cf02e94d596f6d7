import { describe, expect, it } from "vitest";
import type { Teller } from "../../../tests/support/told.ts";
import { toldPane } from "../../../tests/support/told-pane.ts";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import type { Makeup } from "../specify/makeup.ts";
import { toMm } from "../units/length.ts";
import { glassMakes, glassOf, makesOffered } from "./glass-here.ts";

const book = (say: (t: Teller) => unknown) => toldPane(say, "plastic-bead-inside");

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
