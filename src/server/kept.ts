import type { KeptPage, KeptQuery } from "../contract/kept.ts";
import { fail, ok } from "../core/result.ts";
import { openingsOf } from "../db/entry-log.ts";
import { listPeople, roundById } from "../db/lists.ts";
import { entriesOfRoundAfter } from "../db/log-after.ts";
import { openOrders } from "../db/order-lists.ts";
import { loadFirm } from "./firm.ts";
import type { Outcome } from "./http/endpoint.ts";
import { recordsOf } from "./supplier-records.ts";
import { theDatabase } from "./the-database.ts";
import { today } from "./today.ts";

const AT_ONCE = 2000;

/** A round for a device to keep, from a place of the log on. To begin with, of the firm's own years only what still counts. */
export function keptOfRound({ id, after }: KeptQuery): Outcome<KeptPage> {
  const db = theDatabase();
  if (!roundById(db, id)) return fail({ status: 404, code: "unknown-id", message: `There is no round ${id} here.` });
  const firm = after === 0 ? loadFirm(db).entries : null;
  const page = entriesOfRoundAfter(db, id, { after, most: AT_ONCE, withFirm: firm === null });
  const openings = openingsOf(
    db,
    openOrders(db).map((o) => o.id),
  );
  return ok({
    entries: [...(firm ?? []), ...page.entries],
    through: page.through,
    more: page.more,
    today: today(),
    records: recordsOf(db).map((r) => ({ ...r, gone: [...r.gone], offMm: [...r.offMm] })),
    openings: [...openings.values()],
    people: [...listPeople(db)],
  });
}
