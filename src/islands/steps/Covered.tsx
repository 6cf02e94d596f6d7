import { isCovered } from "../../core/pane/open-hole.ts";
import { writeDay } from "../../core/units/day.ts";
import { usePane } from "../panels/pane-context.ts";

/** Something closes the hole that is to be worked at: it comes off first, and one tap says so. */
export function Covered() {
  const { book, say, today, write } = usePane();
  if (!isCovered(book)) return null;
  return (
    <div className="note-glass flex flex-wrap items-center justify-between gap-2">
      <p>{say(`Closed with ${book.closed?.how}: take it off first, and keep it until the {pane} is in.`)}</p>
      <button type="button" className="btn btn-small" onClick={() => write("look.opened", { day: writeDay(today) })}>
        It is off
      </button>
    </div>
  );
}
