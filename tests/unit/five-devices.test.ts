import "fake-indexeddb/auto";
import { IDBFactory } from "fake-indexeddb";
import { afterEach, describe, expect, it, vi } from "vitest";
import { seeded } from "../../src/core/chance/seeded.ts";
import { headsOf, threadOf } from "../../src/core/log/apart.ts";
import type { About } from "../../src/core/log/kind-fact.ts";
import type { Entry, Kind, Payloads } from "../../src/core/log/kinds.ts";
import { stampAfter } from "../../src/core/log/stamp.ts";
import { readLog } from "../../src/core/log/standing-entries.ts";
import { foldPane } from "../../src/core/pane/book.ts";
import { appendEntries } from "../../src/db/append.ts";
import { createDatabase, type Database } from "../../src/db/database.ts";
import { allEntries } from "../../src/db/entry-log.ts";
import { entriesAfter } from "../../src/db/log-after.ts";
import { rebuild } from "../../src/db/projection.ts";
import { orderLines, orders, panes } from "../../src/db/schema.ts";
import { type Courier, createCourier } from "../../src/islands/log/courier.ts";
import { createOutbox, type Outbox } from "../../src/islands/log/outbox.ts";
import type { Sent } from "../../src/islands/log/send.ts";
import { ORDER, ORDER_LINE, ROUND, Teller, uuid } from "../support/told.ts";

/*
 * A month of five people who share one firm's work: each has a device with a clock of its own, a signal now and then, and
 * exchanges that are cut at any moment: before the server has heard, after it has and before it is heard, between two pages of
 * what others wrote. Devices die and start again from what their disk has.
 */

const DAYS = 30;
const HOUR_MS = 3_600_000;
const FIRST_MS = Date.UTC(2026, 4, 4, 6);
/** Who, and by how much the clock is off. */
const PEOPLE = [
  ["Nell", 0],
  ["Bram", -74 * HOUR_MS],
  ["Ida", 20 * HOUR_MS],
  ["Joss", -1 * HOUR_MS],
  ["Wren", -26 * HOUR_MS],
] as const;
const PANES = [0xb0, 0xb1, 0xb2, 0xb3].map((n) => uuid(n));

type Device = {
  readonly who: string;
  readonly off: number;
  readonly outbox: Outbox;
  courier: Courier;
  /** What it has: its own, and what it heard of. */
  log: readonly Entry[];
  cursor: number;
};

const settled = async () => {
  for (let i = 0; i < 12; i++) await new Promise((on) => setImmediate(on));
};

/** A month from a seed: the server's file, the devices, and everything that anybody ever wrote. */
async function month(seed: number) {
  const { uniform: chance } = seeded(seed);
  const below = (n: number): number => Math.floor(chance() * n);
  const oneOf = <T>(items: readonly T[]): T => items[below(items.length)] as T;
  const db: Database = createDatabase(":memory:");
  const t = new Teller(1).opened();
  for (const pane of PANES) t.added(pane);
  t.tell("order.opened", { supplier: "Fen End", reference: "OR-1" }, { order: ORDER });
  t.tell("order.line", ORDER_LINE, { order: ORDER, pane: PANES[0] as string });
  t.tell("order.sent", { day: "2026-05-04", due: "2026-05-18" }, { order: ORDER });
  const began = appendEntries(db, t.entries);
  if (!began.ok) throw new Error("the month did not begin");
  let healthy = false;
  let n = 0x1000;
  const written: Entry[] = [...t.entries];

  /** The wire to the server, and back. */
  const send = async (batch: readonly Entry[]): Promise<Sent> => {
    const luck = healthy ? 1 : chance();
    if (luck < 0.35) return { kind: "no-answer" };
    if (luck < 0.42 && batch.length > 1) return { kind: "stumbled", message: "too much at once" };
    const done = appendEntries(db, batch);
    if (!done.ok) return { kind: "refused", code: done.error.kind, message: done.error.kind };
    // It has heard, and its answer is lost: the same goes out again.
    return luck < 0.55 ? { kind: "no-answer" } : { kind: "stored", ids: batch.map((e) => e.id) };
  };
  const devices: Device[] = PEOPLE.map(([who, off]) => {
    vi.stubGlobal("indexedDB", new IDBFactory());
    const outbox = createOutbox();
    return { who, off, outbox, courier: createCourier(outbox, send), log: [], cursor: 0 };
  });
  for (const d of devices) {
    vi.stubGlobal("indexedDB", new IDBFactory());
    await d.outbox.all();
  }

  /** Takes what others wrote, a few at a time; a cut leaves the rest for another day. */
  const hear = (d: Device): void => {
    for (;;) {
      if (!healthy && chance() < 0.3) return;
      const page = entriesAfter(db, { after: d.cursor }, 1 + below(9));
      d.cursor = page.through;
      const there = new Set(d.log.map((e) => e.id));
      d.log = [...d.log, ...page.entries.filter((e) => !there.has(e.id))];
      if (!page.more) return;
    }
  };

  const write = <K extends Kind>(d: Device, atMs: number, kind: K, about: About, payload: Payloads[K]): void => {
    const last = d.log.reduce((newest, e) => (e.at > newest ? e.at : newest), "");
    const bare = {
      id: uuid(n++),
      at: stampAfter(last || undefined, new Date(atMs + d.off).toISOString()),
      who: d.who,
      about,
      kind,
      payload,
    } as unknown as Entry;
    const thread = threadOf(bare);
    const e = thread === null ? bare : { ...bare, seen: headsOf(readLog(d.log).standing, thread) };
    d.log = [...d.log, e];
    written.push(e);
    void d.courier.take([e]);
  };

  const work = (d: Device, atMs: number): void => {
    const about = { pane: oneOf(PANES) };
    switch (below(8)) {
      case 0:
      case 1:
        write(d, atMs, "measure.reading", about, {
          place: oneOf(["width-top", "height-left", "rebate-depth"] as const),
          text: String(600 + below(6)),
          unit: "mm",
        });
        break;
      case 2:
        write(d, atMs, "look.damage", about, { damage: [oneOf(["cracked", "misted", "rattling"] as const)] });
        break;
      case 3:
        write(d, atMs, "look.wants", about, {
          by: oneOf([null, "2026-06-01", "2026-06-02"]),
          mustLock: chance() < 0.5,
          minds: oneOf(["", "the cat"]),
        });
        break;
      case 4:
        write(d, atMs, "note.written", about, { station: "look", text: `${d.who} ${below(100)}` });
        break;
      case 5:
        write(d, atMs, "step.marked", about, {
          station: "takeout",
          step: oneOf(["sheet", "mark"] as const),
          state: oneOf(["done", "open"] as const),
          reason: "",
        });
        break;
      case 6:
        write(
          d,
          atMs,
          "order.chased",
          { order: ORDER },
          {
            day: "2026-05-20",
            how: "telephone",
            says: d.who,
            due: oneOf([null, "2026-05-27", "2026-05-29"]),
          },
        );
        break;
      default: {
        const own = d.log.filter((e) => e.who === d.who && e.kind !== "struck" && e.about.pane !== undefined);
        const target = own.at(-1);
        if (target) write(d, atMs, "struck", target.about, { entry: target.id, reason: "undone" });
      }
    }
  };

  for (let day = 0; day < DAYS; day++)
    for (let hour = 0; hour < 10; hour++) {
      const d = oneOf(devices);
      if (chance() < 0.7) work(d, FIRST_MS + (day * 24 + hour) * HOUR_MS);
      // The last days nobody has a signal.
      if (day < DAYS - 9 && chance() < 0.5) {
        await settled();
        await d.courier.flush();
        hear(d);
      }
      // It dies, and starts again with what its disk has.
      if (chance() < 0.06) {
        await settled();
        d.courier = createCourier(d.outbox, send);
      }
    }

  // Somebody drives home: all of them have a signal, until nothing waits.
  healthy = true;
  for (let round = 0; round < 3; round++)
    for (const d of devices) {
      await settled();
      await d.courier.flush();
      hear(d);
    }
  return { db, devices, written };
}

const tables = (db: Database) => ({
  panes: db.select().from(panes).orderBy(panes.id).all(),
  orders: db.select().from(orders).orderBy(orders.id).all(),
  lines: db.select().from(orderLines).orderBy(orderLines.entry).all(),
});
/** Readings of which two stand that nobody who wrote the other had seen, by place and pane: told of by hand from what each had. */
function unseenReadings(log: readonly Entry[]): readonly string[] {
  const byId = new Map(log.map((e) => [e.id, e]));
  const had = (e: Entry, into = new Set<string>()): ReadonlySet<string> => {
    for (const id of e.seen ?? [])
      if (!into.has(id)) {
        into.add(id);
        const before = byId.get(id);
        if (before) had(before, into);
      }
    return into;
  };
  const threads = new Map<string, Entry[]>();
  for (const e of readLog(log).standing)
    if (e.kind === "measure.reading") threads.set(threadOf(e) ?? "", [...(threads.get(threadOf(e) ?? "") ?? []), e]);
  return [...threads].flatMap(([thread, all]) => {
    const seen = new Set(all.flatMap((e) => [...had(e)]));
    const heads = all.filter((e) => !seen.has(e.id));
    return new Set(heads.map((e) => JSON.stringify(byId.get(e.id)?.payload))).size > 1 ? [thread] : [];
  });
}
/** What somebody sees of a pane by the entries that they have. */
const seenOf = (log: readonly Entry[], pane: string): string => {
  const own = log.filter((e) => e.about.pane === pane || e.about.order !== undefined);
  const book = foldPane(pane, own);
  const readings = Object.entries(book?.readings ?? {}).map(([place, r]) => [place, r?.text]);
  return JSON.stringify([readings, book?.damage, book?.before.wants, [...(book?.steps ?? [])], book?.line?.order]);
};

afterEach(() => vi.unstubAllGlobals());

describe("five devices for thirty days, cut off in the middle of any exchange", () => {
  it.each([1, 2, 3])("lose nothing, agree on everything, and decide nothing in silence (month %i)", async (seed) => {
    const { db, devices, written } = await month(seed);
    expect(written.length).toBeGreaterThan(150);
    // Everything that was written is there, once, and nothing waits or was refused anywhere.
    expect(
      allEntries(db)
        .map((e) => e.id)
        .sort(),
    ).toEqual(written.map((e) => e.id).sort());
    for (const d of devices) expect([d.who, await d.outbox.all()]).toEqual([d.who, []]);
    // Every device sees what the server sees, though each heard of it in an order of its own.
    const server = allEntries(db);
    for (const d of devices) {
      expect(new Set(d.log.map((e) => e.id))).toEqual(new Set(server.map((e) => e.id)));
      for (const pane of PANES) expect([d.who, seenOf(d.log, pane)]).toEqual([d.who, seenOf(server, pane)]);
      expect(readLog(d.log).apart.map((a) => [a.earlier.id, a.later.id, a.field])).toEqual(
        readLog(server).apart.map((a) => [a.earlier.id, a.later.id, a.field]),
      );
    }
    // What two said of one thing without each other's knowledge is told of: there was some, of different people.
    const { apart } = readLog(server);
    expect(apart.length).toBeGreaterThan(0);
    expect(apart.some((a) => a.earlier.who !== a.later.who)).toBe(true);
    const told = new Set(apart.flatMap((a) => (a.later.kind === "measure.reading" ? (threadOf(a.later) ?? []) : [])));
    expect([...told].sort()).toEqual([...unseenReadings(server)].sort());
    // The tables that were brought up entry by entry are those that the log alone makes.
    const before = tables(db);
    db.transaction((tx) => rebuild(tx));
    expect(tables(db)).toEqual(before);
    expect(ROUND).toBe(server.find((e) => e.kind === "round.opened")?.about.round);
  });
});
