import { describe, expect, it } from "vitest";
import { PLAIN_DAYS as calendar } from "../../../tests/support/plain-days.ts";
import { ORDER_LINE, PANE, SQUARE, Teller, uuid } from "../../../tests/support/told.ts";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import type { Payloads } from "../log/kinds.ts";
import { dayOf } from "../units/day.ts";
import { foldPane } from "./book.ts";
import { nextFor } from "./next.ts";
import { linesAlive } from "./ordered-twice.ts";
import { reckon } from "./reckoning.ts";

const [FIRST, SECOND] = [uuid(0x701), uuid(0x702)];
const [ONE, TWO] = [uuid(0x711), uuid(0x712)];
const CHECKED: Payloads["order.checked"] = {
  line: ONE,
  width: { text: "608", unit: "mm" },
  height: { text: "900", unit: "mm" },
  verdict: "accepted",
  reason: "",
};

/** On two orders, both sent; then what `more` tells of them. */
function twice(more: (t: Teller) => void = () => {}) {
  const t = new Teller().added().read(SQUARE);
  t.tell("look.damage", { damage: ["cracked"] });
  for (const [order, line] of [
    [FIRST, ONE],
    [SECOND, TWO],
  ] as const) {
    t.tell("order.opened", { supplier: "S", reference: order.slice(-3) }, { order });
    t.tell("order.line", { ...ORDER_LINE, line }, { order, pane: PANE });
    t.tell("order.sent", { day: "2026-05-12", due: "2026-05-18" }, { order });
  }
  more(t);
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  return {
    stands: book.line?.line.line,
    alive: linesAlive(book).map((l) => l.line.line),
    next: nextFor(book, reckon(book, { house: HOUSE_DEFAULTS, calendar }), dayOf("2026-05-14")).kind,
  };
}

describe("a pane on two orders", () => {
  it.each<[string, (t: Teller) => void, string, readonly string[], string]>([
    ["both sent", () => {}, TWO, [TWO, ONE], "ordered-twice"],
    [
      "the first called off",
      (t) => t.tell("order.line-dropped", { line: ONE, reason: "" }, { order: FIRST }),
      TWO,
      [TWO],
      "check-in",
    ],
    [
      "the second called off: the first stands again",
      (t) => t.tell("order.line-dropped", { line: TWO, reason: "" }, { order: SECOND }),
      ONE,
      [ONE],
      "check-in",
    ],
    [
      "the first has come and passed, the second is still on its way",
      (t) => {
        t.tell("order.arrived", { day: "2026-05-14" }, { order: FIRST });
        t.tell("order.checked", CHECKED, { order: FIRST });
      },
      TWO,
      [TWO, ONE],
      "ordered-twice",
    ],
    [
      "the second came and went back: the first is on its way, and nothing is ordered again",
      (t) => {
        t.tell("order.arrived", { day: "2026-05-14" }, { order: SECOND });
        t.tell("order.checked", { ...CHECKED, line: TWO, verdict: "sent-back", reason: "short" }, { order: SECOND });
      },
      ONE,
      [ONE],
      "check-in",
    ],
    [
      "both went back",
      (t) => {
        for (const [order, line] of [
          [FIRST, ONE],
          [SECOND, TWO],
        ] as const) {
          t.tell("order.arrived", { day: "2026-05-14" }, { order });
          t.tell("order.checked", { ...CHECKED, line, verdict: "sent-back", reason: "short" }, { order });
        }
      },
      TWO,
      [],
      "order-again",
    ],
  ])("%s", (_, more, stands, alive, next) => expect(twice(more)).toEqual({ stands, alive, next }));
});
