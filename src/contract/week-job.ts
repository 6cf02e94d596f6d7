import type { StopCase, WeekCase } from "../core/plan/week-case.ts";
import type { WeekCost } from "../core/plan/week-cost.ts";
import type { WhyNot } from "../core/plan/why-not.ts";

/** What the worker that lays weeks out is asked, and what it tells. */
export type WeekJob = {
  readonly week: WeekCase;
  readonly standing: readonly StopCase[];
  readonly seconds: number;
  readonly seed: number;
};
export type WeekReply =
  | { readonly kind: "progress"; readonly share: number; readonly rounds: number; readonly cost: number }
  | {
      readonly kind: "done";
      readonly stops: readonly StopCase[];
      readonly unplaced: readonly WhyNot[];
      readonly cost: number;
      readonly parts: WeekCost;
    };
