import { createRequire } from "node:module";
import type { Content, TDocumentDefinitions } from "pdfmake/interfaces.js";
import type { FirmDetails } from "../../core/log/kinds/firm.ts";

type Printer = {
  setFonts: (fonts: object) => void;
  setUrlAccessPolicy: (may: (url: string) => boolean) => void;
  setLocalAccessPolicy?: (may: (path: string) => boolean) => void;
  createPdf: (definition: TDocumentDefinitions) => { getBuffer: () => Promise<Buffer> };
};

const need = createRequire(import.meta.url);
let made: Printer | undefined;

/** The printer with the fonts that ship in its package; it reaches for nothing outside. */
function printer(): Printer {
  if (made) return made;
  made = need("pdfmake") as Printer;
  made.setFonts(need("pdfmake/fonts/Roboto.js") as object);
  made.setUrlAccessPolicy(() => false);
  made.setLocalAccessPolicy?.((path) => path.includes("pdfmake"));
  return made;
}

/** The firm's own head of a page; nothing where it gave no name. */
export function letterhead(firm: FirmDetails): Content[] {
  if (firm.name === "") return [];
  const reach = [firm.telephone, firm.mail].filter(Boolean).join("  ·  ");
  return [
    {
      columns: [
        {
          stack: [
            { text: firm.name, bold: true, fontSize: 13 },
            { text: firm.address, style: "mute" },
          ],
        },
        {
          width: "auto",
          alignment: "right",
          stack: [
            { text: reach, style: "mute" },
            { text: firm.taxNumber ? `Tax number ${firm.taxNumber}` : "", style: "mute" },
          ],
        },
      ],
      margin: [0, 0, 0, 6],
    },
    {
      canvas: [{ type: "line", x1: 0, y1: 0, x2: PAGE_WIDE, y2: 0, lineWidth: 0.8, lineColor: "#22252a" }],
      margin: [0, 0, 0, 14],
    },
  ];
}

/** A4 less its margins, points. */
const PAGE_WIDE = 515;

export type Sheet = {
  /** Whose paper it is. */
  readonly firm: FirmDetails;
  readonly title: string;
  readonly content: readonly Content[];
  /** Said at the foot of every page, with the page's number. */
  readonly foot: string;
};

/** A4 pages in the house's own layout. */
export const printPdf = (sheet: Sheet): Promise<Buffer> =>
  printer()
    .createPdf({
      info: { title: sheet.title, creator: "Plain Pane", producer: "Plain Pane" },
      pageSize: "A4",
      pageMargins: [40, 40, 40, 46],
      defaultStyle: { font: "Roboto", fontSize: 10, lineHeight: 1.15, color: "#22252a" },
      styles: {
        h1: { fontSize: 18, bold: true },
        big: { fontSize: 15, bold: true },
        mute: { color: "#5b6068", fontSize: 9 },
        head: { color: "#5b6068", fontSize: 8 },
      },
      content: [...letterhead(sheet.firm), ...sheet.content],
      footer: (page: number, pages: number) => ({
        columns: [
          { text: sheet.foot, style: "mute" },
          { text: `${page} of ${pages}`, alignment: "right", style: "mute" },
        ],
        margin: [40, 14, 40, 0],
      }),
    })
    .getBuffer();

/** Labels at their places on pages of their own size; points. */
export type Labels = {
  readonly title: string;
  readonly page: { readonly width: number; readonly height: number };
  readonly pages: number;
  readonly labels: readonly {
    readonly page: number;
    readonly x: number;
    readonly y: number;
    readonly width: number;
    readonly content: Content;
  }[];
};

/** Pages of labels: each stands where the sheet has it, and nothing else is printed. */
export const printLabels = (labels: Labels): Promise<Buffer> =>
  printer()
    .createPdf({
      info: { title: labels.title, creator: "Plain Pane", producer: "Plain Pane" },
      pageSize: labels.page,
      pageMargins: [0, 0, 0, 0],
      defaultStyle: { font: "Roboto", fontSize: 10, lineHeight: 1.1, color: "#22252a" },
      content: Array.from({ length: labels.pages }, (_, page): Content => {
        const here = labels.labels.filter((l) => l.page === page);
        return {
          ...(page > 0 ? { pageBreak: "before" as const } : {}),
          stack: [
            { text: here.length === 0 ? "Nothing stands on this order." : " ", fontSize: here.length === 0 ? 10 : 1 },
            ...here.map(
              (l): Content => ({
                table: { widths: [l.width], body: [[l.content]] },
                layout: "noBorders",
                absolutePosition: { x: l.x, y: l.y },
              }),
            ),
          ],
        };
      }),
    })
    .getBuffer();

/** Rules between rows, none at the sides. */
export const RULED = {
  hLineWidth: (i: number) => (i <= 1 ? 0.8 : 0.4),
  vLineWidth: () => 0,
  hLineColor: (i: number) => (i <= 1 ? "#22252a" : "#c9ccd1"),
  paddingTop: () => 6,
  paddingBottom: () => 6,
  paddingLeft: () => 0,
  paddingRight: () => 8,
};
