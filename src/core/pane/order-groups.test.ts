import { describe, expect, it } from "vitest";
import { ORDER_LINE } from "../../../tests/support/told.ts";
import { NO_BARS } from "../measure/found.ts";
import type { OrderLine } from "./order-book.ts";
import { groupedLines } from "./order-groups.ts";

const line = (id: string, more: Partial<OrderLine> = {}): OrderLine =>
  ({ ...ORDER_LINE, line: id, label: `label ${id}`, ...more }) as unknown as OrderLine;

/** Each thing that tells two lines apart, but for their labels. */
const APART: readonly (readonly [string, Partial<OrderLine>])[] = [
  ["width", { widthNm: 1 }],
  ["height", { heightNm: 1 }],
  ["thickness", { thicknessNm: 1 }],
  ["kind", { glass: "laminated" }],
  ["edges", { edges: "polished" }],
  ["pattern", { pattern: "reeded" }],
  ["the cutter's marks", { grid: "1/16 in" }],
  ["what the order states", { basis: "opening" }],
  ["what comes off it", { allowanceNm: { width: 1, height: 1 } }],
  ["the unit", { makeup: { panes: [], cavities: [], coatings: [], spacer: "" } }],
  ["its looks", { looks: { tint: "bronze", runs: "neither", texture: "not-said", mark: "", markAt: "bottom-left" } }],
  ["bars", { bars: { ...NO_BARS, uprights: 1 } }],
  ["made whole", { whole: { what: "insert", family: "", over: "outside", safety: null } }],
  ["parts", { parts: ["gasket"] }],
  ["a note", { note: "take care" }],
  ["its shape", { corners: [{ x: 0, y: 0 }] }],
];

describe("lines that are one thing to a cutter", () => {
  it("labels, and where each is, tell nothing apart", () =>
    expect(groupedLines([line("a"), line("b", { state: "sent" })]).map((g) => g.lines.length)).toEqual([2]));
  it.each(APART)("%s does", (_, more) => {
    const groups = groupedLines([line("a"), line("b", more), line("c")]);
    expect(groups.map((g) => g.lines.map((l) => l.line))).toEqual([["a", "c"], ["b"]]);
    // The same said of both is no difference.
    expect(groupedLines([line("a", more), line("b", more)])).toHaveLength(1);
  });
  it("nothing makes no group", () => expect(groupedLines([])).toEqual([]));
});
