import { describe, expect, it } from "vitest";
import { alikeOn, toLookAt } from "./alike.ts";
import type { RoundRow } from "./row.ts";

const row = (id: string, over: { size?: readonly [number, number]; date?: string; failed?: boolean; glass?: string }) =>
  ({
    id,
    dateMark: over.date ?? "",
    failed: over.failed ?? false,
    line: over.size
      ? { widthNm: over.size[0], heightNm: over.size[1], thicknessNm: 4, glass: over.glass ?? "float" }
      : null,
  }) as unknown as RoundRow;
const said = (rows: readonly RoundRow[]) => alikeOn(rows).map((g) => [g.by, ...g.rows.map((r) => r.id)]);

describe("panes alike on a round", () => {
  it.each<[string, readonly RoundRow[], unknown]>([
    [
      "two of one size",
      [row("a", { size: [6, 9] }), row("b", { size: [6, 9] }), row("c", { size: [6, 8] })],
      [["size", "a", "b"]],
    ],
    ["a millimetre apart is not alike", [row("a", { size: [6, 9] }), row("b", { size: [7, 9] })], []],
    ["another glass is not alike", [row("a", { size: [6, 9] }), row("b", { size: [6, 9], glass: "laminated" })], []],
    ["turned is not alike: orders are width by height", [row("a", { size: [6, 9] }), row("b", { size: [9, 6] })], []],
    [
      "one date, written in two ways",
      [row("a", { date: "04 14 " }), row("b", { date: "04 14" })],
      [["date", "a", "b"]],
    ],
    ["no date groups nobody", [row("a", {}), row("b", {})], []],
  ])("%s", (_, rows, expected) => expect(said(rows)).toEqual(expected));
  it("those of a date that nobody has found wrong are for a look", () => {
    const [group] = alikeOn([row("a", { date: "x", failed: true }), row("b", { date: "x" }), row("c", { date: "x" })]);
    expect(group && toLookAt(group).map((r) => r.id)).toEqual(["b", "c"]);
  });
});
