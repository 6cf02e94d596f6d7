import { CIRCUMSTANCE_FACTS, CIRCUMSTANCES, SHAPES, WAY_FACTS, WAYS } from "../../core/measure/ways.ts";
import { usePane } from "../parts/pane-context.ts";

/** By which way it is measured, in what state the frame is, and which way round it is by eye. */
export function MeasureHow() {
  const { book, say, write } = usePane();
  return (
    <div className="space-y-2">
      <div className="grid grid-cols-[1fr_auto] gap-2 max-sm:grid-cols-1">
        <label>
          <span className="text-[13px] text-mute">Measured</span>
          <select value={book.way} onChange={(e) => write("measure.way", { way: e.target.value as typeof book.way })}>
            {WAYS.map((way) => (
              <option key={way} value={way}>
                {say(WAY_FACTS[way].name)}
              </option>
            ))}
          </select>
        </label>
        <label>
          <span className="text-[13px] text-mute">By eye it is</span>
          <select
            value={book.shape ?? ""}
            onChange={(e) => write("measure.shape", { shape: e.target.value as (typeof SHAPES)[number] })}
          >
            <option value="" disabled>
              not said
            </option>
            {SHAPES.map((s) => (
              <option key={s}>{s}</option>
            ))}
          </select>
        </label>
      </div>
      {book.way !== "rebate" && <p className="text-[13px] text-mute">{say(WAY_FACTS[book.way].says)}</p>}
      <fieldset>
        <legend className="text-[13px] text-mute">Read from</legend>
        <div className="flex flex-wrap gap-1.5 pt-0.5">
          {CIRCUMSTANCES.map((state) => (
            <label key={state} className="chip" title={say(CIRCUMSTANCE_FACTS[state].says)}>
              <input
                type="radio"
                name="circumstance"
                checked={book.circumstance === state}
                onChange={() => write("measure.circumstance", { state })}
              />
              {say(CIRCUMSTANCE_FACTS[state].name)}
            </label>
          ))}
        </div>
      </fieldset>
    </div>
  );
}
