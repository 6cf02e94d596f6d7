import { ok } from "../core/result.ts";
import { logEnd } from "../db/entry-log.ts";
import { beat } from "../db/pulse.ts";
import type { Outcome } from "./http/endpoint.ts";
import { theDatabase } from "./the-database.ts";

/** Tries a write, and says how far the log is. What is wrong with the file is thrown, and told at the boundary. */
export function health(): Outcome<{ ok: true; through: number; entries: number }> {
  const db = theDatabase();
  beat(db, new Date().toISOString());
  return ok({ ok: true as const, ...logEnd(db) });
}
