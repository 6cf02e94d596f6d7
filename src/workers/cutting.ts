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
  let shown = began;
  const plan = planCuts(c, {
    seed,
    told: ({ cost, unplaced, plan: whole }) => {
      now = { cost, unplaced };
      const at = performance.now();
      if (at - shown < BETTER_MS) return;
      shown = at;
      tell({ kind: "better", plan: asDone(whole()) });
    },
    gone: () => {
      const at = performance.now();
      const share = (at - began) / (seconds * 1000);
      if (at - told > TELL_MS) {
        told = at;
        tell({ kind: "progress", share: Math.min(1, share), ...now });
      }
      return share;
    },
  });
  tell({ kind: "done", plan: asDone(plan) });
};
