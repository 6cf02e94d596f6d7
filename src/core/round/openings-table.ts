import { FIRST_SYSTEM, frameOf, SYSTEMS, type System } from "../frame/systems.ts";
import { sidesOf } from "../frame/which-system.ts";
import type { Payloads } from "../log/kinds.ts";
import { OPENING, PLACES, type Place } from "../measure/places.ts";
import { CIRCUMSTANCES, type Circumstance, WAYS, type Way } from "../measure/ways.ts";
import type { PaneBook } from "../pane/book.ts";
import { readTape, type TapeError } from "../tape/read.ts";
import type { Written } from "../tape/written.ts";
import type { Template } from "../text/template.ts";
import type { LengthUnit } from "../units/length.ts";

/** The columns that are not readings, in order, and what each may hold. */
export const COLUMNS = {
  id: "the pane's own number; left empty for a new pane",
  address: "address or building; must be given",
  opening: "which opening; must be given",
  light: "which sash or light of it",
  system: `how the glass is held: ${SYSTEMS.join(", ")}; timber-putty if left empty`,
  side: "outside or inside: from where the pane goes in; outside if left empty",
  unit: "mm or in: what a plain number in this row means; mm if left empty",
  "read from": `${CIRCUMSTANCES.join(", ")}; may be left empty`,
  measured: `${WAYS.join(", ")}; rebate if left empty`,
} as const;
export type Column = keyof typeof COLUMNS;
const COLUMN_NAMES = Object.keys(COLUMNS) as Column[];

export type Table = { readonly headings: readonly string[]; readonly rows: readonly (readonly string[])[] };

/**
 * The panes of a round as a table that can be read in again without loss: a row a pane, readings exactly as written. A
 * reading in another unit than its row's says its unit.
 */
export function tableOf(books: readonly PaneBook[]): Table {
  const used = PLACES.filter(
    (p) => (OPENING as readonly Place[]).includes(p) || books.some((b) => b.readings[p] !== undefined),
  );
  return {
    headings: [...COLUMN_NAMES, ...used],
    rows: books.map((b) => {
      const unit = rowUnit(b);
      const sure = new Set(Object.values(b.readings).map((r) => r?.sure ?? ""));
      const plain: Readonly<Record<Column, string>> = {
        id: b.id,
        address: b.added.address,
        opening: b.added.opening,
        light: b.added.light,
        system: b.heldSaid ? b.added.system : "",
        side: b.heldSaid ? b.added.side : "",
        unit,
        "read from": sure.size === 1 ? ([...sure][0] ?? "") : (b.circumstance ?? ""),
        measured: b.way,
      };
      return [...COLUMN_NAMES.map((c) => plain[c]), ...used.map((p) => cellOf(b.readings[p], unit))];
    }),
  };
}

function rowUnit(b: PaneBook): LengthUnit {
  const units = Object.values(b.readings).map((r) => r?.unit);
  return units.filter((u) => u === "in").length * 2 > units.length ? "in" : "mm";
}

/** The text as written. Where its unit is not the row's, the unit goes with it, so that it reads the same again. */
function cellOf(reading: Written | undefined, unit: LengthUnit): string {
  if (!reading) return "";
  if (reading.unit === unit || hasUnit(reading.text)) return reading.text;
  return reading.text.replace(/\s*([+-]?)$/, ` ${reading.unit}$1`);
}

/** A text that says its own unit, or is a fraction and so inches whatever the row says. */
const hasUnit = (text: string): boolean => {
  const [a, b] = [readTape(text, "mm"), readTape(text, "in")];
  return a.ok && b.ok && a.value.adjusted === b.value.adjusted;
};

export type PaneRow = {
  /** Counts from 1, the headings being row 1. */
  readonly row: number;
  readonly id: string | null;
  readonly added: Omit<Payloads["pane.added"], "round">;
  readonly way: Way;
  readonly state: Circumstance | null;
  readonly readings: readonly ({ readonly place: Place } & Written)[];
};

export type RowProblem =
  | { readonly kind: "no-headings" }
  | { readonly kind: "unknown-heading"; readonly heading: string; readonly column: number }
  | { readonly kind: "twice"; readonly heading: string; readonly column: number }
  | { readonly kind: "missing"; readonly row: number; readonly column: Column }
  | { readonly kind: "not-one-of"; readonly row: number; readonly column: Column; readonly found: string }
  | { readonly kind: "too-long"; readonly row: number; readonly heading: string }
  | {
      readonly kind: "unreadable";
      readonly row: number;
      readonly place: Place;
      readonly text: string;
      readonly error: TapeError;
    };

type Heading = { readonly column: Column | Place; readonly unit: LengthUnit | null } | null;

/**
 * Panes from a table. Headings may be written in any case, with spaces, dashes or underscores, in short (w top, h left,
 * diag up), and may say a unit in brackets. A row with a problem gives no pane; a reading that cannot be read is kept as
 * it is and said, like everywhere else.
 */
export function panesFrom(table: Table): {
  readonly panes: readonly PaneRow[];
  readonly problems: readonly RowProblem[];
} {
  const problems: RowProblem[] = [];
  const headings = table.headings.map((h) => headingOf(h));
  if (headings.every((h) => h === null)) return { panes: [], problems: [{ kind: "no-headings" }] };
  const seen = new Set<string>();
  table.headings.forEach((heading, i) => {
    const found = headings[i];
    if (!found) {
      if (heading.trim() !== "") problems.push({ kind: "unknown-heading", heading, column: i + 1 });
    } else if (seen.has(found.column)) problems.push({ kind: "twice", heading, column: i + 1 });
    else seen.add(found.column);
  });
  const panes = table.rows.flatMap((cells, i) => {
    if (cells.every((c) => c.trim() === "")) return [];
    const { pane, wrong } = rowOf(cells, headings, i + 2);
    problems.push(...wrong);
    return pane ? [pane] : [];
  });
  return { panes, problems };
}

function rowOf(
  cells: readonly string[],
  headings: readonly Heading[],
  row: number,
): { readonly pane: PaneRow | null; readonly wrong: readonly RowProblem[] } {
  const wrong: RowProblem[] = [];
  const cell = (column: Column): string => (cells[headings.findIndex((h) => h?.column === column)] ?? "").trim();
  const choice = <T extends string>(column: Column, choices: readonly T[], usual: T): T => {
    const text = slug(cell(column));
    if (text === "") return usual;
    const found = choices.find((o) => o === text) ?? systemNamed(text, choices);
    if (!found) wrong.push({ kind: "not-one-of", row, column, found: cell(column) });
    return found ?? usual;
  };
  for (const column of ["address", "opening"] as const)
    if (cell(column) === "") wrong.push({ kind: "missing", row, column });
  for (const [column, most] of [
    ["address", 120],
    ["opening", 120],
    ["light", 200],
  ] as const)
    if (cell(column).length > most) wrong.push({ kind: "too-long", row, heading: column });
  const unit = choice<LengthUnit>("unit", ["mm", "in"], "mm");
  const system = choice<System>("system", SYSTEMS, FIRST_SYSTEM);
  const sides = sidesOf(system);
  // A blank cell is nobody's answer: the pane says so, and asks.
  const unsaid = cell("system") === "" || (cell("side") === "" && sides.length > 1);
  const added = {
    address: cell("address"),
    opening: cell("opening"),
    light: cell("light"),
    system,
    side: choice<"inside" | "outside">("side", ["outside", "inside"], sides[0] ?? "outside"),
    ...(unsaid && { unsaid: true as const }),
  };
  const state = cell("read from") === "" ? null : choice<Circumstance>("read from", CIRCUMSTANCES, "guess");
  const way = choice<Way>("measured", WAYS, "rebate");
  const readings: ({ readonly place: Place } & Written)[] = [];
  const spoilt = wrong.length > 0;
  headings.forEach((h, i) => {
    const text = (cells[i] ?? "").trim();
    if (!h || text === "" || COLUMN_NAMES.includes(h.column as Column)) return;
    const place = h.column as Place;
    if (text.length > 60) {
      wrong.push({ kind: "too-long", row, heading: place });
      return;
    }
    const inUnit = h.unit ?? unit;
    const read = readTape(text, inUnit);
    if (!read.ok && !spoilt) wrong.push({ kind: "unreadable", row, place, text, error: read.error });
    readings.push({ place, text, unit: inUnit });
  });
  const id = cell("id");
  return { pane: spoilt ? null : { row, id: id === "" ? null : id, added, way, state, readings }, wrong };
}

/** A system by the name it has on the screen. */
function systemNamed<T extends string>(text: Template, choices: readonly T[]): T | undefined {
  return choices.find(
    (o) =>
      (SYSTEMS as readonly unknown[]).includes(o) &&
      slug(frameOf(o as unknown as System).name.replace(/[{}]/g, "")) === text,
  );
}

const slug = (text: Template): Template =>
  text
    .trim()
    .toLowerCase()
    .replace(/[\s_,.]+/g, "-")
    .replace(/-+/g, "-")
    .replace(/^-|-$/g, "");

/** How people head the eight columns besides their own names. */
const SHORT: Readonly<Record<string, Column | Place>> = {
  building: "address",
  house: "address",
  window: "opening",
  sash: "light",
  pane: "light",
  held: "system",
  units: "unit",
  state: "read from",
  "read-from": "read from",
  way: "measured",
  width: "width-middle",
  w: "width-middle",
  height: "height-middle",
  h: "height-middle",
  "w-top": "width-top",
  "w-middle": "width-middle",
  "w-mid": "width-middle",
  "w-bottom": "width-bottom",
  "h-left": "height-left",
  "h-middle": "height-middle",
  "h-mid": "height-middle",
  "h-right": "height-right",
  "top-width": "width-top",
  "middle-width": "width-middle",
  "bottom-width": "width-bottom",
  "left-height": "height-left",
  "middle-height": "height-middle",
  "right-height": "height-right",
  "diag-up": "diagonal-up",
  "diag-down": "diagonal-down",
  "d-up": "diagonal-up",
  "d-down": "diagonal-down",
  depth: "rebate-depth",
  "rabbet-depth": "rebate-depth",
  "rabbet-width": "rebate-width",
  sill: "sill-height",
  door: "door-distance",
};

/** @example headingOf("Width, top (in)") // width-top, in inches; headingOf("w top") // width-top */
function headingOf(heading: string): Heading {
  const unit = /[([]\s*(mm|in|inch|inches|")\s*[)\]]|\b(mm|in|inches)\s*$/i.exec(heading);
  const name = slug(unit ? heading.replace(unit[0], "") : heading).replace(/[()[\]"]/g, "");
  const said = (unit?.[1] ?? unit?.[2])?.toLowerCase();
  const inUnit: LengthUnit | null = said === undefined ? null : said === "mm" ? "mm" : "in";
  const column =
    SHORT[name] ??
    COLUMN_NAMES.find((c) => slug(c) === name) ??
    PLACES.find((p) => p === name) ??
    PLACES.find((p) => p.replaceAll("-", "") === name.replaceAll("-", ""));
  return column ? { column, unit: inUnit } : null;
}

/** Whether a reading from a table says anything else than the one that stands: another value, or another unreadable text. */
export function saysElse(cell: Written, standing: Written | undefined): boolean {
  if (!standing) return true;
  const [a, b] = [readTape(cell.text, cell.unit), readTape(standing.text, standing.unit)];
  if (a.ok && b.ok) return a.value.adjusted !== b.value.adjusted;
  return a.ok !== b.ok || (cell.text !== standing.text && cell.text !== cellOf(standing, cell.unit));
}
