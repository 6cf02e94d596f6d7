import { v7 as uuidv7 } from "uuid";
import type { About } from "../../core/log/kind-fact.ts";
import type { Entry, Kind, Payloads } from "../../core/log/kinds.ts";
import { markedVersion } from "../../core/log/version.ts";
import { keepSent } from "../device/kept-store.ts";
import { theCourier } from "./courier.ts";
import { deviceTime } from "./device-clock.ts";
import { sendEntries } from "./send.ts";

/** Makes entries of one writer, each a millisecond after the one before, for what is written outside a page's own log. */
export function entriesBy(who: string): <K extends Kind>(kind: K, about: About, payload: Payloads[K]) => Entry {
  let n = 0;
  const began = Date.now();
  return (kind, about, payload) => {
    const { now, clock } = deviceTime(began + n++);
    return {
      id: uuidv7(),
      at: now,
      who,
      about,
      kind,
      payload,
      ...(clock && { clock }),
      ...markedVersion(kind),
    } as unknown as Entry;
  };
}

/**
 * Hands entries over whole: to the server, or, without a signal, to this device, which sends them by itself. Answers with
 * what the server says where it will not take them; null where they are stored or kept.
 */
export async function handOver(entries: readonly Entry[]): Promise<string | null> {
  const sent = await sendEntries(entries);
  if (sent.kind === "stored") {
    await keepSent(entries).catch(() => undefined);
    return null;
  }
  if (sent.kind !== "no-answer") return sent.message;
  const courier = theCourier();
  await courier.take(entries);
  return courier.keeping.get().notKept
    ? "There is no signal, and this device would not keep it: leave this page open until there is."
    : null;
}
