import { fail, ok, type Result } from "../result.ts";
import { addDays, type Day } from "../units/day.ts";
import { isWorking, type WorkCalendar } from "./calendar.ts";

/** Days that a task or a wait counts: those that are worked, or all of them (glass on its way, putty that skins). */
export type Counts = "working" | "all";

export type Task = {
  readonly id: string;
  /** Whole days of its own calendar, one at the least. */
  readonly days: number;
  readonly counts: Counts;
  readonly after: readonly { readonly id: string; readonly lagDays: number; readonly lagCounts: Counts }[];
};

export type Scheduled = {
  readonly id: string;
  /** First and last day of it, both included: as early as can be, and as late as may be. */
  readonly earliest: { readonly start: Day; readonly finish: Day };
  readonly latest: { readonly start: Day; readonly finish: Day };
  /** Days of its own calendar that it may begin later. */
  readonly float: number;
  readonly critical: boolean;
};

export type PlanError =
  | { readonly kind: "unknown"; readonly task: string; readonly after: string }
  | { readonly kind: "twice"; readonly task: string }
  | { readonly kind: "circle"; readonly tasks: readonly string[] }
  | { readonly kind: "no-working-day" }
  | { readonly kind: "too-late"; readonly finish: Day };

const MOST_SEARCHED = 400;

/**
 * Earliest and latest days of tasks that follow on each other, and their float. A task's days are days of its own calendar,
 * the day it finishes included; what follows begins on the next day of its own calendar, after the lag, which counts from
 * the day after. Critical is what has no float. `by` is the day all must be done; left out, it is the earliest end.
 * @example Monday: order (1 working), then glass after 5 working days of lag, 1 working to set // set on Tuesday of the week after
 */
export function criticalPath(
  tasks: readonly Task[],
  from: Day,
  calendar: WorkCalendar,
  by?: Day,
): Result<{ readonly end: Day; readonly tasks: readonly Scheduled[] }, PlanError> {
  const order = inOrder(tasks);
  if (!order.ok) return order;
  const works = countsDays(calendar);
  if (tasks.some((t) => t.counts === "working" || t.after.some((a) => a.lagCounts === "working")))
    if (works.first("working", from) === null) return fail({ kind: "no-working-day" });
  const early = new Map<string, { start: Day; finish: Day }>();
  for (const t of order.value) {
    let start = works.at("all", from);
    for (const a of t.after) {
      const before = early.get(a.id);
      if (before) start = Math.max(start, works.ready(before.finish, a)) as Day;
    }
    const first = works.at(t.counts, start);
    early.set(t.id, { start: first, finish: works.forward(t.counts, first, t.days) });
  }
  const ends = [...early.values()].map((e) => e.finish);
  const earliestEnd = ends.reduce((a, b) => (a > b ? a : b), from);
  if (by !== undefined && by < earliestEnd) return fail({ kind: "too-late", finish: earliestEnd });
  const end = by ?? earliestEnd;
  const late = new Map<string, { start: Day; finish: Day }>();
  for (const t of [...order.value].reverse()) {
    let finish = works.back(t.counts, end);
    for (const next of order.value)
      for (const a of next.after) {
        const its = late.get(next.id);
        if (a.id !== t.id || !its) continue;
        const last = works.back(t.counts, works.mustFinish(its.start, a));
        if (last < finish) finish = last;
      }
    late.set(t.id, { start: works.backward(t.counts, finish, t.days), finish });
  }
  return ok({
    end,
    tasks: tasks.map((t) => {
      const [earliest, latest] = [early.get(t.id), late.get(t.id)];
      if (!earliest || !latest) throw new Error(`${t.id} has no place in the order`);
      const float = works.between(t.counts, earliest.start, latest.start);
      return { id: t.id, earliest, latest, float, critical: float === 0 };
    }),
  });
}

/** Days as they are counted: by the firm's calendar, or all of them. */
function countsDays(calendar: WorkCalendar) {
  const is = (counts: Counts, d: Day): boolean => counts === "all" || isWorking(calendar, d);
  const first = (counts: Counts, from: Day): Day | null => {
    let d = from;
    for (let k = 0; k < MOST_SEARCHED; k++, d = addDays(d, 1)) if (is(counts, d)) return d;
    return null;
  };
  const at = (counts: Counts, from: Day): Day => first(counts, from) ?? from;
  const back = (counts: Counts, from: Day): Day => {
    let d = from;
    for (let k = 0; k < MOST_SEARCHED && !is(counts, d); k++) d = addDays(d, -1);
    return d;
  };
  /** The last of so many days from one that counts. */
  const forward = (counts: Counts, start: Day, days: number): Day => {
    let d = start;
    for (let n = 1; n < days; n++) d = at(counts, addDays(d, 1));
    return d;
  };
  const backward = (counts: Counts, finish: Day, days: number): Day => {
    let d = finish;
    for (let n = 1; n < days; n++) d = back(counts, addDays(d, -1));
    return d;
  };
  /** The day on which what follows may begin, its own calendar aside. */
  const ready = (finish: Day, lag: { readonly lagDays: number; readonly lagCounts: Counts }): Day => {
    const next = addDays(finish, 1);
    return lag.lagDays === 0 ? next : addDays(forward(lag.lagCounts, at(lag.lagCounts, next), lag.lagDays), 1);
  };
  /** The last day on which it may finish, and what follows still begins on that day: the lag counted back. */
  const mustFinish = (start: Day, lag: { readonly lagDays: number; readonly lagCounts: Counts }): Day => {
    const before = addDays(start, -1);
    return lag.lagDays === 0 ? before : addDays(backward(lag.lagCounts, back(lag.lagCounts, before), lag.lagDays), -1);
  };
  const between = (counts: Counts, from: Day, to: Day): number => {
    let n = 0;
    for (let d = from; d < to; d = addDays(d, 1)) if (is(counts, d)) n++;
    for (let d = to; d < from; d = addDays(d, 1)) if (is(counts, d)) n--;
    return n;
  };
  return { first, at, back, forward, backward, ready, mustFinish, between };
}

/** Each after all that it follows. */
function inOrder(tasks: readonly Task[]): Result<readonly Task[], PlanError> {
  const byId = new Map<string, Task>();
  for (const t of tasks) {
    if (byId.has(t.id)) return fail({ kind: "twice", task: t.id });
    byId.set(t.id, t);
  }
  for (const t of tasks)
    for (const a of t.after) if (!byId.has(a.id)) return fail({ kind: "unknown", task: t.id, after: a.id });
  const placed = new Set<string>();
  const order: Task[] = [];
  for (let open = [...tasks]; open.length > 0; ) {
    const now = open.filter((t) => t.after.every((a) => placed.has(a.id)));
    if (now.length === 0) return fail({ kind: "circle", tasks: open.map((t) => t.id) });
    for (const t of now) placed.add(t.id);
    order.push(...now);
    open = open.filter((t) => !placed.has(t.id));
  }
  return ok(order);
}
