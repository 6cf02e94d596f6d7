import { HINGES, NOTHING_FOUND } from "../../core/measure/found.ts";
import { hingeOf } from "../../core/pane/hangs.ts";
import { hingeWords } from "../../core/words/found.ts";
import { usePane } from "./pane-context.ts";

/** Asked where its packers go by it, and nobody said it yet; kept where Measure keeps it. */
export function HowItHangs({ why = "Packed like something fixed, a hinged sash drops." }: { readonly why?: string }) {
  const { book, say, write } = usePane();
  if (hingeOf(book) !== "not-said") return null;
  return (
    <fieldset className="note-wax mb-2">
      <legend className="sr-only">How it hangs</legend>
      <p className="pb-2">
        <strong className="font-semibold">How does it hang?</strong> {say(`Shut, seen from ${book.added.side}. ${why}`)}
      </p>
      <div className="flex flex-wrap gap-2">
        {HINGES.filter((h) => h !== "not-said").map((h) => (
          <button
            key={h}
            type="button"
            className="btn btn-small"
            onClick={() => write("measure.found", { ...(book.found ?? NOTHING_FOUND), hinge: h })}
          >
            {hingeWords(h)}
          </button>
        ))}
      </div>
    </fieldset>
  );
}
