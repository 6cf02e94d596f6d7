import type { CuttingCase, CuttingPlan } from "../core/cut/cutting.ts";

/** What the worker that plans cuts is asked, and what it tells. */
export type CuttingJob = { readonly case: CuttingCase; readonly seconds: number; readonly seed: number };
export type CuttingDone = CuttingPlan & { readonly bound: number; readonly proved: boolean };
export type CuttingReply =
  | { readonly kind: "progress"; readonly share: number; readonly cost: number; readonly unplaced: number }
  /** The best up to now, and the search goes on. */
  | { readonly kind: "better"; readonly plan: CuttingDone }
  | { readonly kind: "done"; readonly plan: CuttingDone };
