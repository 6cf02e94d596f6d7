import type { Step } from "../steps/step.ts";
import { HOLDERS, type Holder } from "../takeout/holder.ts";
import { type PaneBook, stepKey } from "./book.ts";

/**
 * What was said to have the pane at a step of taking out: at this step, or else at the last one before it that asked. Said once
 * it stands until somebody says another.
 * @example tape across, said at the last bead // tape still, at "the glass is loose now"
 */
export function whoHasIt(book: PaneBook, steps: readonly Pick<Step, "id" | "asks">[], step: string): readonly Holder[] {
  const at = steps.findIndex((s) => s.id === step);
  const asked = steps.slice(0, at + 1).filter((s) => s.asks === "holder");
  const said = asked.findLast((s) => book.before.ticked.has(stepKey("takeout", s.id)));
  const ticked = (said && book.before.ticked.get(stepKey("takeout", said.id))) ?? [];
  return HOLDERS.filter((h) => ticked.includes(h));
}
