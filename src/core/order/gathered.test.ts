import { describe, expect, it } from "vitest";
import { ORDER_LINE as ONE } from "../../../tests/support/told.ts";
import type { Payloads } from "../log/kinds.ts";
import { inches, mm } from "../units/length.ts";
import { lineFor, notMadeBy } from "./gathered.ts";

const ORDER_LINE: Payloads["order.line"] = ONE;
const UNIT = {
  ...ORDER_LINE,
  makeup: { panes: [{ mm: 4, kind: "float" as const }], cavities: [], coatings: [], spacer: "" },
};
const WINDOW = { ...ORDER_LINE, whole: { what: "window", family: "", over: "hole", safety: null } as const };

describe("panes gathered into one order", () => {
  it.each([
    ["whoever said no grid: the house's", undefined, mm(608), mm(900)],
    ["the same grid", "1 mm", mm(608), mm(900)],
    ["inches: down to 23 7/8 and 35 3/8", "1/16 in", inches(23, 7, 8), inches(35, 3, 8)],
  ] as const)("are cut to the grid of whoever cuts them: %s", (_, grid, width, height) => {
    const got = lineFor(ORDER_LINE, { grid, makes: [] });
    expect([got.widthNm, got.heightNm, got.grid]).toEqual([width, height, grid ?? "1 mm"]);
    expect(got.widthNm).toBeLessThanOrEqual(ORDER_LINE.widthNm);
  });
  // 608 × 900 is wished for; what they send comes larger than a size goes by.
  it.each<[string, number, "1 mm" | "1/16 in", number, number]>([
    ["nothing larger", 0, "1 mm", mm(608), mm(900)],
    ["less than half a mark is none", 0.4, "1 mm", mm(608), mm(900)],
    ["0.9: one mark", 0.9, "1 mm", mm(607), mm(899)],
    ["1.6: two", 1.6, "1 mm", mm(606), mm(898)],
    ["smaller by 1.9: one mark more", -1.9, "1 mm", mm(609), mm(901)],
    // 606.4 and 898.4 are 23 7/8 and 35 6/16, as their grid makes them anyhow.
    ["by sixteenths 1.6 is in the rounding already", 1.6, "1/16 in", inches(23, 7, 8), inches(35, 6, 16)],
    // 605 and 897: 23 13/16 (604.8) and 35 5/16 (896.9).
    ["by sixteenths 3 is one mark more", 3, "1/16 in", inches(23, 13, 16), inches(35, 5, 16)],
  ])("are smaller by as much as theirs come larger: %s", (_, larger, grid, width, height) => {
    const got = lineFor(ORDER_LINE, { grid, makes: [] }, mm(larger));
    expect([got.widthNm, got.heightNm]).toEqual([width, height]);
    const usual = lineFor(ORDER_LINE, { grid, makes: [] });
    expect(got.theirsLargerNm ?? { width: 0, height: 0 }).toEqual({
      width: usual.widthNm - width,
      height: usual.heightNm - height,
    });
  });
  it("where the opening is stated it stays as it is: the cutter takes off so much more", () => {
    const stated = { ...ORDER_LINE, basis: "opening" as const, allowanceNm: { width: mm(4), height: mm(4) } };
    const got = lineFor(stated, undefined, mm(1));
    expect([got.widthNm, got.allowanceNm]).toEqual([mm(607), { width: mm(5), height: mm(5) }]);
  });
  it("a shaped pane and what is made whole stay as they are", () => {
    const corner = { x: 0, y: 0 };
    const shaped = { ...ORDER_LINE, corners: [corner, corner, corner, corner] };
    expect(lineFor(shaped, undefined, mm(1))).toBe(shaped);
    expect(lineFor(WINDOW, undefined, mm(1))).toBe(WINDOW);
  });
  it("what is made whole is named by its size, on whatever marks", () =>
    expect(lineFor(WINDOW, { grid: "1/16 in", makes: ["sashes"] })).toBe(WINDOW));

  it.each<[string, Parameters<typeof notMadeBy>[0], Parameters<typeof notMadeBy>[1], string | null]>([
    ["they make it", UNIT, { makes: ["units"] }, null],
    ["they make something else", UNIT, { makes: ["single", "laminated"] }, "units"],
    ["they said nothing of what they make", UNIT, { makes: [] }, null],
    ["nobody knows them", UNIT, undefined, null],
    ["single glass of whoever makes units", ORDER_LINE, { makes: ["units"] }, "single"],
    ["a window of whoever cuts glass", WINDOW, { makes: ["single"] }, "sashes"],
  ])("say what a supplier does not make: %s", (_, line, terms, is) => expect(notMadeBy(line, terms)).toBe(is));
});
