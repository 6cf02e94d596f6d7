import type { WeekJob, WeekReply } from "../contract/week-job.ts";
import { layOut } from "../core/plan/lay-out.ts";
import { stopCase, stopOf, weekOf } from "../core/plan/week-case.ts";
import { sumOf } from "../core/plan/week-cost.ts";

const TELL_MS = 120;

/* Lays a week out beside the page. It is ended from outside: what it told last is the best it has. */
self.onmessage = (e: MessageEvent<WeekJob>) => {
  const { week, standing, seconds, seed } = e.data;
  const began = performance.now();
  let told = began;
  const done = layOut(weekOf(week), {
    seed,
    standing: standing.map(stopOf),
    more: (rounds, cost) => {
      const now = performance.now();
      if (now - told > TELL_MS) {
        told = now;
        self.postMessage({
          kind: "progress",
          share: Math.min(1, (now - began) / (seconds * 1000)),
          rounds,
          cost,
        } satisfies WeekReply);
      }
      return now - began < seconds * 1000;
    },
  });
  self.postMessage({
    kind: "done",
    stops: done.stops.map(stopCase),
    unplaced: done.unplaced,
    cost: sumOf(done.cost),
    parts: done.cost,
  } satisfies WeekReply);
};
