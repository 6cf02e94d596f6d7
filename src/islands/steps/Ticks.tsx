import { stepKey } from "../../core/pane/book.ts";
import type { Station } from "../../core/plan/stations.ts";
import type { Step } from "../../core/steps/step.ts";
import { usePane } from "../panels/pane-context.ts";

/** Sides, corners or faces, ticked one by one. */
export function Ticks({ station, step }: { readonly station: Station; readonly step: Step }) {
  const { book, write } = usePane();
  const all = step.ticks ?? [];
  const done = book.before.ticked.get(stepKey(station, step.id)) ?? [];
  return (
    <div className="flex flex-wrap gap-1.5">
      {all.map((t) => (
        <label key={t} className="chip">
          <input
            type="checkbox"
            checked={done.includes(t)}
            onChange={() =>
              write("step.sides", {
                station,
                step: step.id,
                done: done.includes(t) ? done.filter((x) => x !== t) : [...done, t],
              })
            }
          />
          {t}
        </label>
      ))}
    </div>
  );
}
