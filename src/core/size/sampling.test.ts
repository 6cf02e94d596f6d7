import { describe, expect, it } from "vitest";
import { bestTurn } from "../geometry/placing.ts";
import { figureOf, OUTER, type Outer } from "../measure/figure.ts";
import { mm } from "../units/length.ts";
import { drawsFrom, evenDraws } from "./draws.ts";
import { type Doubtful, formsOf } from "./odds-figure.ts";
import { chancesOnBoth, type Line } from "./odds-line.ts";
import { formsOfLines } from "./odds-lines.ts";
import { chanceRuns, chancesAt } from "./sampling.ts";

const SETS: Readonly<Record<string, readonly number[]>> = {
  leaning: [612, 613, 904, 903, 1089, 1091.5],
  racked: [612, 613, 904, 903, 1080, 1100],
  square: [600, 600, 900, 900, 1081.665, 1081.665],
};

function doubtful(set: readonly number[]): Doubtful {
  const readings = Object.fromEntries(OUTER.map((p, i) => [p, set[i] ?? 0])) as Record<Outer, number>;
  const figure = figureOf(Object.fromEntries(OUTER.map((p) => [p, mm(readings[p])])));
  if (!figure.ok) throw new Error(figure.error.kind);
  return {
    quad: figure.value.quad,
    setback: {},
    readings,
    tape: 0.5,
    cutting: { kind: "within", mm: 1 },
    movement: { width: { lo: -0.9, hi: 0.3 }, height: { lo: -1.35, hi: 0.45 } },
    depth: { left: 8, right: 8, bottom: 8, top: 8 },
    leastCover: 3,
    lies: "centred",
  };
}

describe("a whole figure, to first order", () => {
  it.each([
    ["leaning", 608, 900],
    ["racked", 602, 894],
    ["square", 598, 898],
  ] as const)("%s: binds in the same draws as fitting and placing each anew", (name, width, height) => {
    const of = doubtful(SETS[name] ?? []);
    const draws = drawsFrom(5, 600, "within");
    const forms = formsOf(of, { width, height });
    if (!forms) throw new Error("no forms");
    const z = (k: number, i: number): number => draws.columns[k]?.[i] ?? 0;
    let binds = 0;
    let apart = 0;
    for (let i = 0; i < draws.count; i++) {
      const drawn = figureOf(
        Object.fromEntries(OUTER.map((p, k) => [p, mm((of.readings[p] ?? 0) - of.tape * z(k, i))])),
      );
      if (!drawn.ok) throw new Error("broken");
      const { quad: q } = drawn.value;
      const [w, h] = [1 + (-0.9 + z(10, i) * 1.2) / q.br.x, 1 + (-1.35 + z(11, i) * 1.8) / ((q.tl.y + q.tr.y) / 2)];
      const move = (p: { x: number; y: number }) => ({ x: p.x * w, y: p.y * h });
      const moved = { bl: move(q.bl), br: move(q.br), tr: move(q.tr), tl: move(q.tl) };
      const { gap } = bestTurn(moved, { width: width + z(8, i), height: height + z(9, i) });
      const least = Math.min(
        ...forms.gaps.map((f) => draws.columns.reduce((s, c, k) => s + (f[k + 1] ?? 0) * (c[i] ?? 0), f[0] ?? 0)),
      );
      apart = Math.max(apart, Math.abs(least - gap));
      if (gap <= 0) binds++;
    }
    expect(apart).toBeLessThan(0.008);
    expect(chancesAt(forms, draws, [{ width, height }])[0]?.binds).toBeCloseTo(binds / draws.count, 2);
  });

  it("a run along the deductions says the same as each size by itself", () => {
    const forms = formsOf(doubtful(SETS["racked"] ?? []), { width: 609, height: 900 });
    if (!forms) throw new Error("no forms");
    const draws = drawsFrom(9, 2000, "within");
    const run = { off: { width: -3, height: -3 }, step: { width: 1, height: 0.5 } };
    const [along = []] = chanceRuns(forms, draws, { runs: [run], steps: 15 });
    const sizes = along.map((_, i) => ({ width: 612 - i, height: 903 - i / 2 }));
    expect(along).toHaveLength(15);
    chancesAt(forms, draws, sizes).forEach((c, i) => {
      expect(along[i]?.binds).toBeCloseTo(c.binds, 12);
      expect(along[i]?.coverLost).toBeCloseTo(c.coverLost ?? 0, 12);
      expect(along[i]?.trouble).toBeCloseTo(c.trouble, 12);
    });
  });

  it("the same seed gives the same chances, another seed others", () => {
    const forms = formsOf(doubtful(SETS["leaning"] ?? []), { width: 609, height: 900 });
    if (!forms) throw new Error("no forms");
    const at = (seed: number) => chancesAt(forms, drawsFrom(seed, 5000, "within"), [{ width: 609, height: 900 }])[0];
    expect(at(1)).toEqual(at(1));
    expect(at(1)).not.toEqual(at(2));
  });
});

describe("two dimensions without corners", () => {
  const line = (readings: readonly number[], lo: number, hi: number): Line => ({
    readings,
    tape: 0.5,
    cutting: { kind: "within", mm: 1 },
    movement: { lo, hi },
    depth: 8,
    leastCover: 5.5,
    lies: "centred",
  });
  const [w, h] = [line([612, 611.5, 613], -0.9, 0.3), line([904, 903], -1.35, 0.45)];
  const forms = formsOfLines(
    { ...w, places: ["width-top", "width-middle", "width-bottom"] },
    { ...h, places: ["height-left", "height-right"] },
    { width: 609, height: 900 },
  );
  it.each([1, 2, 3, 4])("%i mm off: drawn, as reckoned exactly", (off) => {
    const size = { width: 611 - off, height: 903 - off };
    const exact = chancesOnBoth({ line: w, glass: size.width }, { line: h, glass: size.height });
    const [drawn] = chancesAt(forms, drawsFrom(3, 60_000, "within"), [size]);
    const [even] = chancesAt(forms, evenDraws(512, "within"), [size]);
    expect(drawn?.binds).toBeCloseTo(exact.binds, 2);
    expect(drawn?.coverLost).toBeCloseTo(exact.coverLost ?? 0, 2);
    expect(Math.abs((even?.trouble ?? 0) - exact.trouble)).toBeLessThan(0.02);
  });
});
