import { expect } from "vitest";
import { kindNamed } from "../../src/core/bed/compounds.ts";
import type { FinishFacts } from "../../src/core/finish/steps.ts";
import type { Detail } from "../../src/core/frame/detail.ts";
import { frameOf } from "../../src/core/frame/systems.ts";
import { detailOf } from "../../src/core/frame/told-detail.ts";
import type { ReadyFacts } from "../../src/core/ready/facts.ts";
import { readySteps } from "../../src/core/ready/steps.ts";
import type { Step } from "../../src/core/steps/step.ts";
import { takeoutSteps } from "../../src/core/takeout/steps.ts";

export type Over = Partial<Omit<ReadyFacts, "detail">> & { readonly detail?: Partial<Detail> };

export const BEADS = (["left", "right", "bottom", "top"] as const).map((side) => ({
  side,
  start: "middle",
  why: "both ends are held",
}));

/** A cracked single pane in putty on the ground floor, but for what is said otherwise. */
export const facts = ({ detail = {}, ...over }: Over = {}): ReadyFacts => {
  const system = over.system ?? "timber-putty";
  const told = detailOf(system, detail);
  const frame = frameOf(system);
  const { bed, workedBy, oily, primeRebate } = kindNamed(frame.usualBed(frame.oldBond(told)));
  return {
    system,
    closed: false,
    detail: told,
    damage: ["cracked"],
    storey: 0,
    size: null,
    cardKept: false,
    sealed: false,
    toughened: false,
    marked: false,
    acrylic: false,
    glassFirst: false,
    whole: null,
    cutDown: null,
    boundDry: false,
    easedPrimed: false,
    cutHere: false,
    lift: 1,
    front: [],
    side: "outside",
    hinge: "not-said",
    leaf: frame.ofDoor && over.hinge !== "fixed",
    beads: null,
    lead: false,
    profile: null,
    broken: [],
    staysIn: false,
    mends: false,
    faults: [],
    cause: null,
    strips: [],
    renews: [],
    waterStood: false,
    rout: false,
    routBy: null,
    bed,
    workedBy,
    oily,
    primeRebate,
    primerHours: 16,
    ease: [],
    oldGlassBack: false,
    ...over,
  };
};
export const out = (over: Over = {}): readonly Step[] => takeoutSteps(facts(over));
export const ready = (over: Over = {}): readonly Step[] => readySteps(facts(over));
export const ids = (steps: readonly Step[]): readonly string[] => steps.map((s) => s.id);

/** Every pair stands in this order. */
export function inOrder(all: readonly string[], wanted: readonly string[]): void {
  const places = wanted.map((id) => all.indexOf(id));
  expect([wanted, places.every((p) => p >= 0)]).toEqual([wanted, true]);
  expect([wanted, [...places].sort((a, b) => a - b)]).toEqual([wanted, places]);
}

/** The same, set in what is usual: linseed for a putty bed, silicone that stays shut 48 hours, or tape. */
export const finishing = (f: ReadyFacts, over: Partial<FinishFacts> = {}): FinishFacts => ({
  ...f,
  compound:
    f.bed === "putty"
      ? { handsOffHours: 48, leastDays: 7 }
      : { handsOffHours: f.bed === "silicone" ? 48 : 0, leastDays: null },
  frontsBack: 0,
  gains: null,
  ...over,
});
