import { describe, expect, it } from "vitest";
import { SIDES } from "../geometry/quad.ts";
import { writeLength } from "../tape/write.ts";

import { say } from "../words/dialect.ts";
import type { Answer, Judged, Made } from "./exercise.ts";
import { type Case, EXERCISE_IDS, EXERCISES, type ExerciseId, madeOf } from "./exercises.ts";
import { levelAfter, type Practised, standingOf } from "./progress.ts";

const typed = (...texts: string[]): Answer => ({ texts, picks: [] });
const picked = (...picks: number[]): Answer => ({ texts: [], picks });
const SEEDS = Array.from({ length: 4 }, (_, i) => 1000 + 37 * i);
const LEVELS = [1, 2, 3, 4, 5];
const UNITS = ["mm", "in"] as const;

const cases = (exercise: ExerciseId): readonly Case[] =>
  LEVELS.flatMap((level) => UNITS.flatMap((unit) => SEEDS.map((seed) => ({ exercise, level, seed, unit }))));

/** All that could be picked, judged. */
function judgedPicks(m: Made): readonly Judged[] {
  const n =
    m.form.kind === "choice"
      ? m.form.options.length
      : m.form.kind === "place"
        ? m.form.places.length
        : m.form.kind === "day"
          ? m.form.days.length
          : 0;
  return Array.from({ length: n }, (_, i) => m.judge(picked(i)));
}
const orders = (values: readonly number[]): readonly (readonly number[])[] =>
  values.length === 0 ? [[]] : values.flatMap((x) => orders(values.filter((y) => y !== x)).map((rest) => [x, ...rest]));

describe.each(EXERCISE_IDS)("%s", (id) => {
  it("the same seed makes the same case; an empty answer is wrong, and told what is right", () => {
    for (const given of cases(id)) {
      const [a, b] = [madeOf(given), madeOf(given)];
      expect(a.asks).toBe(b.asks);
      expect(a.picture).toEqual(b.picture);
      const nothing = a.judge({ texts: [], picks: [] });
      expect([given, nothing.right]).toEqual([given, false]);
      expect(say(`${a.asks} ${nothing.says}`, "b")).not.toMatch(/NaN|undefined|null|[{}]/);
      expect(nothing.says.length).toBeGreaterThan(3);
    }
  });
  it("of all that can be picked one is right; of orders those that keep the corners' rules", () => {
    for (const given of cases(id)) {
      const m = madeOf(given);
      if (m.form.kind === "length" || m.form.kind === "packers") continue;
      const right =
        m.form.kind === "order"
          ? orders(SIDES.map((_, i) => i)).filter((o) => m.judge(picked(...o)).right).length
          : judgedPicks(m).filter((j) => j.right).length;
      if (m.form.kind === "order") {
        expect(right).toBeGreaterThanOrEqual(1);
        expect(right).toBeLessThan(24);
      } else expect([given, right]).toEqual([given, 1]);
    }
  });
  it("is told in the reader's unit", () => {
    for (const given of cases(id).filter((c) => c.unit === "in")) {
      const m = madeOf(given);
      expect(`${m.asks} ${m.judge(typed("", "")).says}`).not.toMatch(/\d (mm|°C)/);
    }
  });
});

describe("lengths", () => {
  const right = (asked: Case): Answer => {
    const m = madeOf(asked);
    if (m.picture.kind === "tape") return typed(writeLength(m.picture.at, asked.unit, { places: 1, ticks: 32 }));
    const { says } = m.judge({ texts: [], picks: [] });
    const [, w = "", h = ""] = /Best odds: (.+) × (.+)\./.exec(says) ?? [];
    if (w) return typed(w.replace(/ (mm|in)$/, ""), h.replace(/ (mm|in)$/, ""));
    return typed(
      (/= (.+)\.$/.exec(says)?.[1] ?? /hangs is (.+?)\. The/.exec(says)?.[1] ?? "").replace(/ (mm|in)$/, ""),
    );
  };
  it.each(["read-tape", "leaning-opening", "set-straightedge"] as const)(
    "%s: what it says is right is judged right",
    (id) => {
      for (const given of cases(id)) expect([given, madeOf(given).judge(right(given)).right]).toEqual([given, true]);
    },
  );
  it("lift-sash from level 3 on: to the nearest half millimetre", () => {
    for (const given of cases("lift-sash").filter((c) => c.level >= 3))
      expect([given, madeOf(given).judge(right(given)).right]).toEqual([given, true]);
  });
  it("a tape read an inch off, or ten, is wrong by that", () => {
    const given: Case = { exercise: "read-tape", level: 1, seed: 5, unit: "mm" };
    const m = madeOf(given);
    if (m.picture.kind !== "tape") throw new Error("no tape");
    const at = m.picture.at / 1e6;
    expect(m.judge(typed(String(at + 10)))).toMatchObject({ right: false, offMm: 10 });
    expect(m.judge(typed(`${at} mm`)).right).toBe(true);
  });
  it("a pane far too large binds, one far too small falls short of cover: both say by how much", () => {
    const m = madeOf({ exercise: "leaning-opening", level: 3, seed: 9, unit: "mm" });
    if (m.picture.kind !== "opening") throw new Error("no opening");
    const [w, h] = [m.picture.readings["width-top"] ?? 0, m.picture.readings["height-left"] ?? 0].map((l) => l / 1e6);
    expect(m.judge(typed(String((w ?? 0) + 20), String((h ?? 0) + 20))).says).toMatch(/^It binds: \d/);
    expect(m.judge(typed(String((w ?? 0) - 30), String((h ?? 0) - 30))).says).toMatch(/covers only|falls through/);
  });
});

describe("progress", () => {
  const did = (right: boolean, level = 1, offMm: number | null = null): Practised => ({
    right,
    level,
    seconds: 8,
    offMm,
  });
  it.each([
    ["nothing done", [], 1],
    ["three right", [true, true, true], 2],
    ["two right, one wrong, two right", [true, true, false, true, true], 1],
    ["six right", Array(6).fill(true), 3],
    ["six right, two wrong", [...Array(6).fill(true), false, false], 2],
    ["twenty right: no harder than it goes", Array(20).fill(true), 5],
  ] as const)("%s", (_, all, level) => expect(levelAfter((all as readonly boolean[]).map((r) => did(r)))).toBe(level));
  it("spread of readings is said from five on", () => {
    expect(standingOf([did(true, 1, 0.5)]).spreadMm).toBeNull();
    expect(standingOf(Array.from({ length: 5 }, (_, i) => did(true, 1, i % 2 ? 0.5 : -0.5)))).toMatchObject({
      done: 5,
      rightOfTwenty: 1,
      spreadMm: 0.5,
      seconds: 8,
    });
  });
});

it("every exercise says why it is worth a minute, in a sentence", () => {
  for (const id of EXERCISE_IDS) expect(EXERCISES[id].why).toMatch(/^[A-Z].{20,}\.$/);
});
