import { describe, expect, it } from "vitest";
import { LEANING, ORDER, ORDER_LINE, PANE, Teller } from "../../../tests/support/told.ts";
import { withFirm } from "../firm/firm.ts";
import { foldFirm } from "../firm/fold-firm.ts";
import { rememberBest } from "../size/best.ts";
import { addDays, dayOf, writeDay } from "../units/day.ts";
import { foldPane } from "./book.ts";
import { type CountedPromise, promiseOf } from "./promise.ts";
import { reckon } from "./reckoning.ts";
import type { SupplierRecord } from "./source-facts.ts";

/* Wednesday 20 May 2026; Monday to Friday are worked. */
const TODAY = dayOf("2026-05-20");

const firm = (() => {
  const t = new Teller(700);
  t.tell("supplier.added", { name: "Salt Lane", cuts: "single", unit: "mm", leadDays: 8 }, {});
  return foldFirm(t.entries);
})();

function counted(tell: (t: Teller) => void, record: readonly SupplierRecord[] = []): CountedPromise | null {
  const t = new Teller().opened().added().read(LEANING);
  tell(t);
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  return promiseOf(book, reckon(book, withFirm(firm, rememberBest(4))), { firm, today: TODAY, record });
}
const wants = (by: string) => (t: Teller) => void t.tell("look.wants", { by, mustLock: false, minds: "" });
const sent =
  (day: string, due: string) =>
  (t: Teller): void => {
    t.tell("order.opened", { supplier: "Salt Lane", reference: "" }, { order: ORDER });
    t.tell("order.line", ORDER_LINE, { order: ORDER, pane: PANE });
    t.tell("order.sent", { day, due }, { order: ORDER });
  };
const all =
  (...tells: readonly ((t: Teller) => void)[]) =>
  (t: Teller): void => {
    for (const tell of tells) tell(t);
  };
const isHere = (t: Teller): void =>
  void t.tell("order.had", {
    from: "bought",
    width: { text: "608", unit: "mm" },
    height: { text: "900", unit: "mm" },
    note: "",
  });
const share = (p: CountedPromise | null): number | null | undefined =>
  typeof p?.chance === "number" ? Math.round(p.chance * 100) : p?.chance;

describe("a promise and the chance that it is kept", () => {
  it("nobody counts on a day: there is nothing to keep", () => expect(counted(() => undefined)).toBeNull());

  // Linseed wants two days untouched: wanted for Wednesday 3 June, it is in by Monday 1 June, eight working days from today.
  it.each<[string, (t: Teller) => void, string, number | null]>([
    [
      "not ordered: eight days by their word, kept in eight of ten, one pane of twenty wrong",
      wants("2026-06-03"),
      "2026-06-01",
      76,
    ],
    ["ordered today, the same", all(wants("2026-06-03"), sent("2026-05-20", "2026-06-01")), "2026-06-01", 76],
    [
      "wanted on the day it is promised: in by Friday, the seventh day, 0.644 of 0.95",
      all(wants("2026-06-01"), sent("2026-05-20", "2026-06-01")),
      "2026-05-29",
      61,
    ],
    [
      "due last Friday after seven days, and not come: of the 0.041 later than nine all but a fortieth within thirteen",
      all(wants("2026-05-27"), sent("2026-05-06", "2026-05-15")),
      "2026-05-25",
      93,
    ],
    ["wanted yesterday", wants("2026-05-19"), "2026-05-15", 0],
    ["it must be in today, and its glass is here", all(wants("2026-05-22"), isHere), "2026-05-20", 100],
    ["it had to be in yesterday, and its glass is here", all(wants("2026-05-21"), isHere), "2026-05-19", 0],
  ])("%s", (_, tell, fitBy, chance) => {
    const p = counted(tell);
    expect([p && writeDay(p.fitBy), share(p)]).toEqual([fitBy, chance]);
  });

  // In linseed nothing leans on it for two days: set on Monday it may be used on Wednesday 3 June.
  const set = (day: string) => (t: Teller) => void t.tell("set.done", { day, compound: "linseed", sprigs: 8 });
  const toldOf = (day: string) => (t: Teller) => void t.tell("plan.told", { part: "fit", day, says: "by telephone" });
  const until = (day: string) => (t: Teller) =>
    void t.tell("look.closed", { how: "board", since: "2026-05-18", until: day, told: "" });
  it.each<[string, (t: Teller) => void, string, number]>([
    ["wanted for the day from which it may be used", all(wants("2026-06-03"), set("2026-06-01")), "2026-06-03", 100],
    ["wanted a day before that", all(wants("2026-06-02"), set("2026-06-01")), "2026-06-03", 0],
    ["told of a visit, and set on that day", all(toldOf("2026-06-01"), set("2026-06-01")), "2026-06-03", 100],
    ["told of a visit, and set before it", all(toldOf("2026-06-02"), set("2026-06-01")), "2026-06-03", 100],
    ["told of a visit, and set a day after", all(toldOf("2026-05-29"), set("2026-06-01")), "2026-06-03", 0],
  ])("once it is set it was kept or not: %s", (_, tell, shut, chance) => {
    const p = counted(tell);
    expect([p?.restsOn.kind === "set" && p.restsOn.until && writeDay(p.restsOn.until), share(p), p?.right]).toEqual([
      shut,
      chance,
      1,
    ]);
  });
  it("what they were told stands before what they asked for, and that before how long it is closed up", () => {
    const asked = (...tells: readonly ((t: Teller) => void)[]) => {
      const p = counted(all(...tells));
      return p && [p.asked, writeDay(p.day)];
    };
    expect(asked(until("2026-05-28"))).toEqual(["closed", "2026-05-28"]);
    expect(asked(until("2026-05-28"), wants("2026-06-03"))).toEqual(["wanted", "2026-06-03"]);
    expect(asked(until("2026-05-28"), wants("2026-06-03"), toldOf("2026-05-25"))).toEqual(["told", "2026-05-25"]);
    // Once it is set nothing is closed up any more.
    expect(asked(until("2026-05-28"), set("2026-05-20"))).toBeNull();
  });
  it.each<[string, string, number | null]>([
    ["on the last day that will do", "2026-06-01", 76],
    ["a day after it", "2026-06-02", 0],
    ["on a day that is past: as if it had none", "2026-05-19", 76],
  ])("the plan has it %s", (_, day, chance) => {
    const visit = (t: Teller) =>
      void t.tell("plan.visit", {
        part: "fit",
        day,
        person: "Nell",
        helper: null,
        from: 480,
        byHand: false,
        why: "",
      });
    expect(share(counted(all(wants("2026-06-03"), visit)))).toBe(chance);
  });
  it("glass that has come and was not looked at yet is here, and one of twenty is wrong", () => {
    const arrived = (t: Teller) => void t.tell("order.arrived", { day: "2026-05-20" }, { order: ORDER });
    const p = counted(all(wants("2026-06-03"), sent("2026-05-06", "2026-05-15"), arrived));
    expect([p?.restsOn, share(p)]).toEqual([{ kind: "here" }, 95]);
  });
  it("an order that nobody sent yet promises what no order does", () => {
    const open = (t: Teller): void => {
      t.tell("order.opened", { supplier: "Salt Lane", reference: "" }, { order: ORDER });
      t.tell("order.line", ORDER_LINE, { order: ORDER, pane: PANE });
    };
    const [p, none] = [counted(all(wants("2026-06-03"), open)), counted(wants("2026-06-03"))];
    expect([p?.restsOn.kind, share(p)]).toEqual([none?.restsOn.kind, 76]);
  });

  it("a supplier who is mostly late keeps it seldom, one who was always in time nearly always", () => {
    const gone = (days: number, given: "single" | "units") =>
      Array.from({ length: 9 }, () => ({
        sent: dayOf("2026-03-02"),
        arrived: addDays(dayOf("2026-03-02"), Math.floor(days / 5) * 7 + (days % 5)),
        of: given,
      }));
    const record = (days: number, given: "single" | "units" = "single"): SupplierRecord[] => [
      { name: "Salt Lane", gone: gone(days, given), panes: 40, sentBack: 2, offMm: [] },
    ];
    const tell = all(wants("2026-06-03"), sent("2026-05-20", "2026-06-01"));
    // Nine at seven days and their own word as a tenth: 0.98, and 57 of 60 panes right.
    expect(share(counted(tell, record(7)))).toBe(93);
    expect(share(counted(tell, record(12)))).toBe(8);
    // Units that were late say nothing of a sheet of float: their word is left, 0.80, and 57 of 60 right.
    expect(counted(tell, record(12, "units"))).toMatchObject({ restsOn: { kind: "glass", orders: 0 } });
    expect(share(counted(tell, record(12, "units")))).toBe(76);
  });

  it("glass that is here keeps it, unless the plan has it too late", () => {
    const here = (t: Teller) =>
      void t.tell("order.had", {
        from: "bought",
        width: { text: "608", unit: "mm" },
        height: { text: "900", unit: "mm" },
        note: "",
      });
    const visit = (day: string) => (t: Teller) =>
      void t.tell("plan.visit", { part: "fit", day, from: 540, person: "Nell", helper: null, byHand: false, why: "" });
    expect(counted(all(wants("2026-06-03"), here))).toMatchObject({
      restsOn: { kind: "here" },
      chance: 1,
      planned: null,
    });
    expect(counted(all(wants("2026-06-03"), here, visit("2026-06-01")))?.chance).toBe(1);
    expect(counted(all(wants("2026-06-03"), here, visit("2026-06-02")))).toMatchObject({
      chance: 0,
      planned: dayOf("2026-06-02"),
    });
  });

  it.each([
    ["yesterday", "2026-05-19", null],
    ["today", "2026-05-20", dayOf("2026-05-20")],
    ["tomorrow", "2026-05-21", dayOf("2026-05-21")],
  ])("a visit that the plan has %s", (_, day, planned) => {
    const visit = (t: Teller) =>
      void t.tell("plan.visit", { part: "fit", day, from: 540, person: "Nell", helper: null, byHand: false, why: "" });
    expect(counted(all(wants("2026-06-03"), visit))?.planned).toBe(planned);
  });

  it("what they were told stands before what they asked for, and wants no days to cure", () => {
    const told = (day: string) => (t: Teller) => void t.tell("plan.told", { part: "fit", day, says: "We come." });
    const p = counted(all(wants("2026-06-03"), sent("2026-05-20", "2026-06-01"), told("2026-06-02")));
    expect(p).toMatchObject({ asked: "told", day: dayOf("2026-06-02"), fitBy: dayOf("2026-06-02") });
  });

  it("a hole closed up until a day is a promise too", () => {
    const closed = (t: Teller) =>
      void t.tell("look.closed", { how: "board", since: "2026-05-18", until: "2026-05-29", told: "" });
    expect(counted(closed)).toMatchObject({ asked: "closed", day: dayOf("2026-05-29") });
  });
});
