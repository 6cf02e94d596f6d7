import { describe, expect, it } from "vitest";
import { PLAIN_DAYS as calendar } from "../../../tests/support/plain-days.ts";
import { plainUnit } from "../../../tests/support/plain-unit.ts";
import { LEANING, type Teller } from "../../../tests/support/told.ts";
import { toldPane } from "../../../tests/support/told-pane.ts";
import type { System } from "../frame/systems.ts";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import { NO_BARS } from "../measure/found.ts";
import { reckon } from "../pane/reckoning.ts";
import { PLAIN_LOOKS } from "../specify/looks.ts";
import type { Makeup } from "../specify/makeup.ts";
import { fittedText } from "./fitted.ts";

const says = (system: System, say: (t: Teller) => unknown, unit: "mm" | "in" = "mm"): string => {
  const book = toldPane((t) => {
    t.read(LEANING);
    say(t);
  }, system);
  return fittedText(book, reckon(book, { house: HOUSE_DEFAULTS, calendar }), { dialect: "a", unit });
};
const unit = (more: Partial<Makeup> = {}) => ({ makeup: { ...plainUnit(), ...more } });

describe("what was done to the glass, as its customer reads it", () => {
  it.each<[string, System, (t: Teller) => unknown, string]>([
    ["one sheet", "timber-putty", () => undefined, "New glass, 4 mm clear float"],
    [
      "patterned, and tinted",
      "timber-putty",
      (t) => {
        t.tell("specify.glass", {
          kind: "patterned",
          thickness: { text: "4", unit: "mm" },
          edges: "arrissed",
          pattern: "reeded",
        });
        t.tell("specify.looks", { ...PLAIN_LOOKS, tint: "grey" });
      },
      "New glass, 4 mm patterned, reeded, grey",
    ],
    ["a unit of which nobody said its make", "plastic-bead-inside", () => undefined, "A new sealed unit"],
    [
      "a plain unit: how thick, and no code",
      "plastic-bead-inside",
      (t) => t.tell("specify.makeup", unit()),
      "A new sealed unit, 24 mm thick",
    ],
    [
      "coated",
      "plastic-bead-inside",
      (t) => t.tell("specify.makeup", unit({ coatings: [{ face: 3, emissivity: 0.05 }] })),
      "A new sealed unit, 24 mm thick, coated to keep warmth in",
    ],
    [
      "with a pattern and bars",
      "plastic-bead-inside",
      (t) => {
        t.tell("specify.makeup", unit());
        t.tell("specify.looks", { ...PLAIN_LOOKS, pattern: "reeded" });
        t.tell("measure.bars", { ...NO_BARS, uprights: 1 });
      },
      "A new sealed unit, 24 mm thick, one sheet patterned: reeded, with bars as they were",
    ],
    [
      "without bars, which was said",
      "plastic-bead-inside",
      (t) => {
        t.tell("specify.makeup", unit());
        t.tell("measure.bars", NO_BARS);
      },
      "A new sealed unit, 24 mm thick",
    ],
    [
      "its own glass again",
      "timber-putty",
      (t) => t.tell("look.option", { option: "repack", reason: "" }),
      "Your own glass, packed and set anew",
    ],
    [
      "its own unit, resealed",
      "plastic-bead-inside",
      (t) => t.tell("look.option", { option: "refurbish", reason: "" }),
      "Your own sealed unit, opened, dried and resealed; it holds no gas",
    ],
    [
      "a door's insert",
      "cassette",
      (t) => t.tell("look.option", { option: "insert", reason: "" }),
      "A new door insert, frame and glass in one",
    ],
  ])("%s", (_, system, say, text) => expect(says(system, say)).toBe(text));

  it("no text of it has a code of sheets and spacers", () => {
    for (const by of ["mm", "in"] as const)
      expect(says("plastic-bead-inside", (t) => t.tell("specify.makeup", unit()), by)).not.toMatch(/\d\s*-\s*\d/);
  });
});
