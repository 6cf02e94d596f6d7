import type { WeekJob, WeekReply } from "../contract/week-job.ts";

/** Lays a week out beside the page; the answer stops it, and nothing comes of it then. */
export function layOutBeside(job: WeekJob, told: (reply: WeekReply) => void): () => void {
  const worker = new Worker(new URL("./week.ts", import.meta.url), { type: "module" });
  worker.onmessage = (e: MessageEvent<WeekReply>) => {
    told(e.data);
    if (e.data.kind === "done") worker.terminate();
  };
  worker.postMessage(job);
  return () => worker.terminate();
}
