import { withFirm } from "../core/firm/firm.ts";
import { byPane } from "../core/log/by-pane.ts";
import type { Entry } from "../core/log/kinds.ts";
import { type Quote, type QuotedPane, type QuoteRates, quoteOf } from "../core/order/quote.ts";
import { foldPane } from "../core/pane/book.ts";
import { quotedPane } from "../core/pane/quoted.ts";
import { reckon } from "../core/pane/reckoning.ts";
import { canOrder } from "../core/round/row.ts";
import { sharedFindBest } from "../core/size/shared-best.ts";
import type { Prefs } from "../core/words/prefs.ts";
import { entriesOfPanes, entriesOfRound, logThrough } from "../db/entry-log.ts";
import { acknowledgedOfRound, placesOfRound, roundById } from "../db/lists.ts";
import { loadFirm } from "./firm.ts";
import { recordsOf } from "./supplier-records.ts";
import { theDatabase } from "./the-database.ts";
import { today } from "./today.ts";

export type RoundQuote = {
  readonly round: { readonly id: string; readonly name: string; readonly place: string };
  readonly panes: readonly QuotedPane[];
  readonly rates: QuoteRates;
  readonly quote: Quote;
  readonly currency: string;
  readonly today: number;
  readonly entries: readonly Entry[];
  readonly through: number;
  /** What suppliers acknowledged for orders with panes of this round, pence before tax. */
  readonly glassAgreedPence: number;
  /** Panes that cannot be quoted until they are measured. */
  readonly notSized: number;
  /** Panes that are sized and on no order yet. */
  readonly toOrder: number;
};

/** What a round would be quoted at now; undefined for a round that is not there. */
export function roundQuote(id: string, prefs: Prefs): RoundQuote | undefined {
  const db = theDatabase();
  const round = roundById(db, id);
  if (!round) return undefined;
  const loaded = loadFirm(db);
  const { firm } = loaded;
  const now = today();
  const ids = placesOfRound(db, id).map((p) => p.id);
  const entriesFor = byPane(entriesOfPanes(db, ids));
  const by = withFirm(firm, sharedFindBest);
  const record = recordsOf(db);
  const all = ids.flatMap((p) => foldPane(p, entriesFor(p)) ?? []).filter((b) => !b.signed);
  const books = all.map((book) => ({ book, r: reckon(book, by) }));
  const panes = books.flatMap(({ book, r }) => quotedPane(book, r, { firm, today: now, record, ...prefs }) ?? []);
  const pence = (money: number): number => Math.round(money * 100);
  const { house } = firm;
  const rates: QuoteRates = {
    hourPence: pence(house.hourRate),
    visitPence: pence(house.callOut),
    accessPence: pence(house.accessUpstairs),
    bagPence: pence(house.disposalBag),
    deliveryPence: 0,
    taxShare: house.taxShare,
  };
  return {
    round: { id: round.id, name: round.name, place: round.place },
    panes,
    rates,
    quote: quoteOf(panes, rates),
    currency: house.currency,
    today: now,
    entries: [...new Map([...loaded.entries, ...entriesOfRound(db, id)].map((e) => [e.id, e])).values()],
    through: logThrough(db),
    glassAgreedPence: acknowledgedOfRound(db, id),
    notSized: books.length - panes.length,
    toOrder: books.filter(({ book, r }) => canOrder(book, r)).length,
  };
}
