import { describe, expect, it } from "vitest";
import { PANE, Teller } from "../../../tests/support/told.ts";
import { foldPane } from "./book.ts";
import { carriedFrom } from "./carried.ts";

const carried = (say: (t: Teller) => void) => {
  const t = new Teller().opened().added();
  say(t);
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  return carriedFrom(book).map((c) => [c.kind, c.payload]);
};
const FOUND = { marks: "4-16-4", spacerDate: "", hinge: "left", held: "beads", spacer: "warm" };

describe("what goes along to the next pane in a frame alike", () => {
  it.each<[string, (t: Teller) => void, readonly unknown[]]>([
    ["nothing said: nothing", () => undefined, []],
    [
      "the building's year alone",
      (t) => t.tell("look.building", { year: 1931, storey: null }),
      [["look.building", { year: 1931, storey: null }]],
    ],
    [
      "its floor alone, the ground's",
      (t) => t.tell("look.building", { year: null, storey: 0 }),
      [["look.building", { year: null, storey: 0 }]],
    ],
    [
      "what it is and how it hangs, but not where its crack begins",
      (t) => {
        t.tell("look.answer", { question: "kind", answer: "single" });
        t.tell("look.answer", { question: "near", answer: "cracked" });
        t.tell("look.answer", { question: "opens", answer: "hinge-left" });
      },
      [
        ["look.answer", { question: "kind", answer: "single" }],
        ["look.answer", { question: "opens", answer: "hinge-left" }],
      ],
    ],
    ["that it cannot be opened", (t) => t.tell("look.opens", { opens: false }), [["look.opens", { opens: false }]]],
    [
      "what its frame is like",
      (t) => t.tell("takeout.detail", { reach: "inside" }),
      [["takeout.detail", { reach: "inside" }]],
    ],
    [
      "what was found, but for the marks on this glass",
      (t) => t.tell("measure.found", FOUND as never),
      [["measure.found", { ...FOUND, marks: "" }]],
    ],
    ["no reading", (t) => t.read({ "width-top": "600", "rebate-depth": "9" }), []],
    ["no damage, no cause", (t) => t.tell("look.damage", { damage: ["cracked"] }), []],
  ])("%s", (_, say, expected) => expect(carried(say)).toEqual(expected));
});
