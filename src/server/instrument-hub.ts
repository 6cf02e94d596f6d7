import type { InstrumentReading } from "../core/measure/instrument.ts";
import { fail, ok } from "../core/result.ts";
import type { Outcome } from "./http/endpoint.ts";

export type HubNews =
  | { readonly kind: "reading"; readonly reading: InstrumentReading }
  /** Whether readings come to this page. */
  | { readonly kind: "paired"; readonly here: boolean };
type Listener = (news: HubNews) => void;

/** Pages that listen now, by a name each has made up for itself. Readings are passed on and never stored. */
const listeners = new Map<string, Listener>();
/** The page that readings go to, by instrument; EVERY for one that was not paired by itself. */
const EVERY = "";
const pairs = new Map<string, string>();
const MOST_PAGES = 200;

/** A reading goes to the one page its instrument is paired with, and to nobody where that page is gone. */
export function passOn(reading: InstrumentReading): Outcome<{ heard: number }> {
  const page = pairs.get(reading.instrument) ?? pairs.get(EVERY);
  const hear = page === undefined ? undefined : listeners.get(page);
  hear?.({ kind: "reading", reading });
  return ok({ heard: hear ? 1 : 0 });
}

/** Readings go to this page from now on: of one instrument, or of all. */
export function pair(page: string, instrument: string = EVERY): Outcome<{ paired: true }> {
  if (!listeners.has(page))
    return fail({
      status: 404,
      code: "not-listening",
      message: "That page does not listen. Open its instruments first.",
    });
  if (instrument === EVERY) pairs.clear();
  pairs.set(instrument, page);
  tellPairs();
  return ok({ paired: true });
}

/** Listens until the answer is called. A page that begins to listen is the one that readings go to. */
export function listen(page: string, hear: Listener): () => void {
  if (listeners.size >= MOST_PAGES) listeners.delete(listeners.keys().next().value ?? "");
  listeners.set(page, hear);
  pair(page);
  return () => {
    if (listeners.get(page) !== hear) return;
    listeners.delete(page);
    for (const [instrument, paired] of pairs) if (paired === page) pairs.delete(instrument);
    tellPairs();
  };
}

function tellPairs(): void {
  const paired = new Set(pairs.values());
  for (const [page, hear] of listeners) hear({ kind: "paired", here: paired.has(page) });
}
