import { isUnit } from "../../core/pane/unit.ts";
import { type UnknownId, unknownsOf } from "../../core/pane/unknowns.ts";
import { wholeOf } from "../../core/pane/whole-here.ts";
import { STATION_NAMES } from "../../core/plan/stations.ts";
import { useAskedFirst } from "../panels/asked-first.ts";
import { Part } from "../panels/Part.tsx";
import { usePane } from "../panels/pane-context.ts";
import { useQuickAnswers } from "../panels/quick-answers.ts";
import { saidAt } from "../stage/said-under.ts";
import { useStage } from "../stage/stage-context.ts";

/** What an order would still leave to guess, each one tap from where it is settled; that there is none, one tap here. */
export function Unknowns() {
  const { book, reckoning: r, say } = usePane();
  const { openTab } = useStage();
  const unknown = unknownsOf(book, r);
  const quick = useQuickAnswers();
  // Of single glass it is answered where the glass is chosen; what is next is answered at the head of the station.
  const first = useAskedFirst("specify");
  const isAbove = (id: UnknownId): boolean => (id === "unsafe" && !book.makeup) || id === first;
  const answersHere = (id: UnknownId) => (isAbove(id) ? [] : (quick[id] ?? []));
  return (
    <Part title="Left to guess" more={unknown.length === 0 ? "nothing" : String(unknown.length)}>
      {unknown.length === 0 ? (
        <p className="note-glass">
          {wholeOf(book) || isUnit(book) ? "Its maker" : "A cutter"} has nothing to ask: it can be ordered.
        </p>
      ) : (
        <ul className="flex flex-wrap gap-2">
          {unknown.map((u) => (
            <li key={u.id} className="flex flex-wrap items-center gap-1">
              {u.id === "makeup" && r.cut.ok ? (
                <button type="button" className="btn btn-small" onClick={() => openTab("units")}>
                  {say(u.says)}
                </button>
              ) : u.station === "specify" && quick[u.id] ? (
                <span className="w-full text-[15px] font-medium">{say(u.says)}</span>
              ) : (
                <a className="btn btn-small" href={saidAt(book.id, u)}>
                  {say(u.says)}{" "}
                  {u.station !== "specify" && <span className="text-mute">{STATION_NAMES[u.station]}</span>}
                </a>
              )}
              {answersHere(u.id).map((q) => (
                <button key={q.says} type="button" className="btn btn-small" onClick={q.tell}>
                  {say(q.says)}
                </button>
              ))}
            </li>
          ))}
        </ul>
      )}
    </Part>
  );
}
