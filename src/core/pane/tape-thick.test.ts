import { describe, expect, it } from "vitest";
import { PLAIN_DAYS as calendar } from "../../../tests/support/plain-days.ts";
import { PANE, Teller } from "../../../tests/support/told.ts";
import type { System } from "../frame/systems.ts";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import { toMm } from "../units/length.ts";
import { tapeThickText } from "../words/tape-thick.ts";
import { foldPane } from "./book.ts";
import { reckon } from "./reckoning.ts";
import { tapeThick } from "./tape-thick.ts";

describe("how thick the tape is", () => {
  // 4 mm float everywhere; the house's bed is 2 mm.
  it.each<[string, System, Parameters<Teller["read"]>[0], readonly number[], string]>([
    ["nothing read", "timber-bead", {}, [2], "usual"],
    ["what lay under the old one", "timber-bead", { "bed-under": "4" }, [4], "read"],
    [
      "16 wide: 4 of glass and 9 of bead leave 3",
      "timber-bead",
      { "rebate-width": "16", "bead-width": "9" },
      [3],
      "fills",
    ],
    [
      "half a millimetre was sanded off the bead: no strips make 3.5, and 3 is the nearest under it",
      "timber-bead",
      { "rebate-width": "16", "bead-width": "9", "bead-sanded": "0.5" },
      [3],
      "nearest",
    ],
    ["18 wide: 5 is one strip", "timber-bead", { "rebate-width": "18", "bead-width": "9" }, [5], "fills"],
    [
      "the bead fills it without a bed: it stands proud, and that is said elsewhere",
      "timber-bead",
      { "rebate-width": "13", "bead-width": "9" },
      [2],
      "usual",
    ],
    [
      "a unit that nobody chose or read: how thick it is nobody can say",
      "plastic-bead-outside",
      { "rebate-width": "40", "bead-width": "9" },
      [2],
      "usual",
    ],
    ["a bead, but not the rebate", "timber-bead", { "bead-width": "9" }, [2], "usual"],
    ["14 wide: 1 is left, and it is a strip", "timber-bead", { "rebate-width": "14", "bead-width": "9" }, [1], "fills"],
    ["a rebate of which the bead is not read", "timber-bead", { "rebate-width": "16" }, [2], "usual"],
    [
      "a bead that clips in finds its own place",
      "plastic-bead-outside",
      { "rebate-width": "16", "bead-width": "9" },
      [2],
      "usual",
    ],
  ])("%s", (_, system, readings, strips, because) => {
    const t = new Teller().added(PANE, system);
    t.read({ "width-top": "600", "height-left": "900", ...readings });
    t.tell("specify.glass", { kind: "float", thickness: { text: "4", unit: "mm" }, edges: "arrissed", pattern: "" });
    const book = foldPane(PANE, t.entries);
    if (!book) throw new Error("no pane");
    const found = tapeThick(book, reckon(book, { house: HOUSE_DEFAULTS, calendar }));
    expect({ strips: found.strips.map(toMm), because: found.because }).toEqual({ strips, because });
    expect(tapeThickText(found, "mm")).toContain(`${strips[0]} mm`);
  });
});
