import { isTimber, sashLeaves } from "../frame/held.ts";
import type { Hinge } from "../measure/found.ts";
import type { Step } from "../steps/step.ts";
import type { Day } from "../units/day.ts";
import type { PaintWindow } from "./paint-window.ts";
import type { FinishFacts } from "./steps.ts";

/** What somebody comes back for. */
export const VISITS = ["paint", "open", "snag", "season"] as const;
export type Visit = (typeof VISITS)[number];

export const VISIT_NAMES: Readonly<Record<Visit, string>> = {
  paint: "trim, prime and paint",
  open: "open it up and look",
  snag: "put right what fell short",
  season: "paint the whole, in mild weather",
};

/**
 * What somebody may come back for: to paint only what is painted, to open only what may open.
 * @example a plastic sash // open it up, put right; a fixed light of it // put right
 */
export const visitsFor = (frame: { readonly painted: boolean }, hinge: Hinge): readonly Visit[] =>
  VISITS.filter((v) => (v === "open" ? hinge !== "fixed" : v === "snag" || frame.painted));

/** One thing to do on a visit; told by the visit, and not by a station. */
export type VisitStep = Pick<Step, "does" | "why" | "minutes"> & { readonly id: string };

/**
 * Why a day will not do for a visit: before the {putty} may be painted, after it must have been, or no day's work. Null
 * where it will.
 * @example paint from 1 June, a visit on 28 May // too soon
 */
export function visitFault(
  visit: Visit,
  day: Day,
  waits: { readonly paint: PaintWindow | null; readonly shutUntil: Day | null },
): { readonly kind: "too-soon" | "too-late" | "still-shut"; readonly day: Day } | null {
  if (visit === "paint" && waits.paint?.kind === "window") {
    const { from, closes } = waits.paint;
    if (from !== null && day < from) return { kind: "too-soon", day: from };
    if (closes !== null && day > closes) return { kind: "too-late", day: closes };
  }
  if (visit === "open" && waits.shutUntil !== null && day < waits.shutUntil)
    return { kind: "still-shut", day: waits.shutUntil };
  return null;
}

/** The steps of the visit, in order: a sash that was put back wet comes out again for them. */
export function visitSteps(visit: Visit, f: FinishFacts): readonly VisitStep[] {
  const out = sashLeaves(f) && visit === "paint";
  const steps: readonly (VisitStep | false)[] = [
    out && {
      id: "out",
      does: "Take the sash down, flat on trestles.",
      why: "Painted where it hangs it sticks to its frame.",
      minutes: 10,
    },
    visit === "open" && {
      id: "unlatch",
      does: "Take the tape off, open it slowly, look at the line all round.",
      why: "A line that pulls is not through yet: shut it again.",
      minutes: 5,
    },
    visit === "paint" && {
      id: "moved",
      does: "Press the {putty} lightly and look along it: has it moved, has it skinned?",
      why: "Soft under the skin, paint wrinkles on it.",
      minutes: 2,
    },
    visit === "paint" && {
      id: "trim",
      does: "Trim ragged edges, wipe off the oil.",
      why: "Paint does not hold on oil.",
      minutes: 8,
    },
    visit !== "open" &&
      visit !== "snag" &&
      isTimber(f) && { id: "prime", does: "Prime what is bare.", why: "Bare timber drinks the paint.", minutes: 8 },
    (visit === "paint" || visit === "season") && {
      id: "paint",
      does: "Paint, 2 mm on to the glass; score the edge before the tape comes off.",
      why: "The lap seals the {putty}'s edge.",
      minutes: 20,
    },
    out && {
      id: "refit",
      does: "Hang it by its tag, shut it, latch it.",
      why: "In its neighbour's opening it binds.",
      minutes: 10,
    },
  ];
  return steps.filter((s) => s !== false);
}
