import { usePane } from "../panels/pane-context.ts";

/** How the two panes of a unit are marked, before it is opened. */
export function TwoPanes() {
  const { book, write } = usePane();
  const panes = book.before.refurbish.panes ?? { a: "", b: "" };
  return (
    <div className="grid grid-cols-2 gap-2">
      {(["a", "b"] as const).map((p) => (
        <label key={p}>
          <span className="text-[13px] text-mute">Pane {p.toUpperCase()}: mark, up, which face in the room</span>
          <input
            key={panes[p]}
            maxLength={200}
            defaultValue={panes[p]}
            onBlur={(e) => e.target.value !== panes[p] && write("refurbish.panes", { ...panes, [p]: e.target.value })}
          />
        </label>
      ))}
    </div>
  );
}
