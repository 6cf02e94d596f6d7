import type { Customer, FirmDetails } from "../../core/log/kinds/firm.ts";
import type { AftercareLine } from "../../core/signoff/aftercare.ts";
import { sayDay } from "../../core/words/days.ts";
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
}): Promise<Buffer> =>
  printPdf({
    firm: of.firm,
    title: `After the work, ${of.where}`,
    foot: "A record of what was done and seen. It is not a certificate.",
    content: [
      { text: "After the work", style: "h1" },
      { text: of.where, fontSize: 13 },
      ...(of.customer?.name ? [{ text: `For ${of.customer.name}` }] : []),
      { text: `${of.fitted}. ${of.day}${of.by ? `, by ${of.by}` : ""}.`, style: "mute", margin: [0, 2, 0, 14] },
      {
        ul: of.lines.map((l) => ({
          text: l.day === undefined ? l.says : [`${l.says} `, { text: `${sayDay(l.day)}.`, bold: true }],
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
