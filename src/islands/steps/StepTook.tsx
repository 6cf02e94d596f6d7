import { useState } from "react";
import { metresRound } from "../../core/pane/steps-at.ts";
import type { Station } from "../../core/plan/stations.ts";
import { timedAs } from "../../core/steps/past.ts";
import type { Step } from "../../core/steps/step.ts";
import { usePane } from "../panels/pane-context.ts";

const MINUTE_MS = 60_000;
const running = new Map<string, number>();

/** The clock runs on this step: how long it took is asked once it is done. */
export const isTimed = (pane: string, station: Station, step: string): boolean =>
  running.has(`${pane}/${station}/${step}`);

/** A clock on the step in hand, and how long it took once it is done: the firm's own minutes grow from these. */
export function StepTook({
  station,
  step,
  done,
}: {
  readonly station: Station;
  readonly step: Step;
  readonly done: boolean;
}) {
  const { book, reckoning: r, writeFirm } = usePane();
  const key = `${book.id}/${station}/${step.id}`;
  const [runs, setRuns] = useState(running.has(key));
  const [kept, setKept] = useState<number | null>(null);
  if (!done)
    return (
      <button
        type="button"
        className="btn"
        aria-pressed={runs}
        onClick={() => {
          if (runs) running.delete(key);
          else running.set(key, Date.now());
          setRuns(!runs);
        }}
      >
        {runs ? "clock runs: stop it" : "clock"}
      </button>
    );
  const began = running.get(key);
  if (kept !== null) return <p className="text-[12px] text-mute">Took {kept} min: kept for the next like it.</p>;
  return (
    <form
      className="flex items-end gap-2 pt-1"
      onSubmit={(e) => {
        e.preventDefault();
        const minutes = Number(new FormData(e.currentTarget).get("minutes"));
        if (!(minutes > 0)) return;
        const metres = step.alongEdge ? metresRound(r) : null;
        const usual = step.usual ?? step.minutes;
        writeFirm("work.took", { system: book.added.system, station, step: timedAs(step), minutes, metres, usual });
        running.delete(key);
        setKept(minutes);
      }}
    >
      <label className="text-[13px] text-mute">
        took, min{" "}
        <input
          name="minutes"
          type="number"
          inputMode="decimal"
          min={0.5}
          max={1440}
          step="any"
          required
          className="tight !w-20"
          defaultValue={began === undefined ? "" : Math.max(1, Math.round((Date.now() - began) / MINUTE_MS))}
        />
      </label>
      <button type="submit" className="btn btn-small">
        Keep
      </button>
    </form>
  );
}
