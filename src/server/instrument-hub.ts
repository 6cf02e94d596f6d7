import type { InstrumentReading } from "../core/measure/instrument.ts";
import { ok } from "../core/result.ts";
import type { Outcome } from "./http/endpoint.ts";

type Listener = (reading: InstrumentReading) => void;

/** Pages that listen now. Readings are passed on and never stored: only what a page keeps goes in the log. */
const listeners = new Set<Listener>();

export function passOn(reading: InstrumentReading): Outcome<{ heard: number }> {
  for (const hear of listeners) hear(reading);
  return ok({ heard: listeners.size });
}

/** Listens until the answer is called. */
export function listen(hear: Listener): () => void {
  listeners.add(hear);
  return () => listeners.delete(hear);
}
