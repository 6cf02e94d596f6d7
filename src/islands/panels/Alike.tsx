import type { Payloads } from "../../core/log/kinds.ts";
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

/** What was answered of each like pane, here and elsewhere. */
function useSaid(): readonly { readonly pane: string; readonly said: readonly string[] }[] {
  const { book, alike } = usePane();
  return alike.map((p) => ({ pane: p.id, said: [...p.said, ...subjectsIn(book.log.standing, p.id)] }));
}

/** Its readings, where nobody read the like pane itself: what was read there stays. */
function CopyReadings() {
  const { book, say, writePane } = usePane();
  const read = COPIED.flatMap((place) => {
    const r = book.readings[place];
    return r?.read.ok ? [{ kind: "measure.reading" as const, payload: { place, text: r.text, unit: r.unit } }] : [];
  });
  const wanting = useSaid().flatMap(({ pane, said }) => {
    const news = newThere(read, said);
    return news.length > 0 ? [{ pane, news }] : [];
  });
  if (read.length === 0) return <p className="text-[13px] text-mute">Nothing is read here yet to be copied.</p>;
  if (wanting.length === 0)
    return <p className="text-[13px] text-mute">{say("The like {panes} have readings, or these as a guess.")}</p>;
  return (
    <>
      <button
        type="button"
        className="btn"
        onClick={() => {
          for (const { pane, news } of wanting)
            for (const { payload } of news)
              writePane(pane, "measure.reading", { ...(payload as Payloads["measure.reading"]), copied: true });
        }}
      >
        {wanting.length === 1
          ? `Copy these ${read.length} readings to the other that has none`
          : `Copy these ${read.length} readings to the ${wanting.length} others`}
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
  const said = new Map(useSaid().map((s) => [s.pane, s.said]));
  const shared = alike.map((p) => ({ pane: p.id, carried: newThere(sharedFrom(book, p), said.get(p.id) ?? []) }));
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
