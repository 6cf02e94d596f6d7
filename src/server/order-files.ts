import Papa from "papaparse";
import { type OrderBook, type OrderLine, standingLines } from "../core/pane/order-book.ts";
import { lineMass, statedSize } from "../core/pane/order-line.ts";
import { safeCell } from "../core/round/safe-cell.ts";
import { GLASS_NAMES } from "../core/specify/glass.ts";
import { looksText } from "../core/specify/looks.ts";
import { makeupText } from "../core/specify/makeup.ts";
import { WHOLE_FACTS } from "../core/specify/whole.ts";
import { writeNumber } from "../core/tape/write.ts";
import { gridUnit, nm, toMm } from "../core/units/length.ts";
import { say } from "../core/words/dialect.ts";
import { barsText } from "../core/words/found.ts";
import { orderLineWords } from "../core/words/order-sheet.ts";
import type { Prefs } from "../core/words/prefs.ts";

/** The order's lines as CSV, sizes in the reader's unit and in exact millimetres; a heading row says which is which. */
export function orderCsv(order: OrderBook, prefs: Prefs): string {
  const rows = standingLines(order).map((l, i) => {
    const words = orderLineWords(l, prefs);
    return {
      no: i + 1,
      off: 1,
      [`width ${prefs.unit}`]: words.width,
      [`height ${prefs.unit}`]: words.height,
      "width mm": toMm(statedSize(l).width),
      "height mm": toMm(statedSize(l).height),
      "take off width mm": toMm(statedSize(l).allowance.width),
      "take off height mm": toMm(statedSize(l).allowance.height),
      "thickness mm": writeNumber(l.thicknessNm, "mm"),
      glass: say(l.whole ? WHOLE_FACTS[l.whole.what].name : l.makeup ? "{unit}" : GLASS_NAMES[l.glass], prefs.dialect),
      makeup: safeCell(l.makeup ? say(makeupText(l.makeup), "a") : ""),
      pattern: safeCell(l.pattern),
      edges: l.whole ? "" : l.edges,
      looks: safeCell(l.looks ? looksText(l.looks) : ""),
      bars: safeCell(l.bars ? barsText(l.bars, gridUnit(l.grid)) : ""),
      with: safeCell(words.extra),
      "corners mm": (l.corners ?? []).map((c) => `${toMm(nm(c.x))} ${toMm(nm(c.y))}`).join("; "),
      basis: l.whole ? `${l.whole.what} size` : `${statedSize(l).basis} size`,
      label: safeCell(l.label),
      state: l.state,
      line: l.line,
      pane: l.pane,
      "width nm": l.widthNm,
      "height nm": l.heightNm,
      supplier: safeCell(order.supplier),
      reference: safeCell(order.reference),
      spec: JSON.stringify(specOf(l)),
    };
  });
  // The reader's unit may be mm itself; then the first two columns and the exact ones are one.
  return `${Papa.unparse(rows, { newline: "\r\n", quotes: true })}\r\n`;
}

/** What a line says beside its size and label: exact, so that a file read back gives the same. */
export const specOf = (l: OrderLine) => ({
  glass: l.glass,
  edges: l.edges,
  pattern: l.pattern,
  grid: l.grid,
  ...(l.basis ? { basis: l.basis } : {}),
  ...(l.makeup ? { makeup: l.makeup } : {}),
  ...(l.looks ? { looks: l.looks } : {}),
  ...(l.bars ? { bars: l.bars } : {}),
  ...(l.whole ? { whole: l.whole } : {}),
  ...(l.parts ? { parts: l.parts } : {}),
  ...(l.note ? { note: l.note } : {}),
  ...(l.corners ? { corners: l.corners } : {}),
  ...(l.allowanceNm ? { allowanceNm: l.allowanceNm } : {}),
});

export const orderJson = (order: OrderBook) => ({
  order: order.id,
  supplier: order.supplier,
  reference: order.reference,
  sent: order.sent,
  arrived: order.arrived,
  basis:
    "width × height; widthNm and heightNm are glass sizes. A line whose basis is opening states glass and allowance together.",
  lines: standingLines(order).map((l) => ({
    line: l.line,
    pane: l.pane,
    label: l.label,
    off: 1,
    widthNm: l.widthNm,
    heightNm: l.heightNm,
    thicknessNm: l.thicknessNm,
    ...specOf(l),
    statedAs: statedSize(l).basis,
    stated: { widthNm: statedSize(l).width, heightNm: statedSize(l).height },
    takeOff: { widthNm: statedSize(l).allowance.width, heightNm: statedSize(l).allowance.height },
    massKg: lineMass(l),
    state: l.state,
    check: l.check?.payload ?? null,
  })),
});
