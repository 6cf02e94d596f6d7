import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { pence } from "../money/pence.ts";
import { penceIn } from "../money/read-money.ts";
import { mm } from "../units/length.ts";
import { priceRows, termsFromRows } from "../words/price-csv.ts";
import {
  EXTRAS,
  type Extra,
  orderTotal,
  PER,
  type Per,
  type PriceList,
  panePence,
  pricedName,
  pricedOf,
  taxOn,
} from "./price.ts";

const list = (over: Partial<PriceList> = {}): PriceList => ({
  products: [
    { product: "float/4", pencePerM2: pence(5500) },
    { product: "unit/2", pencePerM2: pence(9600) },
  ],
  extras: [],
  leastPence: pence(2000),
  deliveryPence: pence(0),
  ...over,
});
const pane = (w: number, h: number, extras: readonly { extra: Extra; count: number }[] = [], product = "float/4") => ({
  width: mm(w),
  height: mm(h),
  product,
  extras,
});

describe("what one pane costs", () => {
  it.each<[string, ReturnType<typeof pane>, PriceList, number]>([
    // 0.608 × 0.9 = 0.5472 m², at 55.00: 30.096.
    ["by area, rounded once", pane(608, 900), list(), 3010],
    ["the least charge", pane(300, 300), list(), 2000],
    // 0.3636… m² at 55.00 is 20.00 to the penny: 400 × 909.09.
    ["just at the least", pane(400, 909), list(), 2000],
    ["just above it", pane(400, 910), list(), 2002],
    // Half a penny goes up: 0.1 m² at 20.05 is 2.005.
    [
      "half a penny up",
      pane(500, 200),
      list({ products: [{ product: "float/4", pencePerM2: pence(2005) }], leastPence: pence(0) }),
      201,
    ],
    [
      "under half goes down",
      pane(500, 200),
      list({ products: [{ product: "float/4", pencePerM2: pence(2004) }], leastPence: pence(0) }),
      200,
    ],
    // Polished: 2 × (0.6 + 0.9) = 3 m at 3.50.
    [
      "by the metre of edge",
      pane(600, 900, [{ extra: "polished", count: 1 }]),
      list({ extras: [{ extra: "polished", pence: pence(350), per: "metre" }] }),
      2970 + 1050,
    ],
    [
      "each",
      pane(600, 900, [{ extra: "bars", count: 3 }]),
      list({ extras: [{ extra: "bars", pence: pence(450), per: "each" }] }),
      2970 + 1350,
    ],
    // Two sheets toughened at 26.00 a m²: 0.54 × 52.00 = 28.08.
    [
      "by area, for each sheet",
      pane(600, 900, [{ extra: "toughened-sheet", count: 2 }], "unit/2"),
      list({ extras: [{ extra: "toughened-sheet", pence: pence(2600), per: "m2" }] }),
      5184 + 2808,
    ],
    // 12% on 51.84 is 6.2208: 58.0608.
    [
      "a share of the glass",
      pane(600, 900, [{ extra: "coating", count: 1 }], "unit/2"),
      list({ extras: [{ extra: "coating", pence: pence(120), per: "permille" }] }),
      5806,
    ],
    // The share is of the least charge where that is what is asked.
    [
      "a share of the least charge",
      pane(300, 300, [{ extra: "coating", count: 1 }], "unit/2"),
      list({ extras: [{ extra: "coating", pence: pence(120), per: "permille" }] }),
      2240,
    ],
  ])("%s", (_, given, on, pence) => expect(panePence(given, on)).toEqual({ pence, missing: [] }));

  it("says what is not on the list", () => {
    expect(panePence(pane(600, 900, [{ extra: "shape", count: 1 }], "float/6"), list()).missing).toEqual([
      "float/6",
      "shape",
    ]);
  });

  it("agrees with plain decimals to the penny, and never falls as the pane grows", () => {
    const side = fc.integer({ min: 100, max: 3000 });
    fc.assert(
      fc.property(side, side, fc.integer({ min: 1, max: 30000 }), (w, h, rate) => {
        const on = list({ products: [{ product: "float/4", pencePerM2: pence(rate) }], leastPence: pence(0) });
        const costs = panePence(pane(w, h), on).pence;
        expect(Math.abs(costs - (w * h * rate) / 1e6)).toBeLessThanOrEqual(0.5 + 1e-6);
        expect(panePence(pane(w + 1, h), on).pence).toBeGreaterThanOrEqual(costs);
      }),
    );
  });
});

describe("an order's total", () => {
  it.each([
    ["delivery once, tax once on the sum", [3010, 1250], 0, 0.2, 852, 5112],
    ["with delivery", [3010], 1500, 0.2, 902, 5412],
    ["half a penny of tax goes up", [1003], 0, 0.05, 50, 1053],
    ["and up where it is half exactly", [1010], 0, 0.05, 51, 1061],
    ["no tax", [999], 0, 0, 0, 999],
    ["nothing", [], 0, 0.2, 0, 0],
  ] as const)("%s", (_, lines, delivery, share, tax, total) => {
    const t = orderTotal(lines.map(pence), pence(delivery), share);
    expect([t.taxPence, t.totalPence]).toEqual([tax, total]);
  });
  it("tax by an odd share is exact", () => expect(taxOn(pence(12345), 0.0825)).toBe(1018));
});

describe("what a line is on a list", () => {
  const base = {
    widthNm: 6e8,
    heightNm: 9e8,
    thicknessMm: 4,
    glass: "float",
    pattern: "",
    edges: "arrissed",
    shaped: false,
  } as const;
  it.each<[string, Parameters<typeof pricedOf>[0], string, readonly string[]]>([
    ["plain float", base, "float/4", []],
    ["laminated 6.4", { ...base, glass: "laminated", thicknessMm: 6.4 }, "laminated/6.4", []],
    ["polished, cut to shape", { ...base, edges: "polished", shaped: true }, "float/4", ["polished", "shape"]],
    [
      "patterned glass needs no extra for its pattern",
      { ...base, glass: "patterned", pattern: "reeded" },
      "patterned/4",
      [],
    ],
    [
      "a unit, coated, argon, one sheet toughened, barred",
      {
        ...base,
        makeup: {
          panes: [
            { mm: 4, kind: "toughened" },
            { mm: 4, kind: "float" },
          ],
          cavities: [{ mm: 16, gas: "argon", fill: 0.9 }],
          coatings: [{ face: 3, emissivity: 0.05 }],
          spacer: "",
        },
        bars: { uprights: 1, crosses: 2 },
      },
      "unit/2",
      ["coating", "argon", "toughened-sheet", "bars"],
    ],
  ])("%s", (_, line, product, extras) => {
    const priced = pricedOf(line);
    expect([priced.product, priced.extras.map((e) => e.extra)]).toEqual([product, extras]);
  });
});

describe("a price list as a file", () => {
  it.each([
    ["55", 5500],
    ["55.5", 5550],
    ["55.05", 5505],
    ["0", 0],
    ["55.055", null],
    ["£55", 5500],
    ["-1", null],
    ["", null],
  ] as const)("%s is %s pence", (text, is) => expect(penceIn(text)).toBe(is));

  it("written and read again is the same", () => {
    const money = fc.integer({ min: 0, max: 500_000 }).map(pence);
    const terms = fc.record({
      name: fc.constant("A"),
      makes: fc.constant([]),
      leastPence: money,
      deliveryPence: money,
      products: fc.uniqueArray(
        fc.record({
          product: fc.constantFrom("float/4", "float/6", "laminated/6.4", "unit/2", "unit/3"),
          pencePerM2: money,
        }),
        { selector: (p) => p.product },
      ),
      extras: fc.uniqueArray(
        fc.record({
          extra: fc.constantFrom(...EXTRAS),
          pence: fc.integer({ min: 0, max: 9999 }).map(pence),
          per: fc.constantFrom<Per>(...PER),
        }),
        { selector: (e) => e.extra },
      ),
    });
    fc.assert(
      fc.property(terms, (t) => {
        const read = termsFromRows(priceRows(t), { name: "A", makes: [] });
        expect(read).toEqual({ ok: true, terms: t });
      }),
    );
  });
  it.each([
    [{ what: "float/4", price: "dear", per: "m2" }, /“dear” is not a price/],
    [{ what: "float/4", price: "55.00", per: "each" }, /priced by m2, not by “each”/],
    [{ what: "bars", price: "4.50", per: "foot" }, /“foot” is not one of each, m2, metre, permille/],
    [{ what: "plate", price: "4.50", per: "m2" }, /“plate” is not known/],
    [{ price: "4.50", per: "m2" }, /“” is not known/],
  ])("row %#", (row, says) => {
    const read = termsFromRows([{ what: "least", price: "20.00", per: "pane" }, row], { name: "A", makes: [] });
    if (read.ok) throw new Error("taken");
    expect(read.errors[0]?.row).toBe(3);
    expect(read.errors[0]?.says).toMatch(says);
  });
  it.each([
    ["float/4", "4 mm clear float"],
    ["unit/2", "a {unit} of two sheets"],
    ["unit/3", "a {unit} of three sheets"],
    ["toughened-sheet", "a sheet {toughened}"],
  ])("%s is said as %s", (given, says) => expect(pricedName(given)).toBe(says));
});
