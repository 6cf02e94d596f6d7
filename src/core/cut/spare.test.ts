import { describe, expect, it } from "vitest";
import { type SpareSheet, sparesFor } from "./spare.ts";

const SHEETS: readonly SpareSheet[] = [
  { name: "A", width: 900, height: 1200, count: 2 },
  { name: "B", width: 450, height: 600, count: 1 },
  { name: "C", width: 3210, height: 2250, count: null },
];
describe("what is left to cut a pane from again", () => {
  it.each<[string, readonly (readonly [number, number])[], Parameters<typeof sparesFor>[2], readonly string[]]>([
    ["one of two taken", [[0, 1]], { width: 500, height: 700, turns: true }, ["A", "C"]],
    ["both taken: what is bought is left", [[0, 2]], { width: 500, height: 700, turns: true }, ["C"]],
    ["the off-cut holds it, lying", [], { width: 600, height: 450, turns: true }, ["A", "B", "C"]],
    ["patterned: it may not lie", [], { width: 600, height: 450, turns: false }, ["A", "C"]],
    ["the only one taken", [[1, 1]], { width: 400, height: 500, turns: true }, ["A", "C"]],
  ])("%s", (_, used, pane, names) => expect(sparesFor(SHEETS, new Map(used), pane)).toEqual(names));
  it("nothing lies there", () => expect(sparesFor([], new Map(), { width: 1, height: 1, turns: true })).toEqual([]));
});
