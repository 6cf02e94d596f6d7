import { describe, expect, it } from "vitest";
import { asTheyAre, picksOf, standOpen } from "./picks.ts";

describe("what is picked on a phone", () => {
  it.each([
    ["three short ones", asTheyAre(["upper", "lower", "fixed"]), true],
    ["five of them", asTheyAre(["a", "b", "c", "d", "e"]), false],
    ["two with a sentence each", asTheyAre(["2, on the outer sheet: less sun in", "3, on the inner sheet"]), false],
    ["four as long as two lines hold", asTheyAre(["sevenls", "sevenls", "sevenls", "sevenls"]), true],
    ["a letter more", asTheyAre(["sevenls", "sevenls", "sevenls", "sevenlsx"]), false],
  ])("%s", (_, given, stands) => {
    expect(standOpen(given)).toBe(stands);
  });

  it("keeps the order and the words of a table", () => {
    expect(picksOf({ back: "goes back", thrown: "thrown out" })).toEqual([
      ["back", "goes back"],
      ["thrown", "thrown out"],
    ]);
  });
});
