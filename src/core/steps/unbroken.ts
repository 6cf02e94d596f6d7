import type { Station } from "../plan/stations.ts";
import type { Step } from "./step.ts";
import type { StepId } from "./step-id.ts";

/** How the glass stands once a step is done: held by less than it was made to be, or held by itself again, or out. */
type Stands = "loose" | "held";
type Table = Readonly<Partial<Record<StepId, Stands>>>;

/** Taking a bead, a sprig or a half off leaves the glass to hands and tape; putting them back gives it its hold again. */
const STANDS: Readonly<Partial<Record<Station, Table>>> = {
  takeout: {
    "glass-loose": "loose",
    "bead-cut": "loose",
    "bead-lift": "loose",
    "bead-left": "loose",
    "bead-right": "loose",
    "bead-top": "loose",
    "bead-bottom": "loose",
    "moulding-ends": "loose",
    "moulding-sides": "loose",
    sprigs: "loose",
    clips: "loose",
    channel: "loose",
    "outer-gasket": "loose",
    "push-out": "loose",
    "cut-free": "loose",
    "cassette-last": "loose",
    "cassette-half": "loose",
    "corner-screws": "loose",
    "sash-member": "loose",
    "gasket-off": "loose",
    "front-fastenings": "loose",
    shards: "loose",
    "lift-out": "held",
  },
  set: {
    bed: "loose",
    "bed-bond": "loose",
    "void-fill": "loose",
    press: "loose",
    sprigs: "held",
    "clips-back": "held",
    "beads-back": "held",
    pins: "held",
    "channel-back": "held",
    "wedge-back": "held",
    "outer-back": "held",
    "corner-screws-back": "held",
    "screws-round": "held",
    "mouldings-back": "held",
  },
};

export type Unbroken = {
  readonly from: StepId;
  readonly to: StepId;
  /** Hands-on minutes between, with both. */
  readonly minutes: number;
};

/**
 * What is done without a break, because between its first and its last step the glass is held by less than it should be: the
 * places to stop are before and after it. Null where a station has no such stretch.
 * @example beads out (12 min), cut free (20), lift out (4), bag (6) // from beads out to lift out, 36 min
 */
export function unbrokenOf(station: Station, steps: readonly Step[]): Unbroken | null {
  const table = STANDS[station];
  if (!table) return null;
  const first = steps.findIndex((s) => table[s.id] === "loose");
  const held = steps.findLastIndex((s) => table[s.id] === "held");
  const last = held < 0 ? steps.findLastIndex((s) => table[s.id] === "loose") : held;
  if (first < 0 || last <= first) return null;
  const [from, to] = [steps[first], steps[last]];
  return from && to
    ? { from: from.id, to: to.id, minutes: steps.slice(first, last + 1).reduce((sum, s) => sum + s.minutes, 0) }
    : null;
}
