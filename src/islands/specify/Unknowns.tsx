import { unknownsOf } from "../../core/pane/unknowns.ts";
import { STATION_NAMES } from "../../core/plan/stations.ts";
import { Part } from "../parts/Part.tsx";
import { usePane } from "../parts/pane-context.ts";

/** What an order would still leave to guess, each one tap from where it is settled. */
export function Unknowns() {
  const { book, reckoning: r, say } = usePane();
  const unknown = unknownsOf(book, r);
  return (
    <Part title="Left to guess" more={unknown.length === 0 ? "nothing" : String(unknown.length)}>
      {unknown.length === 0 ? (
        <p className="note-glass">A cutter has nothing to ask: it can be ordered.</p>
      ) : (
        <ul className="flex flex-wrap gap-2">
          {unknown.map((u) => (
            <li key={u.id}>
              <a className="btn btn-small" href={`/panes/${book.id}/${u.station}${u.place ? `#r-${u.place}` : ""}`}>
                {say(u.says)} <span className="text-mute">{STATION_NAMES[u.station]}</span>
              </a>
            </li>
          ))}
        </ul>
      )}
    </Part>
  );
}

/** Whether new glass beside old will show, and that somebody was asked. */
export function Matching() {
  const { book, write } = usePane();
  const match = book.match ?? { answer: "not-asked" as const, note: "" };
  return (
    <Part title="Beside its neighbours" more="wavy old glass, tint, spacer, bars">
      <div className="flex flex-wrap gap-2">
        {(["matches", "will-show", "not-asked"] as const).map((answer) => (
          <label key={answer} className="chip">
            <input
              type="radio"
              name="match"
              checked={match.answer === answer}
              onChange={() => write("specify.match", { ...match, answer })}
            />
            {answer === "matches"
              ? "it matches"
              : answer === "will-show"
                ? "it will show, and they know"
                : "not asked yet"}
          </label>
        ))}
      </div>
      <label className="block">
        <span className="text-[13px] text-mute">What differs, and who was asked</span>
        <input
          key={match.note}
          maxLength={200}
          defaultValue={match.note}
          onBlur={(e) => e.target.value !== match.note && write("specify.match", { ...match, note: e.target.value })}
        />
      </label>
    </Part>
  );
}
