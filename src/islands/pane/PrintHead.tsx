import { labelOf } from "../../core/pane/order-line.ts";
import { ticketOf } from "../../core/words/ticket.ts";
import { usePane } from "../panels/pane-context.ts";

/** On paper only: which pane this is, and its ticket. */
export function PrintHead() {
  const { book, reckoning, prefs } = usePane();
  return (
    <div className="hidden space-y-1 border-b-2 border-ink pb-2 print:block">
      <p className="text-[22px] font-bold">{labelOf(book)}</p>
      <p>{ticketOf(book, reckoning, prefs).spoken}</p>
    </div>
  );
}
