import { readyFacts } from "../../core/pane/step-facts.ts";
import { readyMethods } from "../../core/ready/methods.ts";
import { MethodCards } from "../parts/MethodCards.tsx";
import { usePane } from "../parts/pane-context.ts";

/** Cards on the small skills of making this pane's frame ready. */
export function Methods() {
  const { book, reckoning: r } = usePane();
  return (
    <MethodCards title="How it is done" more="cleaning, mixing, masking" methods={readyMethods(readyFacts(book, r))} />
  );
}
