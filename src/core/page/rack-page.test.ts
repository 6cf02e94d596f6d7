import { expect, it } from "vitest";
import type { StockPane } from "../house/stock.ts";
import { dayOf } from "../units/day.ts";
import { mm } from "../units/length.ts";
import { composeRack } from "./rack-page.ts";

/* What somebody with a list in hand walks past, and what is to be bought. */

const given = (name: string, slot: string | undefined, more: Partial<StockPane> = {}): StockPane => ({
  name,
  widthNm: mm(600),
  heightNm: mm(900),
  thicknessNm: mm(4),
  glass: "float",
  slot,
  ...more,
});
const rack = (...stock: readonly StockPane[]) =>
  composeRack(
    { stock, counted: new Map([["a", { day: "2026-05-19", who: "Nell" }]]), takenTwice: [] },
    dayOf("2026-05-20"),
  );

it("goes slot by slot as they are numbered, what has none last, the largest first", () =>
  expect(
    rack(
      given("z", undefined),
      given("b", "rack 10"),
      given("a", "rack 2"),
      given("big", "rack 2", { widthNm: mm(900) }),
    ).slots.map((s) => [s.slot, s.pieces.map((p) => p.piece.name).join()]),
  ).toEqual([
    ["rack 2", "big,a"],
    ["rack 10", "b"],
    ["", "z"],
  ]));
it("knows who counted, and when", () =>
  expect(rack(given("a", "x"), given("b", "x")).slots[0]?.pieces.map((p) => p.counted?.who ?? null)).toEqual([
    "Nell",
    null,
  ]));
it("leaves out what lies nowhere, and keeps it on the list", () => {
  const r = rack(given("bought", "x", { bought: true }), given("none", "x", { count: 0 }));
  expect([r.slots, r.all.length]).toEqual([[], 2]);
});
it.each<[string, Partial<StockPane>, number]>([
  ["nobody said how many are kept", {}, 0],
  ["one there as nobody counted, three kept", { least: 3 }, 2],
  ["as many as are kept", { count: 3, least: 3 }, 0],
  ["none there", { count: 0, least: 2 }, 2],
  ["more than are kept", { count: 5, least: 2 }, 0],
  ["bought as needed", { bought: true, least: 2 }, 0],
])("to buy: %s, %o, %d", (_, more, buy) => expect(rack(given("s", "x", more)).toBuy[0]?.more ?? 0).toBe(buy));
