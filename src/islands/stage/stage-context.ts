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
  /** Opens a tab; one that is worked on together with the side leaves it in sight on a phone too. */
  readonly openTab: (id: string | null, withSide?: boolean) => void;
  /** The tab takes the room of both where there is room for one. */
  readonly sideAway: boolean;
  /** What the side is called where there is room for one of the two only; null where the drawing and the step share it. */
  readonly sideName: string | null;
};

export const StageContext = createContext<StageState | null>(null);

/** What follows `#` in a link to a step of another station. @example linkToStep("prime") // "#step-prime" */
export const linkToStep = (id: string): string => `${STEP_HASH}${id}`;
const STEP_HASH = "#step-";

/** The same for a tab of a station. @example linkToTab("building") // "#tab-building" */
export const linkToTab = (id: string): string => `${TAB_HASH}${id}`;
const TAB_HASH = "#tab-";

const NONE = { id: null, withSide: false };

/** The state of a station that was just opened. A step that is opened takes the stage back to what it is about. */
export function useNewStage(sideName: string | null): StageState {
  const [step, setStep] = useState<string | null>(null);
  const [refused, refuse] = useState<string | null>(null);
  const [opened, setOpened] = useState<{ readonly id: string | null; readonly withSide: boolean }>(NONE);
  useEffect(() => {
    const { hash } = location;
    if (hash.startsWith(STEP_HASH)) setStep(decodeURIComponent(hash.slice(STEP_HASH.length)));
    else if (hash.startsWith(TAB_HASH))
      setOpened({ id: decodeURIComponent(hash.slice(TAB_HASH.length)), withSide: false });
    else return;
    // Once: what is opened next is chosen here.
    history.replaceState(history.state, "", location.pathname + location.search);
  }, []);
  return useMemo(
    () => ({
      step,
      openStep: (id) => {
        setStep(id);
        setOpened(NONE);
      },
      refused,
      refuse,
      tab: opened.id,
      openTab: (id, withSide = false) => setOpened({ id, withSide }),
      sideAway: opened.id !== null && !opened.withSide,
      sideName,
    }),
    [step, refused, opened, sideName],
  );
}

export function useStage(): StageState {
  const stage = useContext(StageContext);
  if (!stage) throw new Error("a stage stands outside its station");
  return stage;
}
