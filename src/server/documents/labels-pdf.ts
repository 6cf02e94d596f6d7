import type { Content } from "pdfmake/interfaces.js";
import type { StockPane } from "../../core/house/stock.ts";
import { LABEL_SHEETS, type LabelSheetId, labelPlaces } from "../../core/order/label-sheets.ts";
import { type OrderBook, standingLines } from "../../core/pane/order-book.ts";
import { nm } from "../../core/units/length.ts";
import { sheetText } from "../../core/words/glass.ts";
import { orderLineWords } from "../../core/words/order-sheet.ts";
import type { Prefs } from "../../core/words/prefs.ts";
import { sizeText } from "../../core/words/size-text.ts";
import { printLabels } from "./pdf.ts";

const PT = 72 / 25.4;
const PAD_MM = 4;
const UP =
  '<svg xmlns="http://www.w3.org/2000/svg" width="14" height="14"><path d="M7 1L13 8H9V13H5V8H1Z" fill="#22252a"/></svg>';

/** Which labels: on what sheet, and how many of it are used already. */
export type LabelsOn = { readonly sheet: LabelSheetId; readonly used: number };

/** What one label says, beside the code that opens something. */
type Label = {
  readonly opens: string;
  readonly head: string;
  readonly size: string;
  readonly small: string;
  /** Printed strong below: what must not be got wrong. */
  readonly mind?: string;
};

/** Labels on a sheet as it is sold, a code on each. */
function sheetOfLabels(title: string, labels: readonly Label[], on: LabelsOn): Promise<Buffer> {
  const sheet = LABEL_SHEETS[on.sheet];
  const square = (sheet.label.height - 2 * PAD_MM) * PT;
  const room = (sheet.label.width - 2 * PAD_MM) * PT;
  const code = Math.min(square, room * 0.4);
  const isSmall = sheet.label.width < 80;
  const content = (l: Label): Content => ({
    columns: [
      { width: code, qr: l.opens, fit: code },
      {
        width: room - code - 8,
        stack: [
          { text: l.head, bold: true, fontSize: isSmall ? 9 : 12 },
          { text: l.size, fontSize: isSmall ? 9 : 12 },
          { text: l.small, fontSize: isSmall ? 6.5 : 8 },
          ...(l.mind
            ? [
                {
                  columns: [
                    { width: 14, svg: UP },
                    { text: l.mind, fontSize: isSmall ? 6.5 : 8, bold: true },
                  ],
                  columnGap: 4,
                  margin: [0, 3, 0, 0] as [number, number, number, number],
                },
              ]
            : []),
        ],
      },
    ],
    columnGap: 8,
  });
  const places = labelPlaces(sheet, labels.length, on.used);
  return printLabels({
    title,
    page: { width: sheet.page.width * PT, height: sheet.page.height * PT },
    pages: Math.max(1, ...places.map((p) => p.page + 1)),
    labels: labels.map((l, i) => ({
      page: places[i]?.page ?? 0,
      x: ((places[i]?.x ?? 0) + PAD_MM) * PT,
      y: ((places[i]?.y ?? 0) + PAD_MM) * PT,
      width: room,
      content: content(l),
    })),
  });
}

/** Labels for the panes of an order: which opening, which size, up, room side, and a code that opens the pane. */
export const labelsPdf = (order: OrderBook, prefs: Prefs, origin: string, on: LabelsOn): Promise<Buffer> =>
  sheetOfLabels(
    `Labels ${order.reference || order.supplier}`,
    standingLines(order).map((l) => {
      const w = orderLineWords(l, prefs);
      return {
        opens: `${origin}/panes/${l.pane}`,
        head: l.label,
        size: `${w.width} × ${w.height} ${prefs.unit}`,
        small: w.glass,
        mind: "This face to the room. This way up.",
      };
    }),
    on,
  );

/** Labels for what lies in the rack: its name, size and glass, and a code that opens it where the rack is counted. */
export const rackLabelsPdf = (
  pieces: readonly StockPane[],
  prefs: Prefs,
  origin: string,
  on: LabelsOn,
): Promise<Buffer> =>
  sheetOfLabels(
    "Labels for the rack",
    pieces.map((p) => ({
      opens: `${origin}/bench/rack?at=${encodeURIComponent(p.name)}`,
      head: p.name,
      size: `${sizeText(nm(p.widthNm), prefs.unit)} × ${sizeText(nm(p.heightNm), prefs.unit)} ${prefs.unit}`,
      small: [sheetText(p, prefs), p.slot].filter(Boolean).join(", "),
    })),
    on,
  );
