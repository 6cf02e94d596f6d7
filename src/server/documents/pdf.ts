import { createRequire } from "node:module";
import type { Content, TDocumentDefinitions } from "pdfmake/interfaces.js";

type Printer = {
  setFonts: (fonts: object) => void;
  setUrlAccessPolicy: (may: (url: string) => boolean) => void;
  setLocalAccessPolicy?: (may: (path: string) => boolean) => void;
  createPdf: (of: TDocumentDefinitions) => { getBuffer: () => Promise<Buffer> };
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

export type Sheet = {
  readonly title: string;
  readonly content: readonly Content[];
  /** Said at the foot of every page, with the page's number. */
  readonly foot: string;
};

/** A4 pages in the house's own layout. */
export const printPdf = (of: Sheet): Promise<Buffer> =>
  printer()
    .createPdf({
      info: { title: of.title, creator: "Plain Pane", producer: "Plain Pane" },
      pageSize: "A4",
      pageMargins: [40, 40, 40, 46],
      defaultStyle: { font: "Roboto", fontSize: 10, lineHeight: 1.15, color: "#22252a" },
      styles: {
        h1: { fontSize: 18, bold: true },
        big: { fontSize: 15, bold: true },
        mute: { color: "#5b6068", fontSize: 9 },
        head: { color: "#5b6068", fontSize: 8 },
      },
      content: [...of.content],
      footer: (page: number, pages: number) => ({
        columns: [
          { text: of.foot, style: "mute" },
          { text: `${page} of ${pages}`, alignment: "right", style: "mute" },
        ],
        margin: [40, 14, 40, 0],
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
