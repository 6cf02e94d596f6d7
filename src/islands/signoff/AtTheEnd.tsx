import { v7 as uuidv7 } from "uuid";
import { aftercareHere } from "../../core/pane/aftercare.ts";
import { addDays, dayOf, writeDay } from "../../core/units/day.ts";
import { sayDay } from "../../core/words/days.ts";
import { Part } from "../panels/Part.tsx";
import { usePane } from "../panels/pane-context.ts";
import { DayField } from "../ui/DayField.tsx";

const SNAG_DAYS = 14;

/** What fell short, with the day it is put right. */
export function Snags() {
  const { book, today, write } = usePane();
  return (
    <Part title="What fell short" more="said openly, with a day">
      {book.snags.length > 0 && (
        <ul className="rows">
          {book.snags.map((s) => (
            <li key={s.snag} className="flex items-center justify-between gap-3 py-2">
              <label className="flex items-center gap-3">
                <input
                  type="checkbox"
                  className="!h-6 !w-6"
                  checked={s.done}
                  onChange={() => write("signoff.snag", { ...s, done: !s.done })}
                />
                <span className={s.done ? "text-mute line-through" : ""}>{s.says}</span>
              </label>
              {s.due && !s.done && book.visit?.day !== s.due && (
                <button
                  type="button"
                  className="btn btn-small"
                  aria-label={`Come back for it: ${s.says}`}
                  onClick={() => s.due && write("finish.visit", { day: s.due, visit: "snag" })}
                >
                  come back for it
                </button>
              )}
              {s.due && !s.done && (
                <span className={dayOf(s.due) < today ? "trouble" : "text-mute"}>by {sayDay(dayOf(s.due))}</span>
              )}
            </li>
          ))}
        </ul>
      )}
      <form
        className="grid grid-cols-[1fr_auto_auto] items-end gap-2 max-sm:grid-cols-[1fr_auto]"
        onSubmit={(e) => {
          e.preventDefault();
          const form = new FormData(e.currentTarget);
          write("signoff.snag", {
            snag: uuidv7(),
            says: String(form.get("says")).trim(),
            due: String(form.get("due") ?? "") || null,
            done: false,
          });
          e.currentTarget.reset();
        }}
      >
        <label className="max-sm:col-span-2">
          <span className="text-[13px] text-mute">What is to be put right</span>
          <input name="says" required maxLength={120} pattern=".*\S.*" />
        </label>
        <DayField says="by" name="due" start={writeDay(addDays(today, SNAG_DAYS))} />
        <button type="submit" className="btn">
          Keep
        </button>
      </form>
    </Part>
  );
}

/** What the customer does and leaves alone, and their page of it. */
export function Aftercare() {
  const { book, reckoning, today } = usePane();
  const lines = aftercareHere(book, reckoning, today);
  return (
    <Part title="For the customer" more="no jargon, one page">
      <ul className="list-disc space-y-1 pl-5">
        {lines.map((l) => (
          <li key={l.id}>
            {l.says}
            {l.day !== undefined && ` ${sayDay(l.day)}.`}
          </li>
        ))}
      </ul>
      <a className="btn" href={`/panes/${book.id}/aftercare.pdf`}>
        Their page, PDF
      </a>{" "}
      {lines.some((l) => l.day !== undefined) && (
        <a className="btn" href={`/panes/${book.id}/aftercare.ics`}>
          Their days, for a calendar
        </a>
      )}
    </Part>
  );
}
