import { describe, expect, it } from "vitest";
import { PANE, Teller } from "../../../tests/support/told.ts";
import { withFirm } from "../firm/firm.ts";
import { foldFirm } from "../firm/fold-firm.ts";
import type { Way } from "../measure/ways.ts";
import { dayOf } from "../units/day.ts";
import { foldPane } from "./book.ts";
import { nextFor } from "./next.ts";
import { meantByWay, readingMeant } from "./read-what.ts";
import { reckon } from "./reckoning.ts";
import { unknownsOf } from "./unknowns.ts";

type Told = Readonly<Record<string, string>>;
const told = (way: Way, read: Told) => {
  const t = new Teller().opened().added(PANE, "timber-bead");
  t.tell("measure.way", { way });
  t.tell("look.damage", { damage: ["cracked"] });
  t.read(read);
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  const r = reckon(book, withFirm(foldFirm(t.entries)));
  return { book, r };
};
const OPENING: Told = { "width-middle": "600", "height-middle": "900" };

describe("figures kept as an opening's that may be something else's", () => {
  it.each<[string, Way, Told, string | null]>([
    ["the rebate", "rebate", OPENING, null],
    ["an old pane of which nothing was read", "old-unit", OPENING, "the old {pane}, edge to edge"],
    ["both read", "old-unit", { ...OPENING, "old-width": "596", "old-height": "896" }, null],
    ["one way of it read", "old-unit", { ...OPENING, "old-width": "596" }, null],
    ["only one way of the opening read", "old-unit", { "width-middle": "600" }, null],
    ["a sight size of which nothing was read", "through-glass", OPENING, "the sight size"],
    ["the rebate after the sight size", "through-glass", { ...OPENING, "sight-width": "580" }, null],
    ["nothing yet", "old-unit", {}, null],
    ["what is made whole does not read an opening", "sash-outside", OPENING, null],
  ])("%s", (_, way, read, name) => {
    const { book, r } = told(way, read);
    expect(meantByWay(book, r)?.name ?? null).toBe(name);
    expect(unknownsOf(book, r).some((u) => u.id === "read-what")).toBe(name !== null);
  });
  it("comes before corners, slips and glass", () => {
    const { book, r } = told("old-unit", OPENING);
    expect(nextFor(book, r, dayOf("2026-05-20"))).toMatchObject({ kind: "settle", ask: "read-what" });
  });
  it("the least of three is what was meant", () => {
    const { r } = told("old-unit", { "width-top": "601", "width-middle": "600", "width-bottom": "602", ...OPENING });
    expect([readingMeant(r, "width"), readingMeant(r, "height")]).toEqual(["width-middle", "height-middle"]);
    expect(readingMeant({ readings: {} }, "width")).toBeNull();
  });
});
