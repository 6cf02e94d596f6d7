import { describe, expect, it } from "vitest";
import { readTapeLine } from "./line.ts";

describe("the tape line", () => {
  it.each([
    [
      "w 23 11/16 23 5/8 23 11/16 h 35 1/2 35 1/2 35 7/16 d 42 11/16 42 5/8",
      { w: ["23 11/16", "23 5/8", "23 11/16"], h: ["35 1/2", "35 1/2", "35 7/16"], d: ["42 11/16", "42 5/8"] },
    ],
    ["w612 611.5 613 h904 904.5 903", { w: ["612", "611.5", "613"], h: ["904", "904.5", "903"] }],
    ["W 1' 11 11/16 1' 11 5/8 H 2' 11", { w: ["1' 11 11/16", "1' 11 5/8"], h: ["2' 11"] }],
    ["w 601 mm 602 mm h 900+ r 10 t 18", { w: ["601 mm", "602 mm"], h: ["900+"], r: ["10"], t: ["18"] }],
    ['w 23 11/16" h 35½', { w: ['23 11/16"'], h: ["35½"] }],
  ])("%s", (text, expected) => {
    expect(readTapeLine(text, "mm")).toEqual({ ok: true, value: expected });
  });

  it.each([
    ["", "nothing-typed"],
    ["23 24", "no-letter-first"],
    ["w 1 w 2", "letter-twice"],
    ["w h 2", "no-reading-after"],
    ["w 600 h", "no-reading-after"],
    ["d 1 2 3", "too-many"],
    ["w 600 h 17/16", "reading"],
  ])("%s is refused: %s", (text, kind) => {
    const read = readTapeLine(text, "mm");
    expect(read.ok ? null : read.error.kind).toBe(kind);
  });
});
