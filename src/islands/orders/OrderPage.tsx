import { useState } from "react";
import { foldFirm } from "../../core/firm/fold-firm.ts";
import type { Entry, Kind, Payloads } from "../../core/log/kinds.ts";
import { readLog } from "../../core/log/standing-entries.ts";
import { LINE_STATE_FACTS } from "../../core/order/line-state.ts";
import { houseWith } from "../../core/order/their-cutting.ts";
import { foldOrder, orderStage, standingLines } from "../../core/pane/order-book.ts";
import { usualLeadDays } from "../../core/pane/usual-lead.ts";
import { counted } from "../../core/text/counted.ts";
import { day, dayOf, writeDay } from "../../core/units/day.ts";
import { sayDayFrom } from "../../core/words/days.ts";
import { money } from "../../core/words/money.ts";
import { STAGE_WORDS } from "../../core/words/order-stage.ts";
import type { Prefs } from "../../core/words/prefs.ts";
import { PageKeys } from "../log/PageKeys.tsx";
import { SendForm } from "../log/SendForm.tsx";
import { useLog } from "../log/use-log.ts";
import { Chase } from "../panels/Chase.tsx";
import { guarded } from "../ui/Guarded.tsx";
import { LabelsFor } from "../ui/LabelsFor.tsx";
import { DeliveryNote, NoteImport } from "./DeliveryNote.tsx";
import { OrderLineItem } from "./OrderLineItem.tsx";
import { ReadBack } from "./ReadBack.tsx";
import { TheirSystem } from "./TheirSystem.tsx";

type Props = {
  readonly prefs: Prefs;
  readonly id: string;
  readonly entries: readonly Entry[];
  readonly firmEntries: readonly Entry[];
  readonly through: number;
  readonly today: number;
  /** Photos to match what comes against, by pane. */
  readonly photos: Readonly<Record<string, readonly string[]>>;
};

/** One order: its lines, when it was sent and came, and what came against what was asked for. */
function OrderPage(props: Props) {
  const { store, entries, prefs } = useLog({ ...props, about: { order: props.id } });
  const order = foldOrder(props.id, readLog(entries));
  const { house, suppliers, terms, calendar } = foldFirm(props.firmEntries);
  const today = day(props.today);
  const [reading, setReading] = useState(false);
  if (!order) return <p className="p-6">This order was struck out of the log.</p>;
  const write = <K extends Kind>(kind: K, payload: Payloads[K], pane?: string) =>
    store.write(kind, pane ? { order: props.id, pane } : { order: props.id }, payload);
  const stage = orderStage(order);
  const theirs = terms.get(order.supplier);
  const lines = standingLines(order);
  const supplier = suppliers.find((x) => x.name === order.supplier);
  const total = order.acknowledged?.pence ?? null;
  const late = lines.some((l) => LINE_STATE_FACTS[l.state].coming && l.due !== null && dayOf(l.due) < today);
  return (
    <div className="mx-auto max-w-4xl space-y-5 px-4 py-6">
      <header className="flex flex-wrap items-end justify-between gap-3">
        <div>
          <p className="text-mute">
            <a href="/orders">Orders</a> / {STAGE_WORDS[stage]}
          </p>
          <h1>
            {order.reference || "Order"}, {order.supplier}
          </h1>
          <p className={late ? "trouble" : "text-mute"}>
            {counted(lines.length, "pane")}
            {order.sent &&
              `, ordered ${sayDayFrom(dayOf(order.sent.day), today)}, due ${sayDayFrom(dayOf(order.sent.due), today)}`}
            {late && ": late"}
            {order.acknowledged?.theirs && `, their ${order.acknowledged.theirs}`}
            {total !== null && `, ${money(total, house.currency)} before tax`}
            {order.arrived && `, came ${sayDayFrom(dayOf(order.arrived), today)}`}
          </p>
        </div>
        <div className="flex flex-wrap items-center gap-2">
          <PageKeys store={store} />
          <a className="btn" href={`/orders/${props.id}/sheet`}>
            Order sheet
          </a>
          <a className="btn" href={`/orders/${props.id}/order.pdf`}>
            PDF
          </a>
          <LabelsFor make={(on) => `/orders/${props.id}/labels.pdf?${on}`} />
          <a className="btn" href={`/orders/${props.id}/order.txt`}>
            Text
          </a>
          <a className="btn" href={`/orders/${props.id}/lines.csv`} download>
            CSV
          </a>
          <a className="btn" href={`/orders/${props.id}/lines.json`} download>
            JSON
          </a>
          <button type="button" className="btn" onClick={() => store.undo()}>
            Undo <kbd className="text-[12px] text-mute">z</kbd>
          </button>
        </div>
      </header>
      {lines.length === 0 ? (
        <p className="note-glass">
          Nothing is on it yet. Put a pane on it from the pane's Order station, or gather several on the round.
        </p>
      ) : (
        <ul className="rows bg-sheet px-4">
          {lines.map((l) => (
            <OrderLineItem
              key={l.line}
              order={props.id}
              line={l}
              house={houseWith(house, theirs)}
              prefs={prefs}
              today={today}
              photos={props.photos[l.pane] ?? []}
              outcome={(p) => write("order.outcome", p)}
              checked={(p) => write("order.checked", p, l.pane)}
              drop={() => write("order.line-dropped", { line: l.line, reason: "taken off" }, l.pane)}
            />
          ))}
        </ul>
      )}
      {stage === "open" && lines.length > 0 && (
        <div className="flex flex-wrap items-end gap-4">
          <button type="button" className="btn btn-main" onClick={() => setReading(true)}>
            Read it to them
          </button>
          <SendForm
            today={today}
            calendar={calendar}
            leadDays={supplier?.leadDays ?? null}
            usualDays={usualLeadDays(lines, house)}
            send={(payload) => write("order.sent", payload)}
          />
        </div>
      )}
      {stage === "sent" && order.arrived === null && (
        <button type="button" className="btn btn-main" onClick={() => write("order.arrived", { day: writeDay(today) })}>
          It has come
        </button>
      )}
      {stage === "sent" && (
        <Chase order={order} today={today} calendar={calendar} chased={(p) => write("order.chased", p)} />
      )}
      <DeliveryNote order={order} unit={prefs.unit} />
      {(stage === "sent" || stage === "arrived") && (
        <NoteImport today={writeDay(today)} write={(note) => write("order.note", note)} />
      )}
      {lines.length > 0 && theirs?.takes === "simulated" && (stage === "open" || stage === "sent") && (
        <TheirSystem order={order} who={prefs.who} today={today} told={store.lookNow} />
      )}
      {reading && (
        <ReadBack
          order={order}
          lines={lines}
          unit={supplier?.unit ?? prefs.unit}
          prefs={prefs}
          today={today}
          leadDays={supplier?.leadDays ?? 5}
          calendar={calendar}
          ticked={(l, figures) => write("order.read-back", { line: l.line, figures })}
          agreed={(sent, ack) => {
            write("order.sent", sent);
            write("order.acknowledged", ack);
          }}
          close={() => setReading(false)}
        />
      )}
    </div>
  );
}

export default guarded(OrderPage, "This order");
