import { stepKey } from "../../core/pane/book.ts";
import { dryOf } from "../../core/pane/drying.ts";
import type { Station } from "../../core/plan/stations.ts";
import type { Step } from "../../core/steps/step.ts";
import { usePane } from "../panels/pane-context.ts";
import { useStage } from "../stage/stage-context.ts";
import { ItIsDry } from "./ItIsDry.tsx";

/** When a mended or primed place is dry, from the hour its step was ticked. */
export function Dries({ station, step }: { readonly station: Station; readonly step: Step }) {
  const { book } = usePane();
  const { openStep } = useStage();
  const mark = book.steps.get(stepKey(station, step.id));
  if (mark?.state !== "done" || !step.driesHours) return null;
  const from = new Date(Date.parse(mark.at) + step.driesHours * 3_600_000);
  if (from.getTime() <= Date.now()) return <p className="note-glass">Its hours are over: it is dry.</p>;
  const day = from.toLocaleDateString("en-GB", { weekday: "short", day: "numeric", month: "short" });
  if (book.before.ticked.get(stepKey(station, dryOf(step)))?.length) return <p className="note-glass">It is dry.</p>;
  return (
    <p className="note-glass">
      {`Dry from about ${day}, ${String(from.getHours()).padStart(2, "0")}:${String(from.getMinutes()).padStart(2, "0")}. Colder or damp takes longer, and the label wins. What follows waits for it.`}{" "}
      {/* Nothing waits for it any more: on to what is due. */}
      <ItIsDry station={station} step={step} then={() => openStep(null)} />
    </p>
  );
}
