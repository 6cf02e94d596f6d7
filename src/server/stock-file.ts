import Papa from "papaparse";
import type { z } from "zod";
import { type PostReadStock, StockPiece } from "../contract/stock-file.ts";
import type { StockPane } from "../core/house/stock.ts";
import { penceOf } from "../core/money/pence.ts";
import { ok } from "../core/result.ts";
import { safeCell, unsafeCell } from "../core/round/safe-cell.ts";
import { GLASS_KINDS, GLASS_NAMES } from "../core/specify/glass.ts";
import { nm, toMm } from "../core/units/length.ts";
import { say } from "../core/words/dialect.ts";
import { plainMoney } from "../core/words/money.ts";
import type { Outcome } from "./http/endpoint.ts";

type In = z.output<NonNullable<typeof PostReadStock.input>>;
type Out = z.output<typeof PostReadStock.output>;
type Row = Readonly<Record<string, string | undefined>>;

const NEEDED = ["name", "width mm", "height mm", "thickness mm", "glass"] as const;
const MOST_COLUMNS = 60;
const MOST_ROWS = 2000;
const MOST_ERRORS = 50;
const mm = (length: number): string => String(toMm(nm(length)));

/** The rack as a spreadsheet keeps it: sizes in exact millimetres, prices in the firm's money. */
export function stockCsv(stock: readonly StockPane[]): string {
  const rows = stock.map((s) => ({
    name: safeCell(s.name),
    "width mm": mm(s.widthNm),
    "height mm": mm(s.heightNm),
    "thickness mm": mm(s.thicknessNm),
    glass: s.glass,
    pattern: safeCell(s.pattern ?? ""),
    "lines run": s.runs ?? "",
    tint: safeCell(s.tint ?? ""),
    count: s.bought ? "" : String(s.count ?? 1),
    "bought as needed": s.bought ? "yes" : "",
    "price of one": s.costPence === undefined ? "" : plainMoney(s.costPence),
    slot: safeCell(s.slot ?? ""),
    "trim mm": s.trimNm === undefined ? "" : mm(s.trimNm),
    "buy more below": s.least === undefined ? "" : String(s.least),
  }));
  const columns = ["name", "width mm", "height mm", "thickness mm", "glass", "pattern", "lines run", "tint", "count"];
  const more = ["bought as needed", "price of one", "slot", "trim mm", "buy more below"];
  return `${Papa.unparse(rows, { newline: "\r\n", quotes: true, columns: [...columns, ...more] })}\r\n`;
}

/** Reads such a list again, or one that somebody typed; every row that is wrong is said, and then nothing of it is taken. */
export function readStock({ text }: In): Outcome<Out> {
  const fail = (row: number, says: string): Outcome<Out> => ok({ pieces: [], errors: [{ row, says }] });
  const plain = text.replace(/^\ufeff/, "");
  const head = Papa.parse<string[]>(plain, { preview: 1, skipEmptyLines: true }).data[0] ?? [];
  const there = head.map((c) => c.trim().toLowerCase());
  if (there.length > MOST_COLUMNS)
    return fail(1, `There are ${there.length} columns: the rack has at most ${MOST_COLUMNS}. Is this the right file?`);
  const missing = NEEDED.filter((c) => !there.includes(c));
  if (missing.length > 0) return fail(1, `The heading row has no column ${missing.join(", ")}.`);
  const { data } = Papa.parse<Row>(plain, {
    header: true,
    skipEmptyLines: "greedy",
    preview: MOST_ROWS,
    transformHeader: (c) => c.trim().toLowerCase(),
  });
  if (data.length === 0) return fail(1, "There is a heading row and nothing under it.");
  const errors: Out["errors"] = [];
  const pieces = data.flatMap((row, i) => {
    const read = pieceOf(row);
    const found = StockPiece.safeParse(read.piece);
    const says = [
      ...read.wrong,
      ...(found.success || read.wrong.length > 0 ? [] : ["a name and whole sizes are needed."]),
    ];
    errors.push(...says.map((s) => ({ row: i + 2, says: s })));
    return found.success ? [found.data] : [];
  });
  const twice = pieces.findIndex((p, i) => pieces.findIndex((o) => o.name === p.name) !== i);
  if (twice !== -1)
    errors.push({ row: twice + 2, says: `${pieces[twice]?.name} stands there twice: give each its own name.` });
  return ok(errors.length > 0 ? { pieces: [], errors: errors.slice(0, MOST_ERRORS) } : { pieces, errors: [] });
}

/** What a row says, and what of it cannot be: a comma for a point is read, as spreadsheets of some countries write it. */
function pieceOf(row: Row): { readonly piece: Record<string, unknown>; readonly wrong: readonly string[] } {
  const wrong: string[] = [];
  const cell = (column: string): string => unsafeCell(row[column] ?? "").trim();
  const figure = (column: string, example: string, needed: boolean): number | undefined => {
    const text = cell(column).replace(",", ".");
    if (text === "" && !needed) return undefined;
    if (/^\d{1,6}(\.\d{1,6})?$/.test(text)) return Number(text);
    wrong.push(`${column}: give a number, like ${example}.`);
    return undefined;
  };
  const inNm = (column: string, example: string, needed: boolean): number | undefined => {
    const value = figure(column, example, needed);
    return value === undefined ? undefined : Math.round(value * 1e6);
  };
  const whole = (column: string): number | undefined => {
    const value = figure(column, "2", false);
    if (value === undefined || Number.isInteger(value)) return value;
    wrong.push(`${column}: give a whole number, like 2.`);
    return undefined;
  };
  const glass = GLASS_KINDS.find((k) =>
    [k, say(GLASS_NAMES[k], "a"), say(GLASS_NAMES[k], "b")].some(
      (n) => n.toLowerCase() === cell("glass").toLowerCase(),
    ),
  );
  if (!glass) wrong.push(`glass: it is one of ${GLASS_KINDS.join(", ")}.`);
  const runs = cell("lines run").toLowerCase();
  if (!["", "up", "across", "neither"].includes(runs)) wrong.push("lines run: up, across, neither, or nothing.");
  const bought = /^(yes|y|true|1|x)$/i.test(cell("bought as needed"));
  const count = whole("count");
  const least = whole("buy more below");
  const price = figure("price of one", "12.50", false);
  const trimNm = inNm("trim mm", "10", false);
  const text = (key: string, column: string) => (cell(column) === "" ? {} : { [key]: cell(column) });
  const piece = {
    name: cell("name"),
    widthNm: inNm("width mm", "610", true),
    heightNm: inNm("height mm", "915", true),
    thicknessNm: inNm("thickness mm", "4", true),
    glass,
    ...text("pattern", "pattern"),
    ...text("tint", "tint"),
    ...(runs === "" ? {} : { runs }),
    ...(bought ? { bought: true } : { count: count ?? 1 }),
    ...(price === undefined ? {} : { costPence: penceOf(price) }),
    ...text("slot", "slot"),
    ...(trimNm === undefined ? {} : { trimNm }),
    ...(least === undefined ? {} : { least }),
  };
  if (piece.name === "") wrong.push("name: give each its own.");
  return { piece, wrong };
}
