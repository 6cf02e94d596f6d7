import type { CuttingDone, CuttingJob, CuttingReply } from "../contract/cutting-job.ts";

/** Two cores, two searches from other seeds: the better of them counts. */
const SEEDS = [1, 2] as const;

const isBetter = (a: CuttingDone, b: CuttingDone): boolean =>
  a.unplaced.length < b.unplaced.length || (a.unplaced.length === b.unplaced.length && a.cost < b.cost);

/** Plans cuts beside the page; the answer stops it. */
export function planBeside(job: Omit<CuttingJob, "seed">, told: (reply: CuttingReply) => void): () => void {
  const workers = SEEDS.map(() => new Worker(new URL("./cutting.ts", import.meta.url), { type: "module" }));
  const done: CuttingDone[] = [];
  let shown: CuttingDone | null = null;
  workers.forEach((worker, i) => {
    worker.onmessage = (e: MessageEvent<CuttingReply>) => {
      if (e.data.kind === "progress") {
        if (i === 0) told(e.data);
        return;
      }
      if (e.data.kind === "better") {
        if (shown === null || isBetter(e.data.plan, shown)) {
          shown = e.data.plan;
          told(e.data);
        }
        return;
      }
      done.push(e.data.plan);
      worker.terminate();
      if (done.length === workers.length || e.data.plan.proved) {
        for (const w of workers) w.terminate();
        const [best] = [...done].sort((a, b) => (isBetter(a, b) ? -1 : isBetter(b, a) ? 1 : 0));
        if (best) told({ kind: "done", plan: best });
      }
    };
    worker.postMessage({ ...job, seed: SEEDS[i] as number });
  });
  return () => {
    for (const w of workers) w.terminate();
  };
}
