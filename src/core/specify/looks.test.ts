import { describe, expect, it } from "vitest";
import { type Looks, looksText, PLAIN_LOOKS } from "./looks.ts";

describe("how the glass looks, as it goes on a ticket", () => {
  it.each<[string, Partial<Looks>, string]>([
    ["nothing said", {}, ""],
    ["a tint", { tint: "bronze" }, "bronze tint"],
    [
      "a unit's pattern",
      { pattern: "reeded", patternOn: "inner", runs: "up" },
      "reeded on the inner sheet, lines run upright",
    ],
    ["on which sheet is not said", { pattern: "stippled" }, "stippled, on which sheet is not said"],
    [
      "the same, said to be not said",
      { pattern: "stippled", patternOn: "not-said" },
      "stippled, on which sheet is not said",
    ],
    ["no pattern, whatever its sheet", { pattern: "", patternOn: "outer" }, ""],
    ["its textured face and its mark", { texture: "room", mark: "stamp" }, "texture to the room, stamp bottom right"],
  ])("%s", (_, said, text) => expect(looksText({ ...PLAIN_LOOKS, ...said })).toBe(text));
});
