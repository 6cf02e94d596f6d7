import Papa from "papaparse";
import { useState } from "react";
import { v7 as uuidv7 } from "uuid";
import type { Entry, Kind, Payloads } from "../../core/log/kinds.ts";
import type { Place } from "../../core/measure/places.ts";
import { COLUMNS, type PaneRow, panesFrom, saysElse } from "../../core/round/openings-table.ts";
import type { Written } from "../../core/tape/written.ts";
import { panesText, plural } from "../../core/text/counted.ts";
import { say } from "../../core/words/dialect.ts";
import { rowProblemSentence } from "../../core/words/openings-table.ts";
import { PLACE_NAMES } from "../../core/words/places.ts";
import type { Prefs } from "../../core/words/prefs.ts";
import { entriesBy } from "../log/new-entries.ts";
import { sendEntries } from "../log/send.ts";
import { guarded } from "../ui/Guarded.tsx";
import { usePrefs } from "../ui/prefs.ts";

type Known = {
  readonly id: string;
  readonly added: Payloads["pane.added"];
  readonly readings: Readonly<Partial<Record<Place, Written>>>;
};
type Props = { readonly prefs: Prefs; readonly round: string; readonly known: readonly Known[] };

const MOST_AT_ONCE = 900;

/** Openings from a CSV file or a pasted table: looked at first, taken when asked. */
function OpeningsImport({ prefs: initial, round, known }: Props) {
  const prefs = usePrefs(initial);
  const [text, setText] = useState("");
  const [told, setTold] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const parsed = Papa.parse<string[]>(text.replace(/^\ufeff/, ""), { skipEmptyLines: "greedy" });
  const [headings = [], ...rows] = parsed.data.map((row) => row.map((c) => c.replace(/^'(?=[=+\-@])/, "")));
  const table = text.trim() === "" ? null : panesFrom({ headings, rows });
  const ours = new Map(known.map((k) => [k.id, k]));
  const fresh = table?.panes.filter((p) => p.id === null || !ours.has(p.id)) ?? [];
  const changed =
    table?.panes.flatMap((p) => (p.id !== null && ours.has(p.id) ? changesOf(p, ours.get(p.id)) : [])) ?? [];

  const take = async () => {
    if (!table) return;
    setBusy(true);
    const entries = table.panes.flatMap((p) =>
      entriesFor(p, p.id === null ? undefined : ours.get(p.id), round, prefs.who),
    );
    let sent: Awaited<ReturnType<typeof sendEntries>> = { kind: "stored", ids: [] };
    for (let i = 0; i < entries.length && sent.kind === "stored"; i += MOST_AT_ONCE)
      sent = await sendEntries(entries.slice(i, i + MOST_AT_ONCE));
    setBusy(false);
    if (sent.kind === "stored") location.assign(`/?round=${round}`);
    else setTold("message" in sent ? sent.message : "No answer from the server. The table is still here: try again.");
  };

  return (
    <section className="space-y-3">
      <h2>Read openings in</h2>
      <p className="text-mute">
        One row a pane. Choose a CSV file, or paste a table from a spreadsheet. Nothing is taken before you have seen
        it.
      </p>
      <input
        type="file"
        accept=".csv,text/csv,text/plain"
        aria-label="CSV file"
        onChange={async (e) => {
          const file = e.target.files?.[0];
          if (file) setText(await file.text());
        }}
      />
      <textarea
        aria-label="Table of openings"
        className="tight min-h-40 w-full !text-[13px]"
        spellCheck={false}
        value={text}
        placeholder={
          "address,opening,light,unit,width top,width middle,width bottom,height left\nNo. 9,hall,,mm,612,611.5,613,904"
        }
        onChange={(e) => setText(e.target.value)}
      />
      {table && (
        <div className="space-y-3" aria-live="polite">
          <p className="note-glass">
            {say(
              `${fresh.length} new ${fresh.length === 1 ? "{pane}" : "{panes}"}, ${changed.length} changed ${plural(changed.length, "reading")} of {panes} that are there.`,
              prefs.dialect,
            )}
          </p>
          {table.problems.length > 0 && (
            <ul className="note-wax list-disc space-y-1 pl-8">
              {table.problems.slice(0, 40).map((p) => (
                <li key={rowProblemSentence(p)}>{say(rowProblemSentence(p), prefs.dialect)}</li>
              ))}
              {table.problems.length > 40 && <li>and {table.problems.length - 40} more</li>}
            </ul>
          )}
          <button
            type="button"
            className="btn btn-main"
            disabled={busy || fresh.length + changed.length === 0}
            onClick={() => void take()}
          >
            {say(`Take ${fresh.length > 0 ? panesText(fresh.length) : "the changes"} into the round`, prefs.dialect)}
          </button>
          {told && (
            <p className="note-wax" role="alert">
              {told}
            </p>
          )}
        </div>
      )}
      <details>
        <summary className="cursor-pointer underline">The columns</summary>
        <p className="pt-2 text-[13px] text-mute">
          Headings in any case and any order; others are left out and said. A heading may end in its unit: “width top
          (in)”. Readings as the tape shows them: 23 11/16, 601.5, 601.5+.
        </p>
        <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1 pt-2 text-[13px]">
          {Object.entries(COLUMNS).map(([name, says]) => (
            <Column key={name} name={name} says={says} />
          ))}
          {(Object.keys(PLACE_NAMES) as Place[]).map((p) => (
            <Column key={p} name={p} says={say(PLACE_NAMES[p], prefs.dialect)} />
          ))}
        </dl>
      </details>
    </section>
  );
}

const Column = ({ name, says }: { readonly name: string; readonly says: string }) => (
  <>
    <dt className="tight">{name}</dt>
    <dd className="text-mute">{says}</dd>
  </>
);

const changesOf = (row: PaneRow, known: Known | undefined) =>
  row.readings.filter((r) => saysElse(r, known?.readings[r.place]));

/** What a row adds: a pane with its readings, or only the readings that differ. */
function entriesFor(row: PaneRow, known: Known | undefined, round: string, who: string): readonly Entry[] {
  const about = { pane: known ? known.id : uuidv7() };
  const entry = entriesBy(who);
  const tell = <K extends Kind>(kind: K, payload: Payloads[K]): Entry => entry(kind, about, payload);
  const readings = (known ? changesOf(row, known) : row.readings).map((r) =>
    tell("measure.reading", { ...r, ...(row.state ? { sure: row.state } : {}) }),
  );
  if (known) return readings;
  return [
    tell("pane.added", { round, ...row.added }),
    ...(row.way === "rebate" ? [] : [tell("measure.way", { way: row.way })]),
    ...(row.state ? [tell("measure.circumstance", { state: row.state })] : []),
    ...readings,
  ];
}

export default guarded(OpeningsImport, "The openings");
