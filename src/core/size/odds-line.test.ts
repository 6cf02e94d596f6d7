import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { normalBelow } from "../chance/normal.ts";
import { seeded } from "../chance/seeded.ts";
import { averageChances, chancesMovedBy, chancesOnBoth, chancesOnLine, type Line } from "./odds-line.ts";

const still: Line = {
  readings: [600],
  tape: 0.5,
  cutting: { kind: "within", mm: 0 },
  movement: { lo: 0, hi: 0 },
  depth: null,
  leastCover: 3,
  lies: "centred",
};

describe("one reading, one doubt at a time", () => {
  it.each([
    ["glass as large as the reading, no doubt at all", { tape: 0 }, 600, 1],
    ["a hair less, no doubt at all", { tape: 0 }, 599.999, 0],
    ["one spread less", {}, 599.5, normalBelow(-1)],
    ["as large as the reading: even chances", {}, 600, 0.5],
    [
      "cut within 1 mm, no tape error, 0.5 less: one in four",
      { tape: 0, cutting: { kind: "within", mm: 1 } },
      599.5,
      0.25,
    ],
    ["closing by up to 2 mm, 0.5 less: three in four", { tape: 0, movement: { lo: -2, hi: 0 } }, 599.5, 0.75],
    [
      "cut with a spread of 0.5, as the tape's",
      { tape: 0, cutting: { kind: "spread", mm: 0.5 } },
      599.5,
      normalBelow(-1),
    ],
    ["both spreads: they add as squares", { tape: 0.3, cutting: { kind: "spread", mm: 0.4 } }, 599.5, normalBelow(-1)],
    // Cut and movement even, ±1 and −1..1: their difference is a triangle on ±2, an eighth of it past 1.
    [
      "two evens make a triangle",
      { tape: 0, cutting: { kind: "within", mm: 1 }, movement: { lo: -1, hi: 1 } },
      599,
      0.125,
    ],
  ] as const)("%s", (_, over, glass, binds) => {
    expect(chancesOnLine({ ...still, ...over } as Line, glass).binds).toBeCloseTo(binds, 9);
  });

  it.each([
    // Rebate 8, cover 3: the opening may exceed the pane by 10 when centred, by 5 when pushed.
    ["centred, 9.9 smaller", "centred", 590.1, 0],
    ["centred, 10.1 smaller", "centred", 589.9, 1],
    ["pushed, 4.9 smaller", "pushed", 595.1, 0],
    ["pushed, 5.1 smaller", "pushed", 594.9, 1],
  ] as const)("cover, %s", (_, lies, glass, lost) => {
    const c = chancesOnLine({ ...still, tape: 0, depth: 8, lies }, glass);
    expect(c.coverLost).toBe(lost);
  });

  it("a rebate shallower than the least cover is always trouble", () => {
    expect(chancesOnLine({ ...still, depth: 2 }, 599).trouble).toBeCloseTo(1, 9);
  });
});

describe("both dimensions, where nothing is in doubt but the movement they share", () => {
  const wide = { line: { ...still, tape: 0, readings: [9000] }, glass: 1 };
  const line = (reading: number, lo: number, hi: number): Line => ({
    ...still,
    tape: 0,
    readings: [reading],
    movement: { lo, hi },
  });
  it.each<[string, Parameters<typeof chancesOnBoth>[0], Parameters<typeof chancesOnBoth>[1], number]>([
    // It closes by 0 to 3 and binds from 1 on.
    ["two thirds of the way", { line: line(597, -3, 0), glass: 596 }, wide, 2 / 3],
    ["a sixth of it", { line: line(598.5, -3, 0), glass: 596 }, wide, 1 / 6],
    // The width binds while share ≤ 1/4, the height while share ≤ 2/3: either is the larger of the two.
    ["both, at the same share", { line: line(596, -1, 3), glass: 596 }, { line: line(597, -3, 0), glass: 596 }, 2 / 3],
  ])("%s", (_, width, height, binds) => expect(chancesOnBoth(width, height).binds).toBeCloseTo(binds, 9));
});

const anyLine = fc.record({
  readings: fc.array(fc.double({ min: 598, max: 602, noNaN: true }), { minLength: 1, maxLength: 3 }),
  tape: fc.constantFrom(0, 0.2, 0.5, 1),
  cutting: fc.record({
    kind: fc.constantFrom("within" as const, "spread" as const),
    mm: fc.constantFrom(0, 0.5, 1, 2),
  }),
  movement: fc
    .tuple(fc.double({ min: -3, max: 0, noNaN: true }), fc.double({ min: 0, max: 2, noNaN: true }))
    .map(([lo, hi]) => ({ lo, hi })),
  depth: fc.double({ min: 4, max: 10, noNaN: true }),
  leastCover: fc.constant(3),
  lies: fc.constantFrom("centred" as const, "pushed" as const),
});

/** The same by drawing, one way and the other. */
function drawn(lines: readonly Line[], glass: readonly number[], n: number): readonly [number, number, number] {
  const c = seeded(11);
  let [binds, lost, trouble] = [0, 0, 0];
  for (let i = 0; i < n; i++) {
    const share = c.uniform();
    let [bound, bare] = [false, false];
    lines.forEach((l, k) => {
      const moved = l.movement.lo + share * (l.movement.hi - l.movement.lo);
      const cut = (l.cutting.kind === "within" ? 2 * c.uniform() - 1 : c.normal()) * l.cutting.mm;
      const play = l.readings.map((m) => m - l.tape * c.normal() + moved - (glass[k] ?? 0) - cut);
      if (Math.min(...play) <= 0) bound = true;
      if ((l.depth ?? 99) - Math.max(...play) / (l.lies === "centred" ? 2 : 1) < l.leastCover) bare = true;
    });
    binds += bound ? 1 : 0;
    lost += bare ? 1 : 0;
    trouble += bound || bare ? 1 : 0;
  }
  return [binds / n, lost / n, trouble / n];
}

describe("against drawing it out", () => {
  const N = 20_000;
  // Five spreads of the sampling, and a little for the quadrature of the exact sum.
  const near = (p: number, q: number) =>
    expect(Math.abs(p - q)).toBeLessThan(5 * Math.sqrt((p * (1 - p) + 1e-4) / N) + 5e-4);
  it("one dimension", () => {
    fc.assert(
      fc.property(anyLine, fc.double({ min: 590, max: 600, noNaN: true }), (line, glass) => {
        const exact = chancesOnLine(line, glass);
        const [b, l, t] = drawn([line], [glass], N);
        near(exact.binds, b);
        near(exact.coverLost ?? 0, l);
        near(exact.trouble, t);
      }),
      { numRuns: 25 },
    );
  });
  it("both dimensions, sharing their movement", () => {
    fc.assert(
      fc.property(anyLine, anyLine, (width, height) => {
        const exact = chancesOnBoth({ line: width, glass: 596 }, { line: height, glass: 597 });
        const [b, l, t] = drawn([width, height], [596, 597], N);
        near(exact.binds, b);
        near(exact.coverLost ?? 0, l);
        near(exact.trouble, t);
      }),
      { numRuns: 12 },
    );
  });
});

describe("laws", () => {
  it("a smaller pane binds less and is covered less; trouble is at least either and at most both", () => {
    fc.assert(
      fc.property(anyLine, fc.double({ min: 590, max: 600, noNaN: true }), (line, glass) => {
        const [large, small] = [chancesOnLine(line, glass), chancesOnLine(line, glass - 0.5)];
        expect(small.binds).toBeLessThanOrEqual(large.binds + 1e-9);
        expect(small.coverLost ?? 0).toBeGreaterThanOrEqual((large.coverLost ?? 0) - 1e-9);
        expect(large.trouble).toBeGreaterThanOrEqual(Math.max(large.binds, large.coverLost ?? 0) - 1e-9);
        expect(large.trouble).toBeLessThanOrEqual(large.binds + (large.coverLost ?? 0) + 1e-9);
      }),
    );
  });
});

describe("both dimensions in one movement, where a tape does not err", () => {
  const moving = (over: Partial<Line>): Line => ({ ...still, tape: 0, movement: { lo: -2, hi: 0 }, ...over });
  const either = (w: Partial<Line>, wide: number, h: Partial<Line>, high: number) =>
    chancesOnBoth({ line: moving(w), glass: wide }, { line: moving({ readings: [900], ...h }), glass: high });
  // It binds from where it closes by 0.7 on: 1.3 of 2 mm. The height from 0.45 on: 1.55 of 2, and the width within that.
  it("the one that binds sooner says it: 1.55 of 2", () => {
    expect(either({}, 599.3, {}, 899.55).binds).toBeCloseTo(0.775, 9);
    expect(either({}, 599.55, {}, 899.3).binds).toBeCloseTo(0.775, 9);
  });
  it("a cut of 0.2 more than was ordered binds that much sooner: 1.75 of 2", () =>
    expect(either({}, 599.3, { cutting: { kind: "within", mm: 0, off: 0.2 } }, 899.55).binds).toBeCloseTo(0.875, 9));
  // Cut anywhere within 0.5 of what was ordered, closing by 0 to 2: it binds where cut and closing together pass what is left,
  // and of all pairs, an area of 2 by 1, those do that lie past the line on which they make up what is left.
  it.each<[string, glass: number, off: number, binds: number]>([
    ["0.7 left", 599.3, 0, 0.65],
    ["1.8 left: a triangle of 0.7 by 0.7", 598.2, 0, (0.7 * 0.7) / 2 / 2],
    ["0.2 left: all but a triangle of 0.7 by 0.7", 599.8, 0, 1 - (0.7 * 0.7) / 2 / 2],
    ["1 left, and theirs come 0.3 larger", 599, 0.3, 0.65],
    ["0.4 left, and theirs come 0.3 smaller", 599.6, -0.3, 0.65],
  ])("cut within half a millimetre: %s", (_, glass, off, binds) => {
    const cutting = { kind: "within", mm: 0.5, off } as const;
    expect(either({ cutting }, glass, { readings: [9000] }, 1).binds).toBeCloseTo(binds, 9);
  });
  it("cover lost by a cut within half a millimetre: 1.4 of 2 in the middle, and as likely short as long", () => {
    const opening = { movement: { lo: 0, hi: 2 }, depth: 6, cutting: { kind: "within", mm: 0.5 } } as const;
    const got = either({ ...opening, readings: [604] }, 598.6, { movement: { lo: 0, hi: 2 }, readings: [9000] }, 1);
    expect(got.coverLost).toBeCloseTo(0.7, 9);
  });
  it("moving apart they add as chances do: 1 − 0.35 × 0.225", () => {
    const [w, h] = [moving({}), moving({ readings: [900] })];
    const apart = chancesOnBoth({ line: w, glass: 599.3 }, { line: h, glass: 899.55 }, "apart");
    expect(apart.binds).toBeCloseTo(1 - 0.35 * 0.225, 9);
  });
  // 6 deep and 3 wanted: lost where the gaps are above 6 together: opening above 604.6 of glass 598.6, from +0.6 of 0..2 on.
  it("cover that opens with the same movement: 1.4 of 2", () => {
    const opening = { movement: { lo: 0, hi: 2 }, depth: 6 };
    const got = either({ ...opening, readings: [604] }, 598.6, { ...opening, readings: [900] }, 899);
    expect(got.coverLost).toBeCloseTo(0.7, 9);
    expect(got.binds).toBeCloseTo(0, 9);
  });
});

describe("draws made apart are put together", () => {
  const given = (binds: number, coverLost: number | null, trouble: number) => ({ binds, coverLost, trouble });
  it("place by place: 10 and 30 in a hundred are 20", () =>
    expect(
      averageChances([
        [given(0.1, 0.02, 0.12), given(0, 0, 0)],
        [given(0.3, 0.06, 0.36), given(1, 0.5, 1)],
      ]),
    ).toEqual([given(0.2, 0.04, 0.24), given(0.5, 0.25, 0.5)]));
  it("cover that nobody can tell of stays untold", () =>
    expect(averageChances([[given(0.2, null, 0.2)], [given(0.4, null, 0.4)]])).toEqual([
      { binds: expect.closeTo(0.3, 9), coverLost: null, trouble: expect.closeTo(0.3, 9) },
    ]));
  it("nothing drawn is nothing", () => expect(averageChances([])).toEqual([]));
});

describe("both dimensions", () => {
  const width: Line = { ...still, readings: [600], movement: { lo: -1, hi: 1 } };
  const height: Line = { ...still, readings: [900], movement: { lo: -2, hi: 1 } };
  const either = (p: number, q: number): number => 1 - (1 - p) * (1 - q);

  it.each([
    ["neither depth read", null, null],
    ["one depth read", 8, null],
    ["the other", null, 8],
    ["both", 8, 9],
  ])("moved each by itself, one or the other goes wrong: %s", (_, a, b) => {
    const [w, h] = [
      { line: { ...width, depth: a }, glass: 598 },
      { line: { ...height, depth: b }, glass: 893 },
    ];
    const [of, other] = [chancesOnLine(w.line, w.glass), chancesOnLine(h.line, h.glass)];
    const both = chancesOnBoth(w, h, "apart");
    expect(both.binds).toBeCloseTo(either(of.binds, other.binds), 12);
    expect(both.trouble).toBeCloseTo(either(of.trouble, other.trouble), 12);
    if (a === null && b === null) expect(both.coverLost).toBeNull();
    else expect(both.coverLost).toBeCloseTo(either(of.coverLost ?? 0, other.coverLost ?? 0), 12);
    expect(chancesOnBoth(w, h).coverLost === null).toBe(a === null && b === null);
  });

  // A wide movement over a fine tape: the products bend many times within it.
  it.each([
    ["the height moves far", { lo: -0.1, hi: 0.1 }, { lo: -9, hi: 9 }],
    ["the width does", { lo: -9, hi: 9 }, { lo: -0.1, hi: 0.1 }],
    ["both, the other way about", { lo: -9, hi: 1 }, { lo: -1, hi: 9 }],
  ])("sharing one movement, as four thousand places of it come to: %s", (_, mw, mh) => {
    const w = { line: { ...width, tape: 0.1, movement: mw, depth: 9 }, glass: 598 };
    const h = { line: { ...height, tape: 0.1, movement: mh, depth: 9 }, glass: 897 };
    const N = 4000;
    let [binds, lost] = [0, 0];
    for (let i = 0; i < N; i++) {
      const share = (i + 0.5) / N;
      const at = (d: typeof w) =>
        chancesMovedBy(d.line, d.glass, d.line.movement.lo + share * (d.line.movement.hi - d.line.movement.lo));
      const [a, b] = [at(w), at(h)];
      binds += either(a.binds, b.binds) / N;
      lost += either(a.coverLost ?? 0, b.coverLost ?? 0) / N;
    }
    const both = chancesOnBoth(w, h);
    expect(both.binds).toBeCloseTo(binds, 4);
    expect(both.coverLost).toBeCloseTo(lost, 4);
  });
});
