import { createContext, useContext, useEffect, useMemo, useState } from "react";

/** What one station's stage and side share: the step that was opened by hand, and the tab that was. */
export type StageState = {
  /** A step opened out of turn; null is the one now due. */
  readonly step: string | null;
  readonly openStep: (id: string | null) => void;
  /** A step that was ticked while something speaks against it. */
  readonly refused: string | null;
  readonly refuse: (id: string | null) => void;
  /** A tab opened by hand; null is the one that the step asks for. */
  readonly tab: string | null;
  readonly openTab: (id: string | null) => void;
  /** What the side is called where there is room for one of the two only; null where the drawing and the step share it. */
  readonly sideName: string | null;
};

export const StageContext = createContext<StageState | null>(null);

/** What follows `#` in a link to a step of another station. @example linkToStep("prime") // "#step-prime" */
export const linkToStep = (id: string): string => `${STEP_HASH}${id}`;
const STEP_HASH = "#step-";

/** The state of a station that was just opened. A step that is opened takes the stage back to what it is about. */
export function useNewStage(sideName: string | null): StageState {
  const [step, setStep] = useState<string | null>(null);
  const [refused, refuse] = useState<string | null>(null);
  const [tab, openTab] = useState<string | null>(null);
  useEffect(() => {
    if (!location.hash.startsWith(STEP_HASH)) return;
    setStep(decodeURIComponent(location.hash.slice(STEP_HASH.length)));
    // Once: what is opened next is chosen here.
    history.replaceState(history.state, "", location.pathname + location.search);
  }, []);
  return useMemo(
    () => ({
      step,
      openStep: (id) => {
        setStep(id);
        openTab(null);
      },
      refused,
      refuse,
      tab,
      openTab,
      sideName,
    }),
    [step, refused, tab, sideName],
  );
}

export function useStage(): StageState {
  const stage = useContext(StageContext);
  if (!stage) throw new Error("a stage stands outside its station");
  return stage;
}
