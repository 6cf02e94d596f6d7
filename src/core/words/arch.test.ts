import { describe, expect, it } from "vitest";
import type { NoArch } from "../size/arch.ts";
import { archedPane } from "../size/arch.ts";
import { mm } from "../units/length.ts";
import { archProof, noArchText, outlineText } from "./arch.ts";

const ARCH = { width: 600, spring: 500, crown: 700, radius: 325 };

describe("what proves that a head is part of a circle", () => {
  it.each([
    // 375 + √(325² − 150²) is 663.27.
    ["mm", /radius 325 mm\. Hold the tape 150 mm in from either jamb: it must show 663\.3 mm/],
    // 12 25/32 is 324.6 mm, 12 13/16 325.4; 5 29/32 is 150.0; 26 1/8 is 663.6, 26 3/32 662.8.
    ["in", /radius 12 \d+\/\d+". Hold the tape 5 29\/32" in from either jamb: it must show 26 1\/8"/],
  ] as const)("in %s", (unit, says) => expect(archProof(ARCH, unit)).toMatch(says));
});

describe("why there is no such head, and what to do", () => {
  it.each<[NoArch, RegExp]>([
    [{ kind: "not-read", places: ["height-left"] }, /^Read the width, both jambs .* and the middle to its crown\.$/],
    [{ kind: "uneven", by: 6 }, /springs 6 mm higher on one side.*take a template\.$/],
    [{ kind: "leans", by: 5 }, /differs by 5 mm: it leans.*take a template\.$/],
    [{ kind: "flat" }, /crown is no higher .* read the height in the middle again\.$/],
    [{ kind: "pointed", by: 12 }, /rises 12 mm more than half its width.*take a template\.$/],
  ])("%o", (error, says) => expect(noArchText(error, "mm")).toMatch(says));
});

describe("an outline as it is said to a cutter", () => {
  const corners = (points: readonly { readonly x: number; readonly y: number }[]) =>
    points.map((p) => ({ x: mm(p.x), y: mm(p.y) }));
  it("straight sides by their corners", () => {
    expect(
      outlineText(
        corners([
          { x: 0, y: 0 },
          { x: 597, y: 0 },
          { x: 597, y: 897 },
          { x: 0, y: 600 },
        ]),
        "mm",
      ),
    ).toBe("corners 0, 0 · 597, 0 · 597, 897 · 0, 600 mm from the bottom left, seen from the side it goes in");
  });
  it("a head that is part of a circle by its circle, and not by its points", () => {
    expect(outlineText(corners(archedPane(ARCH, 1.5) ?? []), "mm")).toBe(
      "foot 597, both sides 498.1 to where the head springs, 697 at its crown in the middle; the head is part of a circle, radius 323.5 mm",
    );
  });
});
