import { expect, it } from "vitest";
import { nameLines } from "./name-lines.ts";

const LOFT = "Net loft, harbour window, harbour sash, row 1, column 2";

it.each<[string, string, number, number, readonly string[]]>([
  ["all on one line where it fits", "No. 7, scullery", 20, 3, ["No. 7, scullery"]],
  ["a line each", "No. 5, back bedroom, lower sash", 16, 3, ["No. 5", "back bedroom", "lower sash"]],
  ["a long light keeps its row and column", LOFT, 16, 3, ["Net loft", "harbour window", "row 1, column 2"]],
  ["with two lines, where it is and which it is", LOFT, 16, 2, ["Net loft", "row 1, column 2"]],
  ["with one, which it is", LOFT, 16, 1, ["row 1, column 2"]],
  ["with none, one all the same", LOFT, 16, -1, ["row 1, column 2"]],
  ["too long is cut off", "Reading room, north light, 2 of 6", 8, 3, ["Reading…", "north l…", "2 of 6"]],
  ["no opening said", "Boat store and slipway", 10, 3, ["Boat stor…"]],
])("%s", (_, name, letters, lines, shown) => expect(nameLines(name, { letters, lines })).toEqual(shown));
