import { describe, expect, it } from "vitest";
import { PLAIN_DAYS as calendar } from "../../../tests/support/plain-days.ts";
import { LEANING, ORDER, ORDER_LINE, PANE, Teller } from "../../../tests/support/told.ts";
import { withFirm } from "../firm/firm.ts";
import { foldFirm } from "../firm/fold-firm.ts";
import { rememberBest } from "../size/best.ts";
import { dayOf, writeDay } from "../units/day.ts";
import { foldPane } from "./book.ts";
import { closedUntil } from "./closed-until.ts";
import { reckon } from "./reckoning.ts";

// A Wednesday.
const TODAY = dayOf("2026-05-20");
const BY = withFirm(foldFirm([]), rememberBest(20));
const fresh = () => new Teller().opened().added().read(LEANING);
const ordered = (due: string) => (t: Teller) => {
  t.tell("order.opened", { supplier: "Fen End", reference: "" }, { order: ORDER });
  t.tell("order.line", ORDER_LINE, { pane: PANE, order: ORDER });
  t.tell("order.sent", { day: "2026-05-18", due }, { order: ORDER });
};
const here = (t: Teller) =>
  t.tell("order.had", {
    from: "bought",
    width: { text: "597", unit: "mm" },
    height: { text: "897", unit: "mm" },
    note: "",
  });
const plan = (day: string | null) => (t: Teller) =>
  t.tell("plan.visit", { part: "fit", day, from: 480, person: "Nell", helper: null, byHand: false, why: "" });

describe("until when a hole that is closed today stays closed", () => {
  it.each<[string, readonly ((t: Teller) => void)[], string | null, string | null]>([
    ["its fitting is planned", [plan("2026-05-27")], "2026-05-27", "planned"],
    [
      "planned, whatever its glass is promised for",
      [ordered("2026-06-02"), plan("2026-06-03")],
      "2026-06-03",
      "planned",
    ],
    ["a day that is past is no plan", [ordered("2026-06-02"), plan("2026-05-19")], "2026-06-02", "glass-promised"],
    [
      "taken off the plan again",
      [ordered("2026-06-02"), plan("2026-05-27"), plan(null)],
      "2026-06-02",
      "glass-promised",
    ],
    ["its glass is promised", [ordered("2026-05-28")], "2026-05-28", "glass-promised"],
    ["promised and late: somebody says a day", [ordered("2026-05-19")], null, null],
    // Closed for the night, with the new glass in the van.
    ["its glass is here", [here], "2026-05-21", "ready"],
    [
      "its old glass goes back, from the bench",
      [(t) => t.tell("look.option", { option: "repack", reason: "" })],
      null,
      null,
    ],
    // One sheet is cut at a counter on the next working day.
    ["not ordered yet", [], "2026-05-21", "not-ordered"],
  ])("%s", (_, tells, day, kind) => {
    const t = fresh();
    for (const tell of tells) tell(t);
    const book = foldPane(PANE, t.entries);
    if (!book) throw new Error("no pane");
    const until = closedUntil(book, reckon(book, BY), TODAY, calendar);
    expect([until && writeDay(until.day), until?.because.kind ?? null]).toEqual([day, kind]);
  });
});
