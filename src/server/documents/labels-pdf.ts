import type { Content } from "pdfmake/interfaces.js";
import { NO_DETAILS } from "../../core/log/kinds/firm.ts";
import { type OrderBook, type OrderLine, standingLines } from "../../core/pane/order-book.ts";
import { orderLineWords } from "../../core/words/order-sheet.ts";
import type { Prefs } from "../../core/words/prefs.ts";
import { printPdf } from "./pdf.ts";

const ACROSS = 2;

/** Labels for the panes of an order, two across: which opening, which size, up, room side, and a code that opens the pane. */
export function labelsPdf(order: OrderBook, prefs: Prefs, origin: string): Promise<Buffer> {
  const lines = standingLines(order);
  const label = (l: OrderLine): Content => {
    const w = orderLineWords(l, prefs);
    return {
      columns: [
        { width: 74, qr: `${origin}/panes/${l.pane}`, fit: 70 },
        {
          stack: [
            { text: l.label, bold: true, fontSize: 12 },
            { text: `${w.width} × ${w.height} ${prefs.unit}`, fontSize: 12 },
            { text: w.glass, fontSize: 8 },
            { text: "This face to the room. This way up.", fontSize: 8, bold: true },
            {
              svg: '<svg xmlns="http://www.w3.org/2000/svg" width="14" height="14"><path d="M7 1L13 8H9V13H5V8H1Z" fill="#22252a"/></svg>',
            },
          ],
        },
      ],
      columnGap: 6,
      margin: [6, 8, 6, 8],
    };
  };
  const rows: Content[][] = [];
  for (let i = 0; i < lines.length; i += ACROSS)
    rows.push(
      Array.from({ length: ACROSS }, (_, k): Content => {
        const line = lines[i + k];
        return line ? label(line) : { text: "" };
      }),
    );
  return printPdf({
    // Labels have no room for a head: the firm is on the delivery.
    firm: NO_DETAILS,
    title: `Labels ${order.reference || order.supplier}`,
    foot: "One label a pane, on the face for the room.",
    content: [
      rows.length === 0
        ? { text: "Nothing stands on this order." }
        : {
            table: { dontBreakRows: true, widths: ["*", "*"], body: rows },
            layout: {
              hLineWidth: () => 0.5,
              vLineWidth: () => 0.5,
              hLineColor: () => "#c9ccd1",
              vLineColor: () => "#c9ccd1",
            },
          },
    ],
  });
}
