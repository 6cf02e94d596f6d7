import { atom, type ReadableAtom } from "nanostores";
import type { Entry, Kind } from "../../core/log/kinds.ts";
import { keepSent } from "../device/kept-store.ts";
import { createOutbox, type Outbox } from "./outbox.ts";
import { sendWaiting, waitingPhotos } from "./photo-store.ts";
import { type Sent, sendEntries } from "./send.ts";
import { signedName } from "./signed-in.ts";

/** How what was written on this device stands with the server. */
export type Keeping = {
  /** Entries that are kept here and not there yet. */
  readonly waiting: number;
  /** Photos that are kept here and not there yet. */
  readonly photos: number;
  /** Written, and not on this device's disk yet. */
  readonly unsaved: number;
  /** This device would not keep something: the page must stay open until it is sent. */
  readonly notKept: boolean;
  /** Why it waits: no answer, or what the server said. */
  readonly why: { readonly kind: "no-answer" } | { readonly kind: "said"; readonly message: string } | null;
  /** What the server would not take, and why. It stays until somebody sees to it. */
  readonly refused: readonly { readonly entry: Entry; readonly message: string }[];
};

export type Courier = {
  readonly keeping: ReadableAtom<Keeping>;
  /** Keeps entries here at once, and sends them. Resolves once they are kept. */
  readonly take: (entries: readonly Entry[]) => Promise<void>;
  /** What waits on this device, refused ones left out. */
  readonly waiting: () => Promise<readonly Entry[]>;
  readonly flush: () => Promise<void>;
  /** Throws away what the server would not take. */
  readonly letGo: (id: string) => Promise<void>;
  /** Sends something mended in the place of what the server would not take. */
  readonly mend: (id: string, mended: Entry) => Promise<void>;
  /** Called with what the server would not take, and with what is sent in its place. */
  readonly onChange: (hear: (change: { gone?: Entry; came?: Entry }) => void) => () => void;
  /** Looks after what waits for as long as a page is open. */
  readonly start: () => () => void;
  readonly outbox: Outbox;
};

const RETRY_MS = 2500;
const MOST_AT_ONCE = 500;

/** Kinds that later entries rest on: while one waits, what is about the same thing is not refused for want of it. */
const ADDS: ReadonlySet<Kind> = new Set(["pane.added", "order.opened", "round.opened"]);

const othersWait = (all: readonly Entry[], who: string): Keeping["why"] => {
  const names = [...new Set(all.flatMap((e) => (e.who === who ? [] : [e.who])))].join(" and ");
  return { kind: "said", message: `What ${names} wrote here goes out when ${names} is signed in again.` };
};

export function createCourier(outbox: Outbox = createOutbox(), send: typeof sendEntries = sendEntries): Courier {
  const keeping = atom<Keeping>({ waiting: 0, photos: 0, unsaved: 0, notKept: false, why: null, refused: [] });
  const note = (change: Partial<Keeping>) => keeping.set({ ...keeping.get(), ...change });
  const hearers = new Set<(change: { gone?: Entry; came?: Entry }) => void>();
  const tell = (change: { gone?: Entry; came?: Entry }) => {
    for (const hear of hearers) hear(change);
  };
  /** On their way to this device's disk, or refused by it: held by the page alone until they are kept or sent. */
  const held = new Map<string, Entry>();
  /** Of those, what this device would not keep. */
  const refusedHere = new Set<string>();
  let sending: Promise<void> | null = null;
  let again = false;

  /** Until what is on its way to the disk is there: what comes after must not be overtaken by it. */
  const puts = new Map<string, Promise<void>>();
  const written = (ids: readonly string[]) => Promise.all(ids.map((id) => puts.get(id)?.catch(() => undefined)));

  async function count(): Promise<void> {
    const all = await outbox.all().catch(() => []);
    const photos = await waitingPhotos().catch(() => 0);
    const kept = new Set(all.map((w) => w.entry.id));
    note({
      photos,
      waiting: all.filter((w) => w.refused === null).length + [...held.keys()].filter((id) => !kept.has(id)).length,
      notKept: refusedHere.size > 0,
      refused: all.flatMap((w) => (w.refused === null ? [] : [{ entry: w.entry, message: w.refused }])),
    });
  }

  async function waiting(): Promise<readonly Entry[]> {
    // What is held is looked at first: it may be kept, and held no more, while the store is read.
    const here = [...held.values()];
    const kept = await outbox.all().catch(() => []);
    const there = new Set(kept.map((w) => w.entry.id));
    return [...kept.flatMap((w) => (w.refused === null ? [w.entry] : [])), ...here.filter((e) => !there.has(e.id))];
  }

  function flush(): Promise<void> {
    if (sending) {
      again = true;
      return sending;
    }
    sending = (async () => {
      do {
        again = false;
        await sendAll();
      } while (again);
    })().finally(() => {
      sending = null;
    });
    return sending;
  }

  /** Sends what waits. A batch that fails is halved until what is wrong stands alone: the others go through. */
  async function sendAll(): Promise<void> {
    const passedOver = new Map<string, Entry>();
    let size = MOST_AT_ONCE;
    let said: Keeping["why"] = null;
    for (;;) {
      // While nothing is known to wait from before, what was just written goes out without a look at the store.
      const all = keeping.get().waiting === 0 && held.size > 0 ? [...held.values()] : await waiting();
      // What somebody else wrote here goes out when they are in again: nobody sends in another's name.
      const who = signedName();
      const theirs = who === null ? all : all.filter((e) => e.who === who);
      if (who !== null && theirs.length < all.length) said = othersWait(all, who);
      const batch = theirs.filter((e) => !passedOver.has(e.id)).slice(0, size);
      if (batch.length === 0) break;
      const sent: Sent = await send(batch);
      if (sent.kind === "stored") {
        for (const id of sent.ids) {
          held.delete(id);
          refusedHere.delete(id);
        }
        await written(sent.ids);
        await keepSent(batch).catch(() => undefined);
        await outbox.drop(sent.ids).catch(() => undefined);
        await count();
        continue;
      }
      if (sent.kind === "no-answer" || sent.kind === "closed") {
        await count();
        note({ why: sent.kind === "closed" ? { kind: "said", message: sent.message } : { kind: "no-answer" } });
        return;
      }
      if (batch.length > 1) {
        size = Math.ceil(batch.length / 2);
        continue;
      }
      const [one] = batch;
      if (!one) break;
      const waitsForAnother = sent.kind === "refused" && sent.code === "unknown-id" && rests(one, passedOver);
      if (sent.kind === "stumbled" || waitsForAnother) {
        passedOver.set(one.id, one);
        said = { kind: "said", message: sent.message };
      } else {
        held.delete(one.id);
        refusedHere.delete(one.id);
        await written([one.id]);
        await outbox.refuse(one, sent.message).catch(() => undefined);
        tell({ gone: one });
      }
      size = MOST_AT_ONCE;
    }
    // Photos after words.
    await sendWaiting().catch(() => undefined);
    await count();
    note({ why: said });
  }

  async function take(entries: readonly Entry[]): Promise<void> {
    note({ unsaved: keeping.get().unsaved + entries.length });
    for (const e of entries) held.set(e.id, e);
    // Sent while it is being kept, with all that is written in the same breath: a page that is left the next moment has both
    // on their way.
    const sent = Promise.resolve().then(flush);
    const put = outbox.put(entries);
    for (const e of entries) puts.set(e.id, put);
    try {
      await put;
      for (const e of entries) held.delete(e.id);
    } catch {
      for (const e of entries) if (held.has(e.id)) refusedHere.add(e.id);
    }
    for (const e of entries) puts.delete(e.id);
    // Counted among what waits before it is left out of what is unsaved: at no moment does it seem to be sent.
    await count();
    note({ unsaved: Math.max(0, keeping.get().unsaved - entries.length) });
    void sent.then(flush);
  }

  return {
    keeping,
    outbox,
    take,
    waiting,
    flush,
    async letGo(id) {
      await outbox.drop([id]);
      await count();
    },
    async mend(id, mended) {
      await outbox.put([mended]);
      await outbox.drop([id]);
      tell({ came: mended });
      await count();
      void flush();
    },
    onChange(hear) {
      hearers.add(hear);
      return () => hearers.delete(hear);
    },
    start() {
      const retry = setInterval(() => keeping.get().waiting + keeping.get().photos > 0 && void flush(), RETRY_MS);
      const online = () => void flush();
      window.addEventListener("online", online);
      void count().then(async () => {
        const had = keeping.get().waiting;
        await flush();
        // The page of something that was still on its way: now it is there. It may have arrived from the page before this one.
        if (!document.querySelector("[data-missing]") || keeping.get().waiting > 0) return;
        if (had > 0 || (await isThereNow())) location.reload();
      });
      return () => {
        clearInterval(retry);
        window.removeEventListener("online", online);
      };
    },
  };
}

/** Whether what this page did not find is there by now. */
const isThereNow = (): Promise<boolean> =>
  fetch(location.href).then(
    (answer) => answer.ok,
    () => false,
  );

/** Whether something that waits adds what this is about. */
const rests = (e: Entry, waiting: ReadonlyMap<string, Entry>): boolean =>
  [...waiting.values()].some(
    (w) =>
      ADDS.has(w.kind) &&
      ((e.about.pane !== undefined && w.about.pane === e.about.pane) ||
        (e.about.order !== undefined && w.about.order === e.about.order) ||
        (w.kind === "round.opened" && e.kind === "pane.added" && e.payload.round === w.about.round) ||
        (e.about.round !== undefined && w.about.round === e.about.round)),
  );

let one: Courier | undefined;

/** The courier of this page: all its islands hand over to the same one. */
export function theCourier(): Courier {
  one ??= createCourier();
  return one;
}
