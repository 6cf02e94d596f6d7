import { describe, expect, it } from "vitest";
import type { Teller } from "../../../tests/support/told.ts";
import { toldPane } from "../../../tests/support/told-pane.ts";
import type { Place } from "../measure/places.ts";
import type { Way } from "../measure/ways.ts";
import { inches, mm, type Nm } from "../units/length.ts";
import { gridOfListed, tapeUnit } from "./size-grid.ts";

const book = (say: (t: Teller) => unknown) => toldPane(say, "plastic-bead-inside");

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
  ])("%s", (_, given, unit, is) => expect(gridOfListed(given, unit, house)).toBe(is));
});
