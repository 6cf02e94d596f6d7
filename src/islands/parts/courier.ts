import { atom, type ReadableAtom } from "nanostores";
import type { Entry, Kind } from "../../core/log/kinds.ts";
import { createOutbox, type Outbox } from "./outbox.ts";
import { type Sent, sendEntries } from "./send.ts";

/** How what was written on this device stands with the server. */
export type Keeping = {
  /** Entries that are kept here and not there yet. */
  readonly waiting: number;
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

export function createCourier(outbox: Outbox = createOutbox(), send: typeof sendEntries = sendEntries): Courier {
  const keeping = atom<Keeping>({ waiting: 0, unsaved: 0, notKept: false, why: null, refused: [] });
  const note = (change: Partial<Keeping>) => keeping.set({ ...keeping.get(), ...change });
  const hearers = new Set<(change: { gone?: Entry; came?: Entry }) => void>();
  const tell = (change: { gone?: Entry; came?: Entry }) => {
    for (const hear of hearers) hear(change);
  };
  /** What this device would not keep: held by the page alone until it is sent. */
  const held = new Map<string, Entry>();
  let sending: Promise<void> | null = null;
  let again = false;

  async function count(): Promise<void> {
    const all = await outbox.all().catch(() => []);
    note({
      waiting: all.filter((w) => w.refused === null).length + held.size,
      notKept: held.size > 0,
      refused: all.flatMap((w) => (w.refused === null ? [] : [{ entry: w.entry, message: w.refused }])),
    });
  }

  async function waiting(): Promise<readonly Entry[]> {
    const kept = await outbox.all().catch(() => []);
    return [...kept.flatMap((w) => (w.refused === null ? [w.entry] : [])), ...held.values()];
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
      const batch = (await waiting()).filter((e) => !passedOver.has(e.id)).slice(0, size);
      if (batch.length === 0) break;
      const sent: Sent = await send(batch);
      if (sent.kind === "stored") {
        for (const id of sent.ids) held.delete(id);
        await outbox.drop(sent.ids);
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
        await outbox.refuse(one, sent.message).catch(() => undefined);
        tell({ gone: one });
      }
      size = MOST_AT_ONCE;
    }
    await count();
    note({ why: said });
  }

  async function take(entries: readonly Entry[]): Promise<void> {
    note({ unsaved: keeping.get().unsaved + entries.length });
    try {
      await outbox.put(entries);
    } catch {
      for (const e of entries) held.set(e.id, e);
    }
    note({ unsaved: Math.max(0, keeping.get().unsaved - entries.length) });
    await count();
    void flush();
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
      const retry = setInterval(() => keeping.get().waiting > 0 && void flush(), RETRY_MS);
      const online = () => void flush();
      window.addEventListener("online", online);
      void count().then(flush);
      return () => {
        clearInterval(retry);
        window.removeEventListener("online", online);
      };
    },
  };
}

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
