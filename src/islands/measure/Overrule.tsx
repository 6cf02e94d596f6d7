import { useState } from "react";
import { readTape } from "../../core/tape/read.ts";
import { sizeTold } from "../../core/words/size-told.ts";
import { tapeErrorSentence } from "../../core/words/tape-error.ts";
import { usePane } from "../panels/pane-context.ts";

/** A person's own size in the place of the sum, with the reason that goes in the logbook. */
export function Overrule() {
  const { book, prefs, write } = usePane();
  const [wrong, setWrong] = useState<string | null>(null);
  if (book.overrule)
    return (
      <p className="note-wax flex flex-wrap items-center justify-between gap-2">
        <span>
          Overruled: {sizeTold(book.overrule.width, book.overrule.height, prefs.unit)}. {book.overrule.reason}
        </span>
        <button type="button" className="btn btn-small" onClick={() => write("size.overrule-dropped", {})}>
          Back to the sum
        </button>
      </p>
    );
  return (
    <details>
      <summary className="cursor-pointer text-[13px] underline">Overrule the size</summary>
      <form
        className="grid grid-cols-2 gap-2 pt-2"
        onSubmit={(e) => {
          e.preventDefault();
          const form = new FormData(e.currentTarget);
          const text = (name: string) => String(form.get(name) ?? "");
          for (const name of ["width", "height"]) {
            const read = readTape(text(name), prefs.unit);
            if (!read.ok) return setWrong(`${name}: ${tapeErrorSentence(read.error)}`);
          }
          setWrong(null);
          write("size.overruled", {
            width: { text: text("width"), unit: prefs.unit },
            height: { text: text("height"), unit: prefs.unit },
            reason: text("reason"),
          });
        }}
      >
        <label>
          Width
          <input name="width" className="tight" required maxLength={60} />
        </label>
        <label>
          Height
          <input name="height" className="tight" required maxLength={60} />
        </label>
        <label className="col-span-2">
          Why
          <input name="reason" required maxLength={2000} />
        </label>
        {wrong && (
          <p className="trouble col-span-2" role="alert">
            {wrong}
          </p>
        )}
        <button type="submit" className="btn col-span-2">
          Use this size
        </button>
      </form>
    </details>
  );
}
