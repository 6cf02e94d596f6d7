import { stepKey } from "../../core/pane/book.ts";
import { bareOf } from "../../core/pane/step-held.ts";
import type { Station } from "../../core/plan/stations.ts";
import type { Step } from "../../core/steps/step.ts";
import { usePane } from "../panels/pane-context.ts";

const GONE = "no loose glass left";

/** Asked before a step that wants bare fingers, where glass broke. */
export function Bare({ station, step }: { readonly station: Station; readonly step: Step }) {
  const { book, write } = usePane();
  const said = book.before.ticked.get(stepKey(station, bareOf(step)))?.includes(GONE) ?? false;
  return (
    <label className="chip">
      <input
        type="checkbox"
        checked={said}
        onChange={() => write("step.sides", { station, step: bareOf(step), done: said ? [] : [GONE] })}
      />
      {GONE}
    </label>
  );
}
