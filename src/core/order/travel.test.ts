import { expect, test } from "vitest";
import { type TravelFacts, travelCare } from "./travel.ts";

const PLAIN: TravelFacts = { sealed: false, coated: false, patterned: false, toughened: false };

test.each([
  [
    "plain glass",
    {},
    ["never flat", "carpet", "Film", "card it came in"],
    ["timber that carry", "sun", "Corners", "Coated", "Textured"],
  ],
  ["a sealed unit", { sealed: true }, ["never flat", "carry both {panes}", "out of the sun"], ["carpet", "Corners"]],
  [
    "a coated unit keeps its coating inside",
    { sealed: true, coated: true },
    ["carry both {panes}"],
    ["Coated face up"],
  ],
  ["a coated single pane", { coated: true }, ["Coated face up"], ["carry both {panes}"]],
  ["toughened", { toughened: true }, ["Corners guarded"], ["sun"]],
  ["patterned", { patterned: true }, ["Textured face away"], []],
] as const)("how %s travels", (_, over, must, mustNot) => {
  const said = travelCare({ ...PLAIN, ...over })
    .map((c) => c.does)
    .join(" ");
  for (const m of must) expect(said).toContain(m);
  for (const m of mustNot) expect(said).not.toContain(m);
});
