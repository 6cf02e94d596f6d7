import { useKeys } from "../ui/keys.ts";

type Ways = {
  readonly back: (() => void) | undefined;
  readonly on: (() => void) | undefined;
  readonly done: (() => void) | undefined;
};

/** Whether a key is the page's own: nothing that answers to it by itself has the focus. */
const isFree = (e: KeyboardEvent): boolean =>
  !(e.target instanceof HTMLElement && e.target.closest("a, button, summary, input, [role=slider]"));

/** Enter says that the step is done; the arrows go to the one before and the one after. */
export function useStepKeys({ back, on, done }: Ways): void {
  useKeys("steps", (e) => {
    if (!isFree(e)) return null;
    return e.key === "Enter" ? done : e.key === "ArrowLeft" ? back : e.key === "ArrowRight" ? on : null;
  });
}
