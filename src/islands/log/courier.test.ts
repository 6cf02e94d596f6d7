import "fake-indexeddb/auto";
import { IDBFactory } from "fake-indexeddb";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { PANE, ROUND, Teller, uuid } from "../../../tests/support/told.ts";
import type { Entry } from "../../core/log/kinds.ts";
import { type Courier, createCourier } from "./courier.ts";
import { createOutbox, type Outbox } from "./outbox.ts";
import type { Sent } from "./send.ts";

let box: Outbox;
let courier: Courier;
let asked: string[][];
let reply: (batch: readonly Entry[]) => Sent;
const stored = (batch: readonly Entry[]): Sent => ({ kind: "stored", ids: batch.map((e) => e.id) });

beforeEach(() => {
  vi.stubGlobal("indexedDB", new IDBFactory());
  box = createOutbox();
  asked = [];
  reply = stored;
  courier = createCourier(box, async (batch) => {
    asked.push(batch.map((e) => e.kind));
    return reply(batch);
  });
});
afterEach(() => vi.unstubAllGlobals());

const teller = () => new Teller(0x40);
const some = (n: number): Entry[] => {
  const t = teller();
  for (let i = 0; i < n; i++) t.tell("takeout.sprigs", { found: i });
  return [...t.entries];
};
const kept = async () => (await box.all()).map((w) => w.entry.id);

describe("what waits on this device", () => {
  it("is on its disk before anybody is told that it is kept", async () => {
    reply = () => ({ kind: "no-answer" });
    const [e] = some(1);
    const taking = courier.take(e ? [e] : []);
    expect(courier.keeping.get()).toMatchObject({ unsaved: 1, waiting: 0 });
    await taking;
    expect(await kept()).toEqual([e?.id]);
    expect(courier.keeping.get()).toMatchObject({ unsaved: 0, waiting: 1 });
  });
  it("at no moment seems to be sent before it is", async () => {
    reply = () => ({ kind: "no-answer" });
    const unsent: number[] = [];
    const taking = courier.take(some(2));
    const off = courier.keeping.subscribe((k) => unsent.push(k.unsaved + k.waiting));
    await taking;
    await courier.flush();
    off();
    expect(unsent.length).toBeGreaterThan(1);
    expect(Math.min(...unsent)).toBeGreaterThan(0);
  });
  it("leaves it once the server has it, and nothing is said", async () => {
    await courier.take(some(3));
    await courier.flush();
    expect(await kept()).toEqual([]);
    expect(courier.keeping.get()).toMatchObject({ waiting: 0, why: null, refused: [], notKept: false });
  });
  it("a device that keeps nothing says so, and it is sent all the same", async () => {
    const full: Outbox = { ...box, put: () => Promise.reject(new DOMException("full", "QuotaExceededError")) };
    reply = () => ({ kind: "no-answer" });
    const c = createCourier(full, async (batch) => reply(batch));
    await c.take(some(1));
    await c.flush();
    expect(c.keeping.get()).toMatchObject({ waiting: 1, notKept: true });
    reply = stored;
    await c.flush();
    expect(c.keeping.get()).toMatchObject({ waiting: 0, notKept: false });
  });
  it("drafts are given back until they are entered", async () => {
    await box.draft("pane x width-top", "61");
    await box.draft("pane y width-top", "9");
    expect([...(await box.drafts("pane x "))]).toEqual([["width-top", "61"]]);
    await box.draft("pane x width-top", "");
    expect([...(await box.drafts("pane x "))]).toEqual([]);
  });
});

describe("one that is wrong", () => {
  it("is set aside with why, mended, and sent; those about it go through", async () => {
    const all = some(7);
    const bad = all[3] as Entry;
    reply = (batch) =>
      batch.some((e) => e.id === bad.id) ? { kind: "refused", code: "invalid", message: "No." } : stored(batch);
    const gone: string[] = [];
    courier.onChange((c) => c.gone && gone.push(c.gone.id));
    await courier.take(all);
    await courier.flush();
    expect(courier.keeping.get()).toMatchObject({ waiting: 0, refused: [{ entry: { id: bad.id }, message: "No." }] });
    expect(gone).toEqual([bad.id]);
    reply = stored;
    await courier.mend(bad.id, { ...bad, id: uuid(0x999) } as Entry);
    await courier.flush();
    expect(await kept()).toEqual([]);
    expect(courier.keeping.get().refused).toEqual([]);
  });
  it("stays in the tray until somebody sees to it, also on the next page", async () => {
    reply = () => ({ kind: "refused", code: "invalid", message: "No." });
    const all = some(1);
    await courier.take(all);
    await courier.flush();
    const next = createCourier(createOutbox(), async (batch) => stored(batch));
    await next.flush();
    expect(next.keeping.get().refused).toHaveLength(1);
    await next.letGo(all[0]?.id ?? "");
    expect(await kept()).toEqual([]);
  });
});

describe("a server that stumbles over one entry", () => {
  it("gets all the others, and the one waits with what was said, not with \u201cno signal\u201d", async () => {
    const all = some(9);
    const bad = all[4] as Entry;
    reply = (batch) => (batch.some((e) => e.id === bad.id) ? { kind: "stumbled", message: "Broke." } : stored(batch));
    await courier.take(all);
    await courier.flush();
    expect(await kept()).toEqual([bad.id]);
    expect(courier.keeping.get()).toMatchObject({ waiting: 1, why: { kind: "said", message: "Broke." }, refused: [] });
  });
  it("what rests on it is not thrown in the tray for want of it", async () => {
    const t = teller().opened().added();
    t.tell("takeout.sprigs", { found: 3 });
    const added = t.entries[1] as Entry;
    const there = new Set<string>();
    reply = (batch) => {
      for (const e of batch) {
        if (e.id === added.id) return { kind: "stumbled", message: "Broke." };
        if (e.about.pane === PANE && !there.has(PANE))
          return { kind: "refused", code: "unknown-id", message: "Nobody added it." };
        if (e.about.round === ROUND) there.add(ROUND);
      }
      return stored(batch);
    };
    await courier.take(t.entries);
    await courier.flush();
    expect(await kept()).toEqual([added.id, t.entries[2]?.id]);
    expect(courier.keeping.get().refused).toEqual([]);
  });
  it("a full disk there is said as that, and nothing is halved for it", async () => {
    reply = () => ({ kind: "closed", message: "The server's disk is full." });
    await courier.take(some(40));
    await courier.flush();
    expect(courier.keeping.get()).toMatchObject({ waiting: 40, why: { kind: "said" } });
    expect(asked.map((batch) => batch.length)).not.toContain(20);
  });
});
