import type { Entry, EntryOf } from "../log/kinds.ts";
import type { Log } from "../log/standing-entries.ts";
import type { Chase } from "../order/chased.ts";
import type { LineState } from "../order/line-state.ts";
import { type LineLife, linesLived, untouched } from "./line-life.ts";

/** One pane on an order, as it was put there: what the supplier was asked for never changes behind their back. */
export type OrderLine = EntryOf<"order.line">["payload"] &
  LineLife & {
    readonly entry: string;
    readonly pane: string;
    /** The day it is promised for, by itself or with its order; null where nobody said one. */
    readonly due: string | null;
    /** Figures that the other side repeated on the telephone. */
    readonly readBack: readonly string[];
  };

export type Question = {
  readonly question: string;
  readonly line: string | null;
  readonly asks: string;
  readonly answer: string | null;
};

export type OrderBook = {
  readonly id: string;
  readonly supplier: string;
  readonly reference: string;
  readonly openedAt: string;
  readonly sent: { readonly day: string; readonly due: string; readonly who: string } | null;
  readonly arrived: string | null;
  /** How often it was asked after, and each new day that they gave, the first first. */
  readonly chases: readonly Chase[];
  /** What they said to it: price, date, their reference. */
  readonly acknowledged: EntryOf<"order.acknowledged">["payload"] | null;
  readonly questions: readonly Question[];
  /** The newest delivery note. */
  readonly note: EntryOf<"order.note">["payload"] | null;
  /** Handed to their own system, under this key. */
  readonly handed: EntryOf<"order.handed">["payload"] | null;
  readonly lines: readonly OrderLine[];
};

/** How an order stands, from the entries about it. Undefined while nobody has opened it. */
export function foldOrder(id: string, log: Log): OrderBook | undefined {
  const own = log.standing.filter((e) => e.about.order === id);
  const opened = own.find((e) => e.kind === "order.opened");
  if (opened?.kind !== "order.opened") return undefined;
  const sent = own.findLast((e) => e.kind === "order.sent");
  const arrived = own.findLast((e) => e.kind === "order.arrived");
  const acknowledged = newest(own, "order.acknowledged");
  const readBack = new Map<string, readonly string[]>();
  const questions = new Map<string, Question>();
  for (const e of own) {
    if (e.kind === "order.read-back") readBack.set(e.payload.line, e.payload.figures);
    if (e.kind === "order.asked")
      questions.set(e.payload.question, { ...e.payload, answer: questions.get(e.payload.question)?.answer ?? null });
    if (e.kind === "order.answered") {
      const asked = questions.get(e.payload.question);
      if (asked) questions.set(asked.question, { ...asked, answer: e.payload.answer });
    }
  }
  const rest: LineState = arrived ? "arrived" : sent ? "sent" : "open";
  const lives = linesLived(own, rest);
  const orderDue = sent?.kind === "order.sent" ? (dueOf(own) ?? sent.payload.due) : null;
  const lines = own.flatMap((e: Entry): OrderLine[] => {
    if (e.kind !== "order.line" || e.about.pane === undefined) return [];
    const life = lives.get(e.payload.line) ?? untouched(rest);
    return [
      {
        ...e.payload,
        ...life,
        entry: e.id,
        pane: e.about.pane,
        due: life.state === "made-again" ? (life.outcome?.due ?? null) : orderDue,
        readBack: readBack.get(e.payload.line) ?? [],
      },
    ];
  });
  return {
    id,
    supplier: opened.payload.supplier,
    reference: opened.payload.reference,
    openedAt: opened.at,
    sent: sent?.kind === "order.sent" ? { ...sent.payload, due: orderDue ?? sent.payload.due, who: sent.who } : null,
    chases: chasesOf(own),
    acknowledged,
    questions: [...questions.values()],
    note: newest(own, "order.note"),
    handed: newest(own, "order.handed"),
    arrived: arrived?.kind === "order.arrived" ? arrived.payload.day : null,
    lines,
  };
}

/** The day that an entry gives, where it gives one. */
const dayGiven = (e: Entry): string | null =>
  e.kind === "order.acknowledged" || e.kind === "order.promised" || e.kind === "order.chased" ? e.payload.due : null;

/** The newest day that they gave since it was sent. */
const dueOf = (own: readonly Entry[]): string | null => {
  const said = own.findLast((e) => dayGiven(e) !== null);
  return said ? dayGiven(said) : null;
};

function chasesOf(own: readonly Entry[]): readonly Chase[] {
  let was = own.findLast((e) => e.kind === "order.sent")?.payload.due ?? null;
  const out: Chase[] = [];
  for (const e of own) {
    const { who } = e;
    if (e.kind === "order.chased") out.push({ ...e.payload, who, was });
    if (e.kind === "order.promised")
      out.push({ day: e.at.slice(0, 10), who, how: null, says: e.payload.note, due: e.payload.due, was });
    was = dayGiven(e) ?? was;
  }
  return out;
}

const newest = <K extends "order.acknowledged" | "order.note" | "order.handed">(
  own: readonly Entry[],
  kind: K,
): EntryOf<K>["payload"] | null => (own.findLast((e) => e.kind === kind) as EntryOf<K> | undefined)?.payload ?? null;

/** Lines that still count: not dropped. */
export const standingLines = (order: OrderBook): readonly OrderLine[] =>
  order.lines.filter((l) => l.state !== "dropped");

/** Where an order is as a whole. */
export function orderStage(order: OrderBook): "open" | "sent" | "arrived" | "checked" {
  const lines = standingLines(order);
  if (lines.length > 0 && lines.every((l) => l.check !== null)) return "checked";
  // All that is not looked at yet is on its way for the second time.
  if (order.arrived && lines.length > 0 && lines.every((l) => l.check !== null || l.state === "made-again"))
    return "sent";
  return order.arrived ? "arrived" : order.sent ? "sent" : "open";
}
