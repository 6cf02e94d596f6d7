import type { Entry, EntryOf } from "../log/kinds.ts";
import type { Log } from "../log/standing-entries.ts";

export type LineState = "open" | "sent" | "arrived" | "accepted" | "accepted-with-note" | "sent-back" | "dropped";

/** One pane on an order, as it was put there: what the supplier was asked for never changes behind their back. */
export type OrderLine = EntryOf<"order.line">["payload"] & {
  readonly entry: string;
  readonly pane: string;
  readonly state: LineState;
  readonly check: EntryOf<"order.checked"> | null;
};

export type OrderBook = {
  readonly id: string;
  readonly supplier: string;
  readonly reference: string;
  readonly openedAt: string;
  readonly sent: { readonly day: string; readonly due: string; readonly who: string } | null;
  readonly arrived: string | null;
  readonly lines: readonly OrderLine[];
};

/** How an order stands, from the entries about it. Undefined while nobody has opened it. */
export function foldOrder(id: string, log: Log): OrderBook | undefined {
  const own = log.standing.filter((e) => e.about.order === id);
  const opened = own.find((e) => e.kind === "order.opened");
  if (opened?.kind !== "order.opened") return undefined;
  const sent = own.findLast((e) => e.kind === "order.sent");
  const arrived = own.findLast((e) => e.kind === "order.arrived");
  const checks = new Map<string, EntryOf<"order.checked">>();
  const dropped = new Set<string>();
  for (const e of own) {
    if (e.kind === "order.checked") checks.set(e.payload.line, e);
    if (e.kind === "order.line-dropped") dropped.add(e.payload.line);
  }
  const rest: LineState = arrived ? "arrived" : sent ? "sent" : "open";
  const lines = own.flatMap((e: Entry): OrderLine[] => {
    if (e.kind !== "order.line" || e.about.pane === undefined) return [];
    const check = checks.get(e.payload.line) ?? null;
    const state = dropped.has(e.payload.line) ? "dropped" : (check?.payload.verdict ?? rest);
    return [{ ...e.payload, entry: e.id, pane: e.about.pane, state, check }];
  });
  return {
    id,
    supplier: opened.payload.supplier,
    reference: opened.payload.reference,
    openedAt: opened.at,
    sent: sent?.kind === "order.sent" ? { ...sent.payload, who: sent.who } : null,
    arrived: arrived?.kind === "order.arrived" ? arrived.payload.day : null,
    lines,
  };
}

/** Lines that still count: not dropped. */
export const standingLines = (order: OrderBook): readonly OrderLine[] =>
  order.lines.filter((l) => l.state !== "dropped");

/** Where an order is as a whole. */
export function orderStage(order: OrderBook): "open" | "sent" | "arrived" | "checked" {
  const lines = standingLines(order);
  if (lines.length > 0 && lines.every((l) => l.check !== null)) return "checked";
  return order.arrived ? "arrived" : order.sent ? "sent" : "open";
}
