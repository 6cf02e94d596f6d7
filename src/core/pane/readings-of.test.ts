import { describe, expect, it } from "vitest";
import { PANE, Teller } from "../../../tests/support/told.ts";
import { mm, toMm } from "../units/length.ts";
import { foldPane } from "./book.ts";
import { readersOf, readingsOf } from "./readings-of.ts";

const told = (tell: (t: Teller) => unknown) => {
  const t = new Teller().opened().added();
  tell(t);
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  return book;
};

describe("what the readings come to", () => {
  it("each in millimetres, a hair taken off, and those that nobody can read named", () => {
    const { readings, unread } = readingsOf(
      told((t) =>
        t.read({ "width-top": "600", "width-bottom": "601.5-", "height-left": "waist", "rebate-depth": "12" }),
      ),
    );
    expect(Object.keys(readings).sort()).toEqual(["rebate-depth", "width-bottom", "width-top"]);
    expect(toMm(readings["width-top"] ?? mm(0))).toBe(600);
    expect(toMm(readings["width-bottom"] ?? mm(0))).toBeLessThan(601.5);
    expect(unread).toEqual(["height-left"]);
  });
});

describe("who held the tape to what a size follows from", () => {
  const by =
    (who: string, place: "width-top" | "height-left" | "rebate-depth" | "old-width", text: string) => (t: Teller) =>
      t.tell("measure.reading", { place, text, unit: "mm" }, { pane: PANE }, who);
  it.each<[string, readonly ((t: Teller) => unknown)[], readonly string[]]>([
    ["nobody yet", [], []],
    [
      "each as often as they read",
      [by("Nell", "width-top", "600"), by("Bram", "height-left", "900")],
      ["Nell", "Bram"],
    ],
    ["whoever read the old pane", [by("Ida", "old-width", "597")], ["Ida"]],
    ["not who read the rebate: no size follows from its depth", [by("Nell", "rebate-depth", "12")], []],
    ["not who wrote what nobody can read", [by("Nell", "width-top", "waist")], []],
    ["whoever read it last", [by("Nell", "width-top", "600"), by("Bram", "width-top", "601")], ["Bram"]],
  ])("%s", (_, tells, who) =>
    expect(
      readersOf(
        told((t) => {
          for (const tell of tells) tell(t);
        }),
      ),
    ).toEqual(who),
  );
});
