import { describe, expect, it } from "vitest";
import { ORDER, ORDER_LINE, PANE, Teller, uuid } from "../../tests/support/told.ts";
import { readLog } from "../core/log/standing-entries.ts";
import { pence } from "../core/money/pence.ts";
import type { TheirState } from "../core/order/port.ts";
import { foldOrder } from "../core/pane/order-book.ts";
import { fail, ok } from "../core/result.ts";
import { dayOf } from "../core/units/day.ts";
import { appendEntries } from "../db/append.ts";
import { createDatabase, type Database } from "../db/database.ts";
import { allEntries, entriesOfOrder } from "../db/entry-log.ts";
import { answerOrder, askOrder, handOrder } from "./hand-order.ts";
import type { TriedPort } from "./supplier-port.ts";

const today = dayOf("2026-05-20");
const acknowledged = { day: today, pence: pence(4510), due: dayOf("2026-06-01") };
const state = (over: Partial<TheirState> = {}): TheirState => ({
  key: ORDER,
  theirs: "S-1",
  question: null,
  acknowledged,
  putOff: null,
  delivered: null,
  ...over,
});

function firmWithOrder(): Database {
  const db = createDatabase(":memory:");
  const t = new Teller().opened().added();
  t.tell("order.opened", { supplier: "Shop", reference: "OR-1" }, { order: ORDER });
  t.tell("order.line", ORDER_LINE, { order: ORDER, pane: PANE });
  const done = appendEntries(db, t.entries);
  if (!done.ok) throw new Error("not taken");
  return db;
}
/** A supplier that says these in turn, the last for ever, and keeps what it was called with. */
function port(...says: readonly (TheirState | "silent" | "no")[]) {
  const calls: unknown[][] = [];
  let at = 0;
  const next = async (...items: unknown[]) => {
    calls.push(items);
    const said = says[Math.min(at++, says.length - 1)] ?? "silent";
    if (said === "silent") return fail({ kind: "no-answer", tries: 3 } as const);
    if (said === "no") return fail({ kind: "refused", says: "we do not cut that" } as const);
    return ok(said);
  };
  return { calls, port: { hand: next, answer: next, ask: next } as unknown as TriedPort };
}
const book = (db: Database) => foldOrder(ORDER, readLog(entriesOfOrder(db, ORDER)));
const by = (db: Database, p: TriedPort) => ({ db, port: p, today });
const given = { order: ORDER, who: "Nell" };

describe("an order handed to a supplier's system", () => {
  it("is sent and acknowledged, with their price and day", async () => {
    const db = firmWithOrder();
    const told = await handOrder(given, by(db, port(state()).port));
    expect(told.ok).toBe(true);
    const order = book(db);
    expect([order?.sent?.due, order?.acknowledged?.pence, order?.acknowledged?.theirs]).toEqual([
      "2026-06-01",
      4510,
      "S-1",
    ]);
    expect(order?.handed?.key).toBe(ORDER);
  });
  it("handed in again it counts once, whatever broke in between", async () => {
    const db = firmWithOrder();
    const p = port("silent", state(), state());
    const first = await handOrder(given, by(db, p.port));
    expect(first.ok ? "" : first.error.code).toBe("no-answer");
    expect(book(db)?.sent).toBeNull();
    await handOrder(given, by(db, p.port));
    const count = allEntries(db).length;
    await handOrder(given, by(db, p.port));
    expect(allEntries(db).length).toBe(count);
    expect(new Set(p.calls.map((c) => (c[0] as { key: string }).key))).toEqual(new Set([ORDER]));
  });
  it("a refusal is said, and nothing is sent", async () => {
    const db = firmWithOrder();
    const told = await handOrder(given, by(db, port("no").port));
    expect(told.ok ? "" : told.error.message).toMatch(/we do not cut that/);
    expect(book(db)?.sent).toBeNull();
  });
  it("asks, is answered, and then acknowledges", async () => {
    const db = firmWithOrder();
    const question = { id: "q-1", line: ORDER_LINE.line, asks: "Which is the width?", answer: null };
    const p = port(state({ question, acknowledged: null }), state({ question: { ...question, answer: "608" } }));
    await handOrder(given, by(db, p.port));
    expect([book(db)?.questions[0]?.asks, book(db)?.acknowledged]).toEqual(["Which is the width?", null]);
    await answerOrder({ ...given, question: "q-1", answer: "608" }, by(db, p.port));
    expect([book(db)?.questions[0]?.answer, book(db)?.acknowledged?.due]).toEqual(["608", "2026-06-01"]);
  });
  it("put off, the new day is the day; delivered, its note stands there", async () => {
    const db = firmWithOrder();
    const lines = [
      { line: ORDER_LINE.line, widthNm: 608_400_000, heightNm: 900_000_000, thicknessNm: 4_000_000, says: "float" },
    ];
    const p = port(
      state(),
      state({ putOff: dayOf("2026-06-04") }),
      state({ putOff: dayOf("2026-06-04"), delivered: { day: dayOf("2026-06-04"), lines } }),
    );
    await handOrder(given, by(db, p.port));
    await askOrder(given, by(db, p.port));
    expect(book(db)?.sent?.due).toBe("2026-06-04");
    await askOrder({ ...given, day: "2026-06-04" }, by(db, p.port));
    expect(p.calls.at(-1)?.[1]).toBe(dayOf("2026-06-04"));
    expect(book(db)?.note?.lines[0]?.widthNm).toBe(608_400_000);
  });
  it("an order that is not there, or empty, is refused before anybody is rung", async () => {
    const db = firmWithOrder();
    const p = port(state());
    expect((await handOrder({ ...given, order: uuid(0xff) }, by(db, p.port))).ok).toBe(false);
    const t = new Teller(500);
    t.tell("order.line-dropped", { line: ORDER_LINE.line, reason: "" }, { order: ORDER });
    appendEntries(db, t.entries);
    const empty = await handOrder(given, by(db, p.port));
    expect(empty.ok ? "" : empty.error.code).toBe("empty");
    expect(p.calls).toEqual([]);
  });
});
