import type { Entry } from "../../core/log/kinds.ts";
import { lastToUndo, readLog } from "../../core/log/standing-entries.ts";
import { entryWords } from "../../core/words/entry.ts";
import type { Prefs } from "../../core/words/prefs.ts";
import { useLog } from "../log/use-log.ts";
import { Logbook } from "./Logbook.tsx";

type Props = {
  readonly prefs: Prefs;
  readonly pane: string;
  readonly entries: readonly Entry[];
  readonly through: number;
  readonly label: string;
  /** What broke, where it was in this browser. */
  readonly error?: string | undefined;
};

/** A pane that cannot be worked out from what is stored: what was not understood, one key to take the newest back, and all of its log. */
export default function BrokenPane(props: Props) {
  const { store, entries, prefs } = useLog({ ...props, about: { pane: props.pane } });
  const log = readLog(entries);
  const unread = log.standing.filter((e) => e.kind === "unread");
  const newest = lastToUndo(log, prefs.who);
  return (
    <main id="main" className="mx-auto min-h-0 w-full max-w-3xl flex-1 space-y-5 overflow-y-auto p-4 desk:p-6">
      <h1>{props.label}</h1>
      <div className="note-wax space-y-2" role="alert">
        <p>
          <strong>This pane could not be worked out.</strong> Nothing is lost: all that was written is below. Strike
          what is wrong, then open the pane again.{props.error ? ` (${props.error})` : ""}
        </p>
        {unread.length > 0 && (
          <ul className="list-disc pl-5">
            {unread.map((e) => (
              <li key={e.id}>{entryWords(e, prefs)}</li>
            ))}
          </ul>
        )}
      </div>
      <p className="flex flex-wrap gap-2">
        {newest && (
          <button type="button" className="btn btn-main" onClick={() => store.undo()}>
            Take back: {entryWords(newest, prefs)}
          </button>
        )}
        <a className="btn" href={`/panes/${props.pane}`}>
          Open the pane again
        </a>
        <a className="btn" href="/">
          Round
        </a>
      </p>
      <Logbook pane={props.pane} log={log} prefs={prefs} today={null} strike={store.strike} />
    </main>
  );
}
