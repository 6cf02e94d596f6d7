import type { Entry } from "../core/log/kinds.ts";
import { KINDS } from "../core/log/kinds.ts";
import { readLog } from "../core/log/standing-entries.ts";
import { emptied } from "../core/people/forget.ts";
import { fail, ok, type Result } from "../core/result.ts";
import { type Database, mustBeThere, type Running } from "./database.ts";
import { addedIds, entriesById, entriesOfOrder, insertEntries, logThrough } from "./entry-log.ts";
import { forgetCustomer, unreadably, withoutForgotten } from "./forget-customer.ts";
import { countPanes } from "./lists.ts";
import { project, projectAgain } from "./projection.ts";

export type AppendError =
  | {
      readonly kind: "unknown-id";
      readonly entry: string;
      readonly what: "pane" | "order" | "round";
      readonly id: string;
    }
  | { readonly kind: "id-taken"; readonly entry: string }
  | { readonly kind: "strike-about-other"; readonly entry: string }
  /** A pane that is put on an order which went to its supplier without it. */
  | { readonly kind: "order-sent"; readonly entry: string; readonly order: string }
  /** A round with panes on it goes off every list with them: that is asked twice. */
  | { readonly kind: "strikes-round"; readonly entry: string; readonly panes: number };

export type Appended = {
  readonly taken: readonly string[];
  readonly known: readonly string[];
  readonly through: number;
};

/**
 * Adds a batch to the log and brings the tables up to date: all of it or nothing, in one transaction on the disk
 * before it answers. An entry that is there already, word for word, is passed over.
 */
export function appendEntries(
  db: Database,
  batch: readonly Entry[],
  by: { readonly receivedAt: string; readonly sure?: boolean } = { receivedAt: new Date().toISOString(), sure: true },
): Result<Appended, AppendError> {
  mustBeThere(db);
  return batch.some((e) => e.kind === "customer.forgotten")
    ? unreadably(db, () => append(db, batch, by))
    : append(db, batch, by);
}

function append(
  db: Database,
  told: readonly Entry[],
  by: { readonly receivedAt: string; readonly sure?: boolean },
): Result<Appended, AppendError> {
  return db.transaction(
    (tx) => {
      const batch = withoutForgotten(tx, told);
      const refused = refuse(tx, batch, by.sure === true);
      if (refused) return fail(refused);
      const taken = insertEntries(tx, batch, by.receivedAt);
      const isNew = new Set(taken);
      const added = batch.filter((e) => isNew.has(e.id));
      for (const e of added)
        if (e.kind === "customer.forgotten") projectAgain(tx, forgetCustomer(tx, e.payload.address));
      project(tx, added);
      return ok({ taken, known: batch.map((e) => e.id).filter((id) => !isNew.has(id)), through: logThrough(tx) });
    },
    { behavior: "immediate" },
  );
}

function refuse(tx: Running, batch: readonly Entry[], sure: boolean): AppendError | null {
  const there = new Map(
    entriesById(
      tx,
      batch.flatMap((e) => (e.kind === "struck" ? [e.id, e.payload.entry] : [e.id])),
    ).map((e) => [e.id, e]),
  );
  for (const e of batch) {
    const same = there.get(e.id);
    if (same && !sameEntry(same, e) && !sameEntry(same, { ...e, payload: emptied(e.kind, e.payload) } as Entry))
      return { kind: "id-taken", entry: e.id };
    if (e.kind !== "struck") continue;
    const target = there.get(e.payload.entry) ?? batch.find((b) => b.id === e.payload.entry);
    if (target && !sameAbout(target, e)) return { kind: "strike-about-other", entry: e.id };
    if (!sure && !same && target?.kind === "round.opened" && target.about.round !== undefined) {
      const panes = countPanes(tx, target.about.round);
      if (panes > 0) return { kind: "strikes-round", entry: e.id, panes };
    }
  }
  return (
    lateLine(tx, batch) ??
    unknownId(tx, batch, "pane", "pane.added") ??
    unknownId(tx, batch, "order", "order.opened") ??
    unknownId(tx, batch, "round", "round.opened")
  );
}

/** A line for an order that has gone: whoever put it there did not know. */
function lateLine(tx: Running, batch: readonly Entry[]): AppendError | null {
  const lines = batch.filter((e) => e.kind === "order.line");
  for (const order of new Set(lines.flatMap((e) => e.about.order ?? []))) {
    const { standing } = readLog(entriesOfOrder(tx, order));
    if (!standing.some((x) => x.kind === "order.sent")) continue;
    const there = new Set(standing.map((x) => x.id));
    const late = lines.find((e) => e.about.order === order && !there.has(e.id));
    if (late) return { kind: "order-sent", entry: late.id, order };
  }
  return null;
}

function unknownId(
  tx: Running,
  batch: readonly Entry[],
  what: "pane" | "order" | "round",
  adds: "pane.added" | "order.opened" | "round.opened",
): AppendError | null {
  const asked = batch.map((e) => ({
    entry: e.id,
    id: what === "round" && e.kind === "pane.added" ? e.payload.round : e.about[what],
  }));
  const known = new Set([
    ...addedIds(
      tx,
      adds,
      asked.flatMap((a) => a.id ?? []),
    ),
    ...batch.filter((e) => e.kind === adds && KINDS[e.kind].about.includes(what)).flatMap((e) => e.about[what] ?? []),
  ]);
  const stranger = asked.find((a) => a.id !== undefined && !known.has(a.id));
  return stranger?.id === undefined ? null : { kind: "unknown-id", entry: stranger.entry, what, id: stranger.id };
}

const sameAbout = (a: Entry, b: Entry): boolean =>
  a.about.pane === b.about.pane && a.about.order === b.about.order && a.about.round === b.about.round;

const sameEntry = (a: Entry, b: Entry): boolean =>
  a.kind === b.kind &&
  a.at === b.at &&
  a.who === b.who &&
  sameAbout(a, b) &&
  stable(a.seen ?? null) === stable(b.seen ?? null) &&
  stable(a.payload) === stable(b.payload);

/** JSON with its keys in order, so that the order in which a phone wrote them does not matter. */
function stable(value: unknown): string {
  return JSON.stringify(value, (_, v: unknown) =>
    v !== null && typeof v === "object" && !Array.isArray(v)
      ? Object.fromEntries(Object.entries(v).sort(([a], [b]) => (a < b ? -1 : 1)))
      : v,
  );
}
