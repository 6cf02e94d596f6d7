import { describe, expect, it } from "vitest";
import { barLines } from "./bar-lines.ts";
import { elevationOf } from "./elevation.ts";
import { type OddsChartInput, oddsChart } from "./odds-chart.ts";
import { slipOfWood } from "./slip-of-wood.ts";

const BOX = { width: 460, height: 212 };
const numbers = (path: string): readonly number[] => (path.match(/-?\d+(\.\d+)?/g) ?? []).map(Number);

describe("the chart of the odds", () => {
  const curve = Array.from({ length: 13 }, (_, off) => ({
    off,
    binds: off < 2 ? 0.9 : off < 3 ? 0.2 : 0,
    coverLost: off > 9 ? 0.5 : 0,
  }));
  const chart = (over: Partial<OddsChartInput> = {}) =>
    oddsChart({
      curve,
      marks: [
        { name: "snug", off: 1, trouble: 0.9, inUse: false },
        { name: "easy", off: 3, trouble: 0.01, inUse: false },
        { name: "best odds", off: 3.5, trouble: 0, inUse: true },
      ],
      box: BOX,
      unit: "mm",
      ...over,
    });
  it("stays in its box, names too, whatever the chances", () => {
    const c = chart();
    for (const path of [c.binds, c.coverLost ?? ""]) {
      const all = numbers(path);
      expect(all.length).toBeGreaterThan(4);
      expect(Math.min(...all)).toBeGreaterThanOrEqual(0);
      expect(Math.max(...all)).toBeLessThanOrEqual(BOX.width);
    }
    for (const m of c.marks) {
      expect(m.y).toBeGreaterThanOrEqual(c.frame.top);
      expect(m.y).toBeLessThanOrEqual(c.frame.foot);
    }
  });
  it("school names stand apart, in the order of what they take off", () => {
    const labels = chart().marks.map((m) => m.label);
    expect(labels[1]).toBeGreaterThan((labels[0] ?? 0) + 60);
    expect(labels[2]).toBeGreaterThan((labels[1] ?? 0) + 60);
  });
  it("names of two slopes that stand close are written one below the other", () => {
    const near = chart({
      curve: curve.map((p) => ({ ...p, binds: p.off < 2 ? 0.9 : 0, coverLost: p.off > 3 ? 0.5 : 0 })),
    });
    const { binds, coverLost } = near.names;
    expect(coverLost).not.toBeNull();
    expect(Math.abs((coverLost?.y ?? 0) - binds.y)).toBeGreaterThanOrEqual(16);
    expect(coverLost?.y ?? 0).toBeLessThan(near.frame.foot);
    // Far apart, each stays on its own slope.
    const far = chart();
    expect(Math.abs((far.names.coverLost?.y ?? 0) - far.names.binds.y)).toBeLessThan(16);
  });
  it("without a depth there is no curve of cover, and no name for it", () => {
    const c = chart({ curve: curve.map((p) => ({ ...p, coverLost: null })) });
    expect([c.coverLost, c.names.coverLost]).toEqual([null, null]);
  });
  it("ticks are in the reader's unit", () => {
    expect(
      chart()
        .x.map((t) => t.text)
        .slice(0, 3),
    ).toEqual(["0", "2", "4"]);
    expect(
      chart({ unit: "in" })
        .x.map((t) => t.text)
        .slice(0, 3),
    ).toEqual(["0", "1/8", "1/4"]);
  });
});

describe("the slip of wood", () => {
  const drawn = (given: object) =>
    slipOfWood({ bed: 1.5, far: null, near: null, stop: null, box: { width: 440, height: 130 }, ...given });
  it("marks stand where they were read, to scale", () => {
    const d = drawn({ far: 25.5, near: 21.5, stop: 37 });
    const [near, far, stop] = d.marks.map((m) => m.x);
    const scale = (d.scaleBar.to.x - d.scaleBar.from.x) / 10;
    expect(((far ?? 0) - (near ?? 0)) / scale).toBeCloseTo(4, 9);
    expect(((stop ?? 0) - (far ?? 0)) / scale).toBeCloseTo(11.5, 9);
    expect(d.marks.every((m) => m.known)).toBe(true);
  });
  it("what is not read stands in as a usual figure, and is marked as not known", () => {
    expect(drawn({}).marks.map((m) => m.known)).toEqual([false, false, false]);
    expect(drawn({ far: 20, near: 30 }).marks[0]?.x).toBeLessThan(drawn({ far: 20, near: 30 }).marks[1]?.x ?? 0);
  });
});

describe("bars", () => {
  it("one upright and two crosses in a pane, all inside it", () => {
    const d = barLines({
      width: 600,
      height: 800,
      uprights: [300],
      crosses: [266, 533],
      bar: 18,
      box: { width: 96, height: 120 },
    });
    expect(d.bars).toHaveLength(3);
    for (const n of numbers(d.bars.join(" "))) expect(n).toBeLessThanOrEqual(120);
  });
  it("none in a pane without", () =>
    expect(
      barLines({ width: 600, height: 800, uprights: [], crosses: [], bar: 18, box: { width: 96, height: 120 } }).bars,
    ).toEqual([]));
});

describe("where to ease", () => {
  it("is marked at the corner it belongs to, its figure inside the opening", () => {
    const quad = { bl: { x: 0, y: 0 }, br: { x: 600, y: 0 }, tr: { x: 594, y: 900 }, tl: { x: 6, y: 900 } };
    const e = elevationOf({
      quad,
      placed: { width: 597, height: 896, at: { x: 300, y: 450 }, turn: 0 },
      eased: [{ at: { x: 598.5, y: 898 }, by: 2 }],
      about: { width: 600, height: 800 },
      box: { width: 440, height: 520 },
      margin: 64,
    });
    const [mark] = e.eased;
    expect(mark?.by).toBe(2);
    expect(mark?.at.x).toBeGreaterThan(e.middle.x);
    expect(mark?.at.y).toBeLessThan(e.middle.y);
    expect(mark?.label.x).toBeLessThan(mark?.at.x ?? 0);
  });
});
