import { useState } from "react";
import { sayDay } from "../../core/words/days.ts";
import { PickOne } from "../ui/PickOne.tsx";
import { usePane } from "./pane-context.ts";

/** Who paints what the firm does not. */
const OTHERS = [
  ["customer", "the customer"],
  ["painter", "a painter"],
] as const;

/** Set, and not finished: in putty it waits for its paint, or for the word of who else paints it. */
export function PaintFirst() {
  const { book, reckoning: r, write } = usePane();
  const [to, setTo] = useState<(typeof OTHERS)[number][0]>("customer");
  if (r.paint?.kind !== "window") return null;
  const { from, closes } = r.paint;
  return (
    <form
      className="note-wax space-y-2"
      onSubmit={(e) => {
        e.preventDefault();
        const form = new FormData(e.currentTarget);
        write("finish.paint-left", {
          to,
          note: String(form.get("note") ?? "").trim(),
        });
      }}
    >
      <p>
        <strong className="font-semibold">It is set, and waits for its paint</strong>
        {from === null ? "" : `, from ${sayDay(from)}`}
        {closes === null ? "" : `, by ${sayDay(closes)}`}. Unpainted it cracks and lets go: it is signed off once{" "}
        <a href={`/panes/${book.id}/finish`}>Finish</a> says that it is painted.
      </p>
      <div className="flex flex-wrap items-end gap-2">
        <PickOne name="Somebody else paints it" of={OTHERS} value={to} change={setTo} />
        <label className="grow">
          <span className="text-[13px] text-mute">Who was told, and from when to when</span>
          <input name="note" required maxLength={200} pattern=".*\S.*" />
        </label>
        <button type="submit" className="btn">
          Leave it to them
        </button>
      </div>
    </form>
  );
}
