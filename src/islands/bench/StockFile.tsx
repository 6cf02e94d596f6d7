import { useState } from "react";
import type { StockPane } from "../../core/house/stock.ts";
import { type StockChanges, stockChanges } from "../../core/house/stock-changes.ts";
import type { Prefs } from "../../core/words/prefs.ts";
import { entriesBy, handOver } from "../log/new-entries.ts";
import { Fold } from "../panels/Fold.tsx";

type Wrong = { readonly row: number; readonly says: string };
type Props = { readonly all: readonly StockPane[]; readonly prefs: Prefs };

/** The rack as a spreadsheet, out and in: what a file would change is seen before it changes anything. */
export function StockFile({ all, prefs }: Props) {
  const [read, setRead] = useState<StockChanges | null>(null);
  const [wrong, setWrong] = useState<readonly Wrong[]>([]);
  const look = async (file: File | undefined) => {
    if (!file) return;
    setRead(null);
    setWrong([]);
    try {
      const answer = await fetch("/api/stock/read", {
        method: "POST",
        headers: { "content-type": "application/json" },
        body: JSON.stringify({ text: await file.text() }),
      });
      const body = (await answer.json()) as {
        readonly pieces?: readonly StockPane[];
        readonly errors?: readonly Wrong[];
        readonly error?: { readonly message?: string };
      };
      if (!answer.ok) setWrong([{ row: 0, says: body.error?.message ?? "The file was not read." }]);
      else if (body.errors && body.errors.length > 0) setWrong(body.errors);
      else setRead(stockChanges(all, body.pieces ?? []));
    } catch {
      setWrong([{ row: 0, says: "No signal: the file was not read. Try again." }]);
    }
  };
  const take = async (changes: StockChanges) => {
    const make = entriesBy(prefs.who);
    const refused = await handOver(
      [...changes.fresh, ...changes.changed.map((c) => c.is)].map((s) => make("stock.pane", {}, s)),
    );
    if (refused) setWrong([{ row: 0, says: refused }]);
    else location.reload();
  };
  const count = read ? read.fresh.length + read.changed.length : 0;
  return (
    <Fold title="The list as a file" more="CSV, for a spreadsheet">
      <p>
        <a className="btn" href="/bench/rack/stock.csv">
          Take it out as CSV
        </a>
      </p>
      <label className="block">
        <span className="text-[13px] text-mute">Read one in: nothing changes before you have seen what would</span>
        <input type="file" accept=".csv,text/csv" onChange={(e) => void look(e.target.files?.[0])} />
      </label>
      {wrong.length > 0 && (
        <ul className="note-wax" role="alert">
          {wrong.map((w) => (
            <li key={`${w.row} ${w.says}`}>
              {w.row > 0 && `Row ${w.row}: `}
              {w.says}
            </li>
          ))}
        </ul>
      )}
      {read && (
        <div className="note space-y-2" role="status">
          <p>
            {read.fresh.length} new, {read.changed.length} changed, {read.same} as they are
            {read.unnamed.length > 0 && `; ${read.unnamed.length} not in the file stay as they are`}.
          </p>
          <ul className="text-[14px]">
            {read.fresh.map((s) => (
              <li key={s.name}>New: {s.name}</li>
            ))}
            {read.changed.map(({ is }) => (
              <li key={is.name}>Changed: {is.name}</li>
            ))}
          </ul>
          {count > 0 && (
            <button type="button" className="btn btn-main" onClick={() => void take(read)}>
              Take {count === 1 ? "it" : `all ${count}`} over
            </button>
          )}
        </div>
      )}
    </Fold>
  );
}
