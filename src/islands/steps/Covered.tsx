import { comesOff } from "../../core/pane/open-hole.ts";
import { writeDay } from "../../core/units/day.ts";
import { usePane } from "../panels/pane-context.ts";

/** Something closes the hole that is to be worked at: it comes off first, and one tap says so. */
export function Covered() {
  const { book, say, today, write } = usePane();
  if (!comesOff(book)) return null;
  return (
    <div className="note-glass flex items-center justify-between gap-3">
      <p className="min-w-0 max-sm:text-[14px]">
        Closed with {book.closed?.how}: take it off first
        <span className="max-sm:hidden">{say(", and keep it until the {pane} is in")}</span>.
      </p>
      <button
        type="button"
        className="btn btn-small shrink-0"
        onClick={() => write("look.opened", { day: writeDay(today) })}
      >
        It is off
      </button>
    </div>
  );
}
