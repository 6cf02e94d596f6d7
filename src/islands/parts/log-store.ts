import { atom, type ReadableAtom } from "nanostores";
import { v7 as uuidv7 } from "uuid";
import type { About, Entry, EntryOf, Kind, Payloads } from "../../core/log/kinds.ts";
import { stampAfter } from "../../core/log/stamp.ts";
import { lastToRedo, lastToUndo, readLog } from "../../core/log/standing-entries.ts";
import { outbox } from "./outbox.ts";
import { sendEntries } from "./send.ts";

/** How the log stands with the server. */
export type Keeping = {
  /** Entries that wait for an answer; `silent` once the server has not answered. */
  readonly waiting: number;
  readonly silent: boolean;
  /** The last entry the server would not take, and why. It stays until somebody has read it. */
  readonly refused: { readonly entry: Entry; readonly message: string } | null;
};

export type LogStore = {
  readonly entries: ReadableAtom<readonly Entry[]>;
  readonly keeping: ReadableAtom<Keeping>;
  /** Takes what others wrote since, now instead of in a while. */
  readonly lookNow: () => Promise<void>;
  readonly write: <K extends Kind>(kind: K, about: About, payload: Payloads[K]) => EntryOf<K>;
  readonly undo: () => Entry | undefined;
  readonly redo: () => Entry | undefined;
  readonly readRefusal: () => void;
  readonly strike: (target: Entry, reason: string) => void;
  /** Begins to send, to listen to other tabs and to the server; answers with its end. */
  readonly start: () => () => void;
};

type Options = {
  readonly initial: readonly Entry[];
  readonly through: number;
  /** What this page is about: entries about something else are none of its business. */
  readonly about: About;
  readonly who: () => string;
};

const RETRY_MS = 2500;
const LOOK_MS = 20_000;
const MOST_AT_ONCE = 500;

/** The entries of one page, with those it writes. A write shows at once, is kept in the browser, then sent. */
export function createLogStore(of: Options): LogStore {
  const entries = atom<readonly Entry[]>(of.initial);
  const keeping = atom<Keeping>({ waiting: 0, silent: false, refused: null });
  const note = (change: Partial<Keeping>) => keeping.set({ ...keeping.get(), ...change });
  let through = of.through;
  let sending = false;
  let channel: BroadcastChannel | null = null;

  const add = (more: readonly Entry[], own = false) => {
    const there = new Set(entries.get().map((e) => e.id));
    // An order is opened before its first line says whose it is: so orders that a line in the batch names count too.
    const orders = new Set(
      more.flatMap((e) => (e.about.pane !== undefined && e.about.pane === of.about.pane && e.about.order) || []),
    );
    const fresh = more.filter((e) => !there.has(e.id) && (own || concerns(e) || orders.has(e.about.order ?? "")));
    if (fresh.length > 0) entries.set([...entries.get(), ...fresh]);
  };
  const concerns = (e: Entry): boolean =>
    (of.about.pane !== undefined && e.about.pane === of.about.pane) ||
    (e.about.order !== undefined &&
      (e.about.order === of.about.order || entries.get().some((o) => o.about.order === e.about.order))) ||
    (e.about.pane === undefined && e.about.order === undefined);

  /** An order holds lines of other panes too: undoing here leaves those alone. */
  const mine = (): readonly Entry[] =>
    entries
      .get()
      .filter((e) => of.about.pane === undefined || e.about.pane === undefined || e.about.pane === of.about.pane);

  async function flush(): Promise<void> {
    if (sending) return;
    sending = true;
    try {
      let size = MOST_AT_ONCE;
      for (let batch = outbox.all().slice(0, size); batch.length > 0; batch = outbox.all().slice(0, size)) {
        const sent = await sendEntries(batch);
        if (sent.kind === "no-answer") {
          note({ waiting: outbox.all().length, silent: true });
          return;
        }
        if (sent.kind === "stored") outbox.drop(sent.ids);
        else if (batch.length > 1) size = Math.ceil(batch.length / 2);
        else {
          for (const e of batch) setAside(e, sent.message);
          size = MOST_AT_ONCE;
        }
      }
      note({ waiting: 0, silent: false });
    } finally {
      sending = false;
    }
  }

  /** One entry the server will never take: out of the way of the rest, and said. */
  function setAside(e: Entry, message: string): void {
    outbox.drop([e.id]);
    entries.set(entries.get().filter((x) => x.id !== e.id));
    note({ refused: { entry: e, message } });
  }

  function write<K extends Kind>(kind: K, about: About, payload: Payloads[K]): EntryOf<K> {
    const last = entries.get().reduce((newest, e) => (e.at > newest ? e.at : newest), "");
    const entry = {
      id: uuidv7(),
      at: stampAfter(last || undefined, new Date().toISOString()),
      who: of.who(),
      about,
      kind,
      payload,
    } as EntryOf<K>;
    const written = entry as unknown as Entry;
    outbox.put(written);
    add([written], true);
    note({ waiting: outbox.all().length });
    channel?.postMessage([written]);
    queueMicrotask(() => void flush());
    return entry;
  }

  const strike = (target: Entry, reason: string) => void write("struck", target.about, { entry: target.id, reason });

  async function lookForNews(): Promise<void> {
    try {
      const asked = new URLSearchParams({ after: String(through) });
      if (of.about.pane) asked.set("pane", of.about.pane);
      else if (of.about.order) asked.set("order", of.about.order);
      const answer = await fetch(`/api/entries?${asked}`);
      if (!answer.ok) return;
      const news = (await answer.json()) as { entries: readonly Entry[]; through: number };
      through = news.through;
      add(news.entries);
      if (outbox.all().length > 0) await flush();
    } catch {
      // No signal: what is here stays, and the next look tries again.
    }
  }

  return {
    entries,
    keeping,
    write,
    strike,
    readRefusal: () => note({ refused: null }),
    undo() {
      const target = lastToUndo(readLog(mine()), of.who());
      if (target && target.kind !== "pane.added") strike(target, "undone");
      return target?.kind === "pane.added" ? undefined : target;
    },
    redo() {
      const target = lastToRedo(readLog(mine()), of.who());
      if (target) strike(target, "brought back");
      return target;
    },
    lookNow: lookForNews,
    start() {
      add(outbox.all());
      channel = new BroadcastChannel("plain-pane-log");
      channel.onmessage = (e: MessageEvent<readonly Entry[]>) => add(e.data);
      const onShow = () => document.visibilityState === "visible" && void lookForNews();
      document.addEventListener("visibilitychange", onShow);
      const retry = setInterval(() => outbox.all().length > 0 && void flush(), RETRY_MS);
      const look = setInterval(onShow, LOOK_MS);
      void flush();
      // What was stored while this page was on its way here, or since a page without signal was kept, is not in it.
      void lookForNews();
      return () => {
        clearInterval(retry);
        clearInterval(look);
        document.removeEventListener("visibilitychange", onShow);
        channel?.close();
        channel = null;
      };
    },
  };
}
