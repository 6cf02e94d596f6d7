import { NO_BARS } from "../../core/measure/found.ts";
import { unknownsOf } from "../../core/pane/unknowns.ts";
import { STATION_NAMES } from "../../core/plan/stations.ts";
import { Part } from "../parts/Part.tsx";
import { usePane } from "../parts/pane-context.ts";

/** What an order would still leave to guess, each one tap from where it is settled; that there is none, one tap here. */
export function Unknowns() {
  const { book, reckoning: r, say, write } = usePane();
  const unknown = unknownsOf(book, r);
  const none: Readonly<Record<string, { readonly says: string; readonly tell: () => void }>> = {
    bars: { says: "No bars", tell: () => write("measure.bars", NO_BARS) },
    coating: { says: "Not coated", tell: () => write("measure.coating", { coated: "no", face: null, how: "" }) },
  };
  return (
    <Part title="Left to guess" more={unknown.length === 0 ? "nothing" : String(unknown.length)}>
      {unknown.length === 0 ? (
        <p className="note-glass">A cutter has nothing to ask: it can be ordered.</p>
      ) : (
        <ul className="flex flex-wrap gap-2">
          {unknown.map((u) => (
            <li key={u.id} className="flex">
              <a className="btn btn-small" href={`/panes/${book.id}/${u.station}${u.place ? `#r-${u.place}` : ""}`}>
                {say(u.says)} <span className="text-mute">{STATION_NAMES[u.station]}</span>
              </a>
              {none[u.id] && (
                <button type="button" className="btn btn-small" onClick={none[u.id]?.tell}>
                  {none[u.id]?.says}
                </button>
              )}
            </li>
          ))}
        </ul>
      )}
    </Part>
  );
}
