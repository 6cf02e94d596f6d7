import type { Station } from "../../core/plan/stations.ts";
import { usePane } from "../panels/pane-context.ts";

/** What does not fit a field, kept with the station it was written at. */
export function Notes({ station }: { readonly station: Station }) {
  const { book, write } = usePane();
  const notes = book.notes.filter((n) => n.payload.station === station);
  return (
    <section aria-label="Notes" className="mt-5 space-y-2 border-t border-line pt-3">
      {notes.map((n) => (
        <p key={n.id} className="border-l-2 border-mark pl-3">
          {n.payload.text} <span className="text-[12px] text-mute">{n.who}</span>
        </p>
      ))}
      <form
        className="no-print flex gap-2"
        onSubmit={(e) => {
          e.preventDefault();
          const form = e.currentTarget;
          const text = String(new FormData(form).get("text") ?? "").trim();
          if (text === "") return;
          write("note.written", { station, text });
          form.reset();
        }}
      >
        <input name="text" aria-label="Note" placeholder="Note" maxLength={2000} />
        <button type="submit" className="btn">
          Add
        </button>
      </form>
    </section>
  );
}
