import { useState } from "react";
import type { Entry } from "../../core/log/kinds.ts";
import type { Log } from "../../core/log/standing-entries.ts";
import { type Day, day } from "../../core/units/day.ts";
import { sayDate, sayDayFrom } from "../../core/words/days.ts";
import { entryWords } from "../../core/words/entry.ts";
import type { Prefs } from "../../core/words/prefs.ts";

type Props = {
  readonly pane: string;
  readonly log: Log;
  readonly prefs: Prefs;
  /** By which a year is left out; every day has its year where it is not known. */
  readonly today: Day | null;
  readonly strike: (target: Entry, reason: string) => void;
};

/** Everything that happened to this pane: who, when, what. Nothing is ever rubbed out. */
export function Logbook({ pane, log, prefs, today, strike }: Props) {
  const own = log.all.filter(
    (e) => e.about.pane === pane || (e.about.pane === undefined && e.about.order !== undefined),
  );
  const days = [...new Set(own.map((e) => e.at.slice(0, 10)))].toReversed();
  return (
    <div className="space-y-4">
      <h2>Logbook</h2>
      <p className="text-mute">
        {own.length} entries. A mistake is struck through, never rubbed out; struck entries can be brought back.{" "}
        <kbd className="key">z</kbd> takes back your newest.
      </p>
      {days.map((d) => (
        <section key={d}>
          <h3 className="sticky top-0 bg-paper py-1">{dayText(day(Date.parse(d) / 86_400_000), today)}</h3>
          <ol className="rows">
            {own
              .filter((e) => e.at.startsWith(d) && e.kind !== "struck")
              .toReversed()
              .map((e) => (
                <Line key={e.id} entry={e} log={log} prefs={prefs} strike={strike} />
              ))}
          </ol>
        </section>
      ))}
    </div>
  );
}

const dayText = (d: Day, today: Day | null): string => (today === null ? sayDate(d) : sayDayFrom(d, today));

function Line({ entry, log, prefs, strike }: Omit<Props, "pane" | "today"> & { readonly entry: Entry }) {
  const [asking, setAsking] = useState(false);
  const struck = log.struck.get(entry.id);
  return (
    <li className="grid grid-cols-[3.4rem_1fr_auto] items-baseline gap-2 py-1.5">
      <time dateTime={entry.at} className="tight text-[12px] text-mute">
        {entry.at.slice(11, 16)}
      </time>
      <div className="min-w-0">
        <p className={struck ? "text-mute line-through" : ""}>{entryWords(entry, prefs)}</p>
        <p className="text-[12px] text-mute">
          {entry.who}
          {struck && ` · struck through by ${struck.who}${struck.payload.reason ? `: ${struck.payload.reason}` : ""}`}
        </p>
        {asking && (
          <form
            className="flex gap-2 pt-1"
            onSubmit={(e) => {
              e.preventDefault();
              strike(entry, String(new FormData(e.currentTarget).get("reason") ?? ""));
              setAsking(false);
            }}
          >
            <input name="reason" aria-label="Why it is struck" placeholder="Why?" maxLength={200} required />
            <button type="submit" className="btn">
              Strike
            </button>
          </form>
        )}
      </div>
      {struck ? (
        <button type="button" className="btn btn-small" onClick={() => strike(struck, "brought back")}>
          bring back
        </button>
      ) : (
        entry.kind !== "pane.added" && (
          <button
            type="button"
            className="btn btn-small border-transparent bg-transparent text-mute"
            onClick={() => setAsking(!asking)}
          >
            {asking ? "keep" : "strike"}
            <span className="sr-only"> {entryWords(entry, prefs)}</span>
          </button>
        )
      )}
    </li>
  );
}
