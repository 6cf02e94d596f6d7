import { expect, it } from "vitest";
import { PLAIN_DAYS as calendar } from "../../../tests/support/plain-days.ts";
import { PANE, Teller } from "../../../tests/support/told.ts";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import { foldPane } from "./book.ts";
import { outAlready, stillIn } from "./out-already.ts";
import { reckon } from "./reckoning.ts";
import { stepsAt } from "./steps-at.ts";

function offered(tell: (t: Teller) => void): boolean {
  const t = new Teller().opened().added(PANE, "timber-putty");
  tell(t);
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  const all = stepsAt("takeout", book, reckon(book, { house: HOUSE_DEFAULTS, calendar }));
  const some = outAlready(book, all);
  expect([0, all.length]).toContain(some.length);
  return some.length > 0;
}
const cleared = (t: Teller) => t.tell("measure.circumstance", { state: "cleared" });

it.each<[string, (t: Teller) => void, boolean]>([
  ["nothing said of it", () => {}, false],
  ["read from the cleared rebate, nothing ticked", cleared, true],
  [
    "read with its edge bared: it stands there still",
    (t) => t.tell("measure.circumstance", { state: "beads-off" }),
    false,
  ],
  [
    "the first step ticked: it is being taken out",
    (t) => {
      cleared(t);
      t.tell("step.marked", { station: "takeout", step: "sheet", state: "done", reason: "" });
    },
    false,
  ],
  [
    "dropped on its packers, and whether the glass stays is still open",
    (t) => {
      cleared(t);
      t.tell("look.damage", { damage: ["dropped"] });
      t.tell("look.cause", { cause: "packing" });
    },
    false,
  ],
  [
    "the old glass goes back",
    (t) => {
      cleared(t);
      t.tell("look.option", { option: "repack", reason: "" });
    },
    false,
  ],
])("%s", (_, tell, is) => expect(offered(tell)).toBe(is));

const ticked = (id: string) => (t: Teller) =>
  void t.tell("step.marked", { station: "takeout", step: id, state: "done", reason: "" });

it.each<[string, (t: Teller) => void, "none" | "all but one"]>([
  ["nobody ticks them at all", () => {}, "none"],
  ["begun, whatever it was read from", ticked("sheet"), "all but one"],
  [
    "begun, and the new one is set",
    (t) => {
      ticked("sheet")(t);
      t.tell("set.done", { day: "2026-05-20", compound: "linseed", sprigs: 10 });
    },
    "none",
  ],
  [
    "begun, to pack the old glass anew: it comes out all the same",
    (t) => {
      ticked("sheet")(t);
      t.tell("look.option", { option: "repack", reason: "" });
    },
    "all but one",
  ],
])("a later station asks whether it is out: %s", (_, tell, is) => {
  const t = new Teller().opened().added(PANE, "timber-putty");
  tell(t);
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  const all = stepsAt("takeout", book, reckon(book, { house: HOUSE_DEFAULTS, calendar }));
  expect(stillIn(book, all)).toHaveLength(is === "none" ? 0 : all.length - 1);
});
