import type { z } from "zod";
import type { BatchTaken, EntryBatch } from "../contract/entry.ts";
import { aboutMissing } from "../core/log/about.ts";
import { fail, ok } from "../core/result.ts";
import { type AppendError, appendEntries as append } from "../db/append.ts";
import type { Database } from "../db/database.ts";
import type { Outcome, Refusal } from "./http/endpoint.ts";
import { theDatabase } from "./the-database.ts";

/** Adds a batch of entries: all or none. */
export function appendEntries(batch: EntryBatch, db: Database = theDatabase()): Outcome<z.output<typeof BatchTaken>> {
  for (const entry of batch.entries) {
    const missing = aboutMissing(entry);
    if (missing)
      return fail({
        code: "about-missing",
        message: `Entry ${missing.entry} (${entry.kind}) must say which ${missing.needs} it is about. Nothing was stored.`,
      });
  }
  const done = append(db, batch.entries);
  if (!done.ok) return fail(refusal(done.error));
  return ok({ taken: [...done.value.taken], known: [...done.value.known], through: done.value.through });
}

function refusal(error: AppendError): Refusal {
  switch (error.kind) {
    case "unknown-id":
      return {
        status: 404,
        code: "unknown-id",
        message: `Nobody has added ${error.what} ${error.id}, which entry ${error.entry} is about. Nothing was stored.`,
      };
    case "id-taken":
      return {
        status: 409,
        code: "id-taken",
        message: `Another entry has the id ${error.entry}. Give this one an id of its own. Nothing was stored.`,
      };
    case "strike-about-other":
      return {
        status: 422,
        code: "strike-about-other",
        message: `The strike ${error.entry} must be about the same pane, order and round as the entry it strikes. Nothing was stored.`,
      };
  }
}
