import {
  CIRCUMSTANCE_FACTS,
  CIRCUMSTANCES,
  type Circumstance,
  readsWhole,
  SHAPES,
  WAY_FACTS,
  WAYS,
} from "../../core/measure/ways.ts";
import { usePane } from "../panels/pane-context.ts";
import { GlassIsOut } from "./GlassIsOut.tsx";

/** By which way it is measured, in what state the frame is, and which way round it is by eye. */
export function MeasureHow() {
  const { book, reckoning: r, say, write } = usePane();
  return (
    <div className="space-y-1">
      <div className="grid grid-cols-2 gap-2 max-sm:grid-cols-1">
        <label className="sm:col-span-2">
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
          <span className="text-[13px] text-mute">Read from</span>
          <select
            value={book.circumstance ?? ""}
            onChange={(e) => write("measure.circumstance", { state: e.target.value as Circumstance })}
          >
            <option value="" disabled>
              not said
            </option>
            {CIRCUMSTANCES.map((state) => (
              <option key={state} value={state}>
                {say(CIRCUMSTANCE_FACTS[state].name)}
              </option>
            ))}
          </select>
        </label>
        {!readsWhole(book.way) && (
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
        )}
      </div>
      <div className="max-desk:hidden">
        <GlassIsOut />
      </div>
      <p className="text-[13px] text-mute">
        {book.way !== "rebate" && say(WAY_FACTS[book.way].says)}{" "}
        {book.circumstance &&
          book.circumstance !== "cleared" &&
          !r.opening.copied &&
          say(CIRCUMSTANCE_FACTS[book.circumstance].says)}
      </p>
    </div>
  );
}
