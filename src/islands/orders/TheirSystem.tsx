import { useState } from "react";
import { type OrderBook, orderStage } from "../../core/pane/order-book.ts";
import { addDays, type Day, dayOf, writeDay } from "../../core/units/day.ts";
import { sayDay } from "../../core/words/days.ts";

type Props = {
  readonly order: OrderBook;
  readonly who: string;
  readonly today: Day;
  readonly told: () => Promise<void>;
};

/** Days that are let pass at most when a simulated supplier is hurried. */
const HURRY_DAYS = 30;

/** The supplier's own system: hand the order in, answer what they ask, see how it stands. Safe to press again. */
export function TheirSystem({ order, who, today, told }: Props) {
  const [busy, setBusy] = useState(false);
  const [wrong, setWrong] = useState("");
  const call = async (what: "hand" | "ask" | "answer", body: object) => {
    setBusy(true);
    setWrong("");
    try {
      const answer = await fetch(`/api/orders/${what}`, {
        method: "POST",
        headers: { "content-type": "application/json" },
        body: JSON.stringify({ order: order.id, who, ...body }),
      });
      if (answer.ok) await told();
      else {
        const said = (await answer.json().catch(() => null)) as { error?: { message?: string } } | null;
        setWrong(said?.error?.message ?? "It did not go through. Try again: it counts once.");
      }
    } catch {
      setWrong("No signal. The order stands here; hand it in again once there is some.");
    } finally {
      setBusy(false);
    }
  };
  const open = order.questions.filter((q) => q.answer === null);
  const stage = orderStage(order);
  const due = order.sent ? dayOf(order.sent.due) : today;
  return (
    <section aria-label="Their system" className="space-y-2 border-t border-line pt-3">
      <h2>Their system</h2>
      <p className="text-[13px] text-mute">Simulated here; a real supplier's stands behind the same three calls.</p>
      {order.handed === null ? (
        <button type="button" className="btn" disabled={busy} onClick={() => void call("hand", {})}>
          {busy ? "Handing it in" : "Hand the order to their system"}
        </button>
      ) : (
        <div className="flex flex-wrap gap-2">
          <button type="button" className="btn" disabled={busy} onClick={() => void call("hand", {})}>
            Hand it in again
          </button>
          <button type="button" className="btn" disabled={busy} onClick={() => void call("ask", {})}>
            Ask how it stands
          </button>
          {stage === "sent" && order.acknowledged && !order.note && (
            <button
              type="button"
              className="btn"
              disabled={busy}
              onClick={() => void call("ask", { day: writeDay(addDays(due > today ? due : today, 0)) })}
            >
              Let the days pass until it is due
            </button>
          )}
          {stage === "sent" && order.acknowledged && !order.note && due <= addDays(today, HURRY_DAYS) && (
            <span className="sr-only">Simulated: asks as of {sayDay(due)}</span>
          )}
        </div>
      )}
      {open.map((q) => (
        <form
          key={q.question}
          className="note-wax space-y-2"
          onSubmit={(e) => {
            e.preventDefault();
            void call("answer", {
              question: q.question,
              answer: String(new FormData(e.currentTarget).get("answer") ?? ""),
            });
          }}
        >
          <p className="font-medium">They ask: {q.asks}</p>
          <div className="flex gap-2">
            <input name="answer" aria-label="Your answer" required maxLength={500} />
            <button type="submit" className="btn" disabled={busy}>
              Answer
            </button>
          </div>
        </form>
      ))}
      {order.questions.flatMap((q) =>
        q.answer === null
          ? []
          : [
              <p key={q.question} className="text-[14px]">
                They asked: {q.asks} <strong className="font-semibold">{q.answer}</strong>
              </p>,
            ],
      )}
      {wrong && (
        <p className="note-wax" role="alert">
          {wrong}
        </p>
      )}
    </section>
  );
}
