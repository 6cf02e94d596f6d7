import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { SIDES } from "../geometry/quad.ts";
import { missing, screwsStillIn } from "./counts.ts";
import { type MapItem, mirrored, packingFaults, tapped } from "./how-it-was.ts";

const item = (thing: MapItem["thing"], edge: MapItem["edge"], share: number): MapItem => ({
  item: `${thing}${edge}${share}`,
  thing,
  edge,
  share,
  thickness: null,
  width: null,
  material: "",
});
const box = { left: 100, top: 50, width: 200, height: 300 };

describe("the map of how it was", () => {
  it.each([
    ["the foot, a quarter along", 150, 345, { edge: "bottom", share: 0.25 }],
    ["the left, low", 96, 320, { edge: "left", share: 0.1 }],
    ["the head, near its right end", 280, 40, { edge: "top", share: 0.9 }],
    ["past a corner: held to the edge", 320, 200, { edge: "right", share: 0.5 }],
  ] as const)("a tap at %s", (_, x, y, expected) => {
    const got = tapped({ x, y, box });
    expect(got.edge).toBe(expected.edge);
    expect(got.share).toBeCloseTo(expected.share, 9);
  });
  it("seen from the other side left is right, and twice over it is as it was", () => {
    expect(mirrored(item("packer", "left", 0.2))).toMatchObject({ edge: "right", share: 0.2 });
    expect(mirrored(item("packer", "bottom", 0.2))).toMatchObject({ edge: "bottom", share: 0.8 });
    fc.assert(
      fc.property(fc.constantFrom(...SIDES), fc.double({ min: 0, max: 1, noNaN: true }), (edge, share) => {
        const twice = mirrored(mirrored(item("drain", edge, share)));
        expect(twice.edge).toBe(edge);
        expect(twice.share).toBeCloseTo(share, 12);
      }),
    );
  });
  it.each([
    ["hinge left, as it should be", [item("packer", "bottom", 0.1), item("packer", "top", 0.9)], "left", []],
    [
      "hinge left, the other diagonal",
      [item("packer", "bottom", 0.9), item("packer", "top", 0.1)],
      "left",
      ["wrong-diagonal"],
    ],
    ["hinge right, as it should be", [item("packer", "bottom", 0.9), item("packer", "top", 0.1)], "right", []],
    [
      "hinge right, the other diagonal",
      [item("packer", "bottom", 0.1), item("packer", "top", 0.9)],
      "right",
      ["wrong-diagonal"],
    ],
    ["fixed, two below", [item("packer", "bottom", 0.25), item("packer", "bottom", 0.75)], "fixed", []],
    ["fixed, one below", [item("packer", "bottom", 0.5)], "fixed", ["one-below"]],
    ["fixed, none below", [item("packer", "left", 0.5)], "fixed", ["none-below"]],
    [
      "over a drain hole",
      [item("packer", "bottom", 0.25), item("packer", "bottom", 0.75), item("drain", "bottom", 0.26)],
      "fixed",
      ["over-drain"],
    ],
    ["nothing on the map says nothing", [item("drain", "bottom", 0.5)], "left", []],
  ] as const)("%s", (_, items, hinge, faults) => expect(packingFaults(items, hinge)).toEqual(faults));

  it.each([
    ["20", "mm", 24, true],
    ["24", "mm", 24, false],
    ["28", "mm", 24, false],
    ["3/4", "in", 24, true],
    ["20", "mm", null, false],
  ] as const)("a packer of %s %s under a unit of %s: too narrow %s", (text, unit, thick, narrow) => {
    const at = (share: number): MapItem => ({
      item: `p${share}`,
      thing: "packer",
      edge: "bottom",
      share,
      thickness: null,
      width: { text, unit },
      material: "",
    });
    expect(packingFaults([at(0.2), at(0.8)], "fixed", thick)).toEqual(narrow ? ["too-narrow"] : []);
  });
});

describe("counts", () => {
  it("names what came out and did not go back; old sprigs and nails stay out", () => {
    expect(
      missing({ screws: { out: 12, back: 11 }, sprigs: { out: 9, back: 0 }, nails: { out: 8, back: null } }),
    ).toEqual([{ what: "screws", by: 1 }]);
    expect(missing({ plugs: { out: 12, back: 12 }, scraps: { out: 4, back: null } })).toEqual([]);
  });
  it("under each plug is a screw", () => {
    expect(screwsStillIn({ plugs: { out: 12, back: null }, screws: { out: 11, back: null } })).toBe(1);
    expect(screwsStillIn({ plugs: { out: 12, back: null }, screws: { out: 13, back: null } })).toBe(0);
    expect(screwsStillIn({ plugs: { out: 12, back: null } })).toBeNull();
  });
});
