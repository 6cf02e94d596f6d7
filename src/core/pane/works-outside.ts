import { directionsOf } from "../frame/which-system.ts";
import type { Step } from "../steps/step.ts";
import type { StepFacts } from "../takeout/facts.ts";

type Facts = Pick<StepFacts, "system" | "side" | "detail">;

/**
 * Whether somebody stands outside to work on it: the pane stays where it is, and its beads, its bond or its way out are there. A
 * sash that comes down to a bench is worked on indoors; one whose outer face nobody can reach is said so by its own step.
 * @example face putty, fitted in place // true
 * @example beads and gaskets in the room // false
 */
export function worksOutside({ system, side, detail }: Facts): boolean {
  if (detail.where === "bench" || detail.reach === "inside") return false;
  const ways = directionsOf(system, side, detail.bond !== "gasket");
  return [ways.beads, ways.cut, ways.leaves].includes("outside");
}

/**
 * Whether rain holds these steps: putty, tape, sealant or primer opened outside, where weather reaches. Nothing of them sticks
 * to what is wet. Source: labels of all of them.
 * @example face putty knifed in outside // true; the same under a porch, or tape laid from the room // false
 */
export const isHeldByRain = (
  steps: readonly Pick<Step, "dryDay" | "wet" | "driesHours" | "unitPart">[],
  f: Facts,
): boolean =>
  steps.some((s) => s.dryDay === true) ||
  (worksOutside(f) &&
    // What is bedded from the room is opened there, though its old bond was cut from outside.
    f.side === "outside" &&
    f.detail.weather !== "sheltered" &&
    steps.some((s) => s.wet === true || (s.driesHours !== undefined && s.unitPart === undefined)));
