import { takenTwiceFor } from "../../core/firm/taken-twice.ts";
import { takenTwiceText } from "../../core/words/taken-twice.ts";
import { usePane } from "../panels/pane-context.ts";

/** The sheet that this pane counts on was taken by somebody else too: whoever has it keeps it, and the other is ordered. */
export function TakenTwice() {
  const { book, firm, write, backOnRack } = usePane();
  const [twice] = book.set ? [] : takenTwiceFor(firm.takenTwice, book.id);
  if (twice === undefined) return null;
  const other = [...twice.first.panes, ...twice.again.panes].find((p) => p !== book.id);
  return (
    <section className="no-print border-b border-line bg-sheet px-4 py-2 desk:px-5" aria-label="Taken twice">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1" role="alert">
        <p className="min-w-60 flex-1">
          <b>Who has it?</b> {takenTwiceText(twice)} Whoever has it in their hands keeps it.{" "}
          {other && <a href={`/panes/${other}/order`}>The other one</a>}
        </p>
        {book.had?.from === "rack" && (
          <button
            type="button"
            className="btn"
            onClick={() => {
              if (book.had) write("order.had", { ...book.had, gone: true });
              backOnRack();
            }}
          >
            It is not here: order another
          </button>
        )}
      </div>
    </section>
  );
}
