import { describe, expect, it } from "vitest";
import type { Dialect } from "./dialect.ts";
import { wordAt } from "./word-at.ts";

describe("a word of the trade that is tapped", () => {
  it.each<[string, number, Dialect, string | null]>([
    ["Draw every sprig.", 11, "a", "sprig"],
    ["Draw every sprig.", 15, "a", "sprig"],
    ["Draw every sprig.", 16, "a", null],
    ["Draw every sprig.", 3, "a", null],
    ["Packers on the sill", 0, "a", "Packers"],
    ["Packers on the sill", 0, "b", null],
    ["Shims on the sill", 2, "b", "Shims"],
    ["A sealed unit of 24 mm", 4, "a", "sealed unit"],
    ["An IG unit of 24 mm", 8, "b", "IG unit"],
    ["Along the sight line", 14, "a", "sight line"],
    // A word that only holds another is none.
    ["the barrow and the panel", 5, "a", null],
    ["the barrow and the panel", 20, "a", null],
    ["", 0, "a", null],
  ])("%s at %d in %s", (text, at, dialect, word) => expect(wordAt(text, at, dialect)?.word ?? null).toBe(word));

  it("says what it means in the reader's own words", () => {
    expect(wordAt("a point", 3, "b")?.means).toBe("small metal holder under the glazing compound");
    expect(wordAt("tight size", 3, "b")?.means).toBe("rabbet wall to rabbet wall");
  });
});
