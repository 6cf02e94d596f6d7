import { describe, expect, it } from "vitest";
import { ORDER, ORDER_LINE, PANE, Teller, uuid } from "../../../tests/support/told.ts";
import { readLog } from "../log/standing-entries.ts";
import { foldOrder } from "./order-book.ts";

const about = { order: ORDER };
const WIDTH = uuid(801);
const GRAIN = uuid(802);
const DO = {
  "asks the width": (t: Teller) =>
    t.tell("order.asked", { question: WIDTH, line: ORDER_LINE.line, asks: "Which is the width?" }, about),
  "asks it again in other words": (t: Teller) =>
    t.tell("order.asked", { question: WIDTH, line: ORDER_LINE.line, asks: "596 across?" }, about),
  "asks of the whole order": (t: Teller) =>
    t.tell("order.asked", { question: GRAIN, line: null, asks: "By van, or do you fetch it?" }, about),
  "answers the width": (t: Teller) => t.tell("order.answered", { question: WIDTH, answer: "596" }, about),
  "answers it anew": (t: Teller) => t.tell("order.answered", { question: WIDTH, answer: "The shorter one" }, about),
  "answers what nobody asked": (t: Teller) => t.tell("order.answered", { question: uuid(803), answer: "Yes" }, about),
} as const;
type Deed = keyof typeof DO;

function orderAfter(tell: (t: Teller) => void) {
  const t = new Teller().opened().added(PANE);
  t.tell("order.opened", { supplier: "Fen End", reference: "R 7" }, about);
  t.tell("order.line", ORDER_LINE, { order: ORDER, pane: PANE });
  tell(t);
  const book = foldOrder(ORDER, readLog(t.entries));
  if (!book) throw new Error("no order");
  return book;
}

describe("what whoever makes it asks, and is told", () => {
  it.each<[string, readonly Deed[], readonly (readonly [string, string | null])[]]>([
    ["nothing", [], []],
    ["the width, not answered yet", ["asks the width"], [["Which is the width?", null]]],
    ["answered", ["asks the width", "answers the width"], [["Which is the width?", "596"]]],
    [
      "answered, and answered anew",
      ["asks the width", "answers the width", "answers it anew"],
      [["Which is the width?", "The shorter one"]],
    ],
    [
      "asked in other words, its answer stays",
      ["asks the width", "answers the width", "asks it again in other words"],
      [["596 across?", "596"]],
    ],
    [
      "two, of which the other is answered",
      ["asks the width", "asks of the whole order", "answers the width"],
      [
        ["Which is the width?", "596"],
        ["By van, or do you fetch it?", null],
      ],
    ],
    ["an answer to nothing is none", ["answers what nobody asked"], []],
  ])("%s", (_, deeds, questions) => {
    const book = orderAfter((t) => {
      for (const d of deeds) DO[d](t);
    });
    expect(book.questions.map((q) => [q.asks, q.answer])).toEqual(questions);
  });

  it("a question keeps the line it is about", () => {
    const book = orderAfter((t) => {
      DO["asks the width"](t);
      DO["asks of the whole order"](t);
      DO["answers the width"](t);
    });
    expect(book.questions.map((q) => [q.question, q.line])).toEqual([
      [WIDTH, ORDER_LINE.line],
      [GRAIN, null],
    ]);
  });
});

describe("what was read back to them", () => {
  it("stands at its own line, the newest of it; of another line nothing does", () => {
    const book = orderAfter((t) => {
      t.tell("order.line", { ...ORDER_LINE, line: uuid(804) }, { order: ORDER, pane: PANE });
      t.tell("order.read-back", { line: ORDER_LINE.line, figures: ["596"] }, about);
      t.tell("order.read-back", { line: ORDER_LINE.line, figures: ["596", "896"] }, about);
    });
    expect(book.lines.map((l) => l.readBack)).toEqual([["596", "896"], []]);
  });
});
