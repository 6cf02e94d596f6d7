import { atom, type ReadableAtom } from "nanostores";
import { v7 as uuidv7 } from "uuid";
import { headsOf, threadOf } from "../../core/log/apart.ts";
import type { About } from "../../core/log/kind-fact.ts";
import type { Entry, EntryOf, Kind, Payloads } from "../../core/log/kinds.ts";
import { stampAfter } from "../../core/log/stamp.ts";
import { lastToRedo, lastToUndo, readLog } from "../../core/log/standing-entries.ts";
import { markedVersion } from "../../core/log/version.ts";
import { onNews } from "../device/live.ts";
import { heard } from "../device/signal.ts";
import { type Courier, theCourier } from "./courier.ts";
import { deviceTime, hearServerClock } from "./device-clock.ts";

export type LogStore = {
  readonly entries: ReadableAtom<readonly Entry[]>;
  /** Takes what others wrote since, now instead of in a while. */
  readonly lookNow: () => Promise<void>;
  readonly write: <K extends Kind>(kind: K, about: About, payload: Payloads[K]) => EntryOf<K>;
  readonly undo: () => Entry | undefined;
  readonly redo: () => Entry | undefined;
  readonly strike: (target: Entry, reason: string) => void;
  /** Begins to listen to other tabs and to the server; answers with its end. */
  readonly start: () => () => void;
};

type Options = {
  readonly initial: readonly Entry[];
  readonly through: number;
  /** What this page is about: entries about something else are none of its business. */
  readonly about: About;
  readonly who: () => string;
  /** What else this page was sent with and knows: the firm's own entries on a pane's page. */
  readonly knows?: readonly Entry[] | undefined;
  readonly courier?: Courier;
};

const LOOK_MS = 20_000;
/** One key never takes these away: the pane of the page itself, a round with all its panes. */
const NOT_BY_ONE_KEY: ReadonlySet<Kind> = new Set(["pane.added", "round.opened"]);

/** The entries of one page, with those it writes. A write shows at once, is kept on this device, then sent. */
export function createLogStore(options: Options): LogStore {
  const courier = options.courier ?? theCourier();
  const entries = atom<readonly Entry[]>(options.initial);
  let through = options.through;
  let channel: BroadcastChannel | null = null;

  const add = (more: readonly Entry[], own = false) => {
    const there = new Set(entries.get().map((e) => e.id));
    // An order is opened before its first line says whose it is: so orders that a line in the batch names count too.
    const orders = new Set(
      more.flatMap((e) => (e.about.pane !== undefined && e.about.pane === options.about.pane && e.about.order) || []),
    );
    const fresh = more.filter((e) => !there.has(e.id) && (own || concerns(e) || orders.has(e.about.order ?? "")));
    if (fresh.length > 0) entries.set([...entries.get(), ...fresh]);
  };
  const remove = (e: Entry) => entries.set(entries.get().filter((x) => x.id !== e.id));
  const concerns = (e: Entry): boolean =>
    (options.about.pane !== undefined && e.about.pane === options.about.pane) ||
    (e.about.order !== undefined &&
      (e.about.order === options.about.order || entries.get().some((o) => o.about.order === e.about.order))) ||
    (e.about.pane === undefined && e.about.order === undefined);

  const writtenHere = new Set<string>();
  /** An order holds lines of other panes too, and the firm's rules are written elsewhere: undoing here leaves those alone. */
  const mine = (): readonly Entry[] =>
    entries.get().filter(({ id, about }) => {
      if (options.about.pane === undefined || about.pane === options.about.pane) return true;
      return about.pane === undefined && (about.order !== undefined || writtenHere.has(id));
    });

  function write<K extends Kind>(kind: K, about: About, payload: Payloads[K]): EntryOf<K> {
    const last = entries.get().reduce((newest, e) => (e.at > newest ? e.at : newest), "");
    const { now, clock } = deviceTime();
    const bare = {
      id: uuidv7(),
      at: stampAfter(last || undefined, now),
      who: options.who(),
      about,
      kind,
      payload,
      ...(clock && { clock }),
      ...markedVersion(kind),
    } as EntryOf<K>;
    const entry = { ...bare, ...seenBefore(bare as unknown as Entry) };
    const written = entry as unknown as Entry;
    writtenHere.add(written.id);
    add([written], true);
    channel?.postMessage([written]);
    void courier.take([written]);
    return entry;
  }

  /** What this page had of the same thing, where it was sent all of it. */
  function seenBefore(e: Entry): Pick<Entry, "seen"> {
    const thread = threadOf(e);
    const { pane, order } = e.about;
    const knows =
      order !== undefined
        ? order === options.about.order ||
          entries.get().some((x) => x.about.order === order && x.about.pane === options.about.pane)
        : pane !== undefined
          ? pane === options.about.pane
          : options.knows !== undefined || options.about.pane === undefined;
    if (thread === null || !knows) return {};
    return { seen: headsOf(readLog([...(options.knows ?? []), ...entries.get()]).standing, thread) };
  }

  const strike = (target: Entry, reason: string) => void write("struck", target.about, { entry: target.id, reason });

  async function lookForNews(): Promise<void> {
    try {
      const asked = new URLSearchParams({ after: String(through) });
      if (options.about.pane) {
        asked.set("pane", options.about.pane);
        if (options.knows) asked.set("firm", "too");
      } else if (options.about.order) asked.set("order", options.about.order);
      const at = Date.now();
      const answer = await heard(fetch(`/api/entries?${asked}`));
      hearServerClock(answer.headers.get("x-now"), at, Date.now());
      if (!answer.ok) return;
      const news = (await answer.json()) as { entries: readonly Entry[]; through: number };
      through = news.through;
      add(news.entries);
      if (courier.keeping.get().waiting > 0) await courier.flush();
    } catch {
      // No signal: what is here stays, and the next look tries again.
    }
  }

  return {
    entries,
    write,
    strike,
    undo() {
      const target = lastToUndo(readLog(mine()), options.who());
      if (!target || NOT_BY_ONE_KEY.has(target.kind)) return undefined;
      strike(target, "undone");
      return target;
    },
    redo() {
      const target = lastToRedo(readLog(mine()), options.who());
      if (target) strike(target, "brought back");
      return target;
    },
    lookNow: lookForNews,
    start() {
      void courier.waiting().then((all) => add(all));
      const silence = courier.onChange(({ gone, came }) => {
        if (gone) remove(gone);
        if (came) add([came]);
      });
      channel = new BroadcastChannel("plain-pane-log");
      channel.onmessage = (e: MessageEvent<readonly Entry[]>) => add(e.data);
      const onShow = () => document.visibilityState === "visible" && void lookForNews();
      document.addEventListener("visibilitychange", onShow);
      const look = setInterval(onShow, LOOK_MS);
      const deaf = onNews(onShow);
      // What was stored while this page was on its way here, or since a page without signal was kept, is not in it.
      void lookForNews();
      return () => {
        clearInterval(look);
        deaf();
        document.removeEventListener("visibilitychange", onShow);
        silence();
        channel?.close();
        channel = null;
      };
    },
  };
}
