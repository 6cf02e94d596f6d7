import { expect, it } from "vitest";
import { PLAIN_DAYS as calendar } from "../../../tests/support/plain-days.ts";
import { PANE, Teller } from "../../../tests/support/told.ts";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import { NOT_MEASURED } from "../log/kinds/refurbish.ts";
import { foldPane } from "./book.ts";
import { reckon } from "./reckoning.ts";
import { isRefurbished, refurbishHere } from "./refurbishing.ts";

function here(tell: (t: Teller) => unknown) {
  const t = new Teller().opened().added(PANE, "pinned-stop");
  t.tell("look.damage", { damage: ["misted"] });
  tell(t);
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  return { is: isRefurbished(book), steps: refurbishHere(book, reckon(book, { house: HOUSE_DEFAULTS, calendar })) };
}
const opened = (t: Teller) => t.also("look.option", { option: "refurbish", reason: "kept" });
const coated = (coated: "yes" | "no" | "unsure") => (t: Teller) =>
  opened(t).tell("measure.coating", { coated, face: null, how: "" });
const size = (w: string, h: string) => (t: Teller) => opened(t).read({ "old-width": w, "old-height": h });
const marked = (a: string, b: string) => (t: Teller) => opened(t).tell("refurbish.panes", { a, b });
const all = (tell: (t: Teller) => unknown): string =>
  here(tell)
    .steps.map((s) => `${s.does} ${s.why} ${s.never ?? ""}`)
    .join("\n");

it.each<[string, (t: Teller) => unknown, boolean]>([
  ["a new one is chosen", (t) => t.tell("look.option", { option: "glass", reason: "" }), false],
  ["it is to be opened", opened, true],
  ["it lies open and was measured, whatever was chosen", (t) => t.tell("refurbish.unit", NOT_MEASURED), true],
])("has steps where it is opened: %s", (_, tell, is) => {
  expect(here(tell).is).toBe(is);
  expect(here(tell).steps.length > 0).toBe(is);
});
it.each<[string, (t: Teller) => unknown, RegExp, boolean]>([
  ["a coated face is not touched", coated("yes"), /coat/i, true],
  ["nobody is sure of a coating", coated("unsure"), /coat/i, false],
  ["no coating", coated("no"), /coat/i, false],
  ["910 high: its spacer bows", size("500", "910"), /bows inward/, true],
  ["910 wide: the same", size("910", "500"), /bows inward/, true],
  ["900 is not too long yet", size("500", "900"), /bows inward/, false],
  ["what was marked stands at the closing", marked("cross", "ring"), /A: cross; B: ring/, true],
  ["nothing was marked", opened, /A: not said/, false],
])("%s", (_, tell, says, does) => expect(says.test(all(tell))).toBe(does));
