import { v7 as uuidv7 } from "uuid";
import { HOUSE_DEFAULTS } from "../core/house/rules.ts";
import { adopting } from "../core/learn/adopting.ts";
import {
  ownFigures,
  personFigures,
  readersIn,
  sendersIn,
  supplierFigures,
  toAdopt,
} from "../core/learn/own-figures.ts";
import type { Entry, Kind } from "../core/log/kinds.ts";
import { THE_HOUSE } from "../core/people/the-house.ts";
import { appendEntries } from "../db/append.ts";
import type { Database } from "../db/database.ts";
import { seenRows } from "../db/seen-rows.ts";
import { loadFirm } from "./firm.ts";
import { log } from "./log.ts";
import { today } from "./today.ts";

/** Kinds after which a figure of the firm's own may say something else. */
const TELLS: ReadonlySet<Kind> = new Set(["order.checked", "order.arrived", "measure.again", "set.fit"]);

/** Takes on the firm's own figures, where the house says that they are taken on by themselves. */
export function adoptOwn(db: Database, added: readonly Entry[], now: Date): void {
  if (!added.some((e) => TELLS.has(e.kind))) return;
  const { firm } = loadFirm(db);
  if (firm.house.ownFigures !== "by themselves") return;
  const panes = seenRows(db).map((r) => r.seen);
  const { house, own, ofPeople, ofSuppliers } = firm;
  const by = { house, own, defaults: HOUSE_DEFAULTS, today: today(), ofPeople, ofSuppliers };
  const figures = [
    ...ownFigures(panes, by),
    ...readersIn(panes).flatMap((who) => personFigures(panes, who, by)),
    ...sendersIn(panes).flatMap((supplier) => supplierFigures(panes, supplier, by)),
  ];
  const entries = toAdopt(figures)
    .flatMap(adopting)
    .map(
      (one, n): Entry => ({
        id: uuidv7(),
        at: new Date(now.getTime() + n).toISOString(),
        who: THE_HOUSE,
        about: {},
        ...one,
      }),
    );
  if (entries.length === 0) return;
  const done = appendEntries(db, entries, { receivedAt: now.toISOString(), sure: false });
  if (!done.ok) log.error({ err: done.error }, "the firm's own figures were not taken on");
}
