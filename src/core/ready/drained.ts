import { facePutty, isTimber } from "../frame/held.ts";
import { frameOf } from "../frame/systems.ts";
import type { ReadyFacts } from "./facts.ts";

/**
 * Whether there are drains to be seen to: the frame has them, water stood in it, or a unit stands in timber with a void round
 * its edge. In a puttied {rebate} it is bedded all round, and nothing runs there.
 * @example a unit behind timber beads // true; a unit in a puttied sash // false
 */
export const isDrained = (f: Pick<ReadyFacts, "waterStood" | "system" | "detail" | "sealed">): boolean =>
  f.waterStood || frameOf(f.system).drains(f.detail) || (f.sealed && isTimber(f) && !facePutty(f));
