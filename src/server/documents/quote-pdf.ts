import type { Content } from "pdfmake/interfaces.js";
import type { Customer, FirmDetails } from "../../core/log/kinds/firm.ts";
import { lessOf, type Pence } from "../../core/money/pence.ts";
import type { QuoteBook } from "../../core/round/quotes.ts";
import { addDays, dayOf } from "../../core/units/day.ts";
import { sayDate } from "../../core/words/days.ts";
import { money } from "../../core/words/money.ts";
import { printPdf, RULED } from "./pdf.ts";

const HOLDS_DAYS = 30;

/** A number to speak of it by: its day, and the end of its id. @example "260520-3f2a" */
export const quoteNumber = (q: Pick<QuoteBook, "day" | "quote">): string =>
  `${q.day.slice(2).replaceAll("-", "")}-${q.quote.slice(-4)}`;

/** A quote for the customer: what each pane costs, what is shared, tax, and how long it holds. No jargon. */
export function quotePdf(
  quote: QuoteBook,
  round: { readonly name: string; readonly place: string },
  by: { readonly currency: string; readonly details: FirmDetails; readonly customers: readonly Customer[] },
): Promise<Buffer> {
  const cash = (pence: Pence): string => money(pence, by.currency);
  const net = lessOf(quote.totalPence, quote.taxPence);
  const right = (text: string, bold = false) => ({ text, alignment: "right" as const, bold });
  return printPdf({
    firm: by.details,
    title: `Quote, ${round.name}`,
    foot: "Prices are for the work as described. What is found once a frame is open may change it: we ask first.",
    content: [
      { text: `Quote ${quoteNumber(quote)}`, style: "h1" },
      ...by.customers.map((c) => ({ text: [c.name, c.address, c.telephone].filter(Boolean).join(", ") })),
      { text: `${round.name}${round.place ? `, ${round.place}` : ""}`, fontSize: 13 },
      {
        text: `${sayDate(dayOf(quote.day))}. It holds until ${sayDate(addDays(dayOf(quote.day), HOLDS_DAYS))}. By ${quote.who}.`,
        style: "mute",
        margin: [0, 2, 0, 12],
      },
      {
        table: {
          headerRows: 1,
          dontBreakRows: true,
          widths: ["*", 80],
          body: [
            [
              { text: "What is done", style: "head" },
              { text: "Price", style: "head", alignment: "right" },
            ],
            ...quote.lines.map((l) => [{ text: l.says }, right(cash(l.pence))]),
            [{ text: "Before tax" }, right(cash(net))],
            [{ text: "Tax" }, right(cash(quote.taxPence))],
            [{ text: "To pay", bold: true }, right(cash(quote.totalPence), true)],
          ],
        },
        layout: RULED,
      },
      ...sideBySide(quote, cash),
      {
        text: "New glass is set into your own frames: the window stays, and so does what it cost. Where paint is part of it we come a second time, once what holds the glass has set.",
        margin: [0, 14, 0, 24],
      },
      { text: "Agreed (name, date):  ______________________________________________" },
    ],
  });
}

/** What else could be done, a row a pane and a column a way; nothing where nothing else is possible. */
function sideBySide(quote: QuoteBook, cash: (pence: Pence) => string): Content[] {
  const panes = quote.lines.filter((l) => l.others && l.others.length > 0);
  if (panes.length === 0) return [];
  const ways = [...new Set(panes.flatMap((l) => (l.others ?? []).map((o) => o.says)))];
  const right = (text: string) => ({ text, alignment: "right" as const });
  return [
    { text: "What else could be done, tax and visits in it", bold: true, margin: [0, 14, 0, 4] },
    {
      table: {
        headerRows: 1,
        dontBreakRows: true,
        widths: ["*", ...ways.map(() => 72)],
        body: [
          [{ text: "", style: "head" }, ...ways.map((w) => ({ ...right(w), style: "head" }))],
          ...panes.map((l) => [
            { text: l.says.split(":")[0] ?? "" },
            ...ways.map((w) => {
              const way = l.others?.find((o) => o.says === w);
              return right(way ? cash(way.pence) : "not possible");
            }),
          ]),
        ],
      },
      layout: RULED,
      fontSize: 9,
    },
  ];
}
