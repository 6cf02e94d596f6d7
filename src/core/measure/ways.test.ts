import { describe, expect, it } from "vitest";
import type { Place } from "./places.ts";
import { stillToRead, WAY_FACTS, WAYS, type Way, waysFor } from "./ways.ts";

describe("what is still to be read", () => {
  it.each<[string, Way, readonly Place[], readonly Place[]]>([
    ["the old pane, nothing yet", "old-unit", [], ["old-width", "old-height"]],
    ["its width", "old-unit", ["old-width"], ["old-height"]],
    ["both: packers are told by whoever found them", "old-unit", ["old-width", "old-height"], []],
    ["sight sizes alone", "through-glass", ["sight-width", "sight-height"], ["goes-in"]],
    ["and how far it goes in", "through-glass", ["sight-width", "sight-height", "goes-in"], []],
    ["or a guess at the depth", "through-glass", ["sight-width", "sight-height", "cover-guess"], []],
    ["or the depth itself", "through-glass", ["sight-width", "sight-height", "rebate-depth"], []],
    [
      "an insert without its door",
      "insert-inside",
      ["insert-inside-width", "insert-inside-height"],
      ["door-thickness"],
    ],
    ["the hole in the wall, nothing yet", "window-hole", [], ["window-hole-width", "window-hole-height"]],
    ["its width at the sill alone", "window-hole", ["window-hole-width-sill"], ["window-hole-height"]],
    ["a width and a height, wherever", "window-hole", ["window-hole-width-middle", "window-hole-height-right"], []],
    [
      "one of each and no corner",
      "rebate",
      ["width-top", "height-left"],
      WAY_FACTS.rebate.wanted.filter((p) => p !== "width-top" && p !== "height-left"),
    ],
  ])("%s", (_, way, read, still) => expect(stillToRead(way, (p) => read.includes(p))).toEqual(still));
  it("what is wanted has a field of its own, in every way", () => {
    for (const way of WAYS)
      for (const p of WAY_FACTS[way].wanted)
        expect([way, p, way === "rebate" || WAY_FACTS[way].places.includes(p)]).toEqual([way, p, true]);
    for (const way of WAYS)
      for (const p of WAY_FACTS[way].inTurn ?? [])
        expect([way, p, WAY_FACTS[way].places.includes(p)]).toEqual([way, p, true]);
  });
});

describe("the ways that are offered", () => {
  const inserts: readonly Way[] = ["insert-outside", "insert-inside"];
  it.each<[string, boolean, Way, readonly Way[]]>([
    ["a door: all of them", true, "rebate", WAYS],
    ["no door: no insert", false, "rebate", WAYS.filter((w) => !inserts.includes(w))],
    ["no door, and one was chosen once", false, "insert-inside", WAYS.filter((w) => w !== "insert-outside")],
  ])("%s", (_, ofDoor, chosen, ways) => expect(waysFor({ ofDoor }, chosen)).toEqual(ways));
});
