import type { QuoteBook } from "../../core/round/quotes.ts";
import { addDays, dayOf } from "../../core/units/day.ts";
import { sayDay } from "../../core/words/days.ts";
import { money } from "../../core/words/money.ts";
import { printPdf, RULED } from "./pdf.ts";

const HOLDS_DAYS = 30;

/** A quote for the customer: what each pane costs, what is shared, tax, and how long it holds. No jargon. */
export function quotePdf(
  quote: QuoteBook,
  round: { readonly name: string; readonly place: string },
  currency: string,
): Promise<Buffer> {
  const cash = (pence: number): string => money(pence, currency);
  const net = quote.totalPence - quote.taxPence;
  const right = (text: string, bold = false) => ({ text, alignment: "right" as const, bold });
  return printPdf({
    title: `Quote, ${round.name}`,
    foot: "Prices are for the work as described. What is found once a frame is open may change it: we ask first.",
    content: [
      { text: "Quote", style: "h1" },
      { text: `${round.name}${round.place ? `, ${round.place}` : ""}`, fontSize: 13 },
      {
        text: `${sayDay(dayOf(quote.day))}. It holds until ${sayDay(addDays(dayOf(quote.day), HOLDS_DAYS))}. By ${quote.who}.`,
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
      ...(quote.lines.some((l) => l.others)
        ? [
            {
              text: "What else could be done, tax and visits in it",
              bold: true,
              margin: [0, 14, 0, 4] as [number, number, number, number],
            },
            {
              table: {
                headerRows: 0,
                dontBreakRows: true,
                widths: ["*", 80],
                body: quote.lines.flatMap((l) =>
                  (l.others ?? []).map((o, i) => [
                    {
                      text: `${i === 0 ? `${l.says.split(":")[0]}: ` : ""}${o.says}`,
                      margin: [i === 0 ? 0 : 12, 0, 0, 0] as [number, number, number, number],
                    },
                    right(cash(o.pence)),
                  ]),
                ),
              },
              layout: RULED,
              fontSize: 9,
            },
          ]
        : []),
      {
        text: "New glass is set into your own frames: the window stays, and so does what it cost. Where paint is part of it we come a second time, once what holds the glass has set.",
        margin: [0, 14, 0, 24],
      },
      { text: "Agreed (name, date):  ______________________________________________" },
    ],
  });
}
