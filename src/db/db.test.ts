import { mkdtempSync, readdirSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import fc from "fast-check";
import { afterAll, describe, expect, it } from "vitest";
import { LEANING, ORDER, ORDER_LINE, PANE, ROUND, Teller, uuid } from "../../tests/support/told.ts";
import type { Entry } from "../core/log/kinds.ts";
import { dayOf } from "../core/units/day.ts";
import { ottermoleRow } from "../demo/ottermole-row.ts";
import { appendEntries } from "./append.ts";
import { createDatabase, type Database, openDatabase } from "./database.ts";
import { allEntries, entriesOfFirm, entriesOfPane, logEnd } from "./entry-log.ts";
import { listPeople, listRounds, listSuppliers, neighboursOf, paneById, panesOfRound, sameOpening } from "./lists.ts";
import { entriesAfter } from "./log-after.ts";
import { listOrders } from "./order-lists.ts";
import { rebuild } from "./projection.ts";
import { days, houseRules, orderLines, orders, panes, rounds, suppliers } from "./schema.ts";

const tables = (db: Database) => ({
  rounds: db.select().from(rounds).orderBy(rounds.id).all(),
  panes: db.select().from(panes).orderBy(panes.id).all(),
  orders: db.select().from(orders).orderBy(orders.id).all(),
  lines: db.select().from(orderLines).orderBy(orderLines.line).all(),
  suppliers: db.select().from(suppliers).orderBy(suppliers.name).all(),
  rules: db.select().from(houseRules).orderBy(houseRules.rule).all(),
  days: db.select().from(days).orderBy(days.day).all(),
});
const rebuilt = (db: Database) => {
  db.transaction((tx) => rebuild(tx));
  return tables(db);
};
const demo = () => ottermoleRow(dayOf("2026-05-20"));
const append = (db: Database, entries: readonly Entry[]) => {
  const done = appendEntries(db, entries);
  if (!done.ok) throw new Error(JSON.stringify(done.error));
  return done.value;
};

describe("adding entries", () => {
  it("stores them as they are, in order, and says up to where", () => {
    const db = createDatabase(":memory:");
    const t = new Teller().opened().added().read(LEANING);
    const done = append(db, t.entries);
    expect(done.through).toBe(t.entries.length);
    expect(allEntries(db)).toEqual(t.entries);
  });

  it("refuses a line for an order that has gone, and takes one for an order that has not", () => {
    const db = createDatabase(":memory:");
    const t = new Teller().opened().added().read(LEANING);
    append(db, t.entries);
    let n = 0xe00;
    const e = (kind: string, payload: unknown, pane = false): Entry =>
      ({
        id: uuid(n++),
        at: "2026-05-20T08:00:00.000Z",
        who: "Bram",
        about: pane ? { order: ORDER, pane: PANE } : { order: ORDER },
        kind,
        payload,
      }) as Entry;
    const line = () => e("order.line", { ...ORDER_LINE, line: uuid(n++) }, true);
    append(db, [e("order.opened", { supplier: "Salt Lane", reference: "" })]);
    const first = line();
    append(db, [first]);
    append(db, [e("order.sent", { day: "2026-05-20", due: "2026-05-22" })]);
    expect(appendEntries(db, [line()])).toMatchObject({ ok: false, error: { kind: "order-sent", order: ORDER } });
    // What is there already is passed over, as ever.
    expect(append(db, [first]).known).toEqual([first.id]);
  });

  it("twice changes nothing", () => {
    const db = createDatabase(":memory:");
    const t = new Teller().opened().added().read(LEANING);
    append(db, t.entries);
    const before = tables(db);
    const again = append(db, t.entries);
    expect([again.taken.length, again.known.length]).toEqual([0, t.entries.length]);
    expect(tables(db)).toEqual(before);
    expect(logEnd(db).entries).toBe(t.entries.length);
  });

  it.each([
    ["a pane nobody added", (t: Teller) => t.tell("takeout.sprigs", { found: 1 }, { pane: uuid(0xff) }), "unknown-id"],
    [
      "an order nobody opened",
      (t: Teller) => t.tell("order.arrived", { day: "2026-05-20" }, { order: uuid(0xff) }),
      "unknown-id",
    ],
    [
      "a round nobody opened",
      (t: Teller) =>
        t.tell(
          "pane.added",
          { round: uuid(0xff), address: "A", opening: "O", light: "", system: "cassette", side: "inside" },
          { pane: uuid(0xb1) },
        ),
      "unknown-id",
    ],
    [
      "a strike about something else",
      (t: Teller) => t.tell("struck", { entry: t.entries[1]?.id ?? "", reason: "" }, {}),
      "strike-about-other",
    ],
  ])("%s is refused, and all that came with it", (_, tell, kind) => {
    const db = createDatabase(":memory:");
    const t = new Teller().opened().added();
    tell(t);
    const done = appendEntries(db, t.entries);
    expect(done.ok ? null : done.error.kind).toBe(kind);
    expect(logEnd(db)).toEqual({ through: 0, entries: 0 });
    expect(tables(db).panes).toEqual([]);
  });

  it("another entry under an id that is taken is refused", () => {
    const db = createDatabase(":memory:");
    const t = new Teller().opened().added();
    append(db, t.entries);
    const forged = { ...(t.entries[0] as Entry), payload: { name: "Other", place: "" } } as Entry;
    const done = appendEntries(db, [forged]);
    expect(done.ok ? null : done.error).toEqual({ kind: "id-taken", entry: forged.id });
  });
});

describe("the tables made from the entries", () => {
  it("say what the demo round says, and are the same when made again", () => {
    const db = createDatabase(":memory:");
    append(db, demo());
    expect(listRounds(db).map((r) => r.name)).toEqual(["Ottermole Row, after the hail"]);
    expect(panesOfRound(db, listRounds(db)[0]?.id ?? "")).toHaveLength(17);
    expect(listOrders(db).map((o) => [o.reference, o.stage, o.lines])).toEqual([
      ["OR-1", "sent", 1],
      ["OR-2", "checked", 1],
      ["OR-4", "checked", 1],
      ["OR-3", "checked", 1],
    ]);
    expect(listSuppliers(db)).toHaveLength(3);
    expect(listPeople(db)).toEqual(["Nell Harrow", "Bram Tolley"]);
    const kept = tables(db);
    expect(rebuilt(db)).toEqual(kept);
  });

  it("are the same when made again after any strikes and strikes of strikes, one batch at a time", () => {
    const all = demo();
    fc.assert(
      fc.property(
        fc.array(fc.nat(all.length + 30), { minLength: 1, maxLength: 25 }),
        fc.integer({ min: 1, max: 80 }),
        (picks, size) => {
          const db = createDatabase(":memory:");
          const t = new Teller(0x5000);
          const log: Entry[] = [...all];
          for (const pick of picks) {
            const target = log[pick % log.length];
            if (target) log.push(t.strike(target) as unknown as Entry);
          }
          for (let i = 0; i < log.length; i += size) append(db, log.slice(i, i + size));
          const kept = tables(db);
          expect(rebuilt(db)).toEqual(kept);
        },
      ),
      { numRuns: 12 },
    );
  });

  it("follow a pane through its order", () => {
    const db = createDatabase(":memory:");
    const t = new Teller().opened().added();
    t.tell("order.opened", { supplier: "S", reference: "" }, { order: ORDER });
    t.tell(
      "order.line",
      {
        line: uuid(1),
        widthNm: 6e8,
        heightNm: 9e8,
        thicknessNm: 4e6,
        glass: "float",
        edges: "arrissed",
        pattern: "",
        label: "",
        grid: "1 mm",
      },
      { order: ORDER, pane: PANE },
    );
    append(db, t.entries);
    expect(paneById(db, PANE)?.lineState).toBe("open");
    const sent = t.tell("order.sent", { day: "2026-05-20", due: "2026-05-21" }, { order: ORDER }) as unknown as Entry;
    append(db, [sent]);
    expect(paneById(db, PANE)?.lineState).toBe("sent");
    append(db, [t.strike(t.entries[1] as Entry) as unknown as Entry]);
    expect([paneById(db, PANE), tables(db).lines]).toEqual([undefined, []]);
  });
});

describe("reading the log", () => {
  it("goes on from a place, a page at a time, for one pane with its orders", () => {
    const db = createDatabase(":memory:");
    append(db, demo());
    const first = entriesAfter(db, { after: 0 }, 100);
    const rest = entriesAfter(db, { after: first.through }, 1000);
    expect([first.entries.length, first.more, first.entries.length + rest.entries.length]).toEqual([
      100,
      true,
      demo().length,
    ]);
    const pane = panesOfRound(db, listRounds(db)[0]?.id ?? "")[2]?.id ?? "";
    const own = entriesAfter(db, { after: 0, pane }, 1000).entries;
    expect(own).toEqual(entriesOfPane(db, pane));
    expect(own.some((e) => e.kind === "order.checked")).toBe(true);
    expect(own.every((e) => e.about.pane === pane || e.about.order !== undefined)).toBe(true);
    const withFirm = entriesAfter(db, { after: 0, pane, firm: "too" }, 10_000).entries;
    expect(new Set(withFirm.map((e) => e.id))).toEqual(new Set([...own, ...entriesOfFirm(db)].map((e) => e.id)));
    expect(withFirm.length).toBeGreaterThan(own.length);
  });
});

describe("the firm's file", () => {
  const folder = mkdtempSync(join(tmpdir(), "plain-pane-"));
  afterAll(() => rmSync(folder, { recursive: true, force: true }));
  it("is made once, migrated once, and opened with what keeps it sound", () => {
    const file = join(folder, "deep", "firm.sqlite");
    createDatabase(file).$client.close();
    const db = openDatabase(file);
    expect(db.$client.pragma("journal_mode", { simple: true })).toBe("wal");
    expect(db.$client.pragma("synchronous", { simple: true })).toBe(2);
    expect(db.$client.pragma("foreign_keys", { simple: true })).toBe(1);
    db.$client.close();
  });
  it("is copied before a migration touches what is in it", () => {
    const file = join(folder, "old.sqlite");
    const db = createDatabase(file);
    append(db, new Teller().opened().entries);
    const made = db.$client
      .prepare("SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%'")
      .pluck()
      .all() as string[];
    db.$client.pragma("foreign_keys = OFF");
    for (const name of made)
      db.$client.exec(name === "__drizzle_migrations" ? `DELETE FROM ${name}` : `DROP TABLE "${name}"`);
    db.$client.close();
    createDatabase(file).$client.close();
    expect(readdirSync(folder)).toContain("old.sqlite.before-migration-1");
  });
  it("a path that is mistyped is an error, not an empty firm", () =>
    expect(() => openDatabase(join(folder, "nowhere.sqlite"))).toThrow());
  it("keeps the round it was given", () => expect(ROUND).toMatch(/^0{8}-/));
});

describe("why other panes at an address failed", () => {
  it("the newest of each, not the pane's own, and not another address's", () => {
    const db = createDatabase(":memory:");
    const t = new Teller().opened().added();
    const [other, third] = [uuid(0xb1), uuid(0xb2)];
    t.added(other);
    t.added(third);
    t.tell("pane.corrected", { address: "No. 9" }, { pane: third });
    t.tell("look.cause", { cause: "heat" });
    t.tell("look.cause", { cause: "impact" }, { pane: other });
    t.tell("look.cause", { cause: "water" }, { pane: other });
    t.tell("look.cause", { cause: "water" }, { pane: third });
    append(db, t.entries);
    expect(neighboursOf(db, "No. 5", PANE).map((c) => [c.pane, c.label, c.cause])).toEqual([
      [other, "back bedroom, lower sash", "water"],
    ]);
    expect(neighboursOf(db, "No. 7", PANE)).toEqual([]);
  });
});

describe("an opening that was done before", () => {
  it("its earlier panes, the newest first; no later one, and no other light", () => {
    const db = createDatabase(":memory:");
    const t = new Teller().opened().added(uuid(0xb1)).added(uuid(0xb2)).added().added(uuid(0xb3));
    const other = uuid(0xb4);
    t.added(other);
    t.tell("pane.corrected", { light: "upper sash" }, { pane: other });
    append(db, t.entries);
    const row = paneById(db, PANE);
    expect(row && sameOpening(db, row)).toEqual([uuid(0xb2), uuid(0xb1)]);
  });
});
