import Papa from "papaparse";
import { SHEET_COLUMNS, type SheetFile, sheetDxf, sheetRows, sheetSvg } from "../../core/cut/sheet-files.ts";

type Make = { readonly name: string; readonly type: string; readonly of: (f: SheetFile) => string };

const MAKES: readonly Make[] = [
  { name: "DXF", type: "image/vnd.dxf", of: sheetDxf },
  { name: "SVG", type: "image/svg+xml", of: sheetSvg },
  {
    name: "CSV",
    type: "text/csv",
    // Every cell in quotes, and none that a spreadsheet would take for a formula.
    of: (f) =>
      `${Papa.unparse([[...SHEET_COLUMNS], ...sheetRows(f).map((r) => [...r])], { quotes: true, escapeFormulae: true, newline: "\r\n" })}\r\n`,
  },
];

/** The sheet for another program, or another bench: made here, so that it needs no signal. */
export const SheetFiles = ({ sheet, n }: { readonly sheet: SheetFile; readonly n: number }) => (
  <p className="no-print flex flex-wrap items-center gap-2 text-[14px]">
    <span className="text-mute">This sheet as</span>
    {MAKES.map((m) => (
      <button key={m.name} type="button" className="btn btn-small" onClick={() => save(m, sheet, n)}>
        {m.name}
      </button>
    ))}
  </p>
);

function save(make: Make, sheet: SheetFile, n: number): void {
  const url = URL.createObjectURL(new Blob([make.of(sheet)], { type: make.type }));
  const link = document.createElement("a");
  link.href = url;
  link.download = `sheet-${n}.${make.name.toLowerCase()}`;
  link.click();
  setTimeout(() => URL.revokeObjectURL(url), 1000);
}
