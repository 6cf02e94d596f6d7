import { describe, expect, it } from "vitest";
import { PLAIN_DAYS as calendar } from "../../../tests/support/plain-days.ts";
import { ORDER, ORDER_LINE, PANE, SQUARE, Teller } from "../../../tests/support/told.ts";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import { NOTHING_FOUND } from "../measure/found.ts";
import { foldPane } from "./book.ts";
import { oldGlassBack, oldGlassOnly, packedAnew } from "./old-glass.ts";
import { reckon } from "./reckoning.ts";
import { standingAt } from "./standing.ts";

type Tell = (t: Teller) => unknown;
const option =
  (given: "repack" | "refurbish" | "glass"): Tell =>
  (t) =>
    t.tell("look.option", { option: given, reason: "" });
const onOrder: Tell = (t) => {
  t.tell("order.opened", { supplier: "S", reference: "" }, { order: ORDER });
  t.tell("order.line", ORDER_LINE, { order: ORDER, pane: PANE });
};
const had: Tell = (t) =>
  t.tell("order.had", {
    from: "bought",
    width: { text: "597", unit: "mm" },
    height: { text: "897", unit: "mm" },
    note: "",
  });
const hangs: Tell = (t) => t.tell("measure.found", { ...NOTHING_FOUND, hinge: "left" });
const opening: Tell = (t) => t.read(SQUARE);

function told(...tells: readonly Tell[]) {
  const t = new Teller().opened().added(PANE, "plastic-bead-inside");
  for (const tell of tells) tell(t);
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  return book;
}

describe("glass that goes back", () => {
  it.each<[string, readonly Tell[], back: boolean, only: boolean, anew: boolean]>([
    ["nothing chosen", [], false, false, false],
    ["packed anew", [option("repack")], true, true, true],
    ["packed anew, whatever was read before", [opening, option("repack")], true, true, true],
    ["opened and resealed: it is no mere packing", [option("refurbish")], true, true, false],
    ["new glass", [option("glass")], false, false, false],
    ["new glass after all", [option("repack"), option("glass")], false, false, false],
    ["it broke, and another is on order", [option("repack"), onOrder], true, false, false],
    ["another was bought", [option("repack"), had], true, false, false],
  ])("%s", (_, tells, back, only, anew) => {
    const book = told(...tells);
    expect([oldGlassBack(book), oldGlassOnly(book), packedAnew(book)]).toEqual([back, only, anew]);
  });
  it.each<[string, readonly Tell[], string, string]>([
    ["packed anew, nobody said how it hangs", [option("repack")], "open", "old-glass"],
    ["packed anew, and how it hangs", [option("repack"), hangs], "done", "old-glass"],
    ["new glass, nothing read", [option("glass"), hangs], "open", "readings"],
  ])("what there is to measure: %s", (_, tells, state, kind) => {
    const book = told(...tells);
    const at = standingAt("measure", book, reckon(book, { house: HOUSE_DEFAULTS, calendar }));
    expect([at.state, at.says.kind]).toEqual([state, kind]);
  });
});
