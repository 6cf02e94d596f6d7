import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { OpeningReadings } from "../measure/figure.ts";
import { mm } from "../units/length.ts";
import { type Arch, archedPane, archOf, headAt } from "./arch.ts";

const read = (given: Readonly<Partial<Record<keyof OpeningReadings, number>>>): OpeningReadings =>
  Object.fromEntries(Object.entries(given).map(([place, v]) => [place, mm(v)]));
const made = (width: number, spring: number, crown: number): Arch => {
  const arch = archOf(
    read({ "width-bottom": width, "height-left": spring, "height-middle": crown, "height-right": spring }),
  );
  if (!arch.ok) throw new Error(arch.error.kind);
  return arch.value;
};

describe("an arch by width, springing and crown: radius (half the width² + rise²) / twice the rise", () => {
  it.each([
    // 300² + 200² is 130 000, over 400.
    { width: 600, spring: 500, crown: 700, radius: 325 },
    // A half circle: 300² + 300², over 600.
    { width: 600, spring: 500, crown: 800, radius: 300 },
    // Barely curved: 400² + 50² is 162 500, over 100.
    { width: 800, spring: 900, crown: 950, radius: 1625 },
    // 3-4-5: half of 480 is 240, rise 120: (57 600 + 14 400) / 240.
    { width: 480, spring: 600, crown: 720, radius: 300 },
  ])("$width wide, springs at $spring, crown $crown: radius $radius", ({ width, spring, crown, radius }) => {
    expect(made(width, spring, crown).radius).toBeCloseTo(radius, 9);
  });
  it("goes by the least width and the lower springing", () => {
    const arch = archOf(
      read({ "width-middle": 600, "width-bottom": 601, "height-left": 500, "height-right": 502, "height-middle": 700 }),
    );
    expect(arch).toMatchObject({ ok: true, value: { width: 600, spring: 500, crown: 700, radius: 325 } });
  });
  it.each([
    {
      name: "nothing read",
      of: {},
      error: { kind: "not-read", places: ["width-bottom", "height-left", "height-middle", "height-right"] },
    },
    {
      name: "no right jamb",
      of: { "width-middle": 600, "height-left": 500, "height-middle": 700 },
      error: { kind: "not-read", places: ["height-right"] },
    },
    {
      name: "one side springs 4 higher",
      of: { "width-bottom": 600, "height-left": 500, "height-right": 504, "height-middle": 700 },
      error: { kind: "uneven", by: 4 },
    },
    {
      name: "corners 5 apart",
      of: {
        "width-bottom": 600,
        "height-left": 500,
        "height-right": 500,
        "height-middle": 700,
        "diagonal-up": 781,
        "diagonal-down": 776,
      },
      error: { kind: "leans", by: 5 },
    },
    {
      name: "a level head",
      of: { "width-bottom": 600, "height-left": 700, "height-right": 700, "height-middle": 700 },
      error: { kind: "flat" },
    },
    // Half of 600 is 300: it rises 320.
    {
      name: "pointed",
      of: { "width-bottom": 600, "height-left": 500, "height-right": 500, "height-middle": 820 },
      error: { kind: "pointed", by: 20 },
    },
  ])("$name makes none", ({ of, error }) => {
    expect(archOf(read(of))).toEqual({ ok: false, error });
  });
  it.each([
    // The centre stands at 700 − 325 = 375; 150 across: √(325² − 150²) = 288.3.
    { inFromJamb: 150, high: 663.3 },
    { inFromJamb: 0, high: 500 },
    { inFromJamb: 300, high: 700 },
    { inFromJamb: 450, high: 663.3 },
  ])("$inFromJamb in from a jamb its head stands at $high", ({ inFromJamb, high }) => {
    expect(headAt(made(600, 500, 700), inFromJamb)).toBeCloseTo(high, 1);
  });
});

describe("the pane for it", () => {
  it("is as far in along jambs, sill and head: 597 wide, 697 at its crown, √(323.5² − 298.5²) + 373.5 = 498.2 where it springs", () => {
    const points = archedPane(made(600, 500, 700), 1.5) ?? [];
    expect(points.slice(0, 3)).toEqual([
      { x: 0, y: 0 },
      { x: 597, y: 0 },
      { x: 597, y: 498.1 },
    ]);
    expect(points.at(-1)).toEqual({ x: 0, y: 498.1 });
    expect(Math.max(...points.map((p) => p.y))).toBe(697);
  });
  it("nothing is left of one that is all gap", () => {
    expect(archedPane(made(600, 500, 700), 300)).toBeNull();
  });
  it("a half circle read a millimetre too high is still cut", () => {
    expect(archedPane(made(600, 500, 801), 1.5)?.[1]).toEqual({ x: 597, y: 0 });
  });
  it("property: every point keeps its room from jambs, sill and circle, and hardly more", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 250, max: 1400 }),
        fc.integer({ min: 200, max: 1500 }),
        fc.double({ min: 0.05, max: 1, noNaN: true }),
        fc.integer({ min: 1, max: 4 }),
        (width, spring, share, room) => {
          const arch = made(width, spring, spring + Math.max(10, share * (width / 2)));
          const points = archedPane(arch, room) ?? [];
          expect(points.length).toBe(35);
          const centre = { x: width / 2, y: arch.crown - arch.radius };
          for (const p of points.slice(2)) {
            const at = { x: p.x + room, y: p.y + room };
            const gap = arch.radius - Math.hypot(at.x - centre.x, at.y - centre.y);
            expect(gap).toBeGreaterThanOrEqual(room - 0.06);
            expect(gap).toBeLessThan(room + 0.35);
            expect(at.x).toBeGreaterThanOrEqual(room);
            expect(at.x).toBeLessThanOrEqual(width - room + 1e-9);
          }
        },
      ),
    );
  });
});
