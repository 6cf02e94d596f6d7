import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { leastStrip, type Score, scoresFor } from "./score.ts";

const scores = (
  sheet: readonly [number, number],
  pane: readonly [number, number],
  thicknessMm = 4,
  offsetMm = 2.5,
): readonly Score[] => {
  const got = scoresFor({
    sheet: { width: sheet[0], height: sheet[1] },
    pane: { width: pane[0], height: pane[1] },
    thicknessMm,
    offsetMm,
  });
  if (!got.ok) throw new Error(got.error.kind);
  return got.value;
};
const told = (all: readonly Score[]) =>
  all.map((s) => [
    s.cuts,
    s.at,
    s.long,
    s.offcut.width,
    s.offcut.height,
    s.straightedge.datumSide,
    s.straightedge.farSide,
  ]);

describe("scoring a pane off a sheet", () => {
  it.each<[string, Parameters<typeof scores>, readonly (readonly (string | number)[])[]]>([
    // Width first leaves 600 × 800 = 0.48 m², height first 1000 × 500 = 0.50 m².
    [
      "the order that leaves the larger offcut",
      [
        [1000, 800],
        [400, 300],
      ],
      [
        ["height", 300, 1000, 1000, 500, 297.5, 302.5],
        ["width", 400, 300, 600, 300, 397.5, 402.5],
      ],
    ],
    // 400 × 1000 either way; width first scores 1000 + 600, height first the same: width first.
    [
      "a square sheet and pane: width first",
      [
        [1000, 1000],
        [600, 600],
      ],
      [
        ["width", 600, 1000, 400, 1000, 597.5, 602.5],
        ["height", 600, 600, 600, 400, 597.5, 602.5],
      ],
    ],
    // Offcuts 300 × 800 and 1200 × 200, both 0.24 m²; scores 800 + 900 against 1200 + 600.
    [
      "a tie in the offcut: the shorter score",
      [
        [1200, 800],
        [900, 600],
      ],
      [
        ["width", 900, 800, 300, 800, 897.5, 902.5],
        ["height", 600, 900, 900, 200, 597.5, 602.5],
      ],
    ],
    [
      "as wide as the sheet: one cut",
      [
        [600, 900],
        [600, 500],
      ],
      [["height", 500, 600, 600, 400, 497.5, 502.5]],
    ],
    [
      "the sheet itself: none",
      [
        [600, 900],
        [600, 900],
      ],
      [],
    ],
    [
      "a strip of 12 breaks in 4 mm glass",
      [
        [612, 900],
        [600, 900],
      ],
      [["width", 600, 900, 12, 900, 597.5, 602.5]],
    ],
  ])("%s", (_, given, expected) => expect(told(scores(...given))).toEqual(expected));
  it.each<[string, readonly [number, number], readonly [number, number], number, object]>([
    ["11.9 in 4 mm does not", [611.9, 900], [600, 900], 4, { kind: "strip", what: "offcut", leastMm: 12 }],
    ["nor a pane of 11", [600, 900], [600, 11], 4, { kind: "strip", what: "pane", widthMm: 11, leastMm: 12 }],
    ["9 in 2 mm: never under 10", [609, 900], [600, 900], 2, { kind: "strip", what: "offcut", leastMm: 10 }],
    ["larger than the sheet", [600, 900], [601, 500], 4, { kind: "too-large", side: "width", overMm: 1 }],
    ["nothing", [600, 900], [0, 500], 4, { kind: "no-size" }],
  ])("%s", (_, [W, H], [w, h], thicknessMm, error) =>
    expect(
      scoresFor({ sheet: { width: W, height: H }, pane: { width: w, height: h }, thicknessMm, offsetMm: 2.5 }),
    ).toMatchObject({ ok: false, error }),
  );
  it("what is cut off and the pane are the sheet, and the first offcut of this order is the largest there can be", () => {
    const size = fc.record({ width: fc.integer({ min: 100, max: 3000 }), height: fc.integer({ min: 100, max: 3000 }) });
    fc.assert(
      fc.property(size, size, (a, b) => {
        const sheet = { width: Math.max(a.width, b.width), height: Math.max(a.height, b.height) };
        const pane = { width: Math.min(a.width, b.width), height: Math.min(a.height, b.height) };
        const got = scoresFor({ sheet, pane, thicknessMm: 4, offsetMm: 2.5 });
        if (!got.ok) {
          const [dw, dh] = [sheet.width - pane.width, sheet.height - pane.height];
          return (dw > 0 && dw < leastStrip(4)) || (dh > 0 && dh < leastStrip(4));
        }
        const off = got.value.reduce((sum, s) => sum + s.offcut.width * s.offcut.height, 0);
        const best = Math.max((sheet.width - pane.width) * sheet.height, (sheet.height - pane.height) * sheet.width);
        const first = got.value[0]?.offcut ?? { width: 0, height: 0 };
        return off + pane.width * pane.height === sheet.width * sheet.height && first.width * first.height === best;
      }),
    );
  });
});
