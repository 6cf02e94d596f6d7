import { describe, expect, it } from "vitest";
import { insertsNear, lineShows, type StockInsert, type StockPane } from "../house/stock.ts";
import { mm, nm, toMm } from "../units/length.ts";
import { fromStock, nextSizeDown, type StockNeed } from "./from-stock.ts";
import { playOf } from "./play.ts";

const pane = (name: string, width: number, height: number, thickness = 4, glass: StockPane["glass"] = "float") => ({
  name,
  widthNm: mm(width),
  heightNm: mm(height),
  thicknessNm: mm(thickness),
  glass,
});
const need: StockNeed = {
  tight: { width: mm(612), height: mm(903) },
  wanted: { width: mm(608), height: mm(900) },
  leastOff: mm(1),
  mostOff: { width: mm(14), height: mm(14) },
  thickness: mm(4),
  kind: "float",
  leastStrip: mm(10),
};

describe("a pane from stock", () => {
  it.each<[string, readonly StockPane[], readonly [name: string, cuts: number, width: number, height: number][]]>([
    ["as sold, no cut", [pane("610 by 900", 610, 900)], [["610 by 900", 0, 610, 900]]],
    ["lying on the shelf the other way", [pane("900 by 610", 900, 610)], [["900 by 610", 0, 610, 900]]],
    ["one way as sold, the other cut", [pane("610 by 1200", 610, 1200)], [["610 by 1200", 1, 610, 900]]],
    ["both cut", [pane("750 by 1000", 750, 1000)], [["750 by 1000", 2, 608, 900]]],
    ["a strip too narrow to break", [pane("614 by 1200", 614, 1200)], []],
    ["too narrow by more than the cover", [pane("595 by 900", 595, 900)], []],
    ["covered by just as much as it must be", [pane("598 by 889", 598, 889)], [["598 by 889", 0, 598, 889]]],
    ["and by a hair less", [pane("597.9 by 889", 597.9, 889)], []],
    ["just as much off as goes in", [pane("611 by 902", 611, 902)], [["611 by 902", 0, 611, 902]]],
    ["a strip that just breaks", [pane("618 by 900", 618, 900)], [["618 by 900", 1, 608, 900]]],
    ["and one a hair narrower", [pane("617.9 by 900", 617.9, 900)], []],
    ["another thickness is no help", [pane("610 by 900", 610, 900, 3)], []],
    ["another kind is no help", [pane("610 by 900", 610, 900, 4, "laminated")], []],
    [
      "fewest cuts first, then least waste; cut either way round it is one and the same",
      [pane("large", 1000, 1200), pane("near", 750, 1000), pane("as it is", 606, 898)],
      [
        ["as it is", 0, 606, 898],
        ["near", 2, 608, 900],
        ["large", 2, 608, 900],
      ],
    ],
  ])("%s", (_, stock, expected) => {
    const got = fromStock(stock, need).map((c) => [c.pane.name, c.cuts, toMm(c.glass.width), toMm(c.glass.height)]);
    expect(got).toEqual(expected);
  });
  it("a pattern is not turned, toughened glass is not cut", () => {
    const patterned = fromStock([pane("p", 900, 610, 4, "patterned")], { ...need, kind: "patterned" });
    expect(patterned).toEqual([]);
    const tough = [pane("t", 610, 1200, 4, "toughened"), pane("u", 610, 900, 4, "toughened")];
    expect(fromStock(tough, { ...need, kind: "toughened" }).map((c) => c.pane.name)).toEqual(["u"]);
  });
  it.each<[string, Partial<StockPane>, Partial<StockNeed>, readonly boolean[]]>([
    ["reeded from reeded", { pattern: "reeded" }, { pattern: "Reeded" }, [false]],
    ["stippled from reeded", { pattern: "reeded" }, { pattern: "stippled" }, []],
    ["lines across in the window", { pattern: "reeded" }, { pattern: "reeded", runs: "across" }, []],
    ["and on the sheet too", { pattern: "reeded", runs: "across" }, { pattern: "reeded", runs: "across" }, [false]],
    ["bronze from clear", {}, { tint: "bronze" }, []],
    ["bronze from bronze", { tint: "bronze" }, { tint: "bronze" }, [false]],
    ["none there", { count: 0 }, {}, []],
  ])("of patterned 610 by 900: %s", (_, sheet, more, turned) => {
    const got = fromStock([{ ...pane("p", 610, 900, 4, "patterned"), ...sheet }], {
      ...need,
      kind: "patterned",
      ...more,
    });
    expect(got.map((c) => c.turned)).toEqual(turned);
  });
  it("a sheet with its lines across is turned for a pane with them upright", () => {
    const across = { ...pane("p", 900, 610, 4, "patterned"), pattern: "reeded", runs: "across" as const };
    const got = fromStock([across], { ...need, kind: "patterned", pattern: "reeded", runs: "up" });
    expect(got.map((c) => [c.turned, c.cuts])).toEqual([[true, 0]]);
  });
  it("what is left over of it: of 610 by 1200 a strip of 610 by 300", () =>
    expect(fromStock([pane("p", 610, 1200)], need)[0]?.wasteNm2).toBe(mm(610) * mm(300)));
  it("keeps two factory edges of each dimension that is not cut and one of each that is", () => {
    const edges = (stock: StockPane) => fromStock([stock], need)[0]?.factoryEdges;
    expect([edges(pane("a", 610, 900)), edges(pane("b", 610, 1200)), edges(pane("c", 750, 1000))]).toEqual([4, 3, 2]);
  });
  it("next size down is the largest that goes in as sold", () => {
    const stock = [pane("small", 600, 890), pane("near", 610, 900), pane("large", 700, 1000)];
    expect(nextSizeDown(fromStock(stock, need))?.pane.name).toBe("near");
    expect(nextSizeDown(fromStock([pane("large", 700, 1000)], need))).toBeUndefined();
  });
});

describe("play on four sides", () => {
  const opening = { tight: need.tight, glass: need.wanted };
  it("floats across, stands on its packers below, and has the rest at the head", () => {
    const play = playOf({ ...opening, foot: mm(1), depths: { left: mm(10), right: mm(9), bottom: mm(8), top: mm(7) } });
    const all = Object.fromEntries(
      Object.entries(play).map(([s, p]) => [s, [p.gap, p.cover, p.worst].map((v) => (v === null ? null : toMm(v)))]),
    );
    expect(all).toEqual({ left: [2, 8, 6], right: [2, 7, 5], bottom: [1, 7, 7], top: [2, 5, 5] });
  });
  it("says no cover while no depth is read", () => {
    expect(playOf({ ...opening, foot: mm(1.5) }).top).toEqual({ gap: mm(1.5), cover: null, worst: null });
  });
});

describe("listed door inserts", () => {
  const insert = (family: string, w: number, h: number, door: [number, number]): StockInsert => ({
    family,
    outsideWidthNm: mm(w),
    outsideHeightNm: mm(h),
    seenWidthNm: mm(w - 38),
    seenHeightNm: mm(h - 38),
    doorFromNm: mm(door[0]),
    doorToNm: mm(door[1]),
  });
  const list = [
    insert("Heron", 560, 915, [44, 45]),
    insert("Wren", 558, 915, [35, 40]),
    insert("Teal", 200, 915, [44, 45]),
  ];
  const read = { way: "insert-outside", width: mm(558), height: mm(914) } as const;
  it("finds the families within reach, the nearest first", () => {
    expect(insertsNear(list, read).map((m) => m.insert.family)).toEqual(["Wren", "Heron"]);
  });
  it("puts those last that do not close on the door", () => {
    const on = insertsNear(list, { ...read, door: mm(44.5) });
    expect(on.map((m) => [m.insert.family, m.closes, m.off.width / 1e6])).toEqual([
      ["Heron", true, -2],
      ["Wren", false, 0],
    ]);
  });
  it("goes by the seen opening where that was read", () => {
    const seen = insertsNear(list, { way: "insert-inside", width: mm(520), height: mm(877) });
    expect(seen.map((m) => m.insert.family)).toEqual(["Wren", "Heron"]);
  });
  it.each<[string, number, number, number]>([
    ["listed 6 mm narrower and 7 mm lower: half of the larger", 6, 7, 3.5],
    ["narrower by a hair on a side: paint hides it", 2, 0, 0],
    ["larger than the old one", -6, -2, 0],
    ["larger one way, smaller the other", -6, 5, 2.5],
  ])("the old line that shows: %s", (_, width, height, shows) =>
    expect(toMm(nm(lineShows({ off: { width: mm(width), height: mm(height) } })))).toBe(shows),
  );
});
