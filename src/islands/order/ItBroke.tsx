import { useState } from "react";
import { WHOSE, WHOSE_NAMES, type Whose } from "../../core/order/had.ts";
import { LINE_STATE_FACTS } from "../../core/order/line-state.ts";
import type { OrderBook, OrderLine } from "../../core/pane/order-book.ts";
import { labelOf } from "../../core/pane/order-line.ts";
import { dayOf } from "../../core/units/day.ts";
import { sayDay } from "../../core/words/days.ts";
import { messagesFor } from "../../core/words/messages.ts";
import { usePane } from "../panels/pane-context.ts";
import CopyText from "../ui/CopyText.tsx";

/** A pane that passed and broke before it was set: one touch, whose it is, and the next one is ordered. */
export function ItBroke({ order, line }: { readonly order: OrderBook; readonly line: OrderLine }) {
  const { book, writeOrder } = usePane();
  const [asking, setAsking] = useState(false);
  const [whose, setWhose] = useState<Whose>("not-known");
  const message = messagesFor({ where: labelOf(book), state: "broke", due: null, slots: [] }).text;
  if (line.broke)
    return (
      <div className="note-wax space-y-1">
        <p>
          It broke: {WHOSE_NAMES[line.broke.whose]}
          {line.broke.note && ` (${line.broke.note})`}. Order it again below
          {book.visit ? (
            <>
              ; the visit of {sayDay(dayOf(book.visit.day))} moves with it, under{" "}
              <a href={`/panes/${book.id}/finish`}>Finish</a>
            </>
          ) : null}
          , and tell the customer:
        </p>
        <p className="text-[14px]">{message}</p>
        <CopyText text={message} name="copy it for the customer" />
      </div>
    );
  if (book.set || LINE_STATE_FACTS[line.state].stands !== "accepted") return null;
  if (!asking)
    return (
      <button type="button" className="btn" onClick={() => setAsking(true)}>
        It broke
      </button>
    );
  return (
    <form
      className="note-wax space-y-2"
      onSubmit={(e) => {
        e.preventDefault();
        const note = String(new FormData(e.currentTarget).get("note") ?? "").trim();
        writeOrder(order.id, "order.broke", { line: line.line, whose, note }, true);
      }}
    >
      <p className="font-medium">Eyes and hands first: gloves on, shards off the floor. Then: whose is it?</p>
      <div className="flex flex-wrap gap-2">
        {WHOSE.map((w) => (
          <label key={w} className="chip">
            <input type="radio" name="whose" checked={whose === w} onChange={() => setWhose(w)} />
            {WHOSE_NAMES[w]}
          </label>
        ))}
      </div>
      <div className="flex flex-wrap items-end gap-2">
        <label className="grow">
          <span className="text-[13px] text-mute">How</span>
          <input name="note" maxLength={200} />
        </label>
        <button type="submit" className="btn btn-main">
          It broke
        </button>
        <button type="button" className="btn" onClick={() => setAsking(false)}>
          Leave it
        </button>
      </div>
    </form>
  );
}
