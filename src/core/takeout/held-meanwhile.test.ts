import { expect, test } from "vitest";
import { holdingPair } from "./held-meanwhile.ts";

test.each([
  [
    ["left", "right", "bottom", "top"],
    ["top", "bottom"],
  ],
  [
    ["top", "bottom", "right", "left"],
    ["left", "right"],
  ],
  [["bottom"], ["bottom", "top"]],
  [[], null],
] as const)("out %s: held by %s", (out, pair) => expect(holdingPair(out)).toEqual(pair));
