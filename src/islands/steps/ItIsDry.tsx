import { dryOf } from "../../core/pane/drying.ts";
import type { Station } from "../../core/plan/stations.ts";
import type { Step } from "../../core/steps/step.ts";
import { usePane } from "../panels/pane-context.ts";

type Props = { readonly station: Station; readonly step: Step; readonly then?: (() => void) | undefined };

/** Somebody's word that what was primed, filled or sealed is dry before its hours are over. */
export function ItIsDry({ station, step, then }: Props) {
  const { write } = usePane();
  return (
    <button
      type="button"
      className="btn btn-small"
      onClick={() => {
        write("step.sides", { station, step: dryOf(step), done: ["dry"] });
        then?.();
      }}
    >
      It is dry
    </button>
  );
}
