import { describe, expect, it } from "vitest";
import { MONDAY_TO_FRIDAY, nextWorking } from "../plan/calendar.ts";
import { dayOf, writeDay } from "../units/day.ts";
import { canBeDone, daysWork } from "./days-work.ts";

describe("a day's work", () => {
  const on = dayOf("2026-05-21");
  it.each([
    ["taking out", { station: "takeout", kind: "take-out" }, true],
    ["ordering is not on site", { station: "order", kind: "send-order" }, false],
    ["paint, from the day", { station: "finish", kind: "wait-paint", day: dayOf("2026-05-21") }, true],
    ["paint, a day too soon", { station: "finish", kind: "wait-paint", day: dayOf("2026-05-22") }, false],
    ["paint, no day known", { station: "finish", kind: "wait-paint" }, false],
    ["a visit later on", { station: "finish", kind: "come-back", day: dayOf("2026-05-28") }, false],
    ["a visit that day", { station: "finish", kind: "come-back", day: dayOf("2026-05-21") }, true],
  ] as const)("%s", (_, next, can) => expect(canBeDone(next, on)).toBe(can));
  it.each([
    [
      "all that can be done",
      [
        ["a", false, true],
        ["b", false, true],
      ],
      ["a", "b"],
    ],
    [
      "those the day was given to",
      [
        ["a", false, true],
        ["b", true, true],
      ],
      ["b"],
    ],
    [
      "given to it, but not to be done yet",
      [
        ["a", false, true],
        ["b", true, false],
      ],
      ["a"],
    ],
    ["nothing", [], []],
  ] as const)("%s", (_, panes, expected) =>
    expect(daysWork(panes.map(([id, given, can]) => ({ id, given, can }))).map((p) => p.id)).toEqual(expected),
  );
});

describe("the next working day", () => {
  const calendar = (...off: string[]) => ({
    workingWeekdays: MONDAY_TO_FRIDAY,
    daysOff: new Set(off.map(dayOf)),
    wet: new Set<never>(),
    lowC: new Map(),
  });
  it.each([
    ["a Wednesday", "2026-05-20", [], "2026-05-21"],
    ["over the weekend", "2026-05-22", [], "2026-05-25"],
    ["over a day off", "2026-05-22", ["2026-05-25"], "2026-05-26"],
  ] as const)("%s", (_, after, off, next) => expect(writeDay(nextWorking(calendar(...off), dayOf(after)))).toBe(next));
});
