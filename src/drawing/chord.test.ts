import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { chordOf } from "./chord.ts";
import { lineDrawing } from "./line-drawing.ts";
import { lineSketch } from "./line-sketch.ts";

const SQUARE = [
  { x: 0, y: 0 },
  { x: 600, y: 0 },
  { x: 600, y: 900 },
  { x: 0, y: 900 },
];
/** A house: jambs of 600, its ridge at 900 in the middle. */
const HOUSE = [
  { x: 0, y: 0 },
  { x: 600, y: 0 },
  { x: 600, y: 600 },
  { x: 300, y: 900 },
  { x: 0, y: 600 },
];

describe("where a bar meets the outline of its pane", () => {
  it.each([
    ["an upright in a rectangle", SQUARE, true, 200, { from: 0, to: 900 }],
    ["one across it", SQUARE, false, 300, { from: 0, to: 600 }],
    ["an upright under the ridge", HOUSE, true, 300, { from: 0, to: 900 }],
    ["one half way to it", HOUSE, true, 150, { from: 0, to: 750 }],
    ["one across below the eaves", HOUSE, false, 400, { from: 0, to: 600 }],
    ["one across above them", HOUSE, false, 800, { from: 200, to: 400 }],
    ["along the foot", HOUSE, false, 0, { from: 0, to: 600 }],
    ["above it all", HOUSE, false, 901, null],
  ])("%s", (_, outline, upright, at, chord) => expect(chordOf(outline, upright, at)).toEqual(chord));

  it("never leaves the rectangle round it", () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 600 }), fc.boolean(), (at, upright) => {
        const c = chordOf(HOUSE, upright, at);
        expect(c && c.from >= 0 && c.to <= (upright ? 900 : 600) && c.from <= c.to).toBe(true);
      }),
    );
  });
});

describe("the sketch and the drawing of a line with a shaped pane", () => {
  const line = { widthMm: 600, heightMm: 900, corners: HOUSE, uprights: [150], crosses: [800], box: 90 };
  it("end their bars at the outline: 90 high, one upright from 15, one across from 20 to 40", () => {
    expect(lineSketch(line).bars).toEqual(["M15 15V90", "M20 10H40"]);
  });
  it("as they do in a rectangle", () => {
    expect(lineSketch({ ...line, corners: undefined }).bars).toEqual(["M15 0V90", "M0 10H60"]);
  });
  it("and the lines of a pattern with them", () => {
    const drawn = lineDrawing({
      ...line,
      uprights: [],
      crosses: [],
      runs: "across",
      mark: null,
      widthSays: "",
      heightSays: "",
      says: [],
    });
    // 11 from the top of 90 the house is 22 wide: 2 of room at each end.
    expect(drawn.grain[0]).toBe("M43 17H61");
  });
});
