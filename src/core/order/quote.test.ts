import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { pence } from "../money/pence.ts";
import { margin, type QuotedPane, type QuoteRates, quoteOf, workPence } from "./quote.ts";

const rates: QuoteRates = {
  hourPence: pence(4500),
  visitPence: pence(4000),
  accessPence: pence(3500),
  bagPence: pence(600),
  deliveryPence: pence(0),
  taxShare: 0.2,
};
const pane = (over: Partial<QuotedPane> = {}): QuotedPane => ({
  pane: "p",
  where: "No. 5",
  glass: "4 mm clear float",
  fitted: "new glass, 4 mm clear float",
  glassPence: pence(3010),
  minutes: [
    { station: "Take out", minutes: 60 },
    { station: "Set", minutes: 35 },
  ],
  materialsPence: pence(1200),
  paints: false,
  takesNight: false,
  upstairs: false,
  bags: 0,
  others: [],
  ...over,
});

describe("a quote", () => {
  it.each([
    [95, 4500, 7125],
    [1, 4500, 75],
    [1, 4501, 75], // 75.016…
    [1, 4530, 76], // 75.5: half a penny up
    [0, 4500, 0],
  ])("%d min at %d pence an hour: %d", (minutes, hour, costs) => expect(workPence(minutes, pence(hour))).toBe(costs));
  it.each<[string, readonly QuotedPane[], number, number]>([
    // 30.10 + 71.25 + 12.00 = 113.35, a visit 40.00: 153.35; tax 30.67.
    ["one pane", [pane()], 15335, 3067],
    ["paint wants a second visit", [pane({ paints: true })], 19335, 3867],
    [
      "primed over night, set and painted: three visits",
      [pane({ paints: true, takesNight: true })],
      11335 + 12000,
      4667,
    ],
    ["two panes share the visits", [pane(), pane({ paints: true })], 2 * 11335 + 8000, 6134],
    ["upstairs and two bags", [pane({ upstairs: true, bags: 2 })], 15335 + 3500 + 1200, 4007],
    ["nothing", [], 0, 0],
  ])("%s", (_, panes, net, tax) => {
    const q = quoteOf(panes, rates);
    expect([q.netPence, q.taxPence, q.totalPence]).toEqual([net, tax, net + tax]);
    expect(q.rows.reduce((s, r) => s + r.pence, 0)).toBe(net);
  });
  it.each<[string, readonly QuotedPane[], Partial<QuoteRates>, readonly string[]]>([
    [
      "one above ground, one bag",
      [pane({ upstairs: true, bags: 1 })],
      {},
      ["The visit", "Access above ground, 1 pane", "Old glass taken away, 1 bag"],
    ],
    [
      "two above ground of three, three bags",
      [pane({ upstairs: true, bags: 1 }), pane({ upstairs: true, bags: 2 }), pane()],
      {},
      ["The visit", "Access above ground, 2 panes", "Old glass taken away, 3 bags"],
    ],
    [
      "all on the ground, glass brought for money",
      [pane()],
      { deliveryPence: pence(900) },
      ["The visit", "Delivery of the glass"],
    ],
    ["paint follows", [pane({ paints: true })], {}, ["Two visits: setting, and paint once it has cured"]],
    [
      "it is primed over night",
      [pane(), pane({ takesNight: true })],
      {},
      ["Two visits: priming, which dries over night, and setting"],
    ],
    [
      "one is primed over night, another painted",
      [pane({ paints: true }), pane({ takesNight: true })],
      {},
      ["Three visits: priming, which dries over night, setting, and paint once it has cured"],
    ],
    ["no charge for the visit", [pane()], { visitPence: pence(0) }, []],
  ])("its lines beside the panes: %s", (_, panes, over, says) =>
    expect(
      quoteOf(panes, { ...rates, ...over })
        .rows.filter((r) => r.pane === null)
        .map((r) => r.says),
    ).toEqual(says),
  );
  it.each<[string, readonly QuotedPane[], number]>([
    ["one pane of 60 and 35 minutes", [pane()], 95 / 60],
    ["two of them", [pane(), pane()], 190 / 60],
    ["another of 25", [pane(), pane({ minutes: [{ station: "Set", minutes: 25 }] })], 2],
    ["nothing", [], 0],
  ])("its hours: %s", (_, panes, hours) => expect(quoteOf(panes, rates).hours).toBeCloseTo(hours, 9));
  it("whole pence whatever the figures, and a line for each pane", () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 0, max: 600 }), { maxLength: 12 }),
        fc.integer({ min: 1, max: 20000 }),
        (mins, hourPence) => {
          const q = quoteOf(
            mins.map((minutes) => pane({ minutes: [{ station: "Set", minutes }] })),
            { ...rates, hourPence: pence(hourPence) },
          );
          expect(q.rows.every((r) => Number.isInteger(r.pence))).toBe(true);
          expect(q.rows.filter((r) => r.pane !== null)).toHaveLength(mins.length);
          expect(q.totalPence).toBe(q.netPence + q.taxPence);
        },
      ),
    );
  });
  it("what it came to: 153.35 less glass 30.00, 2 h at 45.00 and 5.00", () =>
    expect(margin(pence(15335), { glassPence: pence(3000), hours: 2, otherPence: pence(500) }, pence(4500))).toBe(
      2835,
    ));
});
