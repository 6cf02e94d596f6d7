import "fake-indexeddb/auto";
import { IDBFactory } from "fake-indexeddb";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { ORDER, ORDER_LINE, PANE, Teller, uuid } from "../../../tests/support/told.ts";
import type { Entry } from "../../core/log/kinds.ts";
import { type Courier, createCourier } from "./courier.ts";
import { createLogStore, type LogStore } from "./log-store.ts";
import { createOutbox } from "./outbox.ts";

type Reply = (entries: readonly Entry[]) => { readonly status: number; readonly message?: string } | "no signal";
let reply: Reply;
let asked: Entry[][];
let store: LogStore;
let courier: Courier;
let stop: (() => void) | undefined;

const started = () => {
  const t = new Teller().added();
  store = createLogStore({ initial: t.entries, through: 5, about: { pane: PANE }, who: () => "Nell", courier });
  stop = store.start();
  return store;
};
const settled = async () => {
  for (let i = 0; i < 40; i++) await new Promise((on) => setImmediate(on));
};

beforeEach(() => {
  vi.stubGlobal("indexedDB", new IDBFactory());
  courier = createCourier(createOutbox());
  asked = [];
  reply = () => ({ status: 200 });
  vi.stubGlobal("document", { addEventListener: () => {}, removeEventListener: () => {}, visibilityState: "hidden" });
  vi.stubGlobal(
    "BroadcastChannel",
    class {
      onmessage = null;
      postMessage() {}
      close() {}
    },
  );
  vi.stubGlobal("fetch", async (_: string, init?: { body: string }) => {
    const entries = (JSON.parse(init?.body ?? '{"entries":[]}') as { entries: Entry[] }).entries;
    asked.push(entries);
    const said = reply(entries);
    if (said === "no signal") throw new TypeError("fetch failed");
    return {
      ok: said.status < 400,
      status: said.status,
      headers: new Headers(),
      json: async () => ({ error: { code: "invalid", message: said.message ?? "" } }),
    };
  });
});
afterEach(async () => {
  // What a test wrote and did not wait for goes out before the next one counts what is sent.
  await settled();
  stop?.();
  vi.unstubAllGlobals();
});

const waiting = async () => (await courier.outbox.all()).map((w) => w.entry.id);

describe("what is written", () => {
  it("shows at once, is kept on this device, and leaves it only when the server has it", async () => {
    const s = started();
    const entry = s.write("takeout.sprigs", { pane: PANE }, { found: 9 });
    expect(s.entries.get().at(-1)?.id).toBe(entry.id);
    await settled();
    expect(asked.flat().map((e) => e.id)).toEqual([entry.id]);
    expect(await waiting()).toEqual([]);
  });

  it("comes after what it answers, even by a clock that is an hour slow", () => {
    const s = started();
    const seen = new Date(Date.now() + 3_600_000).toISOString();
    const ahead = { ...(new Teller(90).tell("takeout.sprigs", { found: 1 }) as unknown as Entry), at: seen };
    const store = createLogStore({
      initial: [...s.entries.get(), ahead],
      through: 5,
      about: { pane: PANE },
      who: () => "Nell",
      courier,
    });
    expect(store.write("takeout.sprigs", { pane: PANE }, { found: 9 }).at > seen).toBe(true);
  });

  it("a clock that ran away drags nobody along", () => {
    const s = started();
    const ahead = {
      ...(new Teller(90).tell("takeout.sprigs", { found: 1 }) as unknown as Entry),
      at: "2099-01-01T00:00:00.000Z",
    };
    const store = createLogStore({
      initial: [...s.entries.get(), ahead],
      through: 5,
      about: { pane: PANE },
      who: () => "Nell",
      courier,
    });
    expect(store.write("takeout.sprigs", { pane: PANE }, { found: 9 }).at < "2099").toBe(true);
  });

  it("keeps an order that is opened before its first line says whose it is", () => {
    const s = started();
    s.write("order.opened", { order: ORDER }, { supplier: "S", reference: "" });
    expect(s.entries.get().map((e) => e.kind)).toEqual(["pane.added", "order.opened"]);
  });
});

describe("without signal", () => {
  it("waits, and goes out when there is an answer again", async () => {
    reply = () => "no signal";
    const s = started();
    const entry = s.write("takeout.sprigs", { pane: PANE }, { found: 9 });
    await settled();
    expect(courier.keeping.get()).toMatchObject({ waiting: 1, why: { kind: "no-answer" } });
    expect(await waiting()).toEqual([entry.id]);
    reply = () => ({ status: 200 });
    await courier.flush();
    expect(await waiting()).toEqual([]);
    expect(courier.keeping.get()).toMatchObject({ waiting: 0, why: null });
  });

  it("what an earlier page left is shown and sent by this one", async () => {
    const t = new Teller(50);
    await courier.outbox.put([t.tell("takeout.sprigs", { found: 7 }) as unknown as Entry]);
    const s = started();
    await settled();
    expect(s.entries.get().some((e) => e.kind === "takeout.sprigs")).toBe(true);
    await courier.flush();
    expect(await waiting()).toEqual([]);
  });
});

describe("a refusal", () => {
  it("takes the one entry off the page, and what is mended comes in its place", async () => {
    reply = (entries) =>
      entries.some((e) => e.kind === "takeout.sprigs") ? { status: 422, message: "No." } : { status: 200 };
    const s = started();
    s.write("look.cause", { pane: PANE }, { cause: "impact" });
    const bad = s.write("takeout.sprigs", { pane: PANE }, { found: 9 }) as unknown as Entry;
    s.write("look.urgency", { pane: PANE }, { urgency: "today" });
    for (let i = 0; i < 6; i++) await settled();
    expect(s.entries.get().map((e) => e.kind)).toEqual(["pane.added", "look.cause", "look.urgency"]);
    reply = () => ({ status: 200 });
    await courier.mend(bad.id, { ...bad, id: uuid(0x77) });
    expect(s.entries.get().map((e) => e.kind)).toContain("takeout.sprigs");
  });
});

describe("undo", () => {
  it("strikes this writer's newest entry here, and brings it back", () => {
    const s = started();
    const entry = s.write("takeout.sprigs", { pane: PANE }, { found: 9 });
    expect(s.undo()?.id).toBe(entry.id);
    expect(s.entries.get().at(-1)).toMatchObject({ kind: "struck", payload: { entry: entry.id } });
    expect(s.redo()?.kind).toBe("struck");
    expect(s.undo()?.id).toBe(entry.id);
  });
  it("never takes the pane itself away", () => expect(started().undo()).toBeUndefined());
  it("never takes a whole round away", () => {
    const s = started();
    s.write("round.opened", { round: uuid(0xaa) }, { name: "R", place: "" });
    expect(s.undo()).toBeUndefined();
  });
  it("leaves another pane's line on the same order alone", () => {
    const t = new Teller().added();
    t.tell("order.opened", { supplier: "S", reference: "" }, { order: ORDER });
    t.tell("order.line", ORDER_LINE, { order: ORDER, pane: uuid(0xbb) });
    const s = createLogStore({ initial: t.entries, through: 3, about: { pane: PANE }, who: () => "Nell", courier });
    expect(s.undo()?.kind).toBe("order.opened");
  });
});

describe("what is written of the firm meanwhile", () => {
  const told = new Teller(50);
  told.tell("house.rule", { rule: "leastCoverMm", value: 7 }, {});
  const rule = told.entries.map((e) => ({ ...e, who: "Ada" }));
  const open = () => {
    const t = new Teller().added();
    const urls: string[] = [];
    vi.stubGlobal("fetch", async (url: string) => {
      urls.push(url);
      return { ok: true, status: 200, headers: new Headers(), json: async () => ({ entries: rule, through: 9 }) };
    });
    store = createLogStore({
      initial: t.entries,
      through: 5,
      about: { pane: PANE },
      who: () => "Ada",
      knows: [],
      courier,
    });
    return urls;
  };
  it("reaches a pane's page that is open", async () => {
    const urls = open();
    await store.lookNow();
    expect(urls).toEqual([`/api/entries?after=5&pane=${PANE}&firm=too`]);
    expect(store.entries.get()).toContainEqual(rule[0]);
  });
  it("and is not undone from there, not by whoever wrote it", async () => {
    open();
    await store.lookNow();
    expect(store.undo()).toBeUndefined();
    store.write("house.rule", {}, { rule: "leastCoverMm", value: 8 });
    expect(store.undo()).toMatchObject({ kind: "house.rule", payload: { value: 8 } });
  });
});
