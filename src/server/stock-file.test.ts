import { expect, it } from "vitest";
import type { StockPane } from "../core/house/stock.ts";
import { pence } from "../core/money/pence.ts";
import { mm } from "../core/units/length.ts";
import { readStock, stockCsv } from "./stock-file.ts";

const STOCK: readonly StockPane[] = [
  {
    name: "Rack A, 610 by 915",
    widthNm: mm(610),
    heightNm: mm(915),
    thicknessNm: mm(4),
    glass: "float",
    count: 3,
    least: 2,
    costPence: pence(550),
    slot: "A",
  },
  {
    name: "=HYPERLINK(1)",
    widthNm: 609_600_000,
    heightNm: mm(900.5),
    thicknessNm: mm(6.4),
    glass: "laminated",
    count: 1,
  },
  {
    name: "Reeded",
    widthNm: mm(1600),
    heightNm: mm(2100),
    thicknessNm: mm(4),
    glass: "patterned",
    pattern: "reeded",
    runs: "across",
    tint: "bronze",
    bought: true,
    trimNm: mm(10),
  },
];
const read = (text: string) => {
  const answer = readStock({ text });
  if (!answer.ok) throw new Error("refused");
  return answer.value;
};

it("comes back as it went out, to the nanometre, and no cell is a formula", () => {
  const csv = stockCsv(STOCK);
  expect(csv).toContain('"\'=HYPERLINK(1)"');
  expect(read(`\ufeff${csv}`)).toEqual({ pieces: STOCK, errors: [] });
});

const HEAD = "Name;Width mm;Height mm;Thickness mm;Glass;Count;Price of one\n";
it("reads a sheet that somebody typed, with the commas and semicolons of their country", () =>
  expect(read(`${HEAD}Left of door;412,5;900;4;clear float;2;3,20\n\n`).pieces).toEqual([
    {
      name: "Left of door",
      widthNm: mm(412.5),
      heightNm: mm(900),
      thicknessNm: mm(4),
      glass: "float",
      count: 2,
      costPence: pence(320),
    },
  ]));

it.each<[string, string, readonly (readonly [row: number, says: string])[]]>([
  [
    "no heading",
    "Left;400;900\n",
    [[1, "The heading row has no column name, width mm, height mm, thickness mm, glass."]],
  ],
  ["nothing under it", HEAD, [[1, "There is a heading row and nothing under it."]]],
  ["a width in words", `${HEAD}A;wide;900;4;float;;\n`, [[2, "width mm: give a number, like 610."]]],
  ["half a piece", `${HEAD}A;400;900;4;float;1.5;\n`, [[2, "count: give a whole number, like 2."]]],
  [
    "a glass nobody knows",
    `${HEAD}A;400;900;4;crystal;;\n`,
    [[2, "glass: it is one of float, patterned, laminated, toughened."]],
  ],
  ["no name", `${HEAD};400;900;4;float;;\n`, [[2, "name: give each its own."]]],
  [
    "one name twice",
    `${HEAD}A;400;900;4;float;;\nB;400;900;4;float;;\nA;500;900;4;float;;\n`,
    [[4, "A stands there twice: give each its own name."]],
  ],
  ["a size of nothing", `${HEAD}A;0;900;4;float;;\n`, [[2, "a name and whole sizes are needed."]]],
  [
    "lines run",
    "name,width mm,height mm,thickness mm,glass,lines run\nA,1,1,4,patterned,sideways\n",
    [[2, "lines run: up, across, neither, or nothing."]],
  ],
])("says what is wrong: %s", (_, text, errors) => {
  const answer = read(text);
  expect(answer.errors.map((e) => [e.row, e.says])).toEqual(errors);
  expect(answer.pieces).toEqual([]);
});
