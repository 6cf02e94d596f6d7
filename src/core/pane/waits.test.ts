import { describe, expect, it } from "vitest";
import { PLAIN_DAYS as calendar } from "../../../tests/support/plain-days.ts";
import { ORDER, ORDER_LINE, PANE, Teller } from "../../../tests/support/told.ts";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import { type Day, dayOf, writeDay } from "../units/day.ts";
import { foldPane } from "./book.ts";
import { reckon } from "./reckoning.ts";
import { cureWaits, waitsOf } from "./waits.ts";

/* What a pane waits for on 20 May, each wait from its first day to its last, both in it. */

function waits(tell: (t: Teller) => void): readonly string[] {
  const t = new Teller().opened().added(PANE).read({ "width-middle": "600", "height-middle": "900" });
  tell(t);
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  const r = reckon(book, { house: HOUSE_DEFAULTS, calendar });
  return waitsOf(book, r, dayOf("2026-05-20")).map((w) => `${w.kind} ${writeDay(w.from)} to ${writeDay(w.to)}`);
}
const boarded = (until: string) => (t: Teller) =>
  void t.tell("look.closed", { how: "boarded", since: "2026-05-10", until, told: "the tenant" });
const sent = (due: string) => (t: Teller) => {
  t.tell("order.opened", { supplier: "S", reference: "" }, { order: ORDER });
  t.tell("order.line", ORDER_LINE, { order: ORDER, pane: PANE });
  t.tell("order.sent", { day: "2026-05-11", due }, { order: ORDER });
};
const set = (day: string, compound: string) => (t: Teller) => void t.tell("set.done", { day, compound, sprigs: null });

describe("what a pane waits for", () => {
  it.each<[string, (t: Teller) => void, readonly string[]]>([
    ["nothing", () => undefined, []],
    ["boarded until Friday", boarded("2026-05-22"), ["closed 2026-05-10 to 2026-05-22"]],
    ["boarded until today", boarded("2026-05-20"), ["closed 2026-05-10 to 2026-05-20"]],
    ["boarded until Monday, and it still is", boarded("2026-05-18"), ["closed 2026-05-10 to 2026-05-20"]],
    [
      "on an order that was not sent",
      (t) => {
        t.tell("order.opened", { supplier: "S", reference: "" }, { order: ORDER });
        t.tell("order.line", ORDER_LINE, { order: ORDER, pane: PANE });
      },
      [],
    ],
    ["glass due on Friday", sent("2026-05-22"), ["glass 2026-05-11 to 2026-05-22"]],
    ["glass due today is not late", sent("2026-05-20"), ["glass 2026-05-11 to 2026-05-20"]],
    ["glass due yesterday is", sent("2026-05-19"), ["glass 2026-05-11 to 2026-05-19", "late 2026-05-20 to 2026-05-20"]],
    // Linseed: seven days before paint, painted within four weeks.
    [
      "set on the 18th in linseed",
      set("2026-05-18", "linseed"),
      ["cure 2026-05-18 to 2026-05-24", "paint 2026-05-25 to 2026-06-15"],
    ],
    ["set in a gasket: nothing", set("2026-05-18", "gasket"), []],
    [
      "boarded and on order: the hole first",
      (t) => {
        boarded("2026-05-22")(t);
        sent("2026-05-21")(t);
      },
      ["closed 2026-05-10 to 2026-05-22", "glass 2026-05-11 to 2026-05-21"],
    ],
    [
      "signed off with glass that was at hand, the order still on its way",
      (t) => {
        sent("2026-05-22")(t);
        t.tell("set.done", { day: "2026-05-18", compound: "gasket", sprigs: null });
        t.tell("signoff.signed", { day: "2026-05-19", told: true });
      },
      [],
    ],
    [
      "boarded, and set since",
      (t) => {
        boarded("2026-05-22")(t);
        set("2026-05-18", "gasket")(t);
      },
      [],
    ],
  ])("%s", (_, tell, expected) => {
    expect(waits(tell)).toEqual(expected);
  });
});

const day = (n: number): Day => n as Day;

describe("what is waited for once it is set, on day 0", () => {
  const given = (opens: number, closes: number | null, from: number | null): readonly string[] =>
    cureWaits(day(0), {
      kind: "window",
      opens: day(opens),
      closes: closes === null ? null : day(closes),
      from: from === null ? null : day(from),
      coldDays: 0,
      unfit: [],
    }).map((w) => `${w.kind} ${w.from} to ${w.to}`);
  it.each<[string, readonly string[], readonly string[]]>([
    ["from day 7, by day 28", given(7, 28, 7), ["cure 0 to 6", "paint 7 to 28"]],
    ["wet until day 9: it waits so much longer", given(7, 28, 10), ["cure 0 to 9", "paint 10 to 28"]],
    ["no day of its window is fit: the window itself", given(7, 28, null), ["cure 0 to 6", "paint 7 to 28"]],
    ["nothing presses: a week of it is shown", given(1, null, 1), ["cure 0 to 0", "paint 1 to 7"]],
    ["painted on the day it was set", given(0, 5, 0), ["paint 0 to 5"]],
    ["by its first day", given(3, 3, 3), ["cure 0 to 2", "paint 3 to 3"]],
    ["so cold that it closes before it opens", given(30, 28, null), ["cure 0 to 29"]],
  ])("%s", (_, is, waits) => expect(is).toEqual(waits));
});
