import { isToBeCut, mayBeCutHere } from "../../core/pane/to-be-cut.ts";
import { usePane } from "../panels/pane-context.ts";

/** Glass that can be cut here and is on no order: one tap says so, and the week has time at the bench for it. */
export function CutHere() {
  const { book, reckoning: r, write } = usePane();
  if (book.line !== null || !mayBeCutHere(book, r)) return null;
  return isToBeCut(book, r) ? (
    <div className="note-glass flex flex-wrap items-center justify-between gap-2">
      <p>
        It is to be cut here: it stands on <a href="/bench">the bench</a>, and the week has {r.house.cutMinutes} minutes
        for it.
      </p>
      <button type="button" className="btn btn-small" onClick={() => write("order.cut-here", { here: false })}>
        Not after all
      </button>
    </div>
  ) : (
    <button type="button" className="btn w-full" onClick={() => write("order.cut-here", { here: true })}>
      It is cut here, on the bench
    </button>
  );
}
