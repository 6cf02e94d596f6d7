import type { z } from "zod";
import type { BatchTaken, EntryBatch } from "../contract/entry.ts";
import { aboutMissing } from "../core/log/about.ts";
import type { Entry } from "../core/log/kinds.ts";
import { may, writing } from "../core/people/may.ts";
import type { Visitor } from "../core/people/role.ts";
import { fail, ok } from "../core/result.ts";
import { counted } from "../core/text/counted.ts";
import { type AppendError, appendEntries as append } from "../db/append.ts";
import type { Database } from "../db/database.ts";
import { adoptOwn } from "./adopt-own.ts";
import type { Outcome, Refusal } from "./http/endpoint.ts";
import { keepWeather } from "./keep-weather.ts";
import { lookForNews } from "./live.ts";
import { visitor } from "./people/visit.ts";
import { rowsAhead } from "./rows-ahead.ts";
import { theDatabase } from "./the-database.ts";

const DAY_MS = 86_400_000;

/** Adds a batch of entries: all or none. */
export function appendEntries(
  batch: EntryBatch,
  db: Database = theDatabase(),
  now: Date = new Date(),
  by: Visitor | null = visitor(),
): Outcome<z.output<typeof BatchTaken>> {
  const barred = notTheirs(batch, by);
  if (barred) return fail(barred);
  const latest = new Date(now.getTime() + DAY_MS).toISOString();
  const ahead = batch.entries.find((e) => e.at > latest);
  if (ahead)
    return fail({
      code: "clock-ahead",
      message: `Entry ${ahead.id} says that it was written on ${ahead.at.slice(0, 10)}, more than a day ahead of this server's clock. Set the clock of the device that wrote it, then write it again. Nothing was stored.`,
    });
  for (const entry of batch.entries) {
    const missing = aboutMissing(entry);
    if (missing)
      return fail({
        code: "about-missing",
        message: `Entry ${missing.entry} (${entry.kind}) must say which ${missing.needs} it is about. Nothing was stored.`,
      });
  }
  const done = append(db, batch.entries, { receivedAt: now.toISOString(), sure: batch.sure ?? false });
  if (!done.ok) return fail(refusal(done.error));
  adoptOwn(db, batch.entries as readonly Entry[], now);
  keepWeather(db, batch.entries as readonly Entry[], now);
  setImmediate(lookForNews);
  rowsAhead(db, new Set(batch.entries.flatMap((e) => e.about.pane ?? [])));
  return ok({ taken: [...done.value.taken], known: [...done.value.known], through: done.value.through });
}

/** What whoever is signed in may not write: in another's name, or what their role does not cover. */
function notTheirs({ entries }: EntryBatch, by: Visitor | null): Refusal | null {
  if (!by) return null;
  const other = entries.find((e) => e.who !== by.name);
  if (other)
    return {
      status: 403,
      code: "other-writer",
      message: `Entry ${other.id} was written as ${other.who}, and ${by.name} is signed in. It goes out when ${other.who} signs in on that device. Nothing was stored.`,
    };
  const above = entries.find((e) => !may(by.role, writing(e.kind)));
  return above
    ? {
        status: 403,
        code: "not-yours",
        message: `Entry ${above.id} (${above.kind}) is for the office or an owner to write. Nothing was stored.`,
      }
    : null;
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
    case "order-sent":
      return {
        status: 409,
        code: "order-sent",
        message:
          "This order went to the supplier before the pane was put on it. Put the pane on a new order. Nothing was stored.",
      };
    case "strikes-round":
      return {
        status: 409,
        code: "strikes-round",
        message: `Striking this round takes its ${counted(error.panes, "pane")} off every list. If that is meant, send the strike again with "sure": true beside its entries. Nothing was stored.`,
      };
    case "strike-about-other":
      return {
        status: 422,
        code: "strike-about-other",
        message: `The strike ${error.entry} must be about the same pane, order and round as the entry it strikes. Nothing was stored.`,
      };
  }
}
