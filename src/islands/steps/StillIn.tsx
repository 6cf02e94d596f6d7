import { stillIn } from "../../core/pane/out-already.ts";
import { usePane } from "../panels/pane-context.ts";
import { LeaveSteps } from "./LeaveSteps.tsx";
import { useSteps } from "./use-steps.ts";

/** Somebody stands at a later station while taking out is half done: the way back to it, or one tap that says it is out. */
export function StillIn() {
  const { book } = usePane();
  const { steps } = useSteps("takeout");
  const open = stillIn(book, steps);
  return open.length === 0 ? null : (
    <LeaveSteps
      tone="wax"
      says={`Take out: ${open.length} of ${steps.length} steps are open. Is the old {pane} out?`}
      steps={open}
    >
      <a className="btn btn-small" href={`/panes/${book.id}/takeout`}>
        Go to Take out
      </a>
    </LeaveSteps>
  );
}
