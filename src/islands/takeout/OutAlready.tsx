import { OUT_ALREADY, outAlready } from "../../core/pane/out-already.ts";
import { usePane } from "../panels/pane-context.ts";
import { useSteps } from "../steps/use-steps.ts";

/** Read from the cleared rebate with no step ticked: one tap says that it is out, and the steps are left out with that word. */
export function OutAlready() {
  const { book, say, write } = usePane();
  const steps = outAlready(book, useSteps("takeout").steps);
  if (steps.length === 0) return null;
  return (
    <div className="note-glass flex flex-wrap items-center justify-between gap-2">
      <p>{say("It was read from the cleared {rebate}: is the old {pane} out already?")}</p>
      <button
        type="button"
        className="btn btn-small"
        onClick={() => {
          for (const { id } of steps)
            write("step.marked", { station: "takeout", step: id, state: "skipped", reason: OUT_ALREADY });
        }}
      >
        It is out: leave these steps
      </button>
    </div>
  );
}
