import type { PartKind } from "../frame/part.ts";
import { madeWhole, outOfFrame } from "../steps/made-whole.ts";
import type { Step } from "../steps/step.ts";
import { partsInOrder } from "./assembly.ts";
import type { StepFacts } from "./facts.ts";
import { afterSteps, guardSteps, markSteps } from "./front-steps.ts";
import { stepsOfPart } from "./part-steps.ts";

/** What is off before a face is taped or marked. */
const BEFORE_FACES: readonly PartKind[] = ["front"];
/** What still comes before the glass where the glass leaves first: the sash must be where it is worked on. */
const BEFORE_GLASS: readonly PartKind[] = ["release", "front-fastenings"];

/**
 * The steps of taking this pane out: guard, clear what stands in front, tape and mark; then part by part in the order in
 * which the frame comes apart, or broken glass first where that is safer; then count and sweep. A sash or window that is changed
 * whole leaves with its glass. None where the sash cannot be opened, and no new one was chosen.
 */
export function takeoutSteps(f: StepFacts): readonly Step[] {
  const whole = madeWhole(f);
  if (whole) return [...guardSteps(f), ...(f.front.length > 0 ? stepsOfPart("front", f) : []), ...outOfFrame(whole)];
  if (f.closed) return [];
  const parts = partsInOrder(f);
  const stepsFor = (kinds: readonly PartKind[]): readonly Step[] => kinds.flatMap((part) => stepsOfPart(part, f));
  const first = parts.filter((p) => BEFORE_FACES.includes(p));
  const rest = parts.filter((p) => !BEFORE_FACES.includes(p));
  return [
    ...guardSteps(f),
    ...stepsFor(first),
    ...markSteps(f),
    ...(f.glassFirst ? brokenFirst(rest, stepsFor) : stepsFor(rest)),
    ...afterSteps(f),
  ];
}

/**
 * Broken glass leaves before what held it. Where its groove is shut all round, only what is loose is drawn: the rest comes out
 * once a member is off.
 */
function brokenFirst(
  parts: readonly PartKind[],
  stepsFor: (kinds: readonly PartKind[]) => readonly Step[],
): readonly Step[] {
  const before = stepsFor(parts.filter((p) => BEFORE_GLASS.includes(p)));
  const held = parts.filter((p) => !BEFORE_GLASS.includes(p));
  if (!held.includes("sash-members"))
    return [...before, ...stepsFor(held.filter((p) => p === "glass")), ...stepsFor(held.filter((p) => p !== "glass"))];
  const isLoose = (s: Step): boolean => s.id === "shards";
  const after = stepsFor(held);
  return [...before, ...after.filter(isLoose), ...after.filter((s) => !isLoose(s))];
}
