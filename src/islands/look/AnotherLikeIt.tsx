import { useState } from "react";
import { v7 as uuidv7 } from "uuid";
import { carriedFrom } from "../../core/pane/carried.ts";
import { Fold } from "../panels/Fold.tsx";
import { usePane } from "../panels/pane-context.ts";

/** A pane alike on the same round: the answers about its frame go along, its readings never. */
export function AnotherLikeIt() {
  const { book, writePane } = usePane();
  const [made, setMade] = useState<{ id: string; name: string } | null>(null);
  const { added } = book;
  return (
    <Fold title="Another like it" more="the same frame, read for itself">
      <form
        className="grid grid-cols-2 items-end gap-2"
        onSubmit={(e) => {
          e.preventDefault();
          const form = new FormData(e.currentTarget);
          const text = (name: string) => String(form.get(name) ?? "").trim();
          if (!text("address") || !text("opening")) return;
          const id = uuidv7();
          writePane(id, "pane.added", {
            ...added,
            ...(!book.sideSaid && { unsaid: true as const }),
            address: text("address"),
            opening: text("opening"),
            light: text("light"),
          });
          for (const { kind, payload } of carriedFrom(book)) writePane(id, kind, payload);
          setMade({ id, name: `${text("address")}, ${text("opening")}` });
          e.currentTarget.reset();
        }}
      >
        <label>
          <span className="text-[13px] text-mute">Address or building</span>
          <input name="address" required maxLength={120} defaultValue={added.address} />
        </label>
        <label>
          <span className="text-[13px] text-mute">Which opening</span>
          <input name="opening" required maxLength={120} />
        </label>
        <label>
          <span className="text-[13px] text-mute">Which sash or light</span>
          <input name="light" maxLength={200} defaultValue={added.light} />
        </label>
        <button type="submit" className="btn">
          Add it
        </button>
      </form>
      {made && (
        <p className="note-glass">
          Added: <a href={`/panes/${made.id}/look`}>{made.name}</a>. Its readings are its own.
        </p>
      )}
    </Fold>
  );
}
