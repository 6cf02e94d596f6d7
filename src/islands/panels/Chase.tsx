import { type FormEvent, useId, useState } from "react";
import type { Payloads } from "../../core/log/kinds.ts";
import { CHASED_HOW, CHASED_NAMES, type ChasedHow, chaseFrom } from "../../core/order/chased.ts";
import { type OrderBook, standingLines } from "../../core/pane/order-book.ts";
import type { WorkCalendar } from "../../core/plan/calendar.ts";
import { type Day, dayOf, writeDay } from "../../core/units/day.ts";
import { chaseMessage, chaseText } from "../../core/words/chase.ts";
import { sayDayFrom } from "../../core/words/days.ts";
import CopyText from "../ui/CopyText.tsx";
import { DayField } from "../ui/DayField.tsx";
import { Fold } from "./Fold.tsx";

type Props = {
  readonly order: OrderBook;
  readonly today: Day;
  readonly calendar: WorkCalendar;
  readonly chased: (p: Payloads["order.chased"]) => void;
};

/** An order on its way is asked after: what they say, the day that they give, and all that was said before. */
export function Chase({ order, today, calendar, chased }: Props) {
  if (!order.sent) return null;
  const due = dayOf(order.sent.due);
  const late = due < today;
  const last = order.chases.at(-1);
  const from = chaseFrom(due, last ? dayOf(last.day) : null, calendar);
  const form = <ChaseForm order={order} today={today} chased={chased} />;
  return (
    <section className="space-y-2" aria-label="Asked after">
      {order.chases.length > 0 && (
        <ol className="rows" aria-label="Asked after so far">
          {order.chases.map((c) => (
            <li key={`${c.day} ${c.who} ${c.says} ${c.due}`} className="py-1 text-[14px]">
              {chaseText(c, today)}
            </li>
          ))}
        </ol>
      )}
      {late && (
        <p className={from <= today ? "trouble" : "text-mute"}>
          {from <= today
            ? "It is late: ask them which day you can count on."
            : `Asked after: again ${sayDayFrom(from, today)}, if it has not come.`}
        </p>
      )}
      {late && from <= today ? (
        form
      ) : (
        <Fold as="small" title="Ask after it, or note another day">
          {form}
        </Fold>
      )}
    </section>
  );
}

function ChaseForm({ order, today, chased }: Omit<Props, "calendar">) {
  const [how, setHow] = useState<ChasedHow>("telephone");
  const name = useId();
  const message =
    order.sent &&
    chaseMessage({
      reference: order.reference,
      sent: dayOf(order.sent.day),
      due: dayOf(order.sent.due),
      panes: standingLines(order).length,
      asked: order.chases.length,
    });
  const keep = (e: FormEvent<HTMLFormElement>) => {
    e.preventDefault();
    const form = new FormData(e.currentTarget);
    const due = String(form.get("due") ?? "");
    chased({ day: writeDay(today), how, says: String(form.get("says") ?? "").trim(), due: due === "" ? null : due });
    e.currentTarget.reset();
  };
  return (
    <form className="space-y-2" onSubmit={keep}>
      <fieldset className="flex flex-wrap gap-1.5">
        <legend className="sr-only">How they were asked</legend>
        {CHASED_HOW.map((h) => (
          <label key={h} className="chip">
            <input type="radio" name={name} checked={how === h} onChange={() => setHow(h)} />
            {CHASED_NAMES[h]}
          </label>
        ))}
      </fieldset>
      {how === "writing" && message && (
        <div className="note-glass">
          <p className="text-[14px]">{message}</p>
          <CopyText text={message} name="copy it" />
        </div>
      )}
      <div className="flex flex-wrap items-end gap-2">
        <label className="min-w-40 grow">
          <span className="text-[13px] text-mute">What they said, and who</span>
          <input name="says" maxLength={200} />
        </label>
        <DayField says="New day, if they gave one" name="due" min={writeDay(today)} start="" />
        <button type="submit" className="btn">
          Keep what they said
        </button>
      </div>
    </form>
  );
}
