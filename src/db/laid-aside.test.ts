import { describe, expect, it } from "vitest";
import { uuid } from "../../tests/support/told.ts";
import type { Entry } from "../core/log/kinds.ts";
import { dayOf } from "../core/units/day.ts";
import { ottermoleRow } from "../demo/ottermole-row.ts";
import { appendEntries } from "./append.ts";
import { createDatabase, type Database } from "./database.ts";
import { rebuild } from "./projection.ts";
import { orderLines, orders, panes, panesAside, rounds, supplierRecords } from "./schema.ts";

const tables = (db: Database) => ({
  rounds: db.select().from(rounds).orderBy(rounds.id).all(),
  panes: db.select().from(panes).orderBy(panes.id).all(),
  orders: db.select().from(orders).orderBy(orders.id).all(),
  lines: db.select().from(orderLines).orderBy(orderLines.entry).all(),
  records: db.select().from(supplierRecords).orderBy(supplierRecords.name).all(),
});
const aside = (db: Database) => db.select().from(panesAside).all();

/** The demo's round in a file, with a hand that writes one entry more. */
function demo() {
  const db = createDatabase(":memory:");
  let n = 0xa000;
  const write = (about: Entry["about"], kind: string, payload: unknown): Entry => {
    const entry = { id: uuid(n++), at: "2026-05-20T16:00:00.000Z", who: "Bram", about, kind, payload } as Entry;
    const done = appendEntries(db, [entry], { receivedAt: entry.at, sure: true });
    if (!done.ok) throw new Error(JSON.stringify(done.error));
    return entry;
  };
  const told = ottermoleRow(dayOf("2026-05-20"));
  const all = appendEntries(db, told, { receivedAt: "2026-05-20T15:00:00.000Z" });
  if (!all.ok) throw new Error(JSON.stringify(all.error));
  const opened = told.find((e) => e.kind === "round.opened") as Entry;
  const about = { round: opened.about.round as string };
  const strike = (entry: string) => write(about, "struck", { entry, reason: "by mistake" });
  return { db, write, strike, opened };
}

describe("a round that was struck", () => {
  it("has no pane on the lists, and comes back as it was", () => {
    const { db, strike, opened } = demo();
    const before = tables(db);
    const struck = strike(opened.id);
    expect(tables(db)).toMatchObject({ rounds: [], panes: [], lines: [] });
    expect(aside(db)).toHaveLength(before.panes.length);
    strike(struck.id);
    expect(tables(db)).toEqual(before);
    expect(aside(db)).toEqual([]);
  });

  it("comes back with what was written meanwhile of a pane, and of an order that another is on", () => {
    const { db, write, strike, opened } = demo();
    const [one] = tables(db).panes.filter((p) => p.cause === null);
    const sent = tables(db).orders.find((o) => o.stage === "sent");
    const onIt = tables(db).lines.find((l) => l.order === sent?.id)?.pane;
    if (!one || !sent || !onIt) throw new Error("the demo has no such pane");
    const struck = strike(opened.id);
    write({ pane: one.id }, "look.urgency", { urgency: "open-hole" });
    write({ order: sent.id }, "order.arrived", { day: "2026-05-20" });
    strike(struck.id);
    const after = tables(db);
    expect(after.panes.find((p) => p.id === one.id)?.urgency).toBe("open-hole");
    expect(after.orders.find((o) => o.id === sent.id)?.arrivedDay).toBe("2026-05-20");
    db.transaction((tx) => rebuild(tx));
    expect(tables(db)).toEqual(after);
  });

  it("twice over keeps its rows once", () => {
    const { db, strike, opened } = demo();
    const before = tables(db);
    strike(strike(strike(strike(opened.id).id).id).id);
    expect(tables(db)).toEqual(before);
  });

  it("leaves nothing laid aside where a customer is forgotten", () => {
    const { db, write, strike, opened } = demo();
    const struck = strike(opened.id);
    const address = aside(db)[0]?.address ?? "";
    write({}, "customer.forgotten", { address });
    expect(aside(db)).toEqual([]);
    strike(struck.id);
    const after = tables(db);
    db.transaction((tx) => rebuild(tx));
    expect(tables(db)).toEqual(after);
  });
});
