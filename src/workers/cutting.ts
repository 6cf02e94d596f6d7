import type { CuttingJob, CuttingReply } from "../contract/cutting-job.ts";
import { planCuts } from "../core/cut/plan-cuts.ts";

const TELL_MS = 120;
const tell = (reply: CuttingReply) => self.postMessage(reply);

/* Plans cuts beside the page. It is ended from outside. */
self.onmessage = (e: MessageEvent<CuttingJob>) => {
  const { case: c, seconds, seed } = e.data;
  const began = performance.now();
  let told = began;
  let now = { cost: 0, unplaced: c.pieces.length };
  const plan = planCuts(c, {
    seed,
    told: (better) => {
      now = better;
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
  const { sheets, unplaced, cost, bound, proved } = plan;
  tell({ kind: "done", plan: { sheets, unplaced, cost, bound: bound.cost, proved } });
};
