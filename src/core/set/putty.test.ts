import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { mm } from "../units/length.ts";
import { type PuttyInput, puttyFor, sweptVolume, tubesFor } from "./putty.ts";

const CASE = { W: 600, H: 900, w: 597, h: 897, t: 4, depth: 10, width: 18, bed: 2, nose: 0, setBack: 0 };

const input = (
  c: Partial<typeof CASE> & Partial<Pick<PuttyInput, "waste" | "edgeFillShare" | "density">>,
): PuttyInput => {
  const given = { ...CASE, ...c };
  return {
    tight: { width: mm(given.W), height: mm(given.H) },
    glass: { width: mm(given.w), height: mm(given.h) },
    thickness: mm(given.t),
    rebateDepth: mm(given.depth),
    rebateWidth: mm(given.width),
    bed: mm(given.bed),
    nose: mm(given.nose),
    setBack: mm(given.setBack),
    edgeFillShare: c.edgeFillShare ?? 1,
    density: c.density ?? 2,
    waste: c.waste ?? 0.1,
  };
};
const putty = (c: Parameters<typeof input>[0]) => {
  const found = puttyFor(input(c));
  if (!found.ok) throw new Error(found.error.kind);
  return found.value;
};

describe("putty by hand", () => {
  it("bed 2 × 10 round 600 × 900: 20 mm² × (3000 − 8 × 5) = 59.2 ml", () =>
    expect(putty({}).bedMl).toBeCloseTo(59.2, 9));
  it("face 12 wide, 10 high: 60 mm² × (3000 − 8 × 10/3) = 178.4 ml", () =>
    expect(putty({}).faceMl).toBeCloseTo(178.4, 9));
  it("edge (600 × 900 − 597 × 897) × 4 = 17.964 ml", () => expect(putty({}).edgeMl).toBeCloseTo(17.964, 9));
  it("all of it 255.564 ml, 0.511 kg net, 0.568 kg to buy with a tenth wasted", () => {
    const found = putty({});
    expect(found.totalMl).toBeCloseTo(255.564, 9);
    expect(found.netKg).toBeCloseTo(0.511128, 9);
    expect(found.buyKg).toBeCloseTo(0.56792, 9);
  });
  it("a nose of 3 makes the fillet a trapezium: 75 mm², centroid 10/3 × 18/15 = 4 from the wall", () => {
    expect(putty({ nose: 3 }).faceMl).toBeCloseTo((75 * (3000 - 32)) / 1000, 9);
  });
  it("set back 2 from the sight line: 48 mm², centroid 8/3 from the wall; the bed is as deep as ever", () => {
    const found = putty({ setBack: 2 });
    expect(found.faceMl).toBeCloseTo((48 * (3000 - (8 * 8) / 3)) / 1000, 9);
    expect(found.bedMl).toBeCloseTo(59.2, 9);
  });
  it("half the edge filled is half the edge putty", () =>
    expect(putty({ edgeFillShare: 0.5 }).edgeMl).toBeCloseTo(8.982, 9));
});

describe("what cannot be puttied", () => {
  it.each([
    [{ width: 6 }, { kind: "no-front-room", shortByMm: 0 }],
    [{ width: 5 }, { kind: "no-front-room", shortByMm: 1 }],
    [{ w: 601 }, { kind: "glass-larger-than-opening" }],
    [{ depth: 300 }, { kind: "rebate-too-deep" }],
    [{ setBack: 10 }, { kind: "set-back-too-far" }],
    // The sight opening is 580 × 880.
    [{ w: 580 }, { kind: "falls-through" }],
    [{ h: 880 }, { kind: "falls-through" }],
    [{ waste: 1 }, { kind: "waste-out-of-range" }],
    [{ waste: -0.1 }, { kind: "waste-out-of-range" }],
  ])("%j", (c, error) => expect(puttyFor(input(c))).toEqual({ ok: false, error }));
});

describe("the swept volume", () => {
  it("is what slicing the ring of a rectangular section gives, exactly", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 100, max: 2000 }),
        fc.integer({ min: 100, max: 2000 }),
        fc.integer({ min: 1, max: 20 }),
        fc.integer({ min: 1, max: 20 }),
        (W, H, deep, thick) => {
          const ring = (W * H - (W - 2 * deep) * (H - 2 * deep)) * thick;
          expect(sweptVolume(deep * thick, deep / 2, W, H)).toBeCloseTo(ring, 6);
        },
      ),
    );
  });
  it("of the triangular fillet is what a thousand slices add up to", () => {
    let sum = 0;
    const n = 1000;
    for (let i = 0; i < n; i++) {
      const inside = ((i + 0.5) / n) * 10;
      sum += 12 * (1 - inside / 10) * (10 / n) * (2 * (600 + 900) - 8 * inside);
    }
    expect(putty({}).faceMl).toBeCloseTo(sum / 1000, 3);
  });
});

describe("tubes", () => {
  it.each([
    [279, 310, 0.1, 1],
    [279.1, 310, 0.1, 2],
    [310, 310, 0.1, 2],
    [0, 310, 0.1, 0],
    [600, 600, 0, 1],
    [1000, 600, 0.1, 2],
  ])("%d ml in tubes of %i with %d wasted: %i", (ml, tube, waste, count) =>
    expect(tubesFor(ml, tube, waste)).toBe(count),
  );
});
