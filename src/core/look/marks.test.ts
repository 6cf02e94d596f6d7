import { describe, expect, it } from "vitest";
import { type MarksRead, readMarks } from "./marks.ts";

describe("what the glass itself says", () => {
  it.each<[string, string, string, Partial<MarksRead>]>([
    ["a toughened stamp", "EN 12150-1 4 mm", "", { stamp: "toughened", sealed: null, year: null }],
    ["tempered, in words", "TEMPERED safety", "", { stamp: "toughened" }],
    ["laminated by its standard", "EN 14449 6.4", "", { stamp: "laminated" }],
    ["a unit", "EN 1279-5", "", { sealed: true, stamp: null }],
    ["which face", "this side to the room", "", { face: "inside" }],
    ["the other", "outside face", "", { face: "outside" }],
    ["month and year", "", "03/09", { year: 2009 }],
    ["last century", "", "12-98", { year: 1998 }],
    ["the whole year", "", "Mar 2011", { year: 2011 }],
    ["a week", "", "W14 19", { year: 2019 }],
    ["this year", "", "01/26", { year: 2026 }],
    ["next year is a century ago, before units", "", "01/27", { year: null }],
    ["no date", "", "argon", { year: null }],
    ["a number that is no date", "", "4-16-4", { year: null }],
    ["nothing", "", "", { stamp: null, sealed: null, year: null, face: null }],
  ])("%s", (_, marks, date, expected) => expect(readMarks(marks, date, 2026)).toMatchObject(expected));
});
