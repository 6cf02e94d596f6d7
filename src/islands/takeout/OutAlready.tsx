import { outAlready } from "../../core/pane/out-already.ts";
import { usePane } from "../panels/pane-context.ts";
import { LeaveSteps } from "../steps/LeaveSteps.tsx";
import { useSteps } from "../steps/use-steps.ts";

/** Read from the cleared rebate with no step ticked: it may be out already. */
export function OutAlready() {
  const { book } = usePane();
  const steps = outAlready(book, useSteps("takeout").steps);
  return steps.length === 0 ? null : (
    <LeaveSteps
      tone="glass"
      says="It was read from the cleared {rebate}: is the old {pane} out already?"
      steps={steps}
    />
  );
}
