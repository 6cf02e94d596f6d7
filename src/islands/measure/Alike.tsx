import { useState } from "react";
import { OPENING, REBATE } from "../../core/measure/places.ts";
import { Fold } from "../panels/Fold.tsx";
import { usePane } from "../panels/pane-context.ts";

const COPIED = [...OPENING, ...REBATE];

/** Readings copied to the like panes of this sash, as a guess until each is read for itself. */
export function Alike() {
  const { book, alike, say, writePane } = usePane();
  const [done, setDone] = useState(false);
  const readings = COPIED.flatMap((place) => {
    const r = book.readings[place];
    return r?.read.ok ? [{ place, text: r.text, unit: r.unit }] : [];
  });
  if (alike.length === 0) return null;
  return (
    <Fold title={say("Like {panes} in this sash")} more={`${alike.length} more`}>
      <ul className="flex flex-wrap gap-x-3 gap-y-1 text-[13px]">
        {alike.map((p) => (
          <li key={p.id}>
            <a href={`/panes/${p.id}/measure`}>{p.light}</a>
          </li>
        ))}
      </ul>
      <button
        type="button"
        className="btn"
        disabled={readings.length === 0 || done}
        onClick={() => {
          for (const p of alike) for (const r of readings) writePane(p.id, "measure.reading", { ...r, sure: "guess" });
          setDone(true);
        }}
      >
        {done ? "Copied" : `Copy these ${readings.length} readings to the ${alike.length} others`}
      </button>
      <p className="text-[13px] text-mute">
        They count as a guess there: read at least one width and one height of each, and correct them.
      </p>
    </Fold>
  );
}
