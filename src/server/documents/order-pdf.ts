import type { Content } from "pdfmake/interfaces.js";
import type { FirmDetails } from "../../core/log/kinds/firm.ts";
import { type OrderBook, standingLines } from "../../core/pane/order-book.ts";
import { groupedLines, type LineGroup } from "../../core/pane/order-groups.ts";
import { counted } from "../../core/text/counted.ts";
import { dayOf } from "../../core/units/day.ts";
import { sayDate } from "../../core/words/days.ts";
import { massTogether, orderLineWords } from "../../core/words/order-sheet.ts";
import type { Prefs } from "../../core/words/prefs.ts";
import { lineDrawingSvg } from "../../drawing/line-drawing.ts";
import { orderLineDrawing } from "../../drawing/order-line-drawing.ts";
import { printPdf, RULED } from "./pdf.ts";

const BOX = 104;

/** The order as a page for its supplier: every line complete, its basis said, a drawing beside it. */
export function orderPdf(order: OrderBook, prefs: Prefs, firm: FirmDetails): Promise<Buffer> {
  const lines = standingLines(order);
  const words = lines.map((l) => orderLineWords(l, prefs));
  const row = ({ line: l, lines: all }: LineGroup, i: number): Content[] => {
    const w = orderLineWords(l, prefs);
    return [
      { svg: lineDrawingSvg(orderLineDrawing(l, w, BOX)) },
      {
        stack: [
          {
            text: [
              { text: `${i + 1}.  ${all.length} off   `, bold: all.length > 1 },
              { text: `${w.width} × ${w.height}`, style: "big" },
            ],
          },
          { text: w.basis, bold: true },
          ...(w.shape ? [{ text: w.shape }] : []),
          ...(w.cutterSize ? [{ text: `cut to ${w.cutterSize}` }] : []),
          { text: w.glass, margin: [0, 4, 0, 0] },
          { text: `${w.edges ? `${w.edges}, ` : ""}${w.mass}${all.length > 1 ? " each" : ""}`, style: "mute" },
          ...(w.extra ? [{ text: w.extra }] : []),
        ],
      },
      { stack: all.map((x) => ({ text: x.label })) },
    ];
  };
  const fact = (name: string, says: string): Content => ({ text: [{ text: `${name}  `, color: "#5b6068" }, says] });
  return printPdf({
    firm,
    title: `Glass order ${order.reference || order.supplier}`,
    foot: "Sizes are width × height. Cut down to the size, never above it.",
    content: [
      {
        columns: [
          {
            stack: [
              { text: "Glass order", style: "h1" },
              { text: order.supplier, fontSize: 13 },
            ],
          },
          {
            width: 190,
            stack: [
              fact("Our reference", order.reference || "–"),
              fact("Ordered", order.sent ? sayDate(dayOf(order.sent.day)) : "not yet"),
              fact("Due", order.sent ? sayDate(dayOf(order.sent.due)) : "–"),
              fact("By", order.sent?.who ?? prefs.who),
            ],
          },
        ],
      },
      {
        text: `All sizes in ${prefs.unit === "mm" ? "millimetres" : "inches"}, width × height. Each line says whether it is the glass or the opening.`,
        margin: [0, 12, 0, 8],
      },
      {
        table: {
          headerRows: 1,
          dontBreakRows: true,
          widths: [132, "*", 110],
          body: [
            ["Seen as it stands", "Width × height, glass", "Label on the pane"].map((text) => ({
              text,
              style: "head",
            })),
            ...groupedLines(lines).map(row),
          ],
        },
        layout: RULED,
      },
      {
        text: `${counted(lines.length, "pane")}${lines.length === 0 ? "" : `, ${massTogether(words, prefs.unit)} together`}. Write the label on each pane, on a sticker that comes off: on the face for the room, reading upright as the pane will stand.`,
        margin: [0, 10, 0, 0],
      },
    ],
  });
}
