import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { appendEntries } from "../../db/append.ts";
import { createDatabase } from "../../db/database.ts";
import { ottermoleRow } from "../../demo/ottermole-row.ts";
import { keptOfRound } from "../../server/kept.ts";
import { orderPage } from "../../server/order-page.ts";
import { panePage } from "../../server/pane-page.ts";
import { dayPage } from "../../server/plan-page.ts";
import { roundKit } from "../../server/round-kit.ts";
import { roundPage } from "../../server/round-page.ts";
import { roundQuote } from "../../server/round-quote.ts";
import { theDatabase } from "../../server/the-database.ts";
import type { Entry } from "../log/kinds.ts";
import type { SupplierRecord } from "../pane/source-facts.ts";
import { dayOf } from "../units/day.ts";
import { type KeptLog, kitFrom, orderPageFrom, panePageFrom, readKept, roundHeadFrom, roundLinesFrom } from "./kept.ts";
import { dayFrom } from "./kept-day.ts";
import { ordersFrom } from "./kept-orders.ts";
import { quoteFrom } from "./kept-quote.ts";

/* A device that keeps a round must show what the server would have sent. */

const folder = mkdtempSync(join(tmpdir(), "plain-pane-kept-"));
let log: KeptLog;
let round: string;
beforeAll(async () => {
  process.env["DATABASE_FILE"] = join(folder, "firm.sqlite");
  process.env["PLAIN_PANE_TODAY"] = "2026-05-20";
  const db = createDatabase(process.env["DATABASE_FILE"]);
  appendEntries(db, ottermoleRow(dayOf("2026-05-20")));
  db.$client.close();
  round = (await roundPage(null)).head?.round.id ?? "";
  log = readKept(fetched());
});
afterAll(() => {
  theDatabase().$client.close();
  rmSync(folder, { recursive: true, force: true });
});

function fetched(after = 0) {
  const kept = keptOfRound({ id: round, after });
  if (!kept.ok) throw new Error(kept.error.message);
  return {
    ...kept.value,
    records: kept.value.records as unknown as readonly SupplierRecord[],
    entries: kept.value.entries as readonly Entry[],
  };
}

const byId = (entries: readonly Entry[]) => [...entries].map((e) => e.id).sort();

describe("a device that keeps the round", () => {
  it("shows the same lines, and the same over them", async () => {
    const page = await roundPage(round);
    const counted: number[] = [];
    const lines = await roundLinesFrom(log, round, (n) => void counted.push(n));
    expect(lines.rows).toEqual(page.lines.rows);
    expect(lines.openOrders).toEqual(page.lines.openOrders);
    expect(roundHeadFrom(log, round)).toEqual({ ...page.head, round: { ...roundName(page.head?.round) } });
    expect(counted).toEqual(lines.rows.map((_, i) => i + 1));
  });
  it("shows the same of every pane, but who met its frame elsewhere, and the weather: a device does not know those", () => {
    for (const p of log.panes) {
      const served = panePage(p.id, "measure");
      if (served.kind !== "page") throw new Error(`no page of ${p.id}`);
      const kept = panePageFrom(log, p.id, "measure");
      const { entries, firmEntries, metHere, weather, ...rest } = served.data;
      expect({ ...kept, entries: null, firmEntries: null }).toEqual({
        ...rest,
        entries: null,
        firmEntries: null,
        metHere: null,
        weather: null,
      });
      expect(weather?.by).toBe("told");
      expect(metHere).not.toBeNull();
      expect(byId(kept?.entries ?? [])).toEqual(byId(entries));
      expect(byId(kept?.firmEntries ?? [])).toEqual(byId(firmEntries));
    }
  });
  it("packs the same", () => {
    const [kept, served] = [kitFrom(log, round, {}), roundKit(round)];
    expect({ ...kept, entries: [] }).toEqual({ ...served, entries: [] });
  });
  it("quotes the same", () => {
    const prefs = { unit: "mm", dialect: "a", who: "Nell Harrow" } as const;
    const [kept, served] = [quoteFrom(log, round, prefs), roundQuote(round, prefs)];
    expect(kept?.panes.length).toBeGreaterThan(3);
    expect({ ...kept, entries: [] }).toEqual({ ...served, entries: [] });
    expect(quoteFrom(log, "nowhere", prefs)).toBeNull();
  });
  it("shows everybody the same day, but for the forecast: a device does not know that", async () => {
    let stops = 0;
    for (const who of ["Nell Harrow", "Bram Tolley"])
      for (const on of ["2026-05-20", "2026-05-21", "2026-05-22"]) {
        const served = await dayPage(who, on);
        const kept = dayFrom(log, [], who, on);
        expect({ ...kept, weather: null, kit: null }).toEqual({ ...served, weather: null, kit: null });
        expect(kept.kit.glass).toEqual(served.kit.glass);
        expect(kept.weather?.by).toBe("nothing");
        stops += kept.stops.length;
      }
    expect(stops).toBeGreaterThan(1);
  });
  it("lists its orders: not sent, to check in, on their way by their days, and what is done", () => {
    const orders = ordersFrom(log);
    expect(orders.map((o) => o.id).sort()).toEqual(
      log.orders
        .filter((o) => o.lines.some((l) => l.state !== "dropped") || !o.sent)
        .map((o) => o.id)
        .sort(),
    );
    const turns = ["open", "arrived", "sent", "checked"];
    const at = orders.map((o) => turns.indexOf(o.stage));
    expect(at).toEqual([...at].sort());
    const sent = orders.filter((o) => o.stage === "sent");
    expect(sent.length).toBeGreaterThan(0);
    expect(sent.map((o) => Number(o.due))).toEqual(sent.map((o) => Number(o.due)).sort((a, b) => a - b));
    // The stair window's unit was due on Monday.
    expect(sent.filter((o) => o.late).map((o) => o.due)).toEqual([dayOf("2026-05-18")]);
  });
  it("shows the same of every order", () => {
    expect(log.orders.length).toBeGreaterThan(2);
    for (const o of log.orders) {
      const [kept, served] = [orderPageFrom(log, o.id), orderPage(o.id)];
      expect({ ...kept, entries: byId(kept?.entries ?? []) }).toEqual({
        ...served,
        entries: byId(served?.entries ?? []),
      });
    }
  });
  // Writes: what the others compare with is read again after it.
  it("hears only what is new", () => {
    const [pane] = log.panes;
    if (!pane) throw new Error("no pane");
    const { through } = fetched();
    const note = {
      ...(pane.entries[0] as Entry),
      id: "00000000-0000-7000-8000-0000000000ff",
      at: "2026-05-20T12:00:00.000Z",
      kind: "note.written",
      payload: { station: "look", text: "dog in the yard" },
    } as unknown as Entry;
    appendEntries(theDatabase(), [note]);
    expect(fetched(through).entries).toMatchObject([{ id: note.id }]);
    expect(fetched(fetched().through).entries).toEqual([]);
    log = readKept(fetched());
  });
  it("knows nothing of what it does not keep", () => {
    expect(panePageFrom(log, "nowhere", "look")).toBeNull();
    expect(kitFrom(log, "nowhere", {})).toBeNull();
    expect(orderPageFrom(log, "nowhere")).toBeNull();
    expect(roundHeadFrom(readKept({ ...log.kept, entries: [] }), null)).toBeNull();
    const unknown = keptOfRound({ id: "00000000-0000-7000-8000-000000000000", after: 0 });
    expect(unknown.ok).toBe(false);
  });
});

const roundName = (r?: { readonly id: string; readonly name: string; readonly place: string }) =>
  r && { id: r.id, name: r.name, place: r.place };
