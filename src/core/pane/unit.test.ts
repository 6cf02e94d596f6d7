import { describe, expect, it } from "vitest";
import { PLAIN_DAYS as calendar } from "../../../tests/support/plain-days.ts";
import { PANE, Teller } from "../../../tests/support/told.ts";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import { foldPane } from "./book.ts";
import { reckon } from "./reckoning.ts";
import { oldUnitMm } from "./unit.ts";

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
    ["one sheet, by the examination", (t) => t.tell("look.answer", { question: "kind", answer: "single" }), null],
  ])("%s", (_, tell, mm) => expect(thick(tell)).toBe(mm));
});
