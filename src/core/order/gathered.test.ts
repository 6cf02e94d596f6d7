import { describe, expect, it } from "vitest";
import { ORDER_LINE } from "../../../tests/support/told.ts";
import { inches, mm } from "../units/length.ts";
import { lineFor, notMadeBy } from "./gathered.ts";

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
