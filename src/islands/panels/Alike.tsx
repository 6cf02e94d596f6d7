import { useState } from "react";
import { OPENING, REBATE } from "../../core/measure/places.ts";
import { newThere, sharedFrom, subjectsIn } from "../../core/pane/shared.ts";
import { entryWords } from "../../core/words/entry.ts";
import { Fold } from "./Fold.tsx";
import { usePane } from "./pane-context.ts";

const COPIED = [...OPENING, ...REBATE];

/** The like panes of this sash: what was said of this one is said of them too, and its readings copied as a guess. */
export function Alike({ readings = false }: { readonly readings?: boolean }) {
  const { alike, say } = usePane();
  if (alike.length === 0) return null;
  return (
    <Fold title={say("Like {panes} in this sash")} more={`${alike.length} more`}>
      <ul className="flex flex-wrap gap-x-3 gap-y-1 text-[13px]">
        {alike.map((p) => (
          <li key={p.id}>
            <a className="inline-block py-2.5 underline" href={`/panes/${p.id}/${readings ? "measure" : "specify"}`}>
              {p.light}
            </a>
          </li>
        ))}
      </ul>
      {readings && <CopyReadings />}
      <SayTheSame />
    </Fold>
  );
}

function CopyReadings() {
  const { book, alike, writePane } = usePane();
  const [done, setDone] = useState(false);
  const read = COPIED.flatMap((place) => {
    const r = book.readings[place];
    return r?.read.ok ? [{ place, text: r.text, unit: r.unit }] : [];
  });
  return (
    <>
      <button
        type="button"
        className="btn"
        disabled={read.length === 0 || done}
        onClick={() => {
          for (const p of alike) for (const r of read) writePane(p.id, "measure.reading", { ...r, copied: true });
          setDone(true);
        }}
      >
        {done ? "Copied" : `Copy these ${read.length} readings to the ${alike.length} others`}
      </button>
      <p className="text-[13px] text-mute">
        They count as a guess there: read at least one width and one height of each, and correct them.
      </p>
    </>
  );
}

/** Everything else that holds for the whole sash; what was answered of one of them for itself stays. */
function SayTheSame() {
  const { book, alike, prefs, say, writePane } = usePane();
  const shared = alike.map((p) => ({
    pane: p.id,
    carried: newThere(sharedFrom(book, p), [...p.said, ...subjectsIn(book.log.standing, p.id)]),
  }));
  const lines = [...new Set(shared.flatMap((s) => s.carried).map((c) => entryWords(c, prefs)))];
  const waiting = shared.filter((s) => s.carried.length > 0).length;
  if (lines.length === 0)
    return <p className="text-[13px] text-mute">{say("What holds for the whole sash stands at each {pane} of it.")}</p>;
  return (
    <section aria-label="Holds for the whole sash" className="space-y-2">
      <p>{say("Said here, and not there yet:")}</p>
      <ul className="list-disc space-y-0.5 pl-5 text-[14px]">
        {lines.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
      <button
        type="button"
        className="btn"
        onClick={() => {
          for (const s of shared) for (const { kind, payload } of s.carried) writePane(s.pane, kind, payload);
        }}
      >
        {waiting === 1 ? "Say the same of the other" : `Say the same of the ${waiting} others`}
      </button>
    </section>
  );
}
