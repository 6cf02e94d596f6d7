import { describe, expect, it } from "vitest";
import { PLAIN_DAYS as calendar } from "../../../tests/support/plain-days.ts";
import { JOBS, READ } from "../../../tests/support/step-jobs.ts";
import { PANE, Teller } from "../../../tests/support/told.ts";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import { foldPane } from "../pane/book.ts";
import { reckon } from "../pane/reckoning.ts";
import { dayOf } from "../units/day.ts";
import { wholePane } from "./whole-pane.ts";

/* Whole jobs, from what was told to the steps that somebody gets: which must stand there, which must not, and in what order. */

describe("the steps of a whole job", () => {
  it.each(JOBS)("$name", ({ system, tell, has, not = {}, said, unsaid, next }) => {
    const t = new Teller().opened().added(PANE, system).read(READ);
    tell(t);
    const book = foldPane(PANE, t.entries);
    if (!book) throw new Error("no pane");
    const p = wholePane(book, reckon(book, { house: HOUSE_DEFAULTS, calendar }), {
      unit: "mm",
      dialect: "a",
      today: dayOf("2026-05-20"),
      nowMs: Date.UTC(2026, 4, 20, 12),
      others: [],
    });
    const steps = (station: string) => p.stations.find((s) => s.station === station)?.steps ?? [];
    for (const [station, wanted] of Object.entries(has)) {
      const ids = steps(station).map((s) => s.id as string);
      expect([station, wanted.filter((id) => !ids.includes(id))]).toEqual([station, []]);
      expect([station, [...wanted].sort((a, b) => ids.indexOf(a) - ids.indexOf(b))]).toEqual([station, wanted]);
    }
    for (const [station, strange] of Object.entries(not))
      expect([
        station,
        steps(station)
          .filter((s) => strange.includes(s.id))
          .map((s) => s.id),
      ]).toEqual([station, []]);
    const all = p.stations.flatMap((s) => s.steps.map((step) => `${step.does} ${step.why}`));
    if (said) expect(all.filter((text) => said.test(text))).not.toEqual([]);
    if (unsaid) expect(all.filter((text) => unsaid.test(text))).toEqual([]);
    if (next) expect(p.next.kind).toBe(next);
  });
});
