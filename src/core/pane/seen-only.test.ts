import { describe, expect, it } from "vitest";
import { PLAIN_DAYS as calendar } from "../../../tests/support/plain-days.ts";
import { PANE, SQUARE, Teller } from "../../../tests/support/told.ts";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import { foldPane } from "./book.ts";
import { reckon } from "./reckoning.ts";
import { seenOnly } from "./seen-only.ts";
import { stepsAt } from "./steps-at.ts";

/* A size that rests on what was seen with the old glass in, though it is out now. */

type Tell = (t: Teller) => unknown;
const here = (t: Teller) => {
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  return { book, r: reckon(book, { house: HOUSE_DEFAULTS, calendar }) };
};
/** Every step of taking out is done, or all but the last. */
const out =
  (butLast = false): Tell =>
  (t) => {
    const { book, r } = here(t);
    const steps = stepsAt("takeout", book, r);
    for (const s of butLast ? steps.slice(0, -1) : steps)
      t.tell("step.marked", { station: "takeout", step: s.id, state: "done", reason: "" });
  };
const readAt =
  (state: "guess" | "first-visit" | "beads-off" | "cleared"): Tell =>
  (t) => {
    t.tell("measure.circumstance", { state });
    t.read(SQUARE);
  };
const through: Tell = (t) => {
  t.tell("measure.way", { way: "through-glass" });
  t.read({ "sight-width": "580", "sight-height": "880", "goes-in": "8" });
};
const oldPane: Tell = (t) => {
  t.tell("measure.way", { way: "old-unit" });
  t.read({ "old-width": "597", "old-height": "897" });
};
const risk =
  (state: "guess" | "first-visit"): Tell =>
  (t) =>
    t.tell("size.risk-taken", { state, reason: "away until autumn" });

describe("whether a size rests on what was seen alone, beside a bare rebate", () => {
  it.each<[string, readonly Tell[], boolean]>([
    ["read on a first visit, out since", [readAt("first-visit"), out()], true],
    ["the same, all but the last step", [readAt("first-visit"), out(true)], false],
    ["the same, still in", [readAt("first-visit")], false],
    ["read from the cleared rebate", [readAt("cleared"), out()], false],
    ["read through the glass, out since", [through, out()], true],
    ["the same, its risk taken", [through, risk("guess"), out()], false],
    ["a risk that was taken of another state", [readAt("first-visit"), risk("guess"), out()], true],
    ["copied from the old pane", [oldPane, out()], false],
  ])("%s: %s", (_, tells, is) => {
    const t = new Teller().opened().added(PANE, "timber-bead");
    t.tell("look.damage", { damage: ["cracked"] });
    for (const tell of tells) tell(t);
    const { book, r } = here(t);
    expect(seenOnly(book, r)).toBe(is);
  });
});
