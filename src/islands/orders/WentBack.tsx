import type { Payloads } from "../../core/log/kinds.ts";
import type { OrderLine } from "../../core/pane/order-book.ts";
import { addDays, type Day, dayOf, writeDay } from "../../core/units/day.ts";
import { sayDay } from "../../core/words/days.ts";
import { DayField } from "../ui/DayField.tsx";

type Props = {
  readonly line: OrderLine;
  readonly today: Day;
  readonly write: (outcome: Payloads["order.outcome"]) => void;
};

const REMAKE_DAYS = 5;

/** What becomes of a pane that went back: made again by a day, or credited. */
export function WentBack({ line, today, write }: Props) {
  if (line.state !== "sent-back") return null;
  const { outcome } = line;
  if (outcome)
    return (
      <p className="note-glass">
        {outcome.outcome === "credit"
          ? "Credited"
          : outcome.outcome === "came"
            ? "The remake came: check it in as its own line"
            : `Made again, due ${outcome.due ? sayDay(dayOf(outcome.due)) : "not said"}`}
        {outcome.note && `: ${outcome.note}`}
      </p>
    );
  return (
    <form
      className="grid grid-cols-[1fr_auto_auto] items-end gap-2"
      onSubmit={(e) => {
        e.preventDefault();
        const form = new FormData(e.currentTarget, (e.nativeEvent as SubmitEvent).submitter);
        const remake = form.get("outcome") === "remake";
        write({
          line: line.line,
          outcome: remake ? "remake" : "credit",
          due: remake ? String(form.get("due")) : null,
          note: String(form.get("note") ?? ""),
        });
      }}
    >
      <label>
        <span className="text-[13px] text-mute">What they say</span>
        <input name="note" maxLength={200} />
      </label>
      <DayField says="made again by" name="due" start={writeDay(addDays(today, REMAKE_DAYS))} />
      <span className="flex gap-2">
        <button type="submit" name="outcome" value="remake" className="btn">
          Made again
        </button>
        <button type="submit" name="outcome" value="credit" className="btn">
          Credited
        </button>
      </span>
    </form>
  );
}
