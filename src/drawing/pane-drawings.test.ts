import { describe, expect, it } from "vitest";
import { SYSTEMS } from "../core/frame/systems.ts";
import { SIDES } from "../core/geometry/quad.ts";
import { type MapItem, tapped } from "../core/takeout/how-it-was.ts";
import { TURNED } from "../core/takeout/profile.ts";
import { beadTurned, TURNED_BOX } from "./bead-turned.ts";
import { heatChart } from "./heat-chart.ts";
import { mapPlace, PANE_IN_MAP } from "./how-it-was.ts";
import { onWall } from "./on-wall.ts";
import { sectionOf } from "./section.ts";
import { opensAt, SECTION_BOX, systemSection } from "./system-section.ts";
import { unitSection } from "./unit-section.ts";

/** All numbers of a path. */
const numbers = (d: string): number[] => (d.match(/-?\d+(\.\d+)?/g) ?? []).map(Number);

describe("a section of every system", () => {
  it.each(
    SYSTEMS.flatMap(
      (s) =>
        [
          [s, "glass"],
          [s, "unit"],
        ] as const,
    ),
  )("%s with one sheet and with a unit: %s stands in it, drawn within its box", (system, held) => {
    const shapes = systemSection(system, held);
    expect(shapes.some((s) => s.ink === "d-pane")).toBe(true);
    expect(shapes.some((s) => s.ink === "d-frame")).toBe(true);
    for (const s of shapes) {
      expect(s.d).not.toMatch(/NaN|undefined/);
      const start = /^M(-?[\d.]+) (-?[\d.]+)/.exec(s.d);
      expect(Number(start?.[1])).toBeGreaterThanOrEqual(0);
      expect(Number(start?.[1])).toBeLessThanOrEqual(SECTION_BOX.width);
      expect(Number(start?.[2])).toBeLessThanOrEqual(SECTION_BOX.height);
    }
  });
  it("metal that holds by beads is drawn with beads, opening in the room, and no compound", () => {
    const inks = systemSection("metal-frame", "glass", "beads").map((s) => s.ink);
    expect(inks).toContain("d-strip");
    expect(inks).not.toContain("d-face");
    expect(opensAt("metal-frame", "beads")).toBe("inside");
    expect(systemSection("metal-frame", "glass", "putty")).toEqual(systemSection("metal-frame", "glass"));
  });
  it("no two systems look alike", () => {
    const drawn = SYSTEMS.map((s) => JSON.stringify(systemSection(s)));
    expect(new Set(drawn).size).toBe(SYSTEMS.length);
  });
  it("one sheet is drawn once, a unit twice, whatever the frame; the pane in front is always one before another", () => {
    const sheets = (system: (typeof SYSTEMS)[number], held: "glass" | "unit") =>
      systemSection(system, held).filter((s) => s.ink === "d-pane").length;
    for (const s of SYSTEMS.filter((given) => given !== "in-front"))
      expect([s, sheets(s, "glass"), sheets(s, "unit")]).toEqual([s, 1, 2]);
    expect(sheets("in-front", "unit")).toBe(2);
  });
  it("what comes off shows on the side where it mostly does", () => {
    expect(opensAt("plastic-bead-inside")).toBe("inside");
    expect(opensAt("plastic-bead-outside")).toBe("outside");
    expect(opensAt("cassette")).toBe("inside");
  });
});

describe("things on the map", () => {
  const item = (edge: MapItem["edge"], share: number): MapItem => ({
    item: "i",
    thing: "packer",
    edge,
    share,
    thickness: null,
    width: null,
    material: "",
  });
  it.each(SIDES.flatMap((edge) => [0.1, 0.5, 0.9].map((share) => [edge, share] as const)))(
    "%s at %f: a tap where it is drawn finds it again",
    (edge, share) => {
      const [x = 0, y = 0] = numbers(mapPlace(item(edge, share)).block);
      const level = edge === "top" || edge === "bottom";
      // A block begins half its length before its middle.
      const found = tapped({ x: level ? x + 13 : x, y: level ? y : y + 13, box: PANE_IN_MAP });
      expect(found.edge).toBe(edge);
      expect(found.share).toBeCloseTo(share, 9);
    },
  );
});

describe("the pane on its wall", () => {
  const box = { width: 220, height: 130 };
  it("stands by one scale: a sill twice as high rises twice as far", () => {
    const rise = (sill: number): number => {
      const n = numbers(onWall({ sill, door: 500, pane: { width: 600, height: 400 }, box }).rise);
      return Math.abs((n[1] ?? 0) - (n[3] ?? 0));
    };
    expect(rise(1000) / rise(500)).toBeCloseTo(2, 9);
  });
  it("shades the low zone and the door's, and none where nobody asked", () => {
    const zones = { low: 800, besideDoor: 300, doorUp: 1500 };
    expect(onWall({ sill: 900, door: 400, pane: null, zones, box }).zones).toHaveLength(2);
    expect(onWall({ sill: 900, door: 400, pane: null, box }).zones).toEqual([]);
  });
  it.each([
    ["a small light", { width: 473, height: 699 }],
    ["one larger than a usual door", { width: 900, height: 1900 }],
  ])("%s of a door stands within the door, and no distance is drawn", (_, pane) => {
    const zones = { low: 800, besideDoor: 300, doorUp: 1500 };
    const d = onWall({ sill: 200, door: null, inDoor: true, pane, zones, box });
    const span = (path: string, axis: 0 | 1): readonly [number, number] => {
      const given = numbers(path).filter((_, i) => i % 2 === axis);
      return [Math.min(...given), Math.max(...given)];
    };
    for (const axis of [0, 1] as const) {
      const [glass, leaf] = [span(d.pane, axis), span(d.door, axis)];
      expect(glass[0]).toBeGreaterThan(leaf[0]);
      expect(glass[1]).toBeLessThan(leaf[1]);
    }
    expect(d.away).toBeNull();
    expect(numbers(d.door).every((n) => n >= 0 && n <= box.width)).toBe(true);
  });
  it("says which of its lengths are only taken for granted", () => {
    expect(onWall({ sill: null, door: 100, pane: null, box }).known).toEqual({ sill: false, door: true });
  });
});

describe("a unit in section", () => {
  it("numbers its faces from outside and marks the coated one", () => {
    const d = unitSection({ panesMm: [4, 4], cavitiesMm: [16], coated: [3], box: { width: 220, height: 120 } });
    expect(d.faces.map((f) => [f.n, f.coated])).toEqual([
      [1, false],
      [2, false],
      [3, true],
      [4, false],
    ]);
    const [f1, f2, f3, f4] = d.faces.map((f) => f.x);
    // To scale: the cavity is four times a pane.
    expect(((f3 ?? 0) - (f2 ?? 0)) / ((f2 ?? 0) - (f1 ?? 0))).toBeCloseTo(4, 9);
    expect((f4 ?? 0) - (f3 ?? 0)).toBeCloseTo((f2 ?? 0) - (f1 ?? 0), 9);
    expect(d.spacers).toHaveLength(1);
  });
});

describe("heat loss by cavity width", () => {
  const chart = heatChart({
    glassMm: 8,
    emissivity: 0.05,
    marked: [
      { name: "plain", cavityMm: 16, heat: 2.7, on: true },
      { name: "argon", cavityMm: 40, heat: 1.2, on: true },
    ],
    unit: "mm",
    box: { width: 440, height: 190 },
  });
  it("stands on the reader's own marks", () => {
    expect(chart.xTicks.map((t) => t.text)).toEqual(["4", "8", "12", "16", "20", "24"]);
    const inches = heatChart({
      glassMm: 6.35,
      emissivity: 0.05,
      marked: [],
      unit: "in",
      box: { width: 440, height: 190 },
    });
    expect(inches.xTicks.map((t) => t.text)).toEqual(["1/8", "1/4", "3/8", "1/2", "5/8", "3/4", "7/8"]);
  });
  it("three curves, the better the lower", () => {
    const ends = chart.curves.map((c) => c.label.y);
    expect(chart.curves.map((c) => c.name)).toEqual(["plain, air", "coated, air", "coated, argon"]);
    expect(ends[1]).toBeGreaterThan(ends[0] ?? 0);
    expect(ends[2]).toBeGreaterThan(ends[1] ?? 0);
    // Their names stand one below the other, however near the curves end.
    for (const i of [1, 2]) expect((ends[i] ?? 0) - (ends[i - 1] ?? 0)).toBeGreaterThanOrEqual(15);
  });
  it("marks stand on their own figures, and never off the chart", () => {
    const [plain, argon] = chart.marks;
    expect(plain?.y).toBeLessThan(argon?.y ?? 0);
    expect(argon?.x).toBeLessThanOrEqual(chart.right);
  });
});

describe("a unit through the rail", () => {
  const at = {
    rebateDepth: 15,
    rebateWidth: 40,
    bed: 2,
    nose: 0,
    gap: 3,
    packed: 3,
    holds: "none" as const,
    opens: "outside" as const,
    box: { width: 380, height: 300 },
  };
  it("two sheets with a spacer between them, as thick as one piece would be", () => {
    const unit = sectionOf({ ...at, glass: 24, layers: { panesMm: [4, 4], cavitiesMm: [16] } });
    const one = sectionOf({ ...at, glass: 24 });
    expect([unit.sheets.length, unit.spacers.length, one.sheets.length, one.spacers.length]).toEqual([2, 1, 1, 0]);
    const xs = (d: string) => [...d.matchAll(/(-?[\d.]+)[ ,](-?[\d.]+)/g)].map((m) => Number(m[1]));
    const left = (d: string) => Math.min(...xs(d));
    expect(left(unit.sheets[0] ?? "")).toBeCloseTo(left(one.sheets[0] ?? ""), 3);
  });
  it("three sheets have two spacers", () => {
    const unit = sectionOf({ ...at, glass: 24, layers: { panesMm: [4, 4, 4], cavitiesMm: [6, 6] } });
    expect([unit.sheets.length, unit.spacers.length]).toEqual([3, 2]);
  });
});

describe("which way round a bead goes", () => {
  it("each is drawn differently beside the same glass, within its box", () => {
    const all = TURNED.map(beadTurned);
    expect(new Set(all.map((d) => d.bead)).size).toBe(TURNED.length);
    expect(new Set(all.map((d) => d.glass)).size).toBe(1);
    for (const d of all)
      for (const m of d.bead.matchAll(/[ML](\d+) (\d+)/g)) {
        expect(Number(m[1])).toBeLessThanOrEqual(TURNED_BOX.width);
        expect(Number(m[2])).toBeLessThanOrEqual(TURNED_BOX.height);
      }
  });
});
