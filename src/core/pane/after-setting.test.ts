import { describe, expect, it } from "vitest";
import { PLAIN_DAYS } from "../../../tests/support/plain-days.ts";
import { LEANING, PANE, Teller } from "../../../tests/support/told.ts";
import type { Visit } from "../finish/visit.ts";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import { addDays, type Day, dayOf } from "../units/day.ts";
import { foldPane } from "./book.ts";
import { inspectionHere } from "./inspection.ts";
import { nextFor } from "./next.ts";
import { reckon } from "./reckoning.ts";
import { standings } from "./standing.ts";
import { stepsAt } from "./steps-at.ts";

/* Set on Monday 4 May 2026 in linseed: a week before paint, 28 days to be painted in, from Monday 11 May to Monday 1 June. */

const SET = dayOf("2026-05-04");
const day = (after: number): Day => addDays(SET, after);

type Then = { readonly today: number; readonly wet?: boolean; readonly compound?: string };

function then({ today, wet = false, compound = "linseed" }: Then, tell: (t: Teller) => void = () => undefined) {
  const t = new Teller().opened().added().read(LEANING);
  t.tell("look.damage", { damage: ["cracked"] });
  t.tell("set.done", { day: "2026-05-04", compound, sprigs: 8 });
  tell(t);
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  const calendar = wet ? { ...PLAIN_DAYS, wet: new Set(Array.from({ length: 120 }, (_, i) => day(i))) } : PLAIN_DAYS;
  const r = reckon(book, { house: HOUSE_DEFAULTS, calendar });
  return { book, r, next: nextFor(book, r, day(today)), stations: standings(book, r) };
}
/** Every step of finishing it, done. */
const allDone = (t: Teller): void => {
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  for (const s of stepsAt("finish", book, reckon(book, { house: HOUSE_DEFAULTS, calendar: PLAIN_DAYS })))
    t.tell("step.marked", { station: "finish", step: s.id, state: "done", reason: "" });
};
const painted = (t: Teller): void => void t.tell("finish.painted", { day: "2026-05-12" });
const all =
  (...tells: readonly ((t: Teller) => void)[]) =>
  (t: Teller): void => {
    for (const tell of tells) tell(t);
  };
const coming = (visit: Visit, on: number) => (t: Teller) =>
  void t.tell("finish.visit", { visit, day: new Date(Date.UTC(2026, 4, 4 + on)).toISOString().slice(0, 10) });

describe("what is next once it is set", () => {
  it.each<[string, Then, (t: Teller) => void, object]>([
    ["the week before", { today: 6 }, () => undefined, { station: "finish", kind: "wait-paint", day: day(7) }],
    ["from its first day on", { today: 7 }, () => undefined, { station: "finish", kind: "paint", day: day(28) }],
    ["on its last", { today: 28 }, () => undefined, { station: "finish", kind: "paint", day: day(28) }],
    ["and after it", { today: 29 }, () => undefined, { station: "finish", kind: "past-paint", day: day(28) }],
    ["every day of it is wet", { today: 8, wet: true }, () => undefined, { station: "finish", kind: "wait-paint" }],
    [
      "nothing presses, and somebody comes to open it",
      { today: 1, compound: "acrylic" },
      coming("open", 2),
      { kind: "come-back", day: day(2) },
    ],
    ["somebody comes to paint", { today: 8 }, coming("paint", 9), { kind: "come-back", day: day(9) }],
    ["today", { today: 9 }, coming("paint", 9), { kind: "come-back", day: day(9) }],
    [
      "painted, and somebody was to come for it",
      { today: 8 },
      all(painted, coming("paint", 9)),
      { kind: "finish-off" },
    ],
    [
      "painted, and somebody comes to open it",
      { today: 8 },
      all(painted, coming("open", 9)),
      { kind: "come-back", day: day(9) },
    ],
    ["nobody came yesterday", { today: 10 }, coming("paint", 9), { kind: "paint", day: day(28) }],
    ["it is past painting, whoever comes", { today: 29 }, coming("paint", 30), { kind: "past-paint" }],
    ["painted, and its last steps left", { today: 9 }, painted, { station: "finish", kind: "finish-off" }],
    [
      "painted, with a visit to paint that nobody took off the plan",
      { today: 8 },
      (t) => {
        coming("paint", 9)(t);
        painted(t);
        allDone(t);
      },
      { station: "signoff", kind: "sign-off" },
    ],
  ])("%s", (_, when, tell, is) => {
    expect(then(when, tell).next).toMatchObject(is);
  });
  it("no day stands where no day is fit", () => expect(then({ today: 8, wet: true }).next).not.toHaveProperty("day"));
});

describe("how Finish stands", () => {
  const finish = (when: Then, tell?: (t: Teller) => void) => then(when, tell).stations.finish;
  it("not before it is set", () => {
    const t = new Teller().opened().added().read(LEANING);
    const book = foldPane(PANE, t.entries);
    if (!book) throw new Error("no pane");
    expect(standings(book, reckon(book, { house: HOUSE_DEFAULTS, calendar: PLAIN_DAYS })).finish).toEqual({
      state: "open",
      says: { kind: "nothing" },
    });
  });
  it.each<[string, Then, ((t: Teller) => void) | undefined, object]>([
    ["waits for paint", { today: 6 }, undefined, { state: "begun", says: { kind: "paint-from", day: day(7) } }],
    ["no fit day", { today: 6, wet: true }, undefined, { state: "trouble", says: { kind: "no-fit-day" } }],
    ["painted, steps left", { today: 9 }, painted, { state: "begun", says: { kind: "steps" } }],
    [
      "painted, and all done",
      { today: 9 },
      (t) => {
        painted(t);
        allDone(t);
      },
      { state: "done", says: { kind: "painted", day: dayOf("2026-05-12") } },
    ],
    [
      "left to them, and all done",
      { today: 9 },
      (t) => {
        t.tell("finish.paint-left", { to: "customer", note: "their own colour" });
        allDone(t);
      },
      { state: "done", says: { kind: "paint-left" } },
    ],
    [
      "nothing to paint, and all done",
      { today: 9, compound: "gasket" },
      allDone,
      { state: "done", says: { kind: "done" } },
    ],
  ])("%s", (_, when, tell, is) => expect(finish(when, tell)).toMatchObject(is));
});

describe("how Sign off stands", () => {
  const signoff = (...checked: readonly boolean[]) =>
    then({ today: 9 }, (t) => {
      const book = foldPane(PANE, t.entries);
      if (!book) throw new Error("no pane");
      const items = inspectionHere(book, reckon(book, { house: HOUSE_DEFAULTS, calendar: PLAIN_DAYS }));
      for (const [i, good] of checked.entries())
        t.tell("signoff.check", { item: items[i]?.id ?? "still", good, note: good ? "" : "rattles" });
    }).stations.signoff;
  it.each<[string, readonly boolean[], string, number]>([
    ["nothing looked at", [], "open", 0],
    ["one good", [true], "begun", 1],
    ["one good, one not", [true, false], "begun", 1],
  ])("%s", (_, checked, state, done) =>
    expect(signoff(...checked)).toMatchObject({ state, says: { kind: "steps", done } }),
  );
});
