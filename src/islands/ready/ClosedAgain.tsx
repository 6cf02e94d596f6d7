import { addDays, dayOf, writeDay } from "../../core/units/day.ts";
import { sayDayFrom } from "../../core/words/days.ts";
import { usePane } from "../panels/pane-context.ts";
import { DayField } from "../ui/DayField.tsx";

const LOOK_AGAIN_DAYS = 180;

/** The mark that an opened unit keeps: what closed it, that it holds no gas, and when somebody looks again. */
export function ClosedAgain() {
  const { book, say, write, today } = usePane();
  const { closed } = book.before.refurbish;
  if (closed)
    return (
      <p className="note-wax">
        Resealed {sayDayFrom(dayOf(closed.day), today)} with {closed.sealant}: no gas, no guarantee. Look again{" "}
        {sayDayFrom(dayOf(closed.lookAgain), today)}.
      </p>
    );
  return (
    <form
      className="grid grid-cols-2 items-end gap-2"
      onSubmit={(e) => {
        e.preventDefault();
        const form = new FormData(e.currentTarget);
        write("refurbish.closed", {
          day: writeDay(today),
          sealant: String(form.get("sealant") ?? ""),
          lookAgain: String(form.get("again")),
        });
      }}
    >
      <label>
        <span className="text-[13px] text-mute">Sealant used</span>
        <input name="sealant" required maxLength={200} />
      </label>
      <DayField
        says="Look again on"
        name="again"
        required
        min={writeDay(today)}
        start={writeDay(addDays(today, LOOK_AGAIN_DAYS))}
      />
      <button type="submit" className="btn col-span-2">
        {say("The {unit} is closed again")}
      </button>
    </form>
  );
}
