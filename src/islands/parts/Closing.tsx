import { addDays, dayOf, writeDay } from "../../core/units/day.ts";
import { sayDay } from "../../core/words/days.ts";
import { Part } from "./Part.tsx";
import { usePane } from "./pane-context.ts";

/** What closes the hole until the glass comes, until when, and who was told. */
export function Closing() {
  const { book, write, today } = usePane();
  const closed = book.closed;
  if (closed) {
    const over = dayOf(closed.until) < today;
    return (
      <Part title="Closed for now">
        <p className={over ? "note-wax" : "note-glass"}>
          {closed.how}, since {sayDay(dayOf(closed.since))}, until {sayDay(dayOf(closed.until))}
          {over && " – that is past"}. {closed.told && `Told: ${closed.told}.`}
        </p>
        <button type="button" className="btn" onClick={() => write("look.opened", { day: writeDay(today) })}>
          It is off again
        </button>
      </Part>
    );
  }
  return (
    <Part title="Close the hole" more="anyone can reach in until it is">
      <form
        className="grid grid-cols-2 gap-2"
        onSubmit={(e) => {
          e.preventDefault();
          const form = new FormData(e.currentTarget);
          const text = (name: string) => String(form.get(name) ?? "");
          write("look.closed", { how: text("how"), since: writeDay(today), until: text("until"), told: text("told") });
        }}
      >
        <label className="col-span-2">
          <span className="text-[13px] text-mute">With what</span>
          <input
            name="how"
            required
            maxLength={200}
            list="closings"
            placeholder="board, rigid insulation, the old glass"
          />
        </label>
        <datalist id="closings">
          <option value="9 mm board, screwed" />
          <option value="rigid insulation, taped" />
          <option value="old glass put back with two beads" />
        </datalist>
        <label>
          <span className="text-[13px] text-mute">Until</span>
          <input name="until" type="date" required min={writeDay(today)} defaultValue={writeDay(addDays(today, 3))} />
        </label>
        <label>
          <span className="text-[13px] text-mute">Who was told</span>
          <input name="told" maxLength={200} />
        </label>
        <button type="submit" className="btn btn-main col-span-2">
          The hole is closed
        </button>
      </form>
    </Part>
  );
}
