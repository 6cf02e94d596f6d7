import { v5 as uuidv5 } from "uuid";
import type { z } from "zod";
import type { PostAnswer, PostAsk, PostHand } from "../contract/orders.ts";
import type { Entry, Kind, Payloads } from "../core/log/kinds.ts";
import { readLog } from "../core/log/standing-entries.ts";
import { NO_MONEY } from "../core/money/pence.ts";
import type { HandedOrder, TheirState } from "../core/order/port.ts";
import { foldOrder, type OrderBook, standingLines } from "../core/pane/order-book.ts";
import { linePence } from "../core/pane/source-facts.ts";
import { usualLeadDays } from "../core/pane/usual-lead.ts";
import { fail, ok, type Result } from "../core/result.ts";
import { wholeText } from "../core/specify/whole.ts";
import { type Day, dayOf, writeDay } from "../core/units/day.ts";
import { appendEntries } from "../db/append.ts";
import type { Database } from "../db/database.ts";
import { entriesById, entriesOfOrder, logThrough } from "../db/entry-log.ts";
import { loadFirm } from "./firm.ts";
import type { Outcome } from "./http/endpoint.ts";
import { httpSupplier, type PortError, supplierBase, type TriedPort } from "./supplier-port.ts";
import { theDatabase } from "./the-database.ts";
import { today } from "./today.ts";

type Told = { entries: Entry[]; through: number };
type Use<R extends { readonly input: z.ZodType | null }> = z.output<NonNullable<R["input"]>>;

/** Ids of entries that follow from what a supplier said are made of it: written twice they are one. */
const SPACE = "8e0c3f5e-6d0d-4c58-9a0c-52f2a6a2b7d1";
const idOf = (order: string, kind: string, what: string): string => uuidv5(`${order}/${kind}/${what}`, SPACE);

const orderIn = (db: Database, id: string): OrderBook | undefined => foldOrder(id, readLog(entriesOfOrder(db, id)));

export async function handOrder(
  asked: Use<typeof PostHand>,
  by: { readonly db: Database; readonly port: TriedPort; readonly today: Day } = here(),
): Promise<Outcome<Told>> {
  const order = orderIn(by.db, asked.order);
  if (!order) return unknown(asked.order);
  const lines = standingLines(order);
  if (lines.length === 0)
    return fail({ code: "empty", message: "Nothing stands on this order. Put a pane on it first." });
  const { firm } = loadFirm(by.db);
  const terms = firm.terms.get(order.supplier);
  const handed: HandedOrder = {
    key: order.id,
    reference: order.reference,
    day: order.sent ? dayOf(order.sent.day) : by.today,
    leadDays:
      firm.suppliers.find((s) => s.name === order.supplier)?.leadDays ??
      usualLeadDays(standingLines(order), firm.house),
    delivery: terms?.deliveryPence ?? NO_MONEY,
    lines: lines.map((l) => ({
      line: l.line,
      widthNm: l.widthNm,
      heightNm: l.heightNm,
      thicknessNm: l.thicknessNm,
      glass: l.glass,
      edges: l.edges,
      pattern: l.pattern,
      ...(l.whole ? { whole: wholeText(l.whole) } : {}),
      label: l.label,
      pence: terms ? linePence(l, terms) : null,
    })),
  };
  // Written down before it goes: if we are stopped in between, the same key is handed in again and counts once.
  const first = writer(asked.order, asked.who);
  write(by.db, [first("order.handed", "hand", { key: order.id, to: order.supplier })]);
  return told(by.db, asked, await by.port.hand(handed), handed);
}

export async function answerOrder(asked: Use<typeof PostAnswer>, by = here()): Promise<Outcome<Told>> {
  if (!orderIn(by.db, asked.order)) return unknown(asked.order);
  const state = await by.port.answer(asked.order, asked.question, asked.answer);
  return told(by.db, asked, state, null);
}

export async function askOrder(asked: Use<typeof PostAsk>, by = here()): Promise<Outcome<Told>> {
  if (!orderIn(by.db, asked.order)) return unknown(asked.order);
  return told(by.db, asked, await by.port.ask(asked.order, asked.day ? dayOf(asked.day) : by.today), null);
}

const here = () => ({
  db: theDatabase(),
  port: httpSupplier(supplierBase(), today),
  today: today(),
});

const unknown = (id: string): Outcome<Told> =>
  fail({ status: 404, code: "unknown-id", message: `There is no order ${id}. See /orders for those there are.` });

const writer =
  (order: string, who: string) =>
  <K extends Kind>(kind: K, what: string, payload: Payloads[K]): Entry =>
    ({ id: idOf(order, kind, what), at: new Date().toISOString(), who, about: { order }, kind, payload }) as Entry;

/** Adds those that are not there yet. */
function write(db: Database, entries: readonly Entry[]): void {
  const there = new Set(
    entriesById(
      db,
      entries.map((e) => e.id),
    ).map((e) => e.id),
  );
  const done = appendEntries(
    db,
    entries.filter((e) => !there.has(e.id)),
  );
  if (!done.ok) throw new Error(`what a supplier said was not taken: ${done.error.kind}`);
}

/** Writes down all that their state says; what was written before is passed over. */
function told(
  db: Database,
  { order, who }: { readonly order: string; readonly who: string },
  state: Result<TheirState, PortError>,
  handed: HandedOrder | null,
): Outcome<Told> {
  if (!state.ok)
    return fail(
      state.error.kind === "refused"
        ? { status: 422, code: "refused", message: `They refused it: ${state.error.says}` }
        : {
            status: 504,
            code: "no-answer",
            message: `No answer from their system after ${state.error.tries} tries. Nothing is lost: send it again, it counts once.`,
          },
    );
  const s = state.value;
  const entry = writer(order, who);
  const out: Entry[] = [];
  if (handed)
    out.push(
      entry("order.sent", "hand", {
        day: writeDay(handed.day),
        due: writeDay(s.acknowledged?.due ?? handed.day),
      }),
    );
  if (s.question) {
    out.push(
      entry("order.asked", s.question.id, {
        question: s.question.id,
        line: s.question.line,
        asks: s.question.asks,
      }),
    );
    if (s.question.answer !== null)
      out.push(entry("order.answered", s.question.id, { question: s.question.id, answer: s.question.answer }));
  }
  const ack = (due: Day, what: string) =>
    entry("order.acknowledged", what, {
      day: writeDay(s.acknowledged?.day ?? due),
      pence: s.acknowledged?.pence ?? null,
      due: writeDay(due),
      theirs: s.theirs,
      how: "their system",
    });
  if (s.acknowledged) out.push(ack(s.acknowledged.due, "ack"));
  if (s.putOff !== null) out.push(ack(s.putOff, "put-off"));
  if (s.delivered)
    out.push(
      entry("order.note", "note", {
        theirs: s.theirs,
        day: writeDay(s.delivered.day),
        lines: s.delivered.lines.map((l) => ({ ...l, says: l.says.slice(0, 200) })),
      }),
    );
  write(db, out);
  const ids = new Set(out.map((e) => e.id));
  return ok({
    entries: entriesOfOrder(db, order).filter((e) => ids.has(e.id)) as Entry[],
    through: logThrough(db),
  });
}
