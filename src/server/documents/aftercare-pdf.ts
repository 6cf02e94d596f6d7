import type { Customer, FirmDetails } from "../../core/log/kinds/firm.ts";
import type { AftercareLine } from "../../core/signoff/aftercare.ts";
import { sayDate } from "../../core/words/days.ts";
import { type DateMark, dateLine, dateLineSvg } from "../../drawing/date-line.ts";
import { printPdf } from "./pdf.ts";

/** One page for the customer: what was done, what to leave alone, what comes next. Not a certificate. */
export const aftercarePdf = (of: {
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
    firm: of.firm,
    title: `After the work, ${of.where}`,
    foot: "A record of what was done and seen. It is not a certificate.",
    content: [
      {
        columns: [
          {
            width: "*",
            stack: [
              { text: "After the work", style: "h1" },
              { text: of.where, fontSize: 13, margin: [0, 4, 0, 0] },
              ...(of.customer?.name ? [{ text: `For ${of.customer.name}` }] : []),
              { text: `${of.fitted}.`, margin: [0, 10, 0, 0] as [number, number, number, number], fontSize: 11 },
              { text: `${of.day}${of.by ? `, by ${of.by}` : ""}.`, style: "mute" },
            ],
          },
          { width: "auto", stack: of.drawing === null ? [] : [{ svg: of.drawing }] },
        ],
        columnGap: 24,
        margin: [0, 0, 0, 14],
      },
      ...(of.dates.length > 1
        ? [
            { text: "From here on", bold: true, margin: [0, 0, 0, 4] as [number, number, number, number] },
            {
              svg: dateLineSvg(dateLine(of.dates, 515)),
              margin: [0, 0, 0, 12] as [number, number, number, number],
            },
          ]
        : []),
      {
        ul: of.lines.map((l) => ({
          text: l.day === undefined ? l.says : [`${l.says} `, { text: `${sayDate(l.day)}.`, bold: true }],
          margin: [0, 3, 0, 3] as [number, number, number, number],
        })),
        fontSize: 12,
      },
      ...(of.snags.length > 0
        ? [
            { text: "Still to be put right", bold: true, margin: [0, 16, 0, 4] as [number, number, number, number] },
            { ul: [...of.snags] },
          ]
        : []),
      ...(of.materials.length > 0
        ? [
            { text: "Used", bold: true, margin: [0, 16, 0, 4] as [number, number, number, number] },
            { ul: [...of.materials] },
          ]
        : []),
    ],
  });
