import { describe, expect, it } from "vitest";
import { PLAIN_DAYS as calendar } from "../../../tests/support/plain-days.ts";
import { PANE, Teller } from "../../../tests/support/told.ts";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import type { Sits } from "../measure/ways.ts";
import { mm } from "../units/length.ts";
import { foldPane } from "./book.ts";
import { reckon } from "./reckoning.ts";

/** Chance that a pane of 548 × 1012 binds, copied from one that sat so in a timber sash; other readings beside it. */
function binds(sits: Sits, more: Parameters<Teller["read"]>[0] = {}): number {
  const t = new Teller().added(PANE, "timber-putty");
  t.tell("measure.way", { way: "old-unit" });
  t.tell("measure.sits", { sits });
  t.read({ "old-width": "548", "old-height": "1012", "old-thickness": "4", ...more });
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  return reckon(book, { house: HOUSE_DEFAULTS, calendar }).chances?.binds ?? Number.NaN;
}

describe("a copy of a pane that sat there", () => {
  it.each([
    // It left 2 mm in all, in every season: the tape is off by about half, a cutter by one.
    ["easy", {}, 0, 0.01],
    // 5 mm in all: nothing reaches that.
    ["loose", {}, 0, 0.01],
    ["packed", { "old-packed": "4" }, 0, 0.001],
    // No room at all: it binds unless it comes smaller, in both ways: 1 − ½ × ½.
    ["tight", {}, 0.7, 0.8],
  ] as const)("%s %o", (sits, more, least, most) => {
    const chance = binds(sits, more);
    expect(chance).toBeGreaterThanOrEqual(least);
    expect(chance).toBeLessThanOrEqual(most);
  });

  it("how far its opening leans is in the room that it had, and is not drawn again", () => {
    // The same figures read at the rebate, with no diagonal: lean is not known, and costs room.
    const read = binds("easy", { "width-middle": "550", "height-middle": "1014" });
    expect(read).toBeGreaterThan(binds("easy") + 0.2);
  });
});

describe("how deep the rebate is on each side", () => {
  const depths = (read: Parameters<Teller["read"]>[0]) => {
    const t = new Teller().added(PANE, "timber-putty");
    t.read({ "width-middle": "600", "height-middle": "900", ...read });
    const book = foldPane(PANE, t.entries);
    if (!book) throw new Error("no pane");
    return reckon(book, { house: HOUSE_DEFAULTS, calendar }).odds.depths;
  };
  const SIDES_READ = { "depth-left": "9", "depth-right": "10", "depth-bottom": "11", "depth-top": "12" } as const;
  const ALL = { left: mm(9), right: mm(10), bottom: mm(11), top: mm(12) };
  it("all four as read", () => expect(depths(SIDES_READ)).toEqual(ALL));
  it("one reading all round", () =>
    expect(depths({ "rebate-depth": "8" })).toEqual({ left: mm(8), right: mm(8), bottom: mm(8), top: mm(8) }));
  it("a side of its own, and the rest as all round", () =>
    expect(depths({ "rebate-depth": "8", "depth-bottom": "14" })).toEqual({
      left: mm(8),
      right: mm(8),
      bottom: mm(14),
      top: mm(8),
    }));
  it.each(["depth-left", "depth-right", "depth-bottom", "depth-top"] as const)("unknown while %s is not", (missing) => {
    const { [missing]: _, ...rest } = SIDES_READ;
    expect(depths(rest)).toBeUndefined();
  });
});
