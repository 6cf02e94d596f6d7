import type { ReactNode } from "react";
import { OUT_ALREADY } from "../../core/pane/out-already.ts";
import type { Step } from "../../core/steps/step.ts";
import type { Template } from "../../core/text/template.ts";
import { usePane } from "../panels/pane-context.ts";

type Props = {
  readonly tone: "glass" | "wax";
  /** What was seen, and the question. */
  readonly says: Template;
  readonly steps: readonly Step[];
  /** Another way out, before the tap. */
  readonly children?: ReactNode;
};

/** Taking out was done, or was begun, without its steps: one tap leaves them out with that word. */
export function LeaveSteps({ tone, says, steps, children }: Props) {
  const { say, write } = usePane();
  return (
    <div className={`note-${tone} flex flex-wrap items-center justify-between gap-2`}>
      <p>{say(says)}</p>
      <p className="flex flex-wrap gap-2">
        {children}
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
      </p>
    </div>
  );
}
