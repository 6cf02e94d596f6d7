import { describe, expect, it } from "vitest";
import { mm } from "../units/length.ts";
import { sizeText } from "./size-text.ts";

describe("a size in the reader's unit", () => {
  // 608 mm is 23.937 in: between 23 29/32 (607.2 mm) and 23 15/16 (608.0 mm). 569 mm is 22.4016 in, a hair under 22 13/32.
  it.each([
    ["still to be cut, down", 608, "in", false, "23 29/32"],
    ["made, to the nearest mark", 608, "in", true, "23 15/16"],
    ["still to be cut, down", 569, "in", false, "22 3/8"],
    ["made, to the nearest mark", 569, "in", true, "22 13/32"],
    ["on the reader's own grid, either way the same", 608, "mm", false, "608"],
    ["on the reader's own grid, either way the same", 608, "mm", true, "608"],
    ["a pane of 22 3/8 in, still to be cut, in mm", 568.325, "mm", false, "568.3"],
    ["a pane of 23 29/32 in, made, in mm", 607.21875, "mm", true, "607.2"],
  ] as const)("%s: %s mm in %s, made %s", (_, width, unit, made, text) =>
    expect(sizeText(mm(width), unit, made)).toBe(text),
  );
});
