import type { Customer, FirmDetails } from "../../core/log/kinds/firm.ts";
import type { AftercareLine } from "../../core/signoff/aftercare.ts";
import { sayDate } from "../../core/words/days.ts";
import { type DateMark, dateLine, dateLineSvg } from "../../drawing/date-line.ts";
import { printPdf } from "./pdf.ts";

/** One page for the customer: what was done, what to leave alone, what comes next. Not a certificate. */
export const aftercarePdf = (sheet: {
  readonly firm: FirmDetails;
  readonly where: string;
  /** Whose window it is; null where nobody said. */
  readonly customer: Customer | null;
  readonly fitted: string;
  readonly day: string;
  readonly by: string;
  readonly lines: readonly AftercareLine[];
  readonly materials: readonly string[];
  readonly snags: readonly string[];
  /** The pane that was fitted, drawn; null where its size is not known. */
  readonly drawing: string | null;
  /** Days that matter from now on, as a line. */
  readonly dates: readonly DateMark[];
}): Promise<Buffer> =>
  printPdf({
    firm: sheet.firm,
    title: `After the work, ${sheet.where}`,
    foot: "A record of what was done and seen. It is not a certificate.",
    content: [
      {
        columns: [
          {
            width: "*",
            stack: [
              { text: "After the work", style: "h1" },
              { text: sheet.where, fontSize: 13, margin: [0, 4, 0, 0] },
              ...(sheet.customer?.name ? [{ text: `For ${sheet.customer.name}` }] : []),
              { text: `${sheet.fitted}.`, margin: [0, 10, 0, 0] as [number, number, number, number], fontSize: 11 },
              { text: `${sheet.day}${sheet.by ? `, by ${sheet.by}` : ""}.`, style: "mute" },
            ],
          },
          { width: "auto", stack: sheet.drawing === null ? [] : [{ svg: sheet.drawing }] },
        ],
        columnGap: 24,
        margin: [0, 0, 0, 14],
      },
      ...(sheet.dates.length > 1
        ? [
            { text: "From here on", bold: true, margin: [0, 0, 0, 4] as [number, number, number, number] },
            {
              svg: dateLineSvg(dateLine(sheet.dates, 515)),
              margin: [0, 0, 0, 12] as [number, number, number, number],
            },
          ]
        : []),
      {
        ul: sheet.lines.map((l) => ({
          text: l.day === undefined ? l.says : [`${l.says} `, { text: `${sayDate(l.day)}.`, bold: true }],
          margin: [0, 3, 0, 3] as [number, number, number, number],
        })),
        fontSize: 12,
      },
      ...(sheet.snags.length > 0
        ? [
            { text: "Still to be put right", bold: true, margin: [0, 16, 0, 4] as [number, number, number, number] },
            { ul: [...sheet.snags] },
          ]
        : []),
      ...(sheet.materials.length > 0
        ? [
            { text: "Used", bold: true, margin: [0, 16, 0, 4] as [number, number, number, number] },
            { ul: [...sheet.materials] },
          ]
        : []),
    ],
  });
