import { describe, expect, it } from "vitest";
import { PLAIN_DAYS as calendar } from "../../../tests/support/plain-days.ts";
import { PANE, SQUARE, Teller } from "../../../tests/support/told.ts";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import { foldPane } from "./book.ts";
import { notDry } from "./drying.ts";
import { reckon } from "./reckoning.ts";
import { stepsOnce } from "./steps-at.ts";

/* A rebate primed for putty dries sixteen hours; told at 08:0x on 4 May. */

const MS_PER_HOUR = 3_600_000;
const TOLD = Date.UTC(2026, 4, 4, 8);
type Tell = (t: Teller) => unknown;

function drying(hoursOn: number, ...tells: readonly Tell[]): readonly (readonly [string, string, number])[] {
  const t = new Teller().opened().added().read(SQUARE).read({ "rebate-depth": "11", "rebate-width": "19" });
  for (const tell of tells) tell(t);
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  const r = reckon(book, { house: HOUSE_DEFAULTS, calendar });
  return notDry(book, stepsOnce(book, r), TOLD + hoursOn * MS_PER_HOUR).map((d) => [d.station, d.step.id, d.hours]);
}
const primed =
  (state: "done" | "skipped" = "done"): Tell =>
  (t) =>
    t.tell("step.marked", { station: "ready", step: "prime", state, reason: "" });
const set: Tell = (t) => t.tell("set.done", { day: "2026-05-04", compound: "linseed", sprigs: 14 });

describe("what is not dry yet", () => {
  it.each<[string, number, readonly Tell[], readonly (readonly [string, string, number])[]]>([
    ["nothing was primed", 1, [], []],
    ["primed, two hours on", 2, [primed()], [["ready", "prime", 15]]],
    ["primed, a day on", 24, [primed()], []],
    ["left out: nothing dries", 2, [primed("skipped")], []],
    ["set since: what lies under it is covered", 2, [primed(), set], []],
  ])("%s", (_, hours, tells, is) => expect(drying(hours, ...tells)).toEqual(is));
});
