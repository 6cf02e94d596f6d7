import { frameOf } from "../../core/frame/systems.ts";
import { effortOf, type Step } from "../../core/steps/step.ts";
import { dayOf, writeDay } from "../../core/units/day.ts";
import { sayDay } from "../../core/words/days.ts";
import { WHERE_BOX, whereToStand } from "../../drawing/where-to-stand.ts";
import { Fold } from "../panels/Fold.tsx";
import { usePane } from "../panels/pane-context.ts";
import { DayField } from "../ui/DayField.tsx";

/** Where steps want a second pair of hands: for how long, where each stands, and who is booked for that hour. */
export function SecondPerson({ steps }: { readonly steps: readonly Step[] }) {
  const { book, today, say, write } = usePane();
  const two = steps.filter((s) => s.people === 2);
  if (two.length === 0) return null;
  const { hands } = book.before;
  const minutes = effortOf(two).minutes;
  const across = frameOf(book.added.system).across;
  return (
    <Fold
      title="Second person"
      more={hands ? `${sayDay(dayOf(hands.day))}, ${hands.from}` : `for about ${minutes} min of it`}
    >
      <div className="grid grid-cols-[150px_1fr] items-start gap-3">
        <svg
          viewBox={`0 0 ${WHERE_BOX.width} ${WHERE_BOX.height}`}
          className="w-full bg-sheet"
          role="img"
          aria-label={
            across
              ? "Seen from above: one stands in the room, one outside, across the glass"
              : say("Seen from above: both stand on the side the {pane} comes out, one at each edge")
          }
        >
          {whereToStand(across).map((p) => (
            <path key={p.d} d={p.d} className={p.kind} />
          ))}
        </svg>
        <ul className="list-disc pl-4 text-[14px]">
          {two.map((s) => (
            <li key={s.id}>{say(s.does)}</li>
          ))}
        </ul>
      </div>
      <form
        className="grid grid-cols-[1fr_6rem_5rem] items-end gap-2"
        onSubmit={(e) => {
          e.preventDefault();
          const form = new FormData(e.currentTarget);
          write("hands.booked", {
            day: String(form.get("day")),
            from: String(form.get("from")),
            hours: Number(form.get("hours")),
            helper: String(form.get("helper") ?? ""),
          });
        }}
      >
        <DayField says="day" name="day" required start={hands?.day ?? writeDay(today)} />
        <label>
          <span className="text-[13px] text-mute">from</span>
          <input name="from" type="time" required defaultValue={hands?.from ?? "09:00"} />
        </label>
        <label>
          <span className="text-[13px] text-mute">hours</span>
          <input
            name="hours"
            type="number"
            min={0.25}
            max={12}
            step={0.25}
            required
            className="tight"
            defaultValue={hands?.hours ?? Math.max(1, Math.ceil(minutes / 60))}
          />
        </label>
        <label className="col-span-2">
          <span className="text-[13px] text-mute">who</span>
          <input name="helper" maxLength={200} defaultValue={hands?.helper ?? ""} />
        </label>
        <button type="submit" className="btn">
          Book
        </button>
      </form>
    </Fold>
  );
}
