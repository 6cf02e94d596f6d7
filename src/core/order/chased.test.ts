import { describe, expect, it } from "vitest";
import { PLAIN_DAYS as calendar } from "../../../tests/support/plain-days.ts";
import { ORDER, ORDER_LINE, PANE, Teller } from "../../../tests/support/told.ts";
import { readLog } from "../log/standing-entries.ts";
import { foldOrder } from "../pane/order-book.ts";
import { dayOf, writeDay } from "../units/day.ts";
import { chaseMessage, chaseText } from "../words/chase.ts";
import { chaseFrom } from "./chased.ts";

const TODAY = dayOf("2026-05-20");

/** Sent on Monday the 4th for Monday the 18th, and what came after. */
function order(tell: (t: Teller) => void = () => undefined) {
  const t = new Teller().opened().added();
  const on = { order: ORDER };
  t.tell("order.opened", { supplier: "Fen End", reference: "OR-1" }, on);
  t.tell("order.line", ORDER_LINE, { ...on, pane: PANE });
  t.tell("order.sent", { day: "2026-05-04", due: "2026-05-18" }, on);
  tell(t);
  const found = foldOrder(ORDER, readLog(t.entries));
  if (!found) throw new Error("no order");
  return found;
}
const asked =
  (day: string, due: string | null, says = "") =>
  (t: Teller) =>
    void t.tell("order.chased", { day, how: "telephone", says, due }, { order: ORDER });

describe("an order that is asked after", () => {
  it("keeps its day where they gave none, and takes the one that they gave", () => {
    expect(order(asked("2026-05-19", null)).sent?.due).toBe("2026-05-18");
    const moved = order((t) => {
      asked("2026-05-19", "2026-05-27", "furnace down")(t);
      asked("2026-05-28", null, "no answer")(t);
    });
    expect(moved.sent?.due).toBe("2026-05-27");
    expect(moved.lines[0]?.due).toBe("2026-05-27");
    expect(moved.chases.map((c) => chaseText(c, TODAY))).toEqual([
      "Tue 19 May on the telephone, Nell: furnace down. Now Wed 27 May; it was Mon 18 May.",
      "Thu 28 May on the telephone, Nell: no answer. No new day.",
    ]);
  });
  it("one that was noted as a new day alone stands among them", () => {
    const o = order((t) => void t.tell("order.promised", { due: "2026-05-22", note: "Meg" }, { order: ORDER }));
    expect(o.chases).toEqual([
      { day: "2026-05-04", who: "Nell", how: null, says: "Meg", due: "2026-05-22", was: "2026-05-18" },
    ]);
  });
  it("struck, it was never asked after", () => {
    const o = order((t) => {
      const e = t.tell(
        "order.chased",
        { day: "2026-05-19", how: "writing", says: "", due: "2026-05-27" },
        { order: ORDER },
      );
      t.strike(e);
    });
    expect([o.chases, o.sent?.due]).toEqual([[], "2026-05-18"]);
  });
  it.each([
    ["nobody asked yet: the day after it was due", null, "2026-05-19"],
    ["asked on Tuesday without a new day: again on Thursday", "2026-05-19", "2026-05-21"],
    ["asked on Thursday: the weekend counts for nothing", "2026-05-21", "2026-05-25"],
    ["asked long before it was due: the day after it was due", "2026-05-06", "2026-05-19"],
  ])("%s", (_, last, from) =>
    expect(writeDay(chaseFrom(dayOf("2026-05-18"), last === null ? null : dayOf(last), calendar))).toBe(from),
  );
  it("is asked after in writing with all that they need to find it", () => {
    expect(
      chaseMessage({ reference: "OR-1", sent: dayOf("2026-05-04"), due: dayOf("2026-05-18"), panes: 2, asked: 1 }),
    ).toBe(
      "Our order OR-1 of Mon 4 May, 2 panes, was promised for Mon 18 May and has not come. We have asked once before. Which day can we count on? Somebody waits behind a board for it.",
    );
  });
});
