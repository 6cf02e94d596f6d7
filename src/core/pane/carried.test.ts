import { describe, expect, it } from "vitest";
import { PANE, Teller } from "../../../tests/support/told.ts";
import type { Found } from "../measure/found.ts";
import { foldPane } from "./book.ts";
import { carriedFrom, carriedInPlace } from "./carried.ts";

const along = (by: typeof carriedFrom) => (say: (t: Teller) => void) => {
  const t = new Teller().opened().added();
  say(t);
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  return by(book).map((c) => [c.kind, c.payload]);
};
const carried = along(carriedFrom);
/** What a break of the very same opening begins with, beyond the answers about its frame. */
const inPlace = along(carriedInPlace);
const AT = { inDoor: false, wetRoom: true, stairs: false, walkway: false, noDoorMm: 300 };

it.each<[string, (t: Teller) => void, readonly unknown[]]>([
  ["nothing said: nothing", () => undefined, []],
  ["where it is", (t) => t.tell("specify.location", AT), [["specify.location", AT]]],
  [
    "how high, and how far from a door; the opening is read anew",
    (t) => t.read({ "sill-height": "1100", "door-distance": "2000", "width-top": "600" }),
    [
      ["measure.reading", { place: "sill-height", text: "1100", unit: "mm" }],
      ["measure.reading", { place: "door-distance", text: "2000", unit: "mm" }],
    ],
  ],
  ["a height that cannot be read", (t) => t.read({ "sill-height": "high" }), []],
  [
    "a height copied from the pane beside it",
    (t) => t.tell("measure.reading", { place: "sill-height", text: "1100", unit: "mm", copied: true }),
    [],
  ],
  [
    "its profile",
    (t) => t.tell("takeout.profile", { profile: "ovolo 22" }),
    [["takeout.profile", { profile: "ovolo 22" }]],
  ],
  ["and how it cannot be opened", (t) => t.tell("look.opens", { opens: false }), [["look.opens", { opens: false }]]],
])("a break of the same opening begins with %s", (_, say, expected) => expect(inPlace(say)).toEqual(expected));

const FOUND: Found = { marks: "4-16-4", spacerDate: "", hinge: "left", held: "bead" };

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
      (t) => t.tell("measure.found", FOUND),
      [["measure.found", { ...FOUND, marks: "" }]],
    ],
    ["no reading", (t) => t.read({ "width-top": "600", "rebate-depth": "9" }), []],
    ["no damage, no cause", (t) => t.tell("look.damage", { damage: ["cracked"] }), []],
  ])("%s", (_, say, expected) => expect(carried(say)).toEqual(expected));
});
