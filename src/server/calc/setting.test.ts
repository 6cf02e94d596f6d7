import { describe, expect, it } from "vitest";
import { CalcDesiccant, DesiccantCase } from "../../contract/calc-desiccant.ts";
import { CalcFixings } from "../../contract/calc-fixings.ts";
import { CalcPackers, PackersCase } from "../../contract/calc-packers.ts";
import { CalcSealant, SealantCase } from "../../contract/calc-sealant.ts";
import { CalcSticks } from "../../contract/calc-sticks.ts";
import { CalcToeHeel } from "../../contract/calc-toe-heel.ts";
import { calcPackers, calcToeHeel } from "./packing.ts";
import { calcDesiccant, calcFixings, calcSealant, calcSticks } from "./setting.ts";

/** Runs a case as the endpoint does, through its schema first; a refusal is thrown as its sentence. */
const run = <T>(
  route: { input: { parse: (raw: unknown) => unknown } | null },
  calc: (given: never) => { ok: boolean },
  raw: unknown,
): T => {
  const got = calc(route.input?.parse(raw) as never) as
    | { ok: true; value: T }
    | { ok: false; error: { message: string } };
  if (!got.ok) throw new Error(got.error.message);
  return got.value;
};
const said = (f: () => unknown): string => {
  try {
    f();
    return "";
  } catch (e) {
    return (e as Error).message;
  }
};

describe("setting, asked from outside", () => {
  type Packers = {
    stack: { pieces: { text: string }[]; sum: { nm: number } } | null;
    places: { edge: string; atMm: number; job: string }[];
  };
  it("packers: 5 from the box, and their places in inches as well", () => {
    const p = run<Packers>(CalcPackers as never, calcPackers as never, {
      gap: "5",
      pane: { width: "600", height: "900" },
      opens: "hinge-left",
    });
    expect(p.stack?.pieces.map((x) => x.text)).toEqual(["5 mm"]);
    expect(p.places.find((x) => x.job === "carries")).toMatchObject({ edge: "bottom", atMm: 150 });
    const inch = run<Packers>(CalcPackers as never, calcPackers as never, {
      unit: "in",
      gap: "3/16",
      box: ["1/16", "1/8"],
      tolerance: "1/64",
    });
    expect(inch.stack?.sum.nm).toBe(4_762_500);
    expect(inch.places).toEqual([]);
  });
  it("packers: a gap that the box cannot make up", () =>
    expect(
      run<Packers>(CalcPackers as never, calcPackers as never, { gap: "0.8", box: ["1"], tolerance: "0.1" }).stack,
    ).toBeNull());

  it.each<[string, () => { ok: boolean }, string]>([
    [
      "a block longer than its edge",
      () => calcPackers(PackersCase.parse({ pane: { width: "90", height: "600" } })),
      "edge-shorter-than-block",
    ],
    ["a pane of nothing", () => calcPackers(PackersCase.parse({ pane: { width: "0", height: "600" } })), "no-size"],
    ["a gap no packer makes up", () => calcPackers(PackersCase.parse({ gap: "101" })), "no-gap-for-packers"],
    [
      "a bead that runs past the middle",
      () =>
        calcSealant(
          SealantCase.parse({
            panes: [
              { width: "100", height: "200", inside: "50", section: { shape: "triangle", width: "6", depth: "6" } },
            ],
          }),
        ),
      "inside-too-far",
    ],
    [
      "a unit of no size",
      () => calcDesiccant(DesiccantCase.parse({ width: "0", height: "900", channel: "4", spacer: "16", boreMm2: 80 })),
      "no-size",
    ],
    [
      "a channel deeper than the unit",
      () =>
        calcDesiccant(DesiccantCase.parse({ width: "60", height: "900", channel: "27", spacer: "16", boreMm2: 80 })),
      "channel-too-deep",
    ],
  ])("refuses %s, in words", (_, ask, code) =>
    expect(ask()).toMatchObject({ ok: false, error: { code, message: expect.stringMatching(/\.$/) } }),
  );

  type Toe = {
    dropMm: number;
    gammaDeg: number;
    diagonal: Record<string, number>;
    add: Record<string, number> | null;
    restsAtMm: number | null;
  };
  it("toe and heel: from the head gaps, and as packed", () => {
    const t = run<Toe>(CalcToeHeel as never, calcToeHeel as never, {
      sash: { width: "600", height: "900" },
      heads: { hinge: "3", handle: "9" },
      pane: { width: "594", height: "894" },
      packed: { upright: "4", sideways: "4" },
      apart: { dx: "500", dy: "800" },
    });
    expect(t.dropMm).toBe(6);
    expect(t.gammaDeg).toBeCloseTo(0.57297, 4);
    expect(t.diagonal["lengthenMm"]).toBeCloseTo(5.0039, 3);
    expect(t.add).toEqual({ uprightOnlyMm: 5, sidewaysOnlyMm: 8 });
    expect(t.restsAtMm).toBeCloseTo(3.9, 9);
  });
  it.each([
    [{ sash: { width: "600", height: "900" } }, /Give the drop/],
    [{ sash: { width: "600", height: "900" }, drop: 700 }, /larger than the sash is wide/],
    [{ sash: { width: "600", height: "900" }, drop: 6, apart: { dx: "0", dy: "8" } }, /must be more than 0/],
    [{ sash: { width: "wide", height: "900" }, drop: 6 }, /^sash\.width:/],
  ])("toe and heel refused %#", (raw, says) =>
    expect(said(() => run(CalcToeHeel as never, calcToeHeel as never, raw))).toMatch(says),
  );

  it("sealant on the total of all panes", () => {
    const s = run<{ totalMl: number; cartridges310: number }>(CalcSealant as never, calcSealant as never, {
      panes: [{ width: "600", height: "900", section: { shape: "rectangle", width: "6", depth: "4" }, count: 4 }],
    });
    expect([s.totalMl, s.cartridges310]).toEqual([288, 2]);
  });
  it("fixings: 600 × 900", () => {
    const f = run<{ across: { mm: number }[]; upright: { mm: number }[]; count: number; pin: unknown }>(
      CalcFixings as never,
      calcFixings as never,
      { width: "600", height: "900" },
    );
    expect(f.across.map((p) => p.mm)).toEqual([75, 300, 525]);
    expect(f.upright.map((p) => p.mm)).toEqual([75, 262.5, 450, 637.5, 825]);
    expect([f.count, f.pin]).toEqual([16, null]);
  });
  it("sticks: counts, what is left, and a piece that is too long", () => {
    const s = run<{ count: number; boughtMm: number }>(CalcSticks as never, calcSticks as never, {
      pieces: [
        { length: "900", count: 2 },
        { length: "600", count: 2 },
      ],
      stock: ["2400"],
    });
    expect([s.count, s.boughtMm]).toEqual([2, 4800]);
    expect(
      said(() => run(CalcSticks as never, calcSticks as never, { pieces: [{ length: "2500" }], stock: ["2400"] })),
    ).toMatch(/2500 mm is longer than the longest stick, 2400 mm/);
  });
  it("desiccant: 600 × 900, and with the bore's own inset", () => {
    const given = { width: "600", height: "900", channel: "4", spacer: "16", boreMm2: 80 };
    const d = run<{ boreLengthMm: number; beadsG: number; sealMl: number }>(
      CalcDesiccant as never,
      calcDesiccant as never,
      given,
    );
    expect([d.boreLengthMm, Math.round(d.beadsG), Math.round(d.sealMl)]).toEqual([2740, 164, 191]);
    const own = run<{ boreLengthMm: number }>(CalcDesiccant as never, calcDesiccant as never, {
      ...given,
      inset: "10",
    });
    expect(own.boreLengthMm).toBe(2 * (600 - 20 - 50 + 900 - 20 - 50));
  });
});
