import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { addDays, type Day, dayOf, writeDay } from "../units/day.ts";
import { isWorking, MONDAY_TO_FRIDAY, type WorkCalendar } from "./calendar.ts";
import { type Counts, criticalPath, type Task } from "./critical-path.ts";

/** Monday 18 May 2026; Monday 25 is off. */
const FROM = dayOf("2026-05-18");
const calendar: WorkCalendar = {
  workingWeekdays: MONDAY_TO_FRIDAY,
  daysOff: new Set([dayOf("2026-05-25")]),
  wet: new Set(),
  lowC: new Map(),
};
const task = (
  id: string,
  days: number,
  after: readonly (string | [string, number, Counts?])[] = [],
  counts: Counts = "working",
): Task => ({
  id,
  days,
  counts,
  after: after.map((a) =>
    typeof a === "string"
      ? { id: a, lagDays: 0, lagCounts: "working" }
      : { id: a[0], lagDays: a[1], lagCounts: a[2] ?? "working" },
  ),
});
const told = (tasks: readonly Task[], by?: string) => {
  const got = criticalPath(tasks, FROM, calendar, by === undefined ? undefined : dayOf(by));
  if (!got.ok) throw new Error(JSON.stringify(got.error));
  const short = (d: Day) => writeDay(d).slice(5);
  return got.value.tasks.map((t) => `${t.id} ${short(t.earliest.start)}..${short(t.earliest.finish)} ${t.float}`);
};

describe("what follows on what", () => {
  it.each<[string, readonly Task[], readonly string[]]>([
    ["two days, then one", [task("a", 2), task("b", 1, ["a"])], ["a 05-18..05-19 0", "b 05-20..05-20 0"]],
    [
      "Friday's follower waits for Tuesday: Monday is off",
      [task("a", 5), task("b", 1, ["a"])],
      ["a 05-18..05-22 0", "b 05-26..05-26 0"],
    ],
    [
      "putty skins on all days",
      [task("a", 5), task("skins", 3, ["a"], "all")],
      ["a 05-18..05-22 0", "skins 05-23..05-25 0"],
    ],
    // The day after is Tuesday; two working days of lag are Tuesday and Wednesday.
    ["a lag of two working days", [task("a", 1), task("b", 1, [["a", 2]])], ["a 05-18..05-18 0", "b 05-21..05-21 0"]],
    [
      "a lag over the weekend, all days",
      [task("a", 5), task("b", 1, [["a", 4, "all"]])],
      ["a 05-18..05-22 0", "b 05-27..05-27 0"],
    ],
    [
      "a lag over the weekend, working days",
      [task("a", 5), task("b", 1, [["a", 1]])],
      ["a 05-18..05-22 0", "b 05-27..05-27 0"],
    ],
    [
      "the shorter way has float, in its own days",
      [task("a", 1), task("long", 4, ["a"]), task("short", 1, ["a"]), task("end", 1, ["long", "short"])],
      ["a 05-18..05-18 0", "long 05-19..05-22 0", "short 05-19..05-19 3", "end 05-26..05-26 0"],
    ],
    [
      "a wait on all days floats over the weekend",
      [task("a", 1), task("wait", 1, ["a"], "all"), task("work", 5, ["a"]), task("end", 1, ["wait", "work"])],
      // Work: 19 to 22, then 26. The wait may be the 26th too: seven days later.
      ["a 05-18..05-18 0", "wait 05-19..05-19 7", "work 05-19..05-26 0", "end 05-27..05-27 0"],
    ],
    ["told out of order", [task("b", 1, ["a"]), task("a", 1)], ["b 05-19..05-19 0", "a 05-18..05-18 0"]],
  ])("%s", (_, tasks, expected) => expect(told(tasks)).toEqual(expected));
  it("the latest day is the last on which what follows still begins in time, lag and all", () => {
    // The end is tied to Friday 29 by `by`; a lag of three working days before it: Tuesday to Thursday; so Friday 22 at the latest, Monday being off.
    const got = criticalPath([task("a", 1), task("b", 1, [["a", 3]])], FROM, calendar, dayOf("2026-05-29"));
    if (!got.ok) throw new Error(got.error.kind);
    expect(got.value.tasks.map((t) => writeDay(t.latest.finish))).toEqual(["2026-05-22", "2026-05-29"]);
  });
  it("with a day to be done by, all of it floats to there", () =>
    expect(told([task("a", 1), task("b", 1, ["a"])], "2026-05-22")).toEqual(["a 05-18..05-18 3", "b 05-19..05-19 3"]));
  it.each<[string, readonly Task[], WorkCalendar, Day | undefined, object]>([
    [
      "a circle",
      [task("a", 1, ["b"]), task("b", 1, ["a"])],
      calendar,
      undefined,
      { kind: "circle", tasks: ["a", "b"] },
    ],
    ["a stranger", [task("a", 1, ["x"])], calendar, undefined, { kind: "unknown", task: "a", after: "x" }],
    ["a name twice", [task("a", 1), task("a", 1)], calendar, undefined, { kind: "twice", task: "a" }],
    ["no working day", [task("a", 1)], { ...calendar, workingWeekdays: [] }, undefined, { kind: "no-working-day" }],
    [
      "too early to be done",
      [task("a", 3)],
      calendar,
      dayOf("2026-05-19"),
      { kind: "too-late", finish: dayOf("2026-05-20") },
    ],
  ])("%s is refused", (_, tasks, cal, by, error) =>
    expect(criticalPath(tasks, FROM, cal, by)).toEqual({ ok: false, error }),
  );

  const counts = fc.constantFrom<Counts>("working", "all");
  const tasks = fc
    .array(
      fc.record({
        days: fc.integer({ min: 1, max: 6 }),
        counts,
        after: fc.array(fc.record({ to: fc.nat(9), lagDays: fc.integer({ min: 0, max: 5 }), lagCounts: counts }), {
          maxLength: 3,
        }),
      }),
      { minLength: 1, maxLength: 9 },
    )
    .map((all) =>
      all.map(
        (t, i): Task => ({
          id: String(i),
          days: t.days,
          counts: t.counts,
          after: t.after
            .filter((a) => a.to < i)
            .map((a) => ({ id: String(a.to), lagDays: a.lagDays, lagCounts: a.lagCounts })),
        }),
      ),
    );
  it("nothing begins before what it follows; the latest is no earlier than the earliest; something is critical", () => {
    fc.assert(
      fc.property(tasks, (all) => {
        const got = criticalPath(all, FROM, calendar);
        if (!got.ok) return false;
        const by = new Map(got.value.tasks.map((t) => [t.id, t]));
        for (const t of all)
          for (const a of t.after) {
            const [mine, its] = [by.get(t.id), by.get(a.id)];
            if (!mine || !its) return false;
            for (const [m, i] of [
              [mine.earliest, its.earliest],
              [mine.latest, its.latest],
            ] as const)
              if (m.start <= i.finish + (a.lagCounts === "all" ? a.lagDays : 0)) return false;
          }
        const worksOn = (d: Day, c: Counts) => c === "all" || isWorking(calendar, d);
        return (
          got.value.tasks.every((t, i) => {
            const c = all[i]?.counts ?? "all";
            const days = Array.from({ length: t.earliest.finish - t.earliest.start + 1 }, (_, k) =>
              addDays(t.earliest.start, k),
            );
            return (
              t.float >= 0 &&
              t.latest.start >= t.earliest.start &&
              t.latest.finish <= got.value.end &&
              [t.earliest.start, t.earliest.finish, t.latest.start, t.latest.finish].every((d) => worksOn(d, c)) &&
              days.filter((d) => worksOn(d, c)).length === all[i]?.days
            );
          }) && got.value.tasks.some((t) => t.earliest.finish === got.value.end)
        );
      }),
      { numRuns: 300 },
    );
  });
});
