import { type Firm, withFirm } from "../firm/firm.ts";
import type { Entry } from "../log/kinds.ts";
import { NO_MONEY, type Pence, penceOf } from "../money/pence.ts";
import { type Quote, type QuotedPane, type QuoteRates, quoteOf } from "../order/quote.ts";
import type { PaneBook } from "../pane/book.ts";
import { reckon } from "../pane/reckoning.ts";
import type { SupplierRecord } from "../pane/source-facts.ts";
import { canOrder } from "../round/row.ts";
import type { FindBest } from "../size/best.ts";
import type { Day } from "../units/day.ts";
import type { Prefs } from "../words/prefs.ts";
import { quotedPane } from "./quoted-pane.ts";

export type RoundQuote = {
  readonly round: { readonly id: string; readonly name: string; readonly place: string };
  readonly panes: readonly QuotedPane[];
  readonly rates: QuoteRates;
  readonly quote: Quote;
  readonly currency: string;
  readonly today: number;
  readonly entries: readonly Entry[];
  readonly through: number;
  /** What suppliers acknowledged for orders with panes of this round, before tax. */
  readonly glassAgreedPence: Pence;
  /** Panes that cannot be quoted until they are measured. */
  readonly notSized: number;
  /** Panes that are sized and on no order yet. */
  readonly toOrder: number;
};

/** What a round would be quoted at now, by the books of its panes. */
export function composeQuote(quoted: {
  readonly round: RoundQuote["round"];
  readonly books: readonly PaneBook[];
  readonly firm: Firm;
  readonly findBest: FindBest;
  readonly record: readonly SupplierRecord[];
  readonly today: Day;
  readonly prefs: Prefs;
  readonly entries: readonly Entry[];
  readonly through: number;
  readonly glassAgreedPence: Pence;
}): RoundQuote {
  const { firm, today, record, prefs } = quoted;
  const by = withFirm(firm, quoted.findBest);
  const worked = quoted.books.filter((b) => !b.signed).map((book) => ({ book, r: reckon(book, by) }));
  const panes = worked.flatMap(({ book, r }) => quotedPane(book, r, { firm, today, record, ...prefs }) ?? []);
  const { house } = firm;
  const rates: QuoteRates = {
    hourPence: penceOf(house.hourRate),
    visitPence: penceOf(house.callOut),
    accessPence: penceOf(house.accessUpstairs),
    bagPence: penceOf(house.disposalBag),
    deliveryPence: NO_MONEY,
    taxShare: house.taxShare,
  };
  return {
    round: quoted.round,
    panes,
    rates,
    quote: quoteOf(panes, rates),
    currency: house.currency,
    today,
    entries: quoted.entries,
    through: quoted.through,
    glassAgreedPence: quoted.glassAgreedPence,
    notSized: worked.length - panes.length,
    toOrder: worked.filter(({ book, r }) => canOrder(book, r)).length,
  };
}
