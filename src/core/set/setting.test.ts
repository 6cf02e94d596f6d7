import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { straightSides } from "../geometry/sides.ts";
import {
  blockLength,
  type EdgeRule,
  type Opens,
  placeOn,
  shorterThanBlock,
  spotsFor,
  widthFault,
} from "./packer-places.ts";
import { pinReach } from "./pins.ts";
import { sealantFor, sectionArea } from "./sealant.ts";
import { beadLengths, sticksFor } from "./sticks.ts";
import { addFor, dropFromHeads, liftOf, restsAt, sashCorners } from "./toe-heel.ts";

const SASH = { widthMm: 600, heightMm: 900 };

describe("toe and heel", () => {
  it.each([
    // width, height, drop: √(W² + H²) − √(W² + H² − 2Hs), and sH/√(W² + H²)
    [600, 900, 6, 5.0039, 4.9923],
    [600, 900, 0, 0, 0],
    [600, 900, -3, -2.4944, -2.4962],
    [800, 2000, 12, 11.1707, 11.1417],
    [1000, 500, 10, 4.4811, 4.4721],
  ])("%d × %d dropped %d: lengthen by %d, %d to first order", (w, h, s, exact, first) => {
    const lift = liftOf({ widthMm: w, heightMm: h }, s);
    const square = Math.sqrt(w * w + h * h);
    expect(lift.lengthenMm.exact).toBeCloseTo(square - Math.sqrt(w * w + h * h - 2 * h * s), 9);
    expect(lift.lengthenMm.exact).toBeCloseTo(exact, 2);
    expect(lift.lengthenMm.firstOrder).toBeCloseTo(first, 2);
  });
  it.each([
    // The wrong one hangs at √(W² + H² + 2Hs); with what the right one lacks in it: ((that + lift)² − W² − H²) / 2H.
    [600, 900, 6, 12.0],
    [600, 900, 0, 0],
    [1000, 500, 10, 20.0],
  ])("%d × %d dropped %d: packed across the wrong diagonal it hangs %d", (w, h, s, worse) => {
    const { wrong, lengthenMm } = liftOf({ widthMm: w, heightMm: h }, s);
    expect(wrong.hangsMm).toBeCloseTo(Math.sqrt(w * w + h * h + 2 * h * s), 9);
    expect(wrong.dropWouldBeMm).toBeCloseTo(((wrong.hangsMm + lengthenMm.exact) ** 2 - w * w - h * h) / (2 * h), 9);
    expect(wrong.dropWouldBeMm).toBeCloseTo(worse, 0);
    expect(wrong.dropWouldBeMm).toBeGreaterThanOrEqual(s);
  });
  it("the diagonal of the sash as it hangs is what its corners say", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 300, max: 1500 }),
        fc.integer({ min: 300, max: 2500 }),
        fc.double({ min: -20, max: 20, noNaN: true }),
        (w, h, s) => {
          const sash = { widthMm: w, heightMm: h };
          const [foot, handleFoot, head, hingeHead] = sashCorners(sash, s);
          const far = (a?: { x: number; y: number }, b?: { x: number; y: number }) =>
            Math.hypot((a?.x ?? 0) - (b?.x ?? 0), (a?.y ?? 0) - (b?.y ?? 0));
          expect(far(foot, head)).toBeCloseTo(liftOf(sash, s).diagonal.hangsMm, 6);
          // The bars keep their lengths.
          expect(far(foot, handleFoot)).toBeCloseTo(w, 6);
          expect(far(handleFoot, head)).toBeCloseTo(h, 6);
          expect(far(hingeHead, head)).toBeCloseTo(w, 6);
          // The other diagonal grows as this one shrinks: packers there make it worse.
          if (Math.abs(s) > 1e-3) expect(Math.sign(far(handleFoot, hingeHead) - Math.hypot(w, h))).toBe(Math.sign(s));
        },
      ),
    );
  });
  const apart = { dxMm: 500, dyMm: 800 };
  it.each([
    // packed upright, sideways: (6 − p)/500 + (6 − q)/800, times 600
    [4, 4, 3.9],
    [6, 6, 0],
    [6, 4, 1.5],
    [4, 6, 2.4],
    [0, 0, 11.7],
    [7, 6, -1.2],
  ])("packed %d and %d it rests %d down", (uprightMm, sidewaysMm, drop) => {
    const pane = { widthMm: 594, heightMm: 894 };
    expect(restsAt(SASH, { pane, uprightMm, sidewaysMm, ...apart })).toBeCloseTo(drop, 9);
  });
  it("what is added lifts it by just so much, upright or sideways", () => {
    const pane = { widthMm: 594, heightMm: 894 };
    fc.assert(
      fc.property(fc.double({ min: 0, max: 12, noNaN: true }), (lift) => {
        const add = addFor(SASH, lift, apart);
        const before = restsAt(SASH, { pane, uprightMm: 0, sidewaysMm: 0, ...apart });
        expect(before - restsAt(SASH, { pane, uprightMm: add.uprightMm, sidewaysMm: 0, ...apart })).toBeCloseTo(
          lift,
          9,
        );
        expect(before - restsAt(SASH, { pane, uprightMm: 0, sidewaysMm: add.sidewaysMm, ...apart })).toBeCloseTo(
          lift,
          9,
        );
      }),
    );
  });
  it("the head gaps say how far it dropped", () => expect(dropFromHeads({ hingeMm: 3, handleMm: 9 })).toBe(6));
});

describe("where packers stand", () => {
  const rule: EdgeRule = { share: 0.25, cornerMm: 75, lengthMm: 100 };
  it.each([
    ["a quarter", 600, rule, [], 150],
    ["never nearer than 75 to the near end", 400, rule, [], 125],
    ["a tenth, but 75 and half a block", 900, { ...rule, share: 0.1 }, [], 125],
    ["a tenth of a long one", 2000, { ...rule, share: 0.1 }, [], 200],
    ["clear of a drain", 600, rule, [{ atMm: 160, widthMm: 20 }], 220],
    ["a drain that it does not touch", 600, rule, [{ atMm: 90, widthMm: 20 }], 150],
    [
      "two drains, one after the other",
      600,
      rule,
      [
        { atMm: 160, widthMm: 20 },
        { atMm: 250, widthMm: 20 },
      ],
      310,
    ],
    ["a drain just beside it", 600, rule, [{ atMm: 210, widthMm: 20 }], 150],
  ] as const)("%s", (_, edge, r, drains, at) => expect(placeOn(edge, r, [...drains]).atMm).toBe(at));

  const jobs = (opens: Opens) =>
    spotsFor({ edgesMm: straightSides(SASH.widthMm, SASH.heightMm), opens, rule })
      .filter((p) => p.job !== "locates")
      .map((p) => `${p.edge} ${p.atMm} ${p.job}`);
  it.each<[Opens, readonly string[]]>([
    ["fixed", ["bottom 150 carries", "bottom 450 carries"]],
    ["slides", ["bottom 150 carries", "bottom 450 carries"]],
    ["top-hung", ["bottom 150 carries", "bottom 450 carries"]],
    ["hinge-left", ["bottom 150 carries", "top 450 braces", "left 225 braces", "right 675 braces"]],
    ["hinge-right", ["bottom 450 carries", "top 150 braces", "left 675 braces", "right 225 braces"]],
  ])("%s", (opens, expected) => expect([...jobs(opens)].sort()).toEqual([...expected].sort()));
  it("a hinge on the other side is the mirror image", () => {
    const mirror = (p: ReturnType<typeof spotsFor>[number]) => ({
      ...p,
      edge: p.edge === "left" ? "right" : p.edge === "right" ? "left" : p.edge,
      atMm: p.edge === "bottom" || p.edge === "top" ? 600 - p.atMm : p.atMm,
    });
    const sorted = (all: readonly object[]) => all.map((p) => JSON.stringify(p, Object.keys(p).sort())).sort();
    expect(
      sorted(spotsFor({ edgesMm: straightSides(SASH.widthMm, SASH.heightMm), opens: "hinge-right", rule })),
    ).toEqual(
      sorted(spotsFor({ edgesMm: straightSides(SASH.widthMm, SASH.heightMm), opens: "hinge-left", rule }).map(mirror)),
    );
  });
  // A block of 100 and 75 to the corner: the middles are 125 from each end at the least, so under 350 they would cross.
  it.each<[number, readonly number[]]>([
    [240, [120]],
    [349, [174.5]],
    [350, [125, 225]],
    [600, [150, 450]],
  ])("%d mm wide, blocks below stand at %j", (widthMm, at) => {
    const spots = spotsFor({
      edgesMm: straightSides(widthMm, 900),
      opens: "hinge-left",
      rule: { share: 0.25, cornerMm: 75, lengthMm: 100 },
    });
    const below = spots.filter((s) => s.edge === "bottom");
    expect(below.map((s) => s.atMm).sort((a, b) => a - b)).toEqual(at);
    expect(below.some((s) => s.job === "carries")).toBe(true);
    expect(spots.filter((s) => s.edge === "left")).toHaveLength(2);
  });
  it("each edge of a shaped pane by its own length: its head longer, its left side shorter than its right", () => {
    const spots = spotsFor({ edgesMm: { bottom: 800, right: 900, top: 860, left: 600 }, opens: "hinge-right", rule });
    const at = (edge: string) =>
      spots
        .filter((s) => s.edge === edge)
        .map((s) => s.atMm)
        .sort((a, b) => a - b);
    expect([at("bottom"), at("right"), at("top"), at("left")]).toEqual([
      [200, 600],
      [225, 675],
      [215, 645],
      [150, 450],
    ]);
  });
  it("edges shorter than a block are named", () => {
    expect(shorterThanBlock(90, 600, 100)).toEqual(["bottom", "top"]);
    expect(shorterThanBlock(100, 600, 100)).toEqual([]);
  });
  it("a drain at the handle end moves the packer there, from its own corner", () => {
    const spots = spotsFor({
      edgesMm: straightSides(SASH.widthMm, SASH.heightMm),
      opens: "fixed",
      rule,
      drains: [{ edge: "bottom", atMm: 440, widthMm: 20 }],
    });
    const handle = spots.filter((p) => p.edge === "bottom")[1];
    expect([handle?.atMm, handle?.moved]).toEqual([380, true]);
  });
  it.each([
    [24, 24, null],
    [20, 24, 4],
    [28, 24, null],
  ])("a packer of %d under %d: %s too narrow", (packer, glass, short) => expect(widthFault(packer, glass)).toBe(short));
  it.each([
    [0.5, 100],
    [4, 120],
  ])("a block for %d m²: %d", (area, mm) => expect(blockLength(area)).toBe(mm));
});

describe("sticks", () => {
  it.each<[string, readonly number[], readonly number[], number, number, number]>([
    ["all from one", [900, 900, 590], [2400], 3, 1, 2400],
    ["a cut too many for one", [800, 800, 800], [2400], 3, 2, 4800],
    ["just fits without a kerf", [800, 800, 800], [2400], 0, 1, 2400],
    ["just fits with its two kerfs", [798, 798, 798], [2400], 3, 1, 2400],
    // First fit would take three: 6 + 3, 5 + 4 …; two hold 6 + 4 and 5 + 5 … of 10.
    ["better than first fit", [6, 5, 4, 3, 2], [10], 0, 2, 20],
    ["the shorter stock where it does", [900, 500], [1000, 2400], 3, 1, 2400],
    ["one short, one long", [2000, 900], [1000, 2400], 3, 2, 3400],
    ["none", [], [2400], 3, 0, 0],
  ])("%s", (_, pieces, stock, kerf, count, bought) => {
    const found = sticksFor({ pieces, stock, kerf });
    if (!found.ok) throw new Error(found.error.kind);
    expect([found.value.count, found.value.sticks.reduce((s, x) => s + x.stock, 0)]).toEqual([count, bought]);
    expect(found.value.proven).toBe(true);
  });
  it("a piece longer than any stick is refused", () =>
    expect(sticksFor({ pieces: [2500], stock: [2400], kerf: 3 })).toMatchObject({
      ok: false,
      error: { kind: "too-long" },
    }));
  it("agrees with trying every way of sharing them out, and every stick holds", () => {
    const least = (pieces: readonly number[], long: number, kerf: number): number => {
      let best = pieces.length;
      const go = (i: number, bins: readonly number[]): void => {
        if (bins.length >= best) return;
        if (i === pieces.length) {
          best = bins.length;
          return;
        }
        const p = pieces[i] ?? 0;
        bins.forEach((used, b) => {
          if (used + kerf + p <= long)
            go(
              i + 1,
              bins.map((u, k) => (k === b ? u + kerf + p : u)),
            );
        });
        go(i + 1, [...bins, p]);
      };
      go(0, []);
      return best;
    };
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 100, max: 1000 }), { minLength: 1, maxLength: 7 }),
        fc.integer({ min: 0, max: 5 }),
        (pieces, kerf) => {
          const found = sticksFor({ pieces, stock: [1000, 1200], kerf });
          if (!found.ok) throw new Error(found.error.kind);
          expect(found.value.count).toBe(least(pieces, 1200, kerf));
          const cut = found.value.sticks.flatMap((s) => s.pieces);
          expect([...cut].sort((a, b) => a - b)).toEqual([...pieces].sort((a, b) => a - b));
          for (const s of found.value.sticks)
            expect(s.pieces.reduce((a, b) => a + b, 0) + (s.pieces.length - 1) * kerf + s.left).toBe(s.stock);
        },
      ),
      { numRuns: 60 },
    );
  });
  it.each([
    ["mitred", [600, 600, 900, 900]],
    ["square", [600, 600, 876, 876]],
  ] as const)("four beads, %s", (corners, lengths) =>
    expect(beadLengths({ widthMm: 600, heightMm: 900, faceMm: 12, corners })).toEqual(lengths),
  );
});

describe("sealant", () => {
  it.each([
    [{ shape: "rectangle", widthMm: 6, depthMm: 4 }, 24],
    [{ shape: "triangle", widthMm: 6, depthMm: 6 }, 18],
    [{ shape: "round", diameterMm: 6 }, 28.274],
    // A square of 36 less its quarter circle, and the quarter circle.
    [{ shape: "cove", radiusMm: 6 }, 7.726],
    [{ shape: "quarter round", radiusMm: 6 }, 28.274],
  ] as const)("%#: %d mm²", (section, area) => expect(sectionArea(section)).toBeCloseTo(area, 3));
  const pane = {
    widthMm: 600,
    heightMm: 900,
    section: { shape: "rectangle", widthMm: 6, depthMm: 4 } as const,
    insideMm: 0,
    voidMl: 0,
    count: 1,
  };
  it("24 mm² round 3 m is 72 ml; 3 mm inside it is 24 × (3000 − 24)", () => {
    expect(sealantFor([pane], 0.1).totalMl).toBeCloseTo(72, 9);
    expect(sealantFor([{ ...pane, insideMm: 3 }], 0.1).totalMl).toBeCloseTo(71.424, 9);
  });
  it("tubes are rounded up once, on the total", () => {
    const s = sealantFor([{ ...pane, count: 4 }], 0.1);
    // 288 ml in 279 ml a tube: two; one foil of 540.
    expect([s.totalMl, s.cartridges, s.foils]).toEqual([288, 2, 1]);
    expect(sealantFor([{ ...pane, voidMl: 207 }], 0.1).cartridges).toBe(1);
  });
});

describe("pins", () => {
  it.each([
    ["straight, 25 through 12", { lengthMm: 25, stopMm: 12, angleDeg: 0, toGlassMm: 4 }, 13, 4, "holds"],
    ["leaning away 15°", { lengthMm: 25, stopMm: 12, angleDeg: 15, toGlassMm: 4 }, 12.15, 10.47, "holds"],
    ["short", { lengthMm: 18, stopMm: 12, angleDeg: 0, toGlassMm: 4 }, 6, 4, "short"],
    ["not through the stop", { lengthMm: 10, stopMm: 12, angleDeg: 0, toGlassMm: 4 }, -2, 4, "proud"],
    [
      "leaning toward the glass",
      { lengthMm: 25, stopMm: 12, angleDeg: -10, toGlassMm: 4 },
      12.62,
      -0.34,
      "toward-glass",
    ],
  ] as const)("%s", (_, pin, into, clear, says) => {
    const r = pinReach(pin);
    expect(r.intoFrameMm).toBeCloseTo(into, 2);
    expect(r.clearMm).toBeCloseTo(clear, 2);
    expect(r.says).toBe(says);
  });
});
