import { expect, it } from "vitest";
import { type LinesRun, linesUpright, waysToLie } from "./lies.ts";

/* Which way a pane lies on a sheet, and a sheet on the bench, as anybody sees who holds the one against the other. */

it.each<[string, Parameters<typeof waysToLie>, readonly boolean[]]>([
  ["plain glass", ["float", undefined, undefined], [false, true]],
  ["plain glass of which somebody said lines", ["laminated", "up", "across"], [false, true]],
  ["nobody said either: upright both", ["patterned", undefined, undefined], [false]],
  ["nobody said, in the words of the form", ["patterned", "not-said", "up"], [false]],
  ["upright both", ["patterned", "up", "up"], [false]],
  ["across both", ["patterned", "across", "across"], [false]],
  ["upright in the window, across on the sheet", ["patterned", "up", "across"], [true]],
  ["across in the window, upright on the sheet", ["patterned", "across", "up"], [true]],
  ["across in the window, nobody said of the sheet", ["patterned", "across", undefined], [true]],
  ["a sheet whose pattern has no direction", ["patterned", "across", "neither"], [false, true]],
  ["a pane whose pattern has none", ["patterned", "neither", "up"], [false, true]],
])("%s", (_, given, ways) => expect(waysToLie(...given)).toEqual(ways));

it.each<[LinesRun, number, number]>([
  ["across", 900, 600],
  ["up", 600, 900],
  ["neither", 600, 900],
  [undefined, 600, 900],
])("600 × 900, lines %s, lies as %d × %d", (runs, width, height) =>
  expect(linesUpright({ width: 600, height: 900 }, runs)).toEqual({ width, height }),
);
