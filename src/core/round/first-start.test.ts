import { expect, it } from "vitest";
import { namesIn, suppliersIn } from "./first-start.ts";

it.each<[string, readonly string[]]>([
  ["", []],
  ["Ada", ["Ada"]],
  ["Ada\n\n Bram  Oke \r\nAda", ["Ada", "Bram Oke"]],
])("names in %j", (text, names) => expect(namesIn(text)).toEqual(names));

it.each<[string, readonly (readonly [string, number])[]]>([
  ["", []],
  ["Salt Lane Glass, 3", [["Salt Lane Glass", 3]]],
  [
    "Salt Lane Glass ,3 days\n\nFen End, North, 8 working days",
    [
      ["Salt Lane Glass", 3],
      ["Fen End, North", 8],
    ],
  ],
  ["By the door, 0", [["By the door", 0]]],
  ["Ox, 1 day", [["Ox", 1]]],
])("suppliers in %j", (text, is) => {
  const read = suppliersIn(text);
  expect(read.ok && read.value.map((s) => [s.name, s.leadDays])).toEqual(is);
});
it.each([["Salt Lane"], ["Salt Lane, soon"], [", 3"], ["Salt Lane, 400"], ["Fen End, 8\nSalt Lane"]])(
  "%j: says what is missing",
  (text) => {
    const read = suppliersIn(text);
    expect(read.ok ? "" : read.says).toMatch(/^“.*”: put a comma and how many working days/);
  },
);
