import Database from "better-sqlite3";
import { v7 as uuidv7 } from "uuid";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { PAYLOADS } from "../../src/contract/entry.ts";
import { seeded } from "../../src/core/chance/seeded.ts";
import { STATIONS } from "../../src/core/plan/stations.ts";
import { dayOf } from "../../src/core/units/day.ts";
import { appendEntries } from "../../src/db/append.ts";
import { createDatabase } from "../../src/db/database.ts";
import { listRounds, panesOfRound } from "../../src/db/lists.ts";
import { listOrders } from "../../src/db/order-lists.ts";
import { ottermoleRow } from "../../src/demo/ottermole-row.ts";
import { freshFile, type Served, serve, stop } from "./server.ts";

let served: Served;
let panes: readonly string[];
let orders: readonly string[];
let round: string;
afterAll(() => stop(served, "SIGKILL"));

const chance = seeded(7);
const oneOf = <T>(items: readonly T[]): T => items[Math.floor(chance.uniform() * items.length)] as T;
const PAYLOAD_TEXTS = [
  "null",
  "{}",
  "[]",
  '"x"',
  "{oops",
  '{"day":"0026-05-20"}',
  '{"day":"2026-05-20","visit":"dance"}',
  '{"place":"width-top","text":"999999999","unit":"mm"}',
  '{"place":"width-top","text":"600","unit":"furlong"}',
  '{"line":7}',
  '{"makeup":{"panes":[]}}',
  '{"by":"20262-01-01","mustLock":true,"minds":""}',
  '{"text":"x","station":"nowhere"}',
] as const;

/** What an older or a newer version, or a hand with a database tool, may have left: written past every check. */
beforeAll(async () => {
  const file = freshFile("nonsense");
  const db = createDatabase(file);
  appendEntries(db, ottermoleRow(dayOf("2026-05-20")));
  round = listRounds(db)[0]?.id ?? "";
  panes = panesOfRound(db, round).map((p) => p.id);
  orders = listOrders(db).map((o) => o.id);
  db.$client.close();
  const raw = new Database(file);
  const put = raw.prepare(
    "INSERT INTO entries (id, at, who, kind, round, pane, order_id, payload) VALUES (?, ?, ?, ?, ?, ?, ?, ?)",
  );
  const kinds = [...Object.keys(PAYLOADS), "pane.melted", "constructor"];
  for (const kind of kinds)
    for (let i = 0; i < 6; i++) {
      const about = oneOf(["pane", "order", "both", "round", "firm"] as const);
      put.run(
        uuidv7(),
        oneOf(["2026-05-19T08:00:00.000Z", "9999-01-01T00:00:00.000Z", "yesterday", ""]),
        oneOf(["Nell Harrow", "", "A version to come"]),
        kind,
        about === "round" ? round : null,
        about === "pane" || about === "both" ? oneOf(panes) : null,
        about === "order" || about === "both" ? oneOf(orders) : null,
        oneOf(PAYLOAD_TEXTS),
      );
    }
  // A reading that is understood, and that no opening has.
  const reading = '{"place":"height-left","text":"9999","unit":"mm"}';
  put.run(uuidv7(), "2026-05-19T09:00:00.000Z", "Nell Harrow", "measure.reading", null, panes[0], null, reading);
  raw.exec("DELETE FROM tables_made");
  raw.close();
  served = await serve(file);
});

const page = async (path: string) => {
  const answer = await fetch(served.url + path);
  return { status: answer.status, text: await answer.text() };
};

describe("whatever stands in the file", () => {
  it("every page opens, and every pane in every third of them", async () => {
    const views = [...STATIONS, "logbook", "tags", "options"];
    for (const [i, pane] of panes.entries())
      for (const view of views.filter((_, v) => v % 3 === i % 3)) {
        const { status } = await page(`/panes/${pane}/${view}`);
        expect([view, status]).toEqual([view, 200]);
      }
  });
  it("so do the round, its papers, the orders, their papers, and the house's rules", async () => {
    const given = [
      "/",
      "/rounds",
      `/?round=${round}`,
      `/rounds/${round}/kit`,
      `/rounds/${round}/quote`,
      `/rounds/${round}/openings`,
      `/rounds/${round}/openings.csv`,
      "/orders",
      "/house",
      "/words",
      ...orders.flatMap((o) => [
        `/orders/${o}`,
        `/orders/${o}/sheet`,
        `/orders/${o}/lines.csv`,
        `/orders/${o}/order.pdf`,
      ]),
    ];
    for (const path of given) expect([path, (await page(path)).status]).toEqual([path, 200]);
  });
  it("what could not be read is said in the logbook of its pane", async () => {
    const all = await Promise.all(panes.map((p) => page(`/panes/${p}/logbook`)));
    expect(all.filter((a) => a.text.includes("Set aside, because it cannot be read")).length).toBeGreaterThan(5);
  });
  it("the log goes out with what is set aside marked as that", async () => {
    const { entries } = (await (await fetch(`${served.url}/api/entries?after=350`)).json()) as {
      entries: { kind: string; payload: { why?: string } }[];
    };
    const unread = entries.filter((e) => e.kind === "unread");
    expect(unread.length).toBeGreaterThan(100);
    for (const e of unread) expect(e.payload.why?.length).toBeGreaterThan(5);
  });
});
