import { readyFacts } from "../../core/pane/step-facts.ts";
import { readyMethods } from "../../core/ready/methods.ts";
import { usePane } from "../panels/pane-context.ts";
import { MethodCards } from "../steps/MethodCards.tsx";

/** Cards on the small skills of making this pane's frame ready. */
export function Methods() {
  const { book, reckoning: r } = usePane();
  return (
    <MethodCards title="How it is done" more="cleaning, mixing, masking" methods={readyMethods(readyFacts(book, r))} />
  );
}
