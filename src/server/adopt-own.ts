import { v7 as uuidv7 } from "uuid";
import { HOUSE_DEFAULTS } from "../core/house/rules.ts";
import { adopting } from "../core/learn/adopting.ts";
import type { OwnFigure } from "../core/learn/own-figure.ts";
import {
  type ByEach,
  ownFigures,
  personFigures,
  readersIn,
  sendersIn,
  supplierFigures,
  toAdopt,
} from "../core/learn/own-figures.ts";
import type { PaneSeen } from "../core/learn/seen.ts";
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

/**
 * Takes on the firm's own figures, where the house says that they are taken on by themselves: the firm's first, then each
 * person's, then each supplier's, so that what one explains is not taken off once more by the next.
 */
export function adoptOwn(db: Database, added: readonly Entry[], now: Date): void {
  if (!added.some((e) => TELLS.has(e.kind))) return;
  if (loadFirm(db).firm.house.ownFigures !== "by themselves") return;
  const panes = seenRows(db).map((r) => r.seen);
  for (const [n, figuresBy] of FIGURES_IN_ORDER.entries()) {
    const { house, own, ofPeople, ofSuppliers } = loadFirm(db).firm;
    const by = { house, own, defaults: HOUSE_DEFAULTS, today: today(), ofPeople, ofSuppliers };
    takeOn(db, toAdopt(figuresBy(panes, by)), new Date(now.getTime() + 100 * n));
  }
}

const FIGURES_IN_ORDER: readonly ((panes: readonly PaneSeen[], by: ByEach) => readonly OwnFigure[])[] = [
  ownFigures,
  (panes, by) => readersIn(panes).flatMap((who) => personFigures(panes, who, by)),
  (panes, by) => sendersIn(panes).flatMap((supplier) => supplierFigures(panes, supplier, by)),
];

function takeOn(db: Database, figures: readonly OwnFigure[], at: Date): void {
  const entries = figures.flatMap(adopting).map(
    (one, n): Entry => ({
      id: uuidv7(),
      at: new Date(at.getTime() + n).toISOString(),
      who: THE_HOUSE,
      about: {},
      ...one,
    }),
  );
  if (entries.length === 0) return;
  const done = appendEntries(db, entries, { receivedAt: at.toISOString(), sure: false });
  if (!done.ok) log.error({ err: done.error }, "the firm's own figures were not taken on");
}
