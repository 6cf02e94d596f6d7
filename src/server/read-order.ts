import Papa from "papaparse";
import type { z } from "zod";
import { NoteFile, OrderFile, type PostReadOrder } from "../contract/order-file.ts";
import { ok } from "../core/result.ts";
import { unsafeCell } from "../core/round/safe-cell.ts";
import type { Outcome } from "./http/endpoint.ts";

type In = z.output<NonNullable<typeof PostReadOrder.input>>;
type Out = z.output<typeof PostReadOrder.output>;
type RowError = Out["errors"][number];

/** Reads an order or a delivery note from a file's text. Every row that is wrong is said; then nothing of it is taken. */
export function readOrderFile(asked: In): Outcome<Out> {
  const raw =
    asked.format === "json"
      ? fromJson(asked.text)
      : asked.what === "order"
        ? orderFromCsv(asked.text)
        : noteFromCsv(asked.text);
  if (!raw.ok) return ok({ order: null, note: null, errors: [...raw.errors] });
  const read = (asked.what === "order" ? OrderFile : NoteFile).safeParse(raw.value);
  if (!read.success)
    return ok({
      order: null,
      note: null,
      errors: read.error.issues.slice(0, MOST).map((i) => issueAt(i, asked.format)),
    });
  return ok({
    order: asked.what === "order" ? (read.data as Out["order"]) : null,
    note: asked.what === "note" ? (read.data as Out["note"]) : null,
    errors: [],
  });
}

const MOST = 50;
const MOST_COLUMNS = 60;
const MOST_ROWS = 1000;
type Raw =
  | { readonly ok: true; readonly value: unknown }
  | { readonly ok: false; readonly errors: readonly RowError[] };

function fromJson(text: string): Raw {
  try {
    return { ok: true, value: JSON.parse(text.replace(/^\ufeff/, "")) as unknown };
  } catch {
    return { ok: false, errors: [{ row: 1, says: "This is not JSON. Check its quotes, commas and brackets." }] };
  }
}

/** Where a line of it is wrong: a spreadsheet's row, or the line's place in the file. */
function issueAt(issue: z.core.$ZodIssue, format: In["format"]): RowError {
  const [first, at, ...rest] = issue.path;
  const row = first === "lines" && typeof at === "number" ? at + (format === "csv" ? 2 : 1) : 1;
  const column = rest.length > 0 ? rest.join(".") : String(first ?? "file");
  return { row, says: `${column}: ${issue.message}` };
}

type Row = Readonly<Record<string, string | undefined>>;

function rowsOf(
  text: string,
  needs: readonly string[],
): { readonly rows: readonly Row[] } | { readonly errors: readonly RowError[] } {
  const parsed = readRows(text.replace(/^\ufeff/, ""));
  const there = parsed.meta.fields ?? [];
  if (there.length > MOST_COLUMNS)
    return {
      errors: [
        {
          row: 1,
          says: `There are ${there.length} columns: an order has at most ${MOST_COLUMNS}. Is this the right file?`,
        },
      ],
    };
  const missing = needs.filter((c) => !there.includes(c));
  if (missing.length > 0) return { errors: [{ row: 1, says: `The heading row has no column ${missing.join(", ")}.` }] };
  return { rows: parsed.data };
}

/** Read only where its heading row is of a size that an order can have: reading thousands of columns takes seconds. */
function readRows(text: string): {
  readonly data: readonly Row[];
  readonly meta: { readonly fields?: readonly string[] | undefined };
} {
  const head = Papa.parse<string[]>(text, { preview: 1, skipEmptyLines: true }).data[0] ?? [];
  if (head.length > MOST_COLUMNS) return { data: [], meta: { fields: head } };
  return Papa.parse<Row>(text, { header: true, skipEmptyLines: true, preview: MOST_ROWS });
}

/** A whole number of nanometres, or of millimetres with decimals; undefined where it is neither. */
const whole = (text: string | undefined): number | undefined =>
  text !== undefined && /^\d{1,12}$/.test(text.trim()) ? Number(text) : undefined;
const fromMm = (text: string | undefined): number | undefined =>
  text !== undefined && /^\d{1,5}(\.\d{1,6})?$/.test(text.trim()) ? Math.round(Number(text) * 1e6) : undefined;

/** Text that was marked so that no spreadsheet runs it is taken as it was. */
const plain = (text: string | undefined): string => unsafeCell(text ?? "");

function noteFromCsv(text: string): Raw {
  const found = rowsOf(text, ["line", "width mm", "height mm", "thickness mm"]);
  if ("errors" in found) return { ok: false, errors: found.errors };
  const errors: RowError[] = [];
  const lines = found.rows.map((r, i) => {
    const size = {
      widthNm: fromMm(r["width mm"]),
      heightNm: fromMm(r["height mm"]),
      thicknessNm: fromMm(r["thickness mm"]),
    };
    for (const [name, v] of Object.entries(size))
      if (v === undefined)
        errors.push({ row: i + 2, says: `${name.replace("Nm", " mm")}: give a number of millimetres, like 608.5.` });
    return { line: r["line"] ?? "", ...size, says: plain(r["says"]) };
  });
  return errors.length > 0 ? { ok: false, errors } : { ok: true, value: { theirs: "", lines } };
}

function orderFromCsv(text: string): Raw {
  const found = rowsOf(text, [
    "line",
    "pane",
    "width nm",
    "height nm",
    "thickness mm",
    "spec",
    "supplier",
    "reference",
  ]);
  if ("errors" in found) return { ok: false, errors: found.errors };
  const errors: RowError[] = [];
  const lines = found.rows.map((r, i) => {
    const size = {
      widthNm: whole(r["width nm"]),
      heightNm: whole(r["height nm"]),
      thicknessNm: fromMm(r["thickness mm"]),
    };
    if (size.widthNm === undefined || size.heightNm === undefined || size.thicknessNm === undefined)
      errors.push({ row: i + 2, says: "width nm, height nm and thickness mm must be numbers." });
    try {
      return {
        ...(JSON.parse(plain(r["spec"]) || "{}") as object),
        line: r["line"] ?? "",
        pane: r["pane"] ?? "",
        label: plain(r["label"]),
        ...size,
      };
    } catch {
      errors.push({
        row: i + 2,
        says: "spec: this is not what was written out. Take the file again, and change only what you must.",
      });
      return {};
    }
  });
  const [first] = found.rows;
  return errors.length > 0
    ? { ok: false, errors }
    : { ok: true, value: { supplier: plain(first?.["supplier"]), reference: plain(first?.["reference"]), lines } };
}
