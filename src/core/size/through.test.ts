import { describe, expect, it } from "vitest";
import { mm, toMm } from "../units/length.ts";
import { type RoutInput, routFor } from "./rout.ts";
import { throughThickness } from "./through.ts";

describe("through the thickness", () => {
  it.each([
    // rebate, bed, glass, clearance, bead: to spare, proud
    [18, 2, 4, 0, 12, 0, 0],
    [18, 2, 6, 0, 12, -2, 2],
    [18, 2, 4, 0, 10, 2, 0],
    [30, 3, 14, 1, 10, 2, 0],
  ] as const)(
    "rebate %d: bed %d, glass %d, clearance %d, bead %d",
    (rebateWidth, bed, glass, faceClearance, bead, spare, proud) => {
      const t = throughThickness({
        rebateWidth: mm(rebateWidth),
        bed: mm(bed),
        glass: mm(glass),
        faceClearance: mm(faceClearance),
        bead: mm(bead),
      });
      expect([toMm(t.spare), toMm(t.proud)]).toEqual([spare, proud]);
    },
  );

  it("a proud bead is cured by a slimmer one, thinner glass or a wider rebate; not by a bed thinner than it is", () => {
    const t = throughThickness({ rebateWidth: mm(18), bed: mm(2), glass: mm(6), faceClearance: mm(0), bead: mm(12) });
    expect(t.cures).toEqual({ slimmerBead: mm(10), thinnerGlass: mm(4), thinnerBed: null, widerRebate: mm(20) });
  });

  it.each([
    ["flush", 10],
    ["sunk", 9],
  ])("a bead that stands %s wants no cure", (_, bead) => {
    const given = { rebateWidth: mm(18), bed: mm(2), glass: mm(6), faceClearance: mm(0), bead: mm(bead) };
    expect(throughThickness(given).cures).toBeNull();
  });

  it("a sunk bead is brought flush by the bed", () => {
    const t = throughThickness({ rebateWidth: mm(18), bed: mm(2), glass: mm(4), faceClearance: mm(0), bead: mm(10) });
    expect(t.bedToFlush).toBe(mm(4));
  });
});

describe("routing a single-glazed sash for a sealed unit", () => {
  const sash: RoutInput = {
    bed: mm(2),
    unit: mm(14),
    faceClearance: mm(1),
    bead: mm(10),
    rebateWidth: mm(18),
    rebateDepth: mm(9),
    depthNeeded: mm(15),
    timber: mm(44),
    faces: { left: mm(45), bottom: mm(70) },
    leastUpstand: mm(6),
    leastWeb: mm(12),
  };
  it("by hand: 27 wide, 9 more; 15 deep, 6 more; 17 of upstand, 30 and 55 of web", () => {
    const r = routFor(sash);
    expect([toMm(r.width.needed), toMm(r.width.by), toMm(r.depth.by), toMm(r.upstandLeft)]).toEqual([27, 9, 6, 17]);
    expect(r.webs.map((w) => [w.side, toMm(w.left)])).toEqual([
      ["left", 30],
      ["bottom", 55],
    ]);
    expect(r.holds).toBe(true);
  });
  it.each([
    ["an upstand of exactly the rule holds", { timber: mm(33) }, true],
    ["a hair less does not", { timber: mm(32.9) }, false],
    ["a bar with rebates on both sides loses twice", { faces: { left: mm(40) }, twoSided: true }, false],
    ["a web of exactly the rule holds", { faces: { left: mm(27) } }, true],
  ] as const)("%s", (_, over, holds) => expect(routFor({ ...sash, ...over }).holds).toBe(holds));
  it("a rebate that is large enough is left as it is", () => {
    const r = routFor({ ...sash, rebateWidth: mm(30), rebateDepth: mm(16) });
    expect([r.width.by, r.depth.by, toMm(r.upstandLeft)]).toEqual([0, 0, 14]);
  });
});
