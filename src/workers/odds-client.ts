import type { OddsJob, OddsReply } from "../contract/odds-job.ts";

export type OddsDone = Extract<OddsReply, { kind: "done" }>;
export type OddsClient = {
  /** Asks for a pane's odds. Asking again drops what was asked before. Answers with its own dropping. */
  readonly ask: (job: Omit<OddsJob, "id">, told: (reply: OddsReply) => void) => () => void;
  readonly end: () => void;
};

/** The worker that draws, started when first asked. */
export function oddsClient(): OddsClient {
  let worker: Worker | null = null;
  let id = 0;
  let listener: ((reply: OddsReply) => void) | null = null;
  return {
    ask(job, told) {
      worker ??= new Worker(new URL("./odds.ts", import.meta.url), { type: "module" });
      const mine = ++id;
      listener = told;
      worker.onmessage = (e: MessageEvent<OddsReply>) => {
        if (e.data.id === id) listener?.(e.data);
      };
      worker.postMessage({ ...job, id: mine });
      return () => {
        if (id === mine) listener = null;
      };
    },
    end() {
      worker?.terminate();
      worker = null;
    },
  };
}
