import type { Content } from "pdfmake/interfaces.js";
import { LABEL_SHEETS, type LabelSheetId, labelPlaces } from "../../core/order/label-sheets.ts";
import { type OrderBook, type OrderLine, standingLines } from "../../core/pane/order-book.ts";
import { orderLineWords } from "../../core/words/order-sheet.ts";
import type { Prefs } from "../../core/words/prefs.ts";
import { printLabels } from "./pdf.ts";

const PT = 72 / 25.4;
const PAD_MM = 4;
const UP =
  '<svg xmlns="http://www.w3.org/2000/svg" width="14" height="14"><path d="M7 1L13 8H9V13H5V8H1Z" fill="#22252a"/></svg>';

/** Which labels: on what sheet, and how many of it are used already. */
export type LabelsOn = { readonly sheet: LabelSheetId; readonly used: number };

/** Labels for the panes of an order: which opening, which size, up, room side, and a code that opens the pane. */
export function labelsPdf(order: OrderBook, prefs: Prefs, origin: string, on: LabelsOn): Promise<Buffer> {
  const lines = standingLines(order);
  const sheet = LABEL_SHEETS[on.sheet];
  const square = (sheet.label.height - 2 * PAD_MM) * PT;
  const room = (sheet.label.width - 2 * PAD_MM) * PT;
  const code = Math.min(square, room * 0.4);
  const label = (l: OrderLine): Content => {
    const w = orderLineWords(l, prefs);
    const isSmall = sheet.label.width < 80;
    return {
      columns: [
        { width: code, qr: `${origin}/panes/${l.pane}`, fit: code },
        {
          width: room - code - 8,
          stack: [
            { text: l.label, bold: true, fontSize: isSmall ? 9 : 12 },
            { text: `${w.width} × ${w.height} ${prefs.unit}`, fontSize: isSmall ? 9 : 12 },
            { text: w.glass, fontSize: isSmall ? 6.5 : 8 },
            {
              columns: [
                { width: 14, svg: UP },
                { text: "This face to the room. This way up.", fontSize: isSmall ? 6.5 : 8, bold: true },
              ],
              columnGap: 4,
              margin: [0, 3, 0, 0],
            },
          ],
        },
      ],
      columnGap: 8,
    };
  };
  const places = labelPlaces(sheet, lines.length, on.used);
  return printLabels({
    title: `Labels ${order.reference || order.supplier}`,
    page: { width: sheet.page.width * PT, height: sheet.page.height * PT },
    pages: Math.max(1, ...places.map((p) => p.page + 1)),
    labels: lines.map((l, i) => ({
      page: places[i]?.page ?? 0,
      x: ((places[i]?.x ?? 0) + PAD_MM) * PT,
      y: ((places[i]?.y ?? 0) + PAD_MM) * PT,
      width: room,
      content: label(l),
    })),
  });
}
