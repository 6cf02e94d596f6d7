import { useState } from "react";
import { WENT, WENT_FACTS, type Went } from "../../core/learn/went.ts";
import { asWritten } from "../../core/tape/as-written.ts";
import { readTape } from "../../core/tape/read.ts";
import type { Written } from "../../core/tape/written.ts";
import { tapeErrorSentence } from "../../core/words/tape-error.ts";
import { usePane } from "../panels/pane-context.ts";

/** How the pane went in: one tap. The room that was left, where somebody put a rule to it, tells the firm of its own errors. */
export function WentIn() {
  const { book, prefs, write, say } = usePane();
  const [more, setMore] = useState(false);
  const [wrong, setWrong] = useState("");
  const kept = book.fit?.went;
  const tell = (went: Went, room: Pick<NonNullable<typeof kept>, "width" | "height"> = {}) =>
    write("set.fit", { went, ...room });
  return (
    <section aria-label="How it went in" className="space-y-2">
      <p className="font-semibold">How did it go in?</p>
      <div className="grid grid-cols-2 gap-2">
        {WENT.map((w) => (
          <button
            key={w}
            type="button"
            aria-pressed={kept?.went === w}
            className={`btn h-auto flex-col items-start py-2 text-left ${kept?.went === w ? "btn-on" : ""}`}
            onClick={() =>
              tell(w, { ...(kept?.width && { width: kept.width }), ...(kept?.height && { height: kept.height }) })
            }
          >
            <span>{WENT_FACTS[w].name}</span>
            <span className="text-[13px] font-normal opacity-80">{say(WENT_FACTS[w].means)}</span>
          </button>
        ))}
      </div>
      {kept && (kept.width || kept.height) && (
        <p className="text-mute">
          Room left:{" "}
          {[
            kept.width && `${asWritten(kept.width)} in its width`,
            kept.height && `${asWritten(kept.height)} in its height`,
          ]
            .filter(Boolean)
            .join(", ")}
          .
        </p>
      )}
      {kept && !more && (
        <button type="button" className="btn btn-small" onClick={() => setMore(true)}>
          {kept.width || kept.height ? "Read the room again" : "I read the room that was left"}
        </button>
      )}
      {kept && more && (
        <form
          className="grid grid-cols-2 items-end gap-2"
          onSubmit={(e) => {
            e.preventDefault();
            const form = new FormData(e.currentTarget);
            const room: { width?: Written; height?: Written } = {};
            for (const axis of ["width", "height"] as const) {
              const text = String(form.get(axis) ?? "").trim();
              if (text === "") continue;
              const read = readTape(text, prefs.unit);
              if (!read.ok && text !== "0") {
                setWrong(`${axis === "width" ? "Width" : "Height"}: ${tapeErrorSentence(read.error)}`);
                return;
              }
              room[axis] = { text, unit: prefs.unit };
            }
            setWrong("");
            tell(kept.went, room);
            setMore(false);
          }}
        >
          {(["width", "height"] as const).map((axis) => (
            <label key={axis}>
              <span className="text-[13px] text-mute">Room in its {axis}, both sides together</span>
              <input
                name={axis}
                inputMode="decimal"
                maxLength={60}
                defaultValue={kept[axis]?.text ?? ""}
                className="tight"
              />
            </label>
          ))}
          {wrong !== "" && (
            <p className="trouble col-span-2" role="alert">
              {wrong}
            </p>
          )}
          <button type="submit" className="btn col-span-2">
            Keep the room
          </button>
        </form>
      )}
    </section>
  );
}
