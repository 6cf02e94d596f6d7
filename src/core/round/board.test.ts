import { describe, expect, it } from "vitest";
import { LEANING, ORDER, ORDER_LINE, PANE, ROUND, Teller, uuid } from "../../../tests/support/told.ts";
import { foldFirm } from "../firm/fold-firm.ts";
import { pence } from "../money/pence.ts";
import { foldPane } from "../pane/book.ts";
import { dayOf, writeDay } from "../units/day.ts";
import { messagesFor } from "../words/messages.ts";
import { boardRow, byDay, closedRow } from "./board.ts";
import { boardFacts } from "./board-facts.ts";
import { quotesOf } from "./quotes.ts";

const today = dayOf("2026-05-20");
const sized = (): Teller => new Teller().opened().added().read(LEANING);
const row = (t: Teller) => {
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  const { calendar } = foldFirm(t.entries);
  return boardRow(PANE, boardFacts(book), { calendar, today, leadDays: () => 8 });
};
const ordered = (due: string): Teller => {
  const t = sized();
  t.tell("order.opened", { supplier: "Shop", reference: "OR-1" }, { order: ORDER });
  t.tell("order.line", ORDER_LINE, { order: ORDER, pane: PANE });
  t.tell("order.sent", { day: "2026-05-12", due }, { order: ORDER });
  return t;
};

describe("the waiting board", () => {
  it.each<[string, Teller, string | null, string | null, boolean]>([
    ["not measured: nothing waits", new Teller().opened().added(), null, null, false],
    ["sized: to order", sized(), "to-order", null, false],
    ["on its way", ordered("2026-05-22"), "on-its-way", "2026-05-22", false],
    ["late", ordered("2026-05-18"), "on-its-way", "2026-05-18", true],
    [
      "acknowledged for another day",
      (() => {
        const t = ordered("2026-05-18");
        t.tell(
          "order.acknowledged",
          { day: "2026-05-13", pence: null, due: "2026-05-26", theirs: "", how: "telephone" },
          { order: ORDER },
        );
        return t;
      })(),
      "on-its-way",
      "2026-05-26",
      false,
    ],
    [
      "come",
      (() => {
        const t = ordered("2026-05-18");
        t.tell("order.arrived", { day: "2026-05-19" }, { order: ORDER });
        return t;
      })(),
      "to-check",
      "2026-05-19",
      false,
    ],
    [
      "sent back, made again by a day that is past",
      (() => {
        const t = ordered("2026-05-12");
        const size = { text: "608", unit: "mm" } as const;
        t.tell(
          "order.checked",
          { line: ORDER_LINE.line, width: size, height: size, verdict: "sent-back", reason: "x" },
          { order: ORDER },
        );
        t.tell(
          "order.outcome",
          { line: ORDER_LINE.line, outcome: "remake", due: "2026-05-19", note: "" },
          { order: ORDER },
        );
        return t;
      })(),
      "on-its-way",
      "2026-05-19",
      true,
    ],
  ])("%s", (_, t, place, day, late) => {
    const r = row(t);
    expect([r?.place ?? null, r?.day == null ? null : writeDay(r.day), r?.late ?? false]).toEqual([place, day, late]);
  });
  it("needed by a day: the last day to order is counted back", () => {
    const t = sized();
    t.tell("look.wants", { by: "2026-06-05", mustLock: false, minds: "" });
    // 5 June less two days for the putty, a day for checking in and eight for the glass.
    expect(row(t)?.day).toBe(dayOf("2026-05-21"));
  });
  it("the soonest first, what has no day last", () => {
    const days = [null, dayOf("2026-05-26"), dayOf("2026-05-20")].map((day) => ({ day })).sort(byDay);
    expect(days.map((d) => d.day)).toEqual([dayOf("2026-05-20"), dayOf("2026-05-26"), null]);
  });
  it("a hole closed past its day", () => {
    const t = sized();
    t.tell("look.closed", { how: "board", since: "2026-05-13", until: "2026-05-19", told: "" });
    const book = foldPane(PANE, t.entries);
    expect(book && closedRow(PANE, boardFacts(book), today)).toMatchObject({ days: 7, over: true, told: "" });
    t.tell("look.opened", { day: "2026-05-20" });
    const open = foldPane(PANE, t.entries);
    expect(open && closedRow(PANE, boardFacts(open), today)).toBeNull();
  });
  it.each([
    ["ordered", /ordered and promised for .*22 May/],
    ["late", /promised for .*22 May and has not come/],
    ["in", /is in, and it is right\. We can come .*21 May or .*22 May/],
    ["closed", /Please do not open it or lean on it/],
  ] as const)("a message: %s", (state, says) =>
    expect(
      messagesFor({
        where: "No. 5",
        state,
        due: dayOf("2026-05-22"),
        slots: [dayOf("2026-05-21"), dayOf("2026-05-22")],
      }).text,
    ).toMatch(says),
  );
});

describe("quotes of a round", () => {
  it("the newest first, with its answer and what it came to; another round's stay with it", () => {
    const t = new Teller().opened();
    const quote = (n: number, round = ROUND) =>
      t.tell(
        "quote.made",
        { quote: uuid(n), day: "2026-05-20", lines: [], taxPence: pence(0), totalPence: pence(n) },
        { round },
      );
    quote(1);
    quote(2);
    quote(3, uuid(0xaa));
    t.tell("quote.answered", { quote: uuid(1), accepted: true, day: "2026-05-21", note: "yes" }, { round: ROUND });
    t.tell("quote.spent", { quote: uuid(1), hours: 2, glassPence: pence(100), otherPence: pence(0) }, { round: ROUND });
    const all = quotesOf(ROUND, t.entries);
    expect(all.map((q) => [q.totalPence, q.answered?.accepted ?? null, q.spent?.hours ?? null])).toEqual([
      [2, null, null],
      [1, true, 2],
    ]);
  });
});
