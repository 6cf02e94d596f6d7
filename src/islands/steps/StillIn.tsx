import { OUT_ALREADY, stillIn } from "../../core/pane/out-already.ts";
import { usePane } from "../panels/pane-context.ts";
import { useSteps } from "./use-steps.ts";

/** Somebody stands at a later station while taking out is half done: the way back to it, or one tap that says it is out. */
export function StillIn() {
  const { book, say, write } = usePane();
  const { steps } = useSteps("takeout");
  const open = stillIn(book, steps);
  if (open.length === 0) return null;
  return (
    <div className="note-wax">
      <p>{say(`Take out: ${open.length} of ${steps.length} steps are open. Is the old {pane} out?`)}</p>
      <p className="flex flex-wrap gap-2 pt-1">
        <a className="btn btn-small" href={`/panes/${book.id}/takeout`}>
          Go to Take out
        </a>
        <button
          type="button"
          className="btn btn-small"
          onClick={() => {
            for (const { id } of open)
              write("step.marked", { station: "takeout", step: id, state: "skipped", reason: OUT_ALREADY });
          }}
        >
          It is out: leave these steps
        </button>
      </p>
    </div>
  );
}
