import { describe, expect, it } from "vitest";
import type { Quad } from "../geometry/quad.ts";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import { figureOf } from "../measure/figure.ts";
import { type Grid, mm, toMm } from "../units/length.ts";
import { bestDeduction, findBest, type OddsInput, rememberBest } from "./best.ts";
import { easedCorners, easeFor, easingFor, mostEased } from "./ease.ts";
import { errorsFor } from "./errors.ts";
import { layIn } from "./lay.ts";
import { shapedPane, templateDxf, templatePoints, templateSvg } from "./shaped.ts";

const allRound = (depth: number) => ({ left: mm(depth), right: mm(depth), bottom: mm(depth), top: mm(depth) });
const readings = (w: number, w2: number, h: number, up: number, down: number) => ({
  "width-top": mm(w),
  "width-bottom": mm(w2),
  "height-left": mm(h),
  "height-right": mm(h),
  "diagonal-up": mm(up),
  "diagonal-down": mm(down),
});
const SQUARE = readings(600, 600, 900, Math.hypot(600, 900), Math.hypot(600, 900));
const NARROW_TOP = readings(594, 600, 900, Math.hypot(597, 900), Math.hypot(597, 900));

describe("where to ease the rebate", () => {
  const figure = figureOf(NARROW_TOP);
  if (!figure.ok) throw new Error(figure.error.kind);
  it("a pane too wide at the head is eased left and right, at the top end", () => {
    const lying = layIn(figure.value, { width: mm(597), height: mm(896) }, allRound(10), mm(3));
    const eased = lying ? easingFor(lying, 0.5) : [];
    expect(eased.map((e) => e.side)).toEqual(["left", "right"]);
    for (const e of eased) {
      expect(e.to).toBeGreaterThan(1.9);
      expect(e.to).toBeLessThan(2.1);
      expect(e.from).toBe(0);
    }
    expect(mostEased(eased)).toBeGreaterThan(1.9);
  });
  it("a pane that is clear needs none", () => {
    const lying = layIn(figure.value, { width: mm(590), height: mm(890) }, allRound(10), mm(3));
    expect(lying && easingFor(lying, 0.5)).toEqual([]);
  });
});

it.each([
  ["wide for its height", 599, 890, "left"],
  ["high for its width", 590, 899.5, "bottom"],
] as const)("a pane %s binds first at its %s × %s", (_, wide, high, side) => {
  const figure = figureOf(SQUARE);
  const lying = figure.ok ? layIn(figure.value, { width: mm(wide), height: mm(high) }, allRound(10), mm(3)) : undefined;
  expect(lying?.bindsFirst).toBe(side);
});

it("a side that bulges in is eased by its bulge beside the clearance", () => {
  const figure = figureOf(SQUARE);
  const lying = figure.ok ? layIn(figure.value, { width: mm(597), height: mm(897) }, allRound(10), mm(3)) : undefined;
  // 1.5 of gap on each side, half a millimetre wanted: what bulges in by 2 is 1 short.
  expect(lying && easingFor(lying, 0.5, { left: 2 }).map((e) => [e.side, e.from, e.to])).toEqual([
    ["left", expect.closeTo(1, 6), expect.closeTo(1, 6)],
  ]);
});

describe("a pane of the opening's own shape", () => {
  const leaning: Quad = { bl: { x: 0, y: 0 }, br: { x: 600, y: 0 }, tr: { x: 620, y: 900 }, tl: { x: 20, y: 900 } };
  const free = { left: 2, right: 2, bottom: 2, top: 2 };
  it("keeps the lean, less the clearance", () => {
    const shape = shapedPane(leaning, free);
    // The slanting sides are 900.22 long for 900 of height: 2 square to them is 2.0005 along the sill, on both.
    expect(shape?.br.x).toBeCloseTo(600 - 2 * 2 * (Math.hypot(20, 900) / 900), 6);
    expect(shape?.tl.x).toBeCloseTo((20 * 896) / 900, 6);
    expect(shape?.tl.y).toBeCloseTo(896, 9);
  });
  it("is nothing when the clearance eats it", () =>
    expect(shapedPane(leaning, { ...free, left: 700 })).toBeUndefined());
  it("gives a template at full size, never larger than the shape", () => {
    const shape = shapedPane(leaning, free);
    if (!shape) throw new Error("no shape");
    const points = templatePoints(shape);
    expect(points).toEqual([
      { x: 0, y: 0 },
      { x: 595.5, y: 0 },
      { x: 615.5, y: 896 },
      { x: 20, y: 896 },
    ]);
    const svg = templateSvg(points, "No. 5 <lower>");
    expect(svg).toContain('width="635.5mm" height="916mm" viewBox="0 0 635.5 916"');
    expect(svg).toContain("No. 5 &lt;lower&gt;");
    expect(svg).toContain('points="10,906 605.5,906 625.5,10 30,10"');
    const dxf = templateDxf(points);
    expect(dxf.startsWith("0\nSECTION\n2\nHEADER")).toBe(true);
    expect(dxf.match(/\nVERTEX\n/g)).toHaveLength(4);
    expect(dxf).toContain("10\n595.5\n20\n0\n");
    expect(dxf.trimEnd().endsWith("0\nEOF")).toBe(true);
  });
});

const odds = (over: Partial<OddsInput> = {}, costs = { binds: 1, coverLost: 1 }): OddsInput => {
  const base = { readings: SQUARE, ...over };
  return {
    figure: figureOf(base.readings),
    grid: "1 mm" as Grid,
    depths: allRound(9),
    leastCover: mm(3),
    errors: { ...errorsFor(HOUSE_DEFAULTS, { material: "timber", tape: "mm", sealedUnit: false }), costs },
    ...base,
  };
};
const offs = (input: OddsInput): readonly [number, number] => {
  const best = findBest(input);
  if (!best) throw new Error("no best");
  return [toMm(best.off.width), toMm(best.off.height)];
};

describe("the best odds", () => {
  it("a true opening with room to spare takes off as little binds", () => {
    const [w, h] = offs(odds());
    expect(w).toBeGreaterThanOrEqual(2);
    expect(w).toBeLessThanOrEqual(5);
    expect(h).toBeGreaterThanOrEqual(3);
    expect(h).toBeLessThanOrEqual(6);
  });
  it("a shallow rebate takes off less, and so does a firm for which small panes cost more", () => {
    const sum = (values: readonly number[]) => values.reduce((a, b) => a + b, 0);
    const shallow = odds({ depths: allRound(5) });
    expect(sum(offs(shallow))).toBeLessThan(sum(offs(odds())));
    expect(sum(offs(odds({ depths: allRound(5) }, { binds: 1, coverLost: 20 })))).toBeLessThanOrEqual(
      sum(offs(shallow)),
    );
  });
  it("a leaning opening takes off more", () => {
    const leaning = readings(600, 600, 900, Math.hypot(610, 900), Math.hypot(590, 900));
    const [w, h] = offs(odds({ readings: leaning }));
    expect(w + h).toBeGreaterThan(offs(odds())[0] + offs(odds())[1]);
  });
  it("without corners a usual lean is reckoned with, it says so, and it takes off no less", () => {
    const { "diagonal-up": _, "diagonal-down": __, ...rest } = SQUARE;
    expect(findBest(odds({ readings: rest }))?.from).toBe("usual-lean");
    const sum = (values: readonly number[]) => values.reduce((a, b) => a + b, 0);
    // By the firm's figures alone: where they may be off themselves a true opening has more room to step back into.
    const asBelieved = (input: OddsInput): OddsInput => ({ ...input, errors: { ...input.errors, doubtMm: 0 } });
    expect(sum(offs(asBelieved(odds({ readings: rest }))))).toBeGreaterThanOrEqual(sum(offs(asBelieved(odds()))));
    expect(findBest(odds())?.from).toBe("figure");
  });
  it("without a depth cover is not known, and the smallest is taken off that hardly ever binds", () => {
    const best = findBest(odds({ depths: undefined }));
    expect(best?.chances.coverLost).toBeNull();
    expect(best?.chances.binds).toBeLessThanOrEqual(0.01);
    const less = best && findBest(odds({ depths: undefined, leastOff: mm(toMm(best.off.width) + 2) }));
    expect(less && toMm(less.off.width)).toBeGreaterThan(best ? toMm(best.off.width) : 0);
  });
  it("gives glass on the grid, in inches too", () => {
    for (const grid of ["1 mm", "0.5 mm", "1/16 in", "1/32 in"] as const) {
      const best = findBest(odds({ grid }));
      if (!best) throw new Error("no best");
      const step = grid.endsWith("mm") ? Number.parseFloat(grid) : 25.4 / Number(grid.slice(2, 4));
      const glass = 600 - toMm(bestDeduction(best).width);
      expect(glass / step).toBeCloseTo(Math.round(glass / step), 6);
    }
  });
  it("remembers an opening, and forgets the oldest", () => {
    const find = rememberBest(1);
    const first = find(odds());
    expect(find(odds())).toBe(first);
    find(odds({ depths: allRound(5) }));
    expect(find(odds())).not.toBe(first);
    expect(find(odds())).toEqual(first);
  });
});

describe("the pane to order where the rebate is eased", () => {
  const figure = figureOf(readings(600, 600, 900, Math.hypot(612, 900), Math.hypot(588, 900)));
  if (!figure.ok) throw new Error(figure.error.kind);
  const given = {
    figure: figure.value,
    glass: { width: mm(590), height: mm(890) },
    leastCover: mm(3),
    grid: "1 mm" as Grid,
  };
  it("grows until every side is covered, and says where the wood must go", () => {
    const eased = easeFor({ ...given, depths: allRound(7), clearance: 0.5 });
    expect(eased?.lying.leastCover?.enough).toBe(true);
    expect(eased?.glass.width).toBeGreaterThan(mm(590));
    expect(mostEased(eased?.easings ?? [])).toBeGreaterThan(1);
    const corners = easedCorners(eased?.easings ?? []);
    expect(corners.length).toBeGreaterThan(0);
    expect(Math.max(...corners.map((c) => c.by))).toBeCloseTo(mostEased(eased?.easings ?? []), 9);
  });
  // Two sides meet at a corner: 0.4 and 0.9 of wood there; at the others a shaving, a hair less than one, and nothing.
  it.each([
    [[0.4, 0, 0.9, 0], 0.9],
    [[0.9, 0, 0.4, 0], 0.9],
    [[0.05, 0, 0, 0], 0.05],
    [[0.049, 0, 0, 0], null],
    [[0, 0, 0, 0], null],
  ] as const)("a corner is eased once, by the larger of its two sides: %o", ([from, to, from2, to2], by) => {
    const at = (x: number, y: number) => ({ x, y });
    const [corner, along, up] = [at(0, 0), at(600, 0), at(0, 900)];
    const easings = [
      { side: "bottom", at: [corner, along], from, to },
      { side: "left", at: [corner, up], from: from2, to: to2 },
    ] as unknown as Parameters<typeof easedCorners>[0];
    expect(easedCorners(easings)).toEqual(by === null ? [] : [{ at: corner, by }]);
  });
  it("is the pane itself where it is covered already", () => {
    expect(easeFor({ ...given, depths: allRound(20), clearance: 0.5 })?.glass).toEqual(given.glass);
  });
  it("is none where the rebate is shallower than what must be covered", () => {
    expect(easeFor({ ...given, depths: allRound(2), clearance: 0.5 })).toBeNull();
  });
});
