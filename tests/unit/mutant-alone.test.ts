import { expect, it } from "vitest";
import { replaced } from "../../bench/mutant-alone.ts";

const TEXT = "const a = 1;\nif (a < b) {\n  c();\n}\n";
const at = (line: number, column: number) => ({ line, column });

it.each([
  ["within a line", at(2, 7), at(2, 8), ">=", "const a = 1;\nif (a >= b) {\n  c();\n}\n"],
  ["over lines", at(2, 12), at(4, 2), "{}", "const a = 1;\nif (a < b) {}\n"],
  ["at the beginning", at(1, 1), at(1, 6), "let", "let a = 1;\nif (a < b) {\n  c();\n}\n"],
  ["nothing in its place", at(3, 3), at(3, 7), "", "const a = 1;\nif (a < b) {\n  \n}\n"],
])("a fault is put %s", (_, start, end, replacement, is) =>
  expect(replaced(TEXT, { location: { start, end }, replacement })).toBe(is),
);
