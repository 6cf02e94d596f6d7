import { describe, expect, it } from "vitest";
import { PANE, Teller } from "../../../tests/support/told.ts";
import { withFirm } from "../firm/firm.ts";
import { foldFirm } from "../firm/fold-firm.ts";
import { dayOf } from "../units/day.ts";
import { mm } from "../units/length.ts";
import { ticketOf } from "../words/ticket.ts";
import { foldPane } from "./book.ts";
import { nextFor } from "./next.ts";
import { reckon } from "./reckoning.ts";
import { unknownsOf } from "./unknowns.ts";
import { type UnlikelySide, unlikelyHere, unlikelySize } from "./unlikely-size.ts";

describe("a size that is hardly a pane's", () => {
  it.each<[number, number, UnlikelySide | null]>([
    [676, 1046, null],
    // The smallest light of a door, and a full sheet.
    [40, 40, null],
    [6000, 3210, null],
    [3210, 6000, null],
    // The old pane's thickness typed for its height.
    [676, 22, { side: "height", is: "small" }],
    [39.9, 900, { side: "width", is: "small" }],
    // A digit too many.
    [6760, 1046, { side: "width", is: "large" }],
    // Shorter than a sheet both ways, and cut from none.
    [3400, 3500, { side: "height", is: "large" }],
  ])("%d × %d", (w, h, is) => expect(unlikelySize({ width: mm(w), height: mm(h) })).toEqual(is));

  it.each<[string, (t: Teller) => unknown, UnlikelySide["side"] | undefined]>([
    ["an old pane read 22 high", (t) => t.read({ "old-width": "676", "old-height": "22" }), "height"],
    [
      "the same, and glass that is here: it is as large as it is",
      (t) => {
        t.read({ "old-width": "676", "old-height": "22" });
        t.tell("order.had", {
          from: "bought",
          width: { text: "676", unit: "mm" },
          height: { text: "22", unit: "mm" },
          note: "",
        });
      },
      undefined,
    ],
    [
      "a whole window, wider than any sheet",
      (t) => {
        t.tell("look.option", { option: "window", reason: "" });
        t.tell("measure.way", { way: "window-hole" });
        t.read({ "window-hole-width": "7000", "window-hole-height": "2100" });
      },
      undefined,
    ],
  ])("%s", (_, say, side) => {
    const t = new Teller().opened().added(PANE, "plastic-bead-inside-bonded");
    t.tell("measure.way", { way: "old-unit" });
    say(t);
    const book = foldPane(PANE, t.entries);
    if (!book) throw new Error("no pane");
    const r = reckon(book, withFirm(foldFirm(t.entries)));
    expect(r.worked.ok).toBe(true);
    expect(unlikelyHere(book, r)?.side).toBe(side);
  });

  it("is said on the ticket, and asked before the order", () => {
    const t = new Teller().opened().added(PANE, "plastic-bead-inside-bonded");
    t.tell("measure.way", { way: "old-unit" });
    t.tell("look.damage", { damage: ["cracked"] });
    const asked = (width: string, height: string) => {
      t.read({ "old-width": width, "old-height": height });
      const book = foldPane(PANE, t.entries);
      if (!book) throw new Error("no pane");
      const r = reckon(book, withFirm(foldFirm(t.entries)));
      const { why, trouble } = ticketOf(book, r, { unit: "mm", dialect: "a" });
      return [
        unknownsOf(book, r).find((u) => u.id === "size")?.says,
        trouble,
        /read it again/.test(why),
        nextFor(book, r, dayOf("2026-05-20")).place,
      ];
    };
    expect(asked("676", "22")).toEqual([
      "whether the height was read right: no {pane} is that small",
      true,
      true,
      "old-height",
    ]);
    expect(asked("676", "9460")).toEqual([
      "whether the height was read right: no sheet is that large",
      true,
      true,
      "old-height",
    ]);
    expect(asked("676", "1046")).toEqual([undefined, false, false, undefined]);
  });
});
