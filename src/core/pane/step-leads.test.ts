import { describe, expect, it } from "vitest";
import { away, pane, ticked } from "../../../tests/support/held-panes.ts";
import { PLAIN_DAYS as calendar } from "../../../tests/support/plain-days.ts";
import { PANE, type Teller } from "../../../tests/support/told.ts";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import type { Station } from "../plan/stations.ts";
import { dayOf } from "../units/day.ts";
import { foldPane } from "./book.ts";
import { reckon } from "./reckoning.ts";
import { stepHold } from "./step-held.ts";
import { stepsAt } from "./steps-at.ts";

describe("what holds a step leads to where it is settled", () => {
  const leads = (t: Teller, station: Station, id: string): unknown => {
    const book = foldPane(PANE, t.entries);
    if (!book) throw new Error("no pane");
    const r = reckon(book, { house: HOUSE_DEFAULTS, calendar });
    const step = stepsAt(station, book, r).find((s) => s.id === id);
    if (!step) throw new Error(`no step ${id}`);
    const at = { today: dayOf("2026-05-04"), nowMs: Date.UTC(2026, 4, 4, 9) };
    return stepHold(step, station, book, r, at)?.to ?? null;
  };
  const linseed = () => {
    const t = pane("timber-putty");
    t.tell("specify.bed", { compound: "linseed" });
    return t;
  };
  it.each<[string, () => Teller, Station, string, unknown]>([
    [
      "untaped",
      () => {
        const t = pane("timber-putty");
        t.tell("look.damage", { damage: ["cracked"] });
        return t;
      },
      "takeout",
      "face-putty",
      { station: "takeout", step: "tape-glass" },
    ],
    ["not tried", linseed, "ready", "prime", { station: "ready", step: "dry-fit" }],
    [
      "not dry",
      () => {
        const t = linseed();
        t.tell("ready.dry-fit", { fit: "free", note: "" });
        t.tell("step.marked", { station: "ready", step: "prime", state: "done", reason: "" });
        return t;
      },
      "set",
      "bed",
      { station: "ready", step: "prime" },
    ],
    [
      "new beads that are not here",
      () => {
        const t = away("timber-bead");
        t.tell("takeout.detail", { keep: "destroy" });
        return t;
      },
      "takeout",
      "bead-cut",
      { station: "order", step: null },
    ],
    [
      "a corner that is not cut",
      () => ticked(pane("plastic-bead-outside"), "takeout", "cut-free", ["left"]),
      "takeout",
      "lift-out",
      { station: "takeout", step: "cut-free" },
    ],
    ["what is settled at the step itself", () => ticked(linseed(), "ready", "clean", ["left"]), "ready", "clean", null],
  ])("%s", (_, tell, station, id, to) => expect(leads(tell(), station, id)).toEqual(to));
});

describe("what is not dry yet", () => {
  it("names the step that dries, so that whoever sees that it is dry says it here", () => {
    const t = pane("timber-putty");
    t.tell("specify.bed", { compound: "linseed" });
    t.tell("ready.dry-fit", { fit: "free", note: "" });
    t.tell("step.marked", { station: "ready", step: "prime", state: "done", reason: "" });
    const book = foldPane(PANE, t.entries);
    if (!book) throw new Error("no pane");
    const r = reckon(book, { house: HOUSE_DEFAULTS, calendar });
    const bed = stepsAt("set", book, r).find((s) => s.id === "bed");
    if (!bed) throw new Error("no bed");
    const hold = stepHold(bed, "set", book, r, { today: dayOf("2026-05-04"), nowMs: Date.UTC(2026, 4, 4, 9) });
    expect([hold?.dries?.station, hold?.dries?.step.id, hold?.says]).toEqual([
      "ready",
      "prime",
      expect.stringMatching(/^Not dry yet, about \d+ h to go: /),
    ]);
  });
});
