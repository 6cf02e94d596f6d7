import { expect, it } from "vitest";
import { type OrderBook, type OrderLine, orderStage, standingLines } from "./order-book.ts";

/* Where an order is as a whole, of lines in every state. */

type Line = "waiting" | "checked" | "made-again" | "dropped";
const line = (is: Line): OrderLine =>
  ({
    state: is === "made-again" || is === "dropped" ? is : "arrived",
    check: is === "checked" ? {} : null,
  }) as unknown as OrderLine;
const order = (given: {
  readonly sent?: boolean;
  readonly arrived?: boolean;
  readonly lines: readonly Line[];
}): OrderBook =>
  ({
    sent: given.sent ? { day: "2026-05-20", due: "2026-05-25", who: "Nell" } : null,
    arrived: given.arrived ? "2026-05-25" : null,
    lines: given.lines.map(line),
  }) as unknown as OrderBook;

it.each<[string, Parameters<typeof order>[0], ReturnType<typeof orderStage>]>([
  ["nothing on it", { lines: [] }, "open"],
  ["nothing on it, and sent", { sent: true, lines: [] }, "sent"],
  ["nothing on it, and come", { sent: true, arrived: true, lines: [] }, "arrived"],
  ["not sent", { lines: ["waiting"] }, "open"],
  ["sent", { sent: true, lines: ["waiting"] }, "sent"],
  ["come, and not looked at", { sent: true, arrived: true, lines: ["waiting", "checked"] }, "arrived"],
  ["all looked at", { sent: true, arrived: true, lines: ["checked", "checked"] }, "checked"],
  ["all looked at but what was dropped", { sent: true, arrived: true, lines: ["checked", "dropped"] }, "checked"],
  ["one made again, the other looked at", { sent: true, arrived: true, lines: ["made-again", "checked"] }, "sent"],
  ["one made again, one not looked at", { sent: true, arrived: true, lines: ["made-again", "waiting"] }, "arrived"],
  ["made again, before it was said to have come", { sent: true, lines: ["made-again"] }, "sent"],
  ["all dropped, and come", { sent: true, arrived: true, lines: ["dropped"] }, "arrived"],
])("%s", (_, given, stage) => expect(orderStage(order(given))).toBe(stage));

it("what was dropped counts no more", () =>
  expect(standingLines(order({ lines: ["dropped", "checked", "made-again"] })).map((l) => l.state)).toEqual([
    "arrived",
    "made-again",
  ]));
