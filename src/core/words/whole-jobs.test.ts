import { describe, expect, it } from "vitest";
import { PLAIN_DAYS as calendar } from "../../../tests/support/plain-days.ts";
import { PANE, Teller } from "../../../tests/support/told.ts";
import type { System } from "../frame/systems.ts";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import { foldPane } from "../pane/book.ts";
import { reckon } from "../pane/reckoning.ts";
import { dayOf } from "../units/day.ts";
import type { LengthUnit } from "../units/length.ts";
import { wholePane } from "./whole-pane.ts";

/* Whole jobs, from what was told to what is ordered, packed and brought: every figure can be checked with a pencil. */

function job(system: System, tell: (t: Teller) => void, unit: LengthUnit = "mm") {
  const t = new Teller().opened().added(PANE, system);
  tell(t);
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  const r = reckon(book, { house: HOUSE_DEFAULTS, calendar });
  return wholePane(book, r, {
    unit,
    dialect: "a",
    today: dayOf("2026-05-20"),
    nowMs: Date.UTC(2026, 4, 20, 12),
    others: [],
  });
}
const easy = (t: Teller, unit: LengthUnit = "mm") =>
  void t.tell("size.rule", { school: "easy", off: null, grid: unit === "mm" ? "1 mm" : "1/16 in" });
const READ = { "width-middle": "600", "height-middle": "900", "rebate-depth": "10", "rebate-width": "18" };
const measured = (t: Teller) => {
  easy(t);
  t.read(READ);
};

/** What holds it: by the way round of 597 × 897, which is 2 988 mm. */
type Holds = { sprigs?: number; gasketMm?: number; tapeMm?: number; puttyBuyKg?: number; pins?: number };

describe("600 × 900, 3 off, in every frame: 597 × 897, two stacks of 1.5, at a quarter of its foot", () => {
  it.each<[System, sheets: 1 | 2, Holds]>([
    // Between the end ones at 75 lie 447 and 747: two pitches of 223.5 and four of 186.75, so 3 and 5 a side, twice.
    // Bed 59.2, face 178.4, edge 17.964 ml at 2 t/m³, a tenth of it wasted: 0.568 kg.
    ["timber-putty", 1, { sprigs: 16, puttyBuyKg: 0.568 }],
    ["timber-bead", 1, { pins: 24 }],
    // A hundredth longer than the way round, up to the next 10 mm.
    ["plastic-bead-inside", 2, { gasketMm: 3020 }],
    ["plastic-no-bead", 2, { gasketMm: 3020 }],
    ["in-front", 1, { gasketMm: 3020 }],
    // A tenth for waste: 3 286.8.
    ["plastic-bead-outside", 2, { tapeMm: 3290 }],
    ["compression-moulding", 2, { tapeMm: 3290 }],
    ["pinned-stop", 2, { pins: 24 }],
    ["cassette", 2, {}],
    ["metal-frame", 1, { puttyBuyKg: 0.568 }],
  ])("%s", (system, sheets, holds) => {
    const p = job(system, measured);
    expect([p.size?.width.text, p.size?.height.text]).toEqual(["597 mm", "897 mm"]);
    // 0.597 × 0.897 m² of 4 mm at 2 500 kg/m³, each sheet.
    expect(p.massKg).toBeCloseTo(5.35509 * sheets, 5);
    // Two halves screwed together, or clips, hold it: no packer stands in those.
    const packs = system !== "cassette" && system !== "in-front";
    expect([p.packers?.gapMm, p.packers?.stackMm]).toEqual(packs ? [1.5, [1.5]] : [null, null]);
    expect(p.packers?.places.filter((s) => s.edge === "bottom").map((s) => [s.atMm, s.job])).toEqual(
      packs
        ? [
            [149.25, "carries"],
            [447.75, "carries"],
          ]
        : [],
    );
    const m = p.quantities.materials;
    expect({
      sprigs: m?.sprigs ?? undefined,
      gasketMm: m?.gasketMm ?? undefined,
      tapeMm: m?.tapeMm ?? undefined,
      puttyBuyKg: m?.puttyBuyKg ? Math.round(m.puttyBuyKg * 1000) / 1000 : undefined,
      pins: m?.pins?.count,
    }).toEqual({
      sprigs: undefined,
      gasketMm: undefined,
      tapeMm: undefined,
      puttyBuyKg: undefined,
      pins: undefined,
      ...holds,
    });
  });
});

describe("other ways, units and sashes", () => {
  it("hinged left: foot at the hinge and head at the handle carry and brace", () => {
    const p = job("plastic-bead-inside", (t) => {
      measured(t);
      t.tell("measure.found", { hinge: "left", marks: "", spacerDate: "", held: "not-said" });
    });
    expect(
      p.packers?.places
        .filter((s) => s.job !== "locates")
        .map((s) => `${s.edge} ${s.atMm} ${s.job}`)
        .sort(),
    ).toEqual(["bottom 149.25 carries", "left 224.25 braces", "right 672.75 braces", "top 447.75 braces"]);
  });
  it("inches, easy: 24 − 1/8, 36 − 1/8; 5/32 glass of 5.483 kg", () => {
    const p = job(
      "timber-bead",
      (t) => {
        easy(t, "in");
        t.read({ "width-middle": "24", "height-middle": "36" }, "in");
      },
      "in",
    );
    expect([p.size?.width.text, p.size?.height.text]).toEqual(['23 7/8"', '35 7/8"']);
    // 606.425 × 911.225 mm of 4 mm.
    expect(p.massKg).toBeCloseTo(5.4827, 4);
    expect(p.glass.says).toMatch(/^5\/32 in clear float/);
  });
  it("an old pane copied in inches keeps its size, and its unit its sheets' weight", () => {
    const p = job(
      "plastic-bead-inside",
      (t) => {
        t.tell("measure.way", { way: "old-unit" });
        t.read({ "old-width": "23 1/2", "old-height": "35 5/16" }, "in");
        t.tell("specify.makeup", {
          makeup: {
            panes: [3.175, 3.175].map((mm) => ({ mm, kind: "float" as const })),
            cavities: [{ mm: 9.525, gas: "air", fill: 1 }],
            coatings: [],
            spacer: "warm edge, black",
          },
        });
      },
      "in",
    );
    expect([p.size?.width.text, p.size?.height.text]).toEqual(['23 1/2"', '35 5/16"']);
    expect(p.glass.says).toBe("5/8 in sealed unit, 1/8 - 3/8 - 1/8, warm edge, black");
    // 596.9 × 896.9375 mm of 6.35 mm of glass, not of 15.875.
    expect(p.massKg).toBeCloseTo(0.5969 * 0.8969375 * 6.35 * 2.5, 4);
  });
  it("through standing glass that goes in 8: 580 + 16, whatever school is chosen", () => {
    const p = job("metal-frame", (t) => {
      easy(t);
      t.tell("measure.way", { way: "through-glass" });
      t.read({ "sight-width": "580", "sight-height": "880", "goes-in": "8" });
    });
    expect([p.size?.width.text, p.size?.height.text, p.massKg?.toFixed(2)]).toEqual(["596 mm", "896 mm", "5.34"]);
  });
  it.each([
    // Linseed paints from day 7 to day 28, acrylic from 3 to 14: Wednesday 20 May and on; Saturday 23rd is not worked.
    ["linseed", { opens: "2026-05-27", from: "2026-05-27", closes: "2026-06-17" }],
    ["acrylic", { opens: "2026-05-23", from: "2026-05-25", closes: "2026-06-03" }],
  ] as const)("set on 20 May in %s, its paint has these days", (compound, paint) => {
    const p = job("timber-putty", (t) => {
      measured(t);
      t.tell("set.done", { day: "2026-05-20", compound, sprigs: 16 });
    });
    expect(p.paint).toEqual(paint);
    expect([p.stands, p.compound.used]).toEqual(["set", true]);
  });
});
