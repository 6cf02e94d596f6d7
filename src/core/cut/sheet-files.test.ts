import { describe, expect, it } from "vitest";
import { mm } from "../units/length.ts";
import type { CutNode } from "./cutting.ts";
import { SHEET_COLUMNS, type SheetFile, sheetDxf, sheetRows, sheetSvg } from "./sheet-files.ts";

/** 1000 × 800: a pane of 600 × 800, beside it one of 400 × 450 with 400 × 350 kept above it. */
const root: CutNode = {
  kind: "across",
  width: mm(1000),
  height: mm(800),
  parts: [
    { kind: "piece", width: mm(600), height: mm(800), piece: 0, turned: false },
    {
      kind: "up",
      width: mm(400),
      height: mm(800),
      parts: [
        { kind: "piece", width: mm(400), height: mm(450), piece: 1, turned: true },
        { kind: "left", width: mm(400), height: mm(350) },
      ],
    },
  ],
};
const FILE: SheetFile = {
  name: "Sheet A",
  root,
  names: ["No. 5, study", "Café <porch>"],
  keep: { width: mm(300), height: mm(300) },
};

describe("a sheet as a table", () => {
  it("says where each cut runs, then where each piece lies", () => {
    expect(sheetRows(FILE).map((r) => r.slice(1))).toEqual([
      ["cut", "upright", "600", "0", "0", "800", "", "1"],
      ["cut", "level", "600", "450", "400", "0", "", "2"],
      ["piece", "No. 5, study", "0", "0", "600", "800", "", ""],
      ["piece", "Café <porch>", "600", "0", "400", "450", "yes", ""],
      ["kept", "", "600", "450", "400", "350", "", ""],
    ]);
    for (const row of sheetRows(FILE)) expect(row).toHaveLength(SHEET_COLUMNS.length);
  });
  it("a strip too small to keep is waste", () =>
    expect(sheetRows({ ...FILE, keep: { width: mm(500), height: mm(300) } }).at(-1)?.[1]).toBe("waste"));
});

describe("a sheet as DXF", () => {
  const lines = sheetDxf(FILE).split("\r\n");
  /** Codes stand on every other line, each with its value below. */
  const pairs = Array.from(
    { length: Math.floor(lines.length / 2) },
    (_, i) => [lines[2 * i], lines[2 * i + 1]] as const,
  );
  const given = (code: string, value: string) => pairs.filter(([c, v]) => c === code && v === value).length;
  it("is pairs of a code and a value from the first section to the end", () => {
    expect(pairs[0]).toEqual(["0", "SECTION"]);
    expect(pairs.at(-1)).toEqual(["0", "EOF"]);
    for (const [code] of pairs) expect(code).toMatch(/^\d+$/);
    expect(given("0", "SECTION")).toBe(given("0", "ENDSEC"));
  });
  it("has a line a cut, a closed outline a part, and its layers", () => {
    expect([given("0", "LINE"), given("0", "POLYLINE"), given("0", "VERTEX"), given("0", "SEQEND")]).toEqual([
      2, 3, 12, 3,
    ]);
    for (const layer of ["CUTS", "PIECES", "KEPT", "WASTE"]) expect(given("2", layer)).toBe(1);
  });
  it("the first cut runs upright at 600, 800 long", () => {
    const at = pairs.findIndex(([c, v]) => c === "0" && v === "LINE");
    expect(pairs.slice(at + 1, at + 8)).toEqual([
      ["8", "CUTS"],
      ["10", "600"],
      ["20", "0"],
      ["30", "0"],
      ["11", "600"],
      ["21", "800"],
      ["31", "0"],
    ]);
  });
  it("names keep to the letters it has", () => expect(given("1", "Caf\\U+00E9 <porch>")).toBe(1));
});

describe("a sheet as SVG", () => {
  const svg = sheetSvg(FILE);
  it("is to scale, with the foot below", () => {
    expect(svg).toContain('width="1000mm" height="800mm" viewBox="0 0 1000 800"');
    expect(svg).toContain('<rect x="600" y="350" width="400" height="450"');
    expect(svg).toContain('<line x1="600" y1="350" x2="1000" y2="350"');
  });
  it("writes names as text, whatever is in them", () => {
    expect(svg).toContain("Café &lt;porch&gt;");
    expect(svg).not.toContain("<porch>");
  });
});
