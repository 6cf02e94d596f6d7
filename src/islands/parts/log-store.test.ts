import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { ORDER, ORDER_LINE, PANE, Teller, uuid } from "../../../tests/support/told.ts";
import type { Entry } from "../../core/log/kinds.ts";
import { createLogStore, type LogStore } from "./log-store.ts";
import { outbox } from "./outbox.ts";

/** A browser's store, as much of one as the outbox uses. */
function fakeStorage(): Storage {
  const kept = new Map<string, string>();
  const storage = {
    setItem: (k: string, v: string) => {
      kept.set(k, v);
      (storage as Record<string, unknown>)[k] = v;
    },
    getItem: (k: string) => kept.get(k) ?? null,
    removeItem: (k: string) => {
      kept.delete(k);
      delete (storage as Record<string, unknown>)[k];
    },
  };
  for (const method of Object.keys(storage)) Object.defineProperty(storage, method, { enumerable: false });
  return storage as unknown as Storage;
}

type Reply = (entries: readonly Entry[]) => { readonly status: number; readonly message?: string } | "no signal";
let reply: Reply;
let asked: Entry[][];
let store: LogStore;
let stop: (() => void) | undefined;

const started = () => {
  const t = new Teller().added();
  store = createLogStore({ initial: t.entries, through: 5, about: { pane: PANE }, who: () => "Nell" });
  stop = store.start();
  return store;
};
const settled = async () => {
  for (let i = 0; i < 30; i++) await Promise.resolve();
  await vi.advanceTimersByTimeAsync(0);
};

beforeEach(() => {
  vi.useFakeTimers();
  asked = [];
  reply = () => ({ status: 200 });
  vi.stubGlobal("localStorage", fakeStorage());
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
    return { ok: said.status < 400, status: said.status, json: async () => ({ error: { message: said.message } }) };
  });
});
afterEach(() => {
  stop?.();
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

describe("what is written", () => {
  it("shows at once, is kept in the browser, and leaves it only when the server has it", async () => {
    const s = started();
    const entry = s.write("takeout.sprigs", { pane: PANE }, { found: 9 });
    expect(s.entries.get().at(-1)?.id).toBe(entry.id);
    expect(outbox.all().map((e) => e.id)).toEqual([entry.id]);
    await settled();
    expect(asked.flat().map((e) => e.id)).toEqual([entry.id]);
    expect(outbox.all()).toEqual([]);
    expect(s.keeping.get()).toEqual({ waiting: 0, silent: false, refused: null });
  });

  it("comes after what it answers, even by a slow clock", () => {
    vi.setSystemTime(new Date("2026-05-04T07:00:00.000Z"));
    const s = started();
    const seen = s.entries.get().at(-1)?.at ?? "";
    expect(s.write("takeout.sprigs", { pane: PANE }, { found: 9 }).at > seen).toBe(true);
  });

  it("keeps an order that is opened before its first line says whose it is", () => {
    const s = started();
    s.write("order.opened", { order: ORDER }, { supplier: "S", reference: "" });
    expect(s.entries.get().map((e) => e.kind)).toEqual(["pane.added", "order.opened"]);
  });
});

describe("without signal", () => {
  it("waits, says so, and goes out when there is an answer again", async () => {
    reply = () => "no signal";
    const s = started();
    s.write("takeout.sprigs", { pane: PANE }, { found: 9 });
    await settled();
    expect(s.keeping.get()).toMatchObject({ waiting: 1, silent: true });
    expect(outbox.all()).toHaveLength(1);
    reply = () => ({ status: 200 });
    await vi.advanceTimersByTimeAsync(3000);
    expect(outbox.all()).toEqual([]);
    expect(s.keeping.get()).toMatchObject({ waiting: 0, silent: false });
  });

  it("a server that breaks is no refusal", async () => {
    reply = () => ({ status: 500 });
    const s = started();
    s.write("takeout.sprigs", { pane: PANE }, { found: 9 });
    await settled();
    expect(s.keeping.get()).toMatchObject({ silent: true, refused: null });
    expect(outbox.all()).toHaveLength(1);
  });

  it("what an earlier page left is shown and sent by this one", async () => {
    const t = new Teller(50);
    outbox.put(t.tell("takeout.sprigs", { found: 7 }) as unknown as Entry);
    const s = started();
    expect(s.entries.get().some((e) => e.kind === "takeout.sprigs")).toBe(true);
    await settled();
    expect(outbox.all()).toEqual([]);
  });
});

describe("a refusal", () => {
  it("sets the one entry aside, says why, and sends the rest", async () => {
    reply = (entries) =>
      entries.some((e) => e.kind === "takeout.sprigs") ? { status: 422, message: "No." } : { status: 200 };
    const s = started();
    s.write("look.cause", { pane: PANE }, { cause: "hail" });
    const bad = s.write("takeout.sprigs", { pane: PANE }, { found: 9 });
    s.write("look.urgency", { pane: PANE }, { urgency: "today" });
    for (let i = 0; i < 6; i++) await settled();
    expect(outbox.all()).toEqual([]);
    expect(s.keeping.get().refused).toMatchObject({ entry: { id: bad.id }, message: "No." });
    expect(s.entries.get().map((e) => e.kind)).toEqual(["pane.added", "look.cause", "look.urgency"]);
    s.readRefusal();
    expect(s.keeping.get().refused).toBeNull();
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
  it("leaves another pane's line on the same order alone", () => {
    const t = new Teller().added();
    t.tell("order.opened", { supplier: "S", reference: "" }, { order: ORDER });
    t.tell("order.line", ORDER_LINE, { order: ORDER, pane: uuid(0xbb) });
    const s = createLogStore({ initial: t.entries, through: 3, about: { pane: PANE }, who: () => "Nell" });
    expect(s.undo()?.kind).toBe("order.opened");
  });
});
