import { describe, expect, it } from "vitest";
import { ORDER, ORDER_LINE, PANE, Teller, uuid } from "../../../tests/support/told.ts";
import { foldPane } from "./book.ts";
import { comesOff, glassIsOut, hasLeft, isCovered, leavesOpen, standsOpen } from "./open-hole.ts";

const LINE = uuid(0x77);
const told = (tell: (t: Teller) => void) => {
  const t = new Teller().added();
  tell(t);
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  return book;
};
const out = (t: Teller) => t.tell("step.marked", { station: "takeout", step: "bag", state: "done", reason: "" });
const urgent = (t: Teller) => t.tell("look.urgency", { urgency: "open-hole" });
const board = (t: Teller) =>
  t.tell("look.closed", { how: "board", since: "2026-05-04", until: "2026-05-11", told: "" });
const off = (t: Teller) => t.tell("look.opened", { day: "2026-05-08" });
const here = (t: Teller) => {
  t.tell("order.opened", { supplier: "S", reference: "" }, { order: ORDER });
  t.tell("order.line", { ...ORDER_LINE, line: LINE }, { order: ORDER, pane: PANE });
  t.tell("order.sent", { day: "2026-05-04", due: "2026-05-08" }, { order: ORDER });
  t.tell("order.arrived", { day: "2026-05-08" }, { order: ORDER });
  t.tell(
    "order.checked",
    {
      line: LINE,
      width: { text: "608", unit: "mm" },
      height: { text: "900", unit: "mm" },
      verdict: "accepted",
      reason: "",
    },
    { order: ORDER, pane: PANE },
  );
};
const option = (given: "repack" | "refurbish") => (t: Teller) => t.tell("look.option", { option: given, reason: "" });
const set = (t: Teller) => t.tell("set.done", { day: "2026-05-08", compound: "linseed", sprigs: 12 });

describe("a frame that stands open", () => {
  it.each<[string, readonly ((t: Teller) => void)[], boolean]>([
    ["nothing was done yet", [], false],
    ["broken through", [urgent], true],
    ["broken through, and boarded", [urgent, board], false],
    ["the board off again, no glass here", [urgent, board, off], true],
    ["the board off again, its glass here to be set", [urgent, board, here, off], false],
    ["its glass here, and nobody closed it ever", [urgent, here], true],
    ["the same, taken out to be set", [urgent, here, out], false],
    ["taken out, nothing here", [out], true],
    ["taken out and boarded", [out, board], false],
    ["boarded, then taken out: the board came off for it", [board, off, out], true],
    ["taken out, its glass here", [here, out], false],
    ["taken out, and set", [out, set], false],
    ["the old glass goes back the same day", [option("repack"), out], false],
    ["the old unit lies opened on the bench", [option("refurbish"), out], true],
  ])("%s", (_, tells, is) =>
    expect(
      standsOpen(
        told((t) => {
          for (const tell of tells) tell(t);
        }),
      ),
    ).toBe(is),
  );
  it("left out with a word is out as well", () =>
    expect(
      glassIsOut(
        told((t) => t.tell("step.marked", { station: "takeout", step: "bag", state: "skipped", reason: "out before" })),
      ),
    ).toBe(true));
  it.each<[string, readonly ((t: Teller) => void)[], boolean]>([
    ["boarded, the old glass behind it", [board], true],
    ["boarded, taken out, nothing here", [out, board], false],
    ["boarded, taken out, its glass here", [out, board, here], true],
    ["off already", [out, board, here, off], false],
  ])("a board comes off for work: %s", (_, tells, is) =>
    expect(
      comesOff(
        told((t) => {
          for (const tell of tells) tell(t);
        }),
      ),
    ).toBe(is),
  );
  it("what covers it is off once it is set", () => {
    expect(isCovered(told(board))).toBe(true);
    expect(
      isCovered(
        told((t) => {
          board(t);
          set(t);
        }),
      ),
    ).toBe(false);
  });
  it("the glass has left once it was lifted out, before all is swept up", () => {
    const lifted = (state: "done" | "skipped") =>
      told((t) => t.tell("step.marked", { station: "takeout", step: "lift-out", state, reason: "" }));
    expect([hasLeft(told(() => {})), hasLeft(lifted("done")), hasLeft(lifted("skipped")), hasLeft(told(out))]).toEqual([
      false,
      true,
      false,
      true,
    ]);
  });
  it.each<[string, readonly ((t: Teller) => void)[], boolean]>([
    ["nothing is here yet", [], true],
    ["its glass is here", [here], false],
    ["it is set", [set], false],
    ["only packed anew", [option("repack")], false],
    ["opened and dried", [option("refurbish")], true],
  ])("a hole is left for longer than a day: %s", (_, tells, is) =>
    expect(
      leavesOpen(
        told((t) => {
          for (const tell of tells) tell(t);
        }),
      ),
    ).toBe(is),
  );
});
