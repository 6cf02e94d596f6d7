import { describe, expect, it } from "vitest";
import { dateLine, dateLineSvg } from "./date-line.ts";
import { lineDrawing, lineDrawingSvg } from "./line-drawing.ts";

const LINE = {
  widthMm: 600,
  heightMm: 900,
  uprights: [],
  crosses: [],
  runs: "neither",
  mark: null,
  widthSays: "600",
  heightSays: "900",
  says: ["top"],
  box: 120,
} as const;

describe("a line of an order, drawn", () => {
  it("is to scale, with its measures below and at the left", () => {
    const d = lineDrawing(LINE);
    // 600 by 900 in a box of 120: 80 wide and 120 tall, from 22 and 6.
    expect(d.outline).toBe("M22 6L102 6L102 126L22 126Z");
    expect(d.texts.map((t) => [t.says, t.turned])).toEqual([
      ["600", 0],
      ["900", -90],
      ["top", 0],
    ]);
    expect([d.width, d.height]).toEqual([108, 148]);
  });
  it("shows bars, the run of a pattern and the corner of a mark", () => {
    const d = lineDrawing({
      ...LINE,
      uprights: [300],
      crosses: [450],
      runs: "up",
      mark: { says: "stamp", at: "bottom-right" },
    });
    expect(d.bars).toEqual(["M62 6V126", "M22 66H102"]);
    expect(d.grain.length).toBe(7);
    expect(d.mark).toBe("M92 116L98 122M92 122L98 116");
  });
  it("keeps to the corners of a shaped pane", () =>
    expect(
      lineDrawing({
        ...LINE,
        corners: [
          { x: 0, y: 0 },
          { x: 600, y: 0 },
          { x: 600, y: 900 },
          { x: 30, y: 900 },
        ],
      }).outline,
    ).toBe("M22 126L102 126L102 6L26 6Z"));
  it("without figures has no measures", () =>
    expect(lineDrawing({ ...LINE, widthSays: "", heightSays: "", says: [] })).toMatchObject({
      measures: [],
      texts: [],
    }));
  it("says what it was given, and nothing a browser would run", () =>
    expect(lineDrawingSvg(lineDrawing({ ...LINE, says: ["<script>"] }))).toContain("&#60;script&#62;"));
});

describe("dates as a line", () => {
  const marks = [
    { from: 100, to: null, says: "set" },
    { from: 108, to: 128, says: "painted from Friday" },
  ];
  it("puts each at its day, a row each", () => {
    const d = dateLine(marks, 408);
    expect(d.points).toEqual([{ x: 4, y: 24 }]);
    // 28 days over 400: day 108 at 4 + 8 × 400 / 28.
    expect(d.spans[0]?.x).toBeCloseTo(118.3, 1);
    expect(d.spans[0]?.width).toBeCloseTo(285.7, 1);
  });
  it("keeps every text on the page", () => {
    for (const width of [200, 408, 515])
      for (const t of dateLine(marks, width).texts) {
        const wide = t.says.length * 4.8;
        expect(t.end ? t.x - wide : t.x).toBeGreaterThanOrEqual(0);
        expect(t.end ? t.x : t.x + wide).toBeLessThanOrEqual(width);
      }
  });
  it("a day alone still has a week to stand in", () =>
    expect(dateLine([{ from: 5, to: null, says: "set" }], 300).points[0]?.x).toBe(4));
  it("is a picture of its own on paper", () => expect(dateLineSvg(dateLine(marks, 408))).toMatch(/^<svg .*<\/svg>$/));
});
