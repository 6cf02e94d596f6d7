import type { StepFacts } from "./facts.ts";

const FACES: Readonly<Record<StepFacts["detail"]["reach"], readonly string[]>> = {
  both: ["room face", "outer face"],
  inside: ["room face"],
  outside: ["outer face"],
};

/** Faces of the glass that can be got at where it stands. @example the room only // ["room face"] */
export const facesInReach = (f: Pick<StepFacts, "detail">): readonly string[] => FACES[f.detail.reach];
