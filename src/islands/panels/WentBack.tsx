import type { Payloads } from "../../core/log/kinds.ts";
import type { OrderLine } from "../../core/pane/order-book.ts";
import { addDays, type Day, dayOf, writeDay } from "../../core/units/day.ts";
import { sayDay } from "../../core/words/days.ts";
import { DayField } from "../ui/DayField.tsx";
import { NewDate } from "./NewDate.tsx";

type Props = {
  readonly line: OrderLine;
  readonly today: Day;
  readonly write: (outcome: Payloads["order.outcome"]) => void;
};

const REMAKE_DAYS = 5;

/** What becomes of a pane that went back: made again by a day and come once more, or credited. */
export function WentBack({ line, today, write }: Props) {
  if (line.state === "made-again") return <MadeAgain line={line} today={today} write={write} />;
  if (line.state !== "sent-back") return null;
  if (line.outcome?.outcome === "credit")
    return <p className="note-glass">Credited{line.outcome.note && `: ${line.outcome.note}`}</p>;
  return (
    <form
      className="grid grid-cols-[1fr_auto] items-end gap-2"
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
      <label className="min-w-0">
        <span className="text-[13px] text-mute">What they say of it</span>
        <input name="note" maxLength={200} />
      </label>
      <DayField says="made again by" name="due" start={writeDay(addDays(today, REMAKE_DAYS))} />
      <span className="col-span-2 flex gap-2">
        <button type="submit" name="outcome" value="remake" className="btn btn-main">
          Made again
        </button>
        <button type="submit" name="outcome" value="credit" className="btn">
          Credited
        </button>
      </span>
    </form>
  );
}

/** It is waited for as it was the first time, and checked in anew when it comes. */
function MadeAgain({ line, today, write }: Props) {
  const late = line.due !== null && dayOf(line.due) < today;
  return (
    <div className="flex flex-wrap items-center gap-3">
      <p className={late ? "trouble" : ""}>
        Made again, {line.due ? `due ${sayDay(dayOf(line.due))}` : "day not said"}
        {line.outcome?.note && `: ${line.outcome.note}`}
        {late && ". Late: ring them."}
      </p>
      <button
        type="button"
        className="btn btn-main"
        onClick={() => write({ line: line.line, outcome: "came", due: null, note: "" })}
      >
        It has come again
      </button>
      <NewDate today={today} promised={(due, note) => write({ line: line.line, outcome: "remake", due, note })} />
    </div>
  );
}
