import { expect, it } from "vitest";
import { lightsOf, rowOf } from "./lights.ts";

it.each<[string, string, number, number, readonly string[]]>([
  ["one keeps its name", "top sash", 1, 1, ["top sash"]],
  ["two beside each other", "top sash", 1, 2, ["top sash, row 1, column 1", "top sash, row 1, column 2"]],
  ["one over the other, with no name", "", 2, 1, ["row 1, column 1", "row 2, column 1"]],
])("%s", (_, light, rows, columns, names) => expect(lightsOf(light, rows, columns)).toEqual(names));

it.each<[string, number | null]>([
  ["top sash, row 2, column 13", 2],
  ["row 11, column 1", 11],
  ["top sash", null],
  ["row 2, column 1, cracked", null],
])("%s: row %s", (light, row) => expect(rowOf(light)).toBe(row));
