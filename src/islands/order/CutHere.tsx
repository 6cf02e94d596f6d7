import { benchMinutes, isToBeCut, mayBeCutHere } from "../../core/pane/to-be-cut.ts";
import { usePane } from "../panels/pane-context.ts";

/** Glass that can be cut here and is on no order: one tap says so, and the week has time at the bench for it. */
export function CutHere() {
  const { book, reckoning: r, write } = usePane();
  if (book.line !== null || !mayBeCutHere(book, r)) return null;
  return isToBeCut(book, r) ? (
    <div className="note-glass">
      <p>
        It is to be cut here: it stands on the bench's list, and the week has {benchMinutes(r.house)} minutes for it.
      </p>
      <p className="flex flex-wrap gap-2 pt-1">
        <a className="btn btn-main" href="/bench">
          To the bench
        </a>
        <button type="button" className="btn" onClick={() => write("order.cut-here", { here: false })}>
          Not after all
        </button>
      </p>
    </div>
  ) : (
    <button type="button" className="btn w-full" onClick={() => write("order.cut-here", { here: true })}>
      It is cut here, on the bench
    </button>
  );
}
