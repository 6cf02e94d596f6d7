import type { CuttingDone, CuttingJob, CuttingReply } from "../contract/cutting-job.ts";
import { type PlannedCuts, planCuts } from "../core/cut/plan-cuts.ts";

const TELL_MS = 120;
/** A better plan is shown no more often than an eye follows. */
const BETTER_MS = 350;
const tell = (reply: CuttingReply) => self.postMessage(reply);

const asDone = ({ sheets, unplaced, cost, bound, proved }: PlannedCuts): CuttingDone => ({
  sheets,
  unplaced,
  cost,
  bound: bound.cost,
  proved,
});

/* Plans cuts beside the page. It is ended from outside. */
self.onmessage = (e: MessageEvent<CuttingJob>) => {
  const { case: c, seconds, seed } = e.data;
  const began = performance.now();
  let told = began;
  let now = { cost: 0, unplaced: c.pieces.length };
  let shown = Number.NEGATIVE_INFINITY;
  let best: CuttingDone | null = null;
  const show = (at: number) => {
    if (best === null || at - shown < BETTER_MS) return;
    tell({ kind: "better", plan: best });
    shown = at;
    best = null;
  };
  const plan = planCuts(c, {
    seed,
    told: ({ cost, unplaced, plan: whole }) => {
      now = { cost, unplaced };
      best = asDone(whole());
      show(performance.now());
    },
    gone: () => {
      const at = performance.now();
      const share = (at - began) / (seconds * 1000);
      show(at);
      if (at - told > TELL_MS) {
        told = at;
        tell({ kind: "progress", share: Math.min(1, share), ...now });
      }
      return share;
    },
  });
  tell({ kind: "done", plan: asDone(plan) });
};
