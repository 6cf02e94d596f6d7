import { frameOf, SYSTEMS } from "../frame/systems.ts";
import { type Exercise, oneOf, someOf } from "./exercise.ts";

/** How many are offered by level. */
const OFFERED = [3, 4, 5, 6, 8] as const;

/** A frame in section, its seam in red: which system is it? */
export const FROM_SEAMS: Exercise = {
  name: "Tell the frame by its seams",
  why: "What is taken for another system is levered at the wrong place, and the frame breaks.",
  make: (c, level) => {
    const system = oneOf(c, SYSTEMS);
    const held = frameOf(system).takesUnits ? "unit" : "glass";
    const offered = someOf(c, SYSTEMS, OFFERED[level - 1] ?? 4, system);
    return {
      asks: "Which system is this? Outside is at the left, what opens is red.",
      form: { kind: "choice", options: offered.map((s) => frameOf(s).name) },
      picture: { kind: "section", system, held, mirrored: false },
      judge: ({ picks }) => ({
        right: offered[picks[0] ?? -1] === system,
        offMm: null,
        says: `${frameOf(system).name}.`,
      }),
    };
  },
};
