import { useState } from "react";
import { v7 as uuidv7 } from "uuid";
import type { Kind, Payloads } from "../../core/log/kinds.ts";
import { lessOf, NO_MONEY, type Pence } from "../../core/money/pence.ts";
import { penceIn } from "../../core/money/read-money.ts";
import { margin, quoteOf } from "../../core/order/quote.ts";
import type { RoundQuote } from "../../core/page/quote-page.ts";
import { type QuoteBook, quotesOf } from "../../core/round/quotes.ts";
import { day, dayOf, writeDay } from "../../core/units/day.ts";
import { sayDay } from "../../core/words/days.ts";
import { say } from "../../core/words/dialect.ts";
import { money } from "../../core/words/money.ts";
import type { Prefs } from "../../core/words/prefs.ts";
import { PageKeys } from "../log/PageKeys.tsx";
import { useLog } from "../log/use-log.ts";
import { guarded } from "../ui/Guarded.tsx";
import { MoneyField } from "../ui/MoneyField.tsx";

type Props = Omit<RoundQuote, "quote"> & { readonly prefs: Prefs };

/** What a round is quoted at, pane by pane; quotes made, accepted or not, and what they came to. */
function QuotePage(props: Props) {
  const { store, entries } = useLog({ ...props, about: {} });
  const [out, setOut] = useState<ReadonlySet<string>>(new Set());
  const panes = props.panes.filter((p) => !out.has(p.pane));
  const quote = quoteOf(panes, props.rates);
  const quotes = quotesOf(props.round.id, entries);
  const cash = (pence: Pence): string => money(pence, props.currency);
  const write = <K extends Kind>(kind: K, payload: Payloads[K]) =>
    void store.write(kind, { round: props.round.id }, payload);
  const today = day(props.today);
  return (
    <div className="mx-auto max-w-4xl space-y-6 px-4 py-6">
      <header className="flex flex-wrap items-end justify-between gap-3">
        <div>
          <p className="text-mute">
            <a href={`/?round=${props.round.id}`}>{props.round.name}</a>
          </p>
          <h1>Quote</h1>
          <p className="text-mute">
            {panes.length} {say(panes.length === 1 ? "{pane}" : "{panes}", props.prefs.dialect)},{" "}
            {quote.hours.toFixed(1)} h of work, {cash(quote.totalPence)} to pay
            {props.notSized > 0 && `; ${props.notSized} not measured yet and left out`}
          </p>
        </div>
        <div className="flex items-center gap-2">
          <PageKeys store={store} />
        </div>
      </header>
      <ul className="rows bg-sheet px-4" aria-label="Panes quoted">
        {props.panes.map((p) => {
          const on = !out.has(p.pane);
          const row = quoteOf([p], props.rates).rows.find((r) => r.pane === p.pane);
          return (
            <li key={p.pane} className="grid grid-cols-[auto_minmax(0,1fr)_auto] items-center gap-3 py-2">
              <input
                type="checkbox"
                aria-label={`Quote ${p.where}`}
                checked={on}
                onChange={() => {
                  const next = new Set(out);
                  if (on) next.add(p.pane);
                  else next.delete(p.pane);
                  setOut(next);
                }}
              />
              <span className={on ? "" : "text-mute line-through"}>
                <a href={`/panes/${p.pane}/look`}>{p.where}</a>
                <span className="block text-[14px]">Their quote says: {p.fitted}</span>
                <span className="block text-[13px] text-mute">
                  {p.glass} {cash(p.glassPence)};{" "}
                  {p.minutes.map((m) => `${m.station.toLowerCase()} ${m.minutes} min`).join(", ")}; materials{" "}
                  {cash(p.materialsPence)}
                </span>
                {p.others.length > 0 && (
                  <details className="text-[13px]">
                    <summary>side by side with what else could be done</summary>
                    <table className="my-1 border-collapse" aria-label={`Other ways for ${p.where}`}>
                      <tbody>
                        <tr>
                          <th scope="row" className="pr-6 text-left font-semibold">
                            as quoted, tax and its visits in it
                          </th>
                          <td className="tight text-right font-semibold">
                            {cash(quoteOf([p], props.rates).totalPence)}
                          </td>
                        </tr>
                        {p.others.map((o) => (
                          <tr key={o.says} className="border-t border-line">
                            <th scope="row" className="pr-6 text-left font-normal">
                              {o.says}
                            </th>
                            <td className="tight text-right">{cash(o.pence)}</td>
                          </tr>
                        ))}
                      </tbody>
                    </table>
                  </details>
                )}
              </span>
              <span className="tight text-right font-medium">{row ? cash(row.pence) : ""}</span>
            </li>
          );
        })}
      </ul>
      <dl className="ml-auto grid max-w-md grid-cols-[1fr_auto] gap-x-6 gap-y-1">
        {quote.rows
          .filter((r) => r.pane === null)
          .map((r) => (
            <Row key={r.says} name={r.says} says={cash(r.pence)} />
          ))}
        <Row name="Before tax" says={cash(quote.netPence)} />
        <Row name="Tax" says={cash(quote.taxPence)} />
        <Row name="To pay" says={cash(quote.totalPence)} strong />
      </dl>
      <p className="text-right">
        <button
          type="button"
          className="btn btn-main"
          disabled={panes.length === 0}
          onClick={() =>
            write("quote.made", {
              quote: uuidv7(),
              day: writeDay(today),
              lines: quote.rows.map((r) => ({ ...r, says: r.says.slice(0, 200) })),
              taxPence: quote.taxPence,
              totalPence: quote.totalPence,
            })
          }
        >
          Make this quote
        </button>
      </p>
      {quotes.length > 0 && (
        <section className="space-y-3" aria-label="Quotes made">
          <h2>Quotes made</h2>
          <ul className="rows bg-sheet px-4">
            {quotes.map((q) => (
              <Made
                key={q.quote}
                quote={q}
                round={props.round.id}
                cash={cash}
                today={writeDay(today)}
                hourPence={props.rates.hourPence}
                glassAgreedPence={props.glassAgreedPence}
                toOrder={props.toOrder}
                write={write}
              />
            ))}
          </ul>
        </section>
      )}
    </div>
  );
}

const Row = ({
  name,
  says,
  strong = false,
}: {
  readonly name: string;
  readonly says: string;
  readonly strong?: boolean;
}) => (
  <>
    <dt className={strong ? "font-semibold" : "text-mute"}>{name}</dt>
    <dd className={`tight text-right ${strong ? "text-[18px] font-bold" : ""}`}>{says}</dd>
  </>
);

type MadeProps = {
  readonly quote: QuoteBook;
  readonly round: string;
  readonly cash: (pence: Pence) => string;
  readonly today: string;
  readonly hourPence: Pence;
  readonly glassAgreedPence: Pence;
  readonly toOrder: number;
  readonly write: <K extends Kind>(kind: K, payload: Payloads[K]) => void;
};

/** A quote as it was made: its page, the customer's answer, and what it came to. */
function Made({ quote: q, round, cash, today, hourPence, glassAgreedPence, toOrder, write }: MadeProps) {
  const net = lessOf(q.totalPence, q.taxPence);
  const left = q.spent && margin(net, q.spent, hourPence);
  return (
    <li className="space-y-2 py-3">
      <p className="flex flex-wrap items-baseline justify-between gap-3">
        <span>
          <strong className="font-semibold">{cash(q.totalPence)}</strong>, {sayDay(dayOf(q.day))}, {q.lines.length}{" "}
          lines, by {q.who}
        </span>
        <a href={`/rounds/${round}/quotes/${q.quote}.pdf`}>PDF for the customer</a>
      </p>
      {q.answered ? (
        <p className={q.answered.accepted ? "note-glass" : "note-wax"}>
          {q.answered.accepted ? "Accepted" : "Turned down"} {sayDay(dayOf(q.answered.day))}
          {q.answered.note && `: ${q.answered.note}`}
        </p>
      ) : (
        <form
          className="flex flex-wrap items-end gap-2"
          onSubmit={(e) => {
            e.preventDefault();
            const form = new FormData(e.currentTarget, (e.nativeEvent as SubmitEvent).submitter);
            write("quote.answered", {
              quote: q.quote,
              accepted: form.get("answer") === "yes",
              day: today,
              note: String(form.get("note") ?? ""),
            });
          }}
        >
          <label className="min-w-0 flex-1">
            <span className="text-[13px] text-mute">What they said</span>
            <input name="note" maxLength={200} />
          </label>
          <button type="submit" name="answer" value="yes" className="btn">
            Accepted
          </button>
          <button type="submit" name="answer" value="no" className="btn">
            Turned down
          </button>
        </form>
      )}
      {q.answered?.accepted && q.spent === null && toOrder > 0 && (
        <p>
          <a className="btn btn-main" href={`/?round=${round}#gather`}>
            Order the glass: {toOrder} on no order yet
          </a>
        </p>
      )}
      {q.answered?.accepted && (
        <form
          className="grid grid-cols-[5rem_1fr_1fr_auto] items-end gap-2"
          onSubmit={(e) => {
            e.preventDefault();
            const form = new FormData(e.currentTarget);
            write("quote.spent", {
              quote: q.quote,
              hours: Number(form.get("hours")),
              glassPence: penceIn(String(form.get("glass"))) ?? NO_MONEY,
              otherPence: penceIn(String(form.get("other"))) ?? NO_MONEY,
            });
          }}
        >
          <label>
            <span className="text-[13px] text-mute">hours</span>
            <input
              name="hours"
              type="number"
              min={0}
              step="any"
              required
              className="tight"
              defaultValue={q.spent?.hours}
            />
          </label>
          <MoneyField name="glass" says="glass came to" required start={q.spent?.glassPence ?? glassAgreedPence} />
          <MoneyField name="other" says="materials and other" required start={q.spent?.otherPence ?? NO_MONEY} />
          <button type="submit" className="btn">
            It came to this
          </button>
        </form>
      )}
      {left !== null && (
        <p className={left >= 0 ? "note-glass" : "note-wax"}>
          {left >= 0 ? `${cash(left)} over` : `${cash(lessOf(NO_MONEY, left))} short`}, before tax, of {cash(net)}{" "}
          quoted.
        </p>
      )}
    </li>
  );
}

export default guarded(QuotePage, "The quote");
