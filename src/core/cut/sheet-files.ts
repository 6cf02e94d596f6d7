import { cutOrder, type Place, placesOf } from "./cut-order.ts";
import { type CutNode, type CuttingCase, isKept } from "./cutting.ts";

/** One sheet of a plan as other programs and other benches take it. */
export type SheetFile = {
  readonly name: string;
  readonly root: CutNode;
  /** What each piece is called. */
  readonly names: readonly string[];
  readonly keep: CuttingCase["keep"];
};

/** What a part of the sheet is. */
type PartKind = "piece" | "kept" | "waste";
type SheetPart = { readonly kind: PartKind; readonly name: string; readonly place: Place; readonly turned: boolean };

const MM = 1_000_000;
/** Whole micrometres, as millimetres. @example 478_000_000 // "478" */
const mmText = (nm: number): string => String(Math.round(nm / 1000) / 1000);

const partsOf = (file: SheetFile): readonly SheetPart[] =>
  placesOf(file.root).map(({ place, node }) =>
    node.kind === "piece"
      ? { kind: "piece", name: file.names[node.piece] ?? "", place, turned: node.turned }
      : { kind: isKept(place, file.keep) ? "kept" : "waste", name: "", place, turned: false },
  );

/** The far end of a cut that begins at `at` of what lies there. */
const lineOf = (place: Place, runs: "across" | "up", at: number) =>
  runs === "across"
    ? { x0: place.x + at, y0: place.y, x1: place.x + at, y1: place.y + place.height }
    : { x0: place.x, y0: place.y + at, x1: place.x + place.width, y1: place.y + at };

/** Columns of `sheetRows`. Millimetres from the datum corner, the left foot of the sheet once it is trimmed. */
export const SHEET_COLUMNS = [
  "sheet",
  "what",
  "name",
  "x mm",
  "y mm",
  "width mm",
  "height mm",
  "turned",
  "cut",
] as const;

/** A sheet as rows of a table: its cuts in their order, then its pieces, what is kept and what is waste. */
export function sheetRows(file: SheetFile): readonly (readonly string[])[] {
  const cuts = cutOrder(file.root).map((c) => {
    const l = lineOf(c.of, c.runs, c.at);
    return [
      file.name,
      "cut",
      c.runs === "across" ? "upright" : "level",
      mmText(l.x0),
      mmText(l.y0),
      mmText(l.x1 - l.x0),
      mmText(l.y1 - l.y0),
      "",
      String(c.n),
    ];
  });
  const parts = partsOf(file).map((p) => [
    file.name,
    p.kind,
    p.name,
    mmText(p.place.x),
    mmText(p.place.y),
    mmText(p.place.width),
    mmText(p.place.height),
    p.turned ? "yes" : "",
    "",
  ]);
  return [...cuts, ...parts];
}

const LAYERS: Readonly<Record<PartKind | "cut", { readonly name: string; readonly colour: number }>> = {
  cut: { name: "CUTS", colour: 1 },
  piece: { name: "PIECES", colour: 7 },
  kept: { name: "KEPT", colour: 3 },
  waste: { name: "WASTE", colour: 8 },
};

/** Text of this height can be read on a drawing of a sheet, mm. */
const TEXT_MM = 25;

/**
 * A sheet as a DXF drawing of the first release that all programs read (R12, plain text), in millimetres from the datum corner,
 * y upwards: cuts as lines, pieces, keepers and waste as closed outlines, each on a layer of its own, pieces by their names.
 * @example a sheet of two panes // one line on CUTS, two outlines on PIECES
 */
export function sheetDxf(file: SheetFile): string {
  const out: (string | number)[] = [];
  const put = (code: number, value: string | number) => void out.push(code, value);
  const point = (x: number, y: number, first = 10) => {
    put(first, mmText(x));
    put(first + 10, mmText(y));
    put(first + 20, 0);
  };
  put(0, "SECTION");
  put(2, "HEADER");
  put(9, "$ACADVER");
  put(1, "AC1009");
  put(9, "$EXTMIN");
  point(0, 0);
  put(9, "$EXTMAX");
  point(file.root.width, file.root.height);
  put(0, "ENDSEC");
  put(0, "SECTION");
  put(2, "TABLES");
  put(0, "TABLE");
  put(2, "LAYER");
  put(70, Object.keys(LAYERS).length);
  for (const { name, colour } of Object.values(LAYERS)) {
    put(0, "LAYER");
    put(2, name);
    put(70, 0);
    put(62, colour);
    put(6, "CONTINUOUS");
  }
  put(0, "ENDTAB");
  put(0, "ENDSEC");
  put(0, "SECTION");
  put(2, "ENTITIES");
  for (const c of cutOrder(file.root)) {
    const l = lineOf(c.of, c.runs, c.at);
    put(0, "LINE");
    put(8, LAYERS.cut.name);
    point(l.x0, l.y0);
    point(l.x1, l.y1, 11);
  }
  for (const p of partsOf(file)) {
    const { x, y, width, height } = p.place;
    put(0, "POLYLINE");
    put(8, LAYERS[p.kind].name);
    put(66, 1);
    put(70, 1);
    point(0, 0);
    for (const [cx, cy] of [
      [x, y],
      [x + width, y],
      [x + width, y + height],
      [x, y + height],
    ] as const) {
      put(0, "VERTEX");
      put(8, LAYERS[p.kind].name);
      point(cx, cy);
    }
    put(0, "SEQEND");
    put(8, LAYERS[p.kind].name);
    if (p.name === "") continue;
    put(0, "TEXT");
    put(8, LAYERS.piece.name);
    point(x + 10 * MM, y + 10 * MM);
    put(40, TEXT_MM);
    put(1, plain(p.name));
  }
  put(0, "ENDSEC");
  put(0, "EOF");
  return `${out.join("\r\n")}\r\n`;
}

/** Letters of that release are the plain ones: others are written as it writes them. @example "é" // "\\U+00E9" */
const plain = (text: string): string =>
  [...text.replace(/[\r\n]+/g, " ")]
    .map((c) => {
      const code = c.codePointAt(0) ?? 32;
      return code < 128 ? c : `\\U+${code.toString(16).toUpperCase().padStart(4, "0")}`;
    })
    .join("");

const escaped = (text: string): string =>
  text.replace(/[&<>"]/g, (c) => ({ "&": "&amp;", "<": "&lt;", ">": "&gt;", '"': "&quot;" })[c] ?? c);

const SVG_FILL: Readonly<Record<PartKind, string>> = { piece: "#d5e8e0", kept: "#ffffff", waste: "#d9d6cd" };

/** A sheet as a drawing to scale in millimetres that stands by itself, the datum corner at the left foot. */
export function sheetSvg(file: SheetFile): string {
  const [w, h] = [file.root.width / MM, file.root.height / MM];
  const up = (y: number, height = 0): string => mmText(file.root.height - y - height);
  const parts = partsOf(file).map(({ kind, name, place: p }) => {
    const label = name
      ? `<text x="${mmText(p.x + 12 * MM)}" y="${up(p.y + 12 * MM)}" font-size="${TEXT_MM}" font-family="sans-serif">${escaped(name)}</text>`
      : "";
    return `<rect x="${mmText(p.x)}" y="${up(p.y, p.height)}" width="${mmText(p.width)}" height="${mmText(p.height)}" fill="${SVG_FILL[kind]}" stroke="#555" data-part="${kind}"/>${label}`;
  });
  const cuts = cutOrder(file.root).map((c) => {
    const l = lineOf(c.of, c.runs, c.at);
    return `<line x1="${mmText(l.x0)}" y1="${up(l.y0)}" x2="${mmText(l.x1)}" y2="${up(l.y1)}" stroke="#b03020" stroke-width="3" data-cut="${c.n}"/>`;
  });
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${w}mm" height="${h}mm" viewBox="0 0 ${w} ${h}"><title>${escaped(file.name)}</title>${parts.join("")}${cuts.join("")}</svg>\n`;
}
