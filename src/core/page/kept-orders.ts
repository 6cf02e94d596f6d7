import { orderStage, standingLines } from "../pane/order-book.ts";
import { type Day, day, dayOf } from "../units/day.ts";
import type { KeptLog } from "./kept.ts";

/** One order in a line. */
export type OrderKept = {
  readonly id: string;
  readonly says: string;
  readonly stage: ReturnType<typeof orderStage>;
  readonly lines: number;
  readonly due: Day | null;
  readonly late: boolean;
};

/** What wants somebody first: to send, to check in, to wait for; what is done last. */
const TURN: Readonly<Record<OrderKept["stage"], number>> = { open: 0, arrived: 1, sent: 2, checked: 3 };

/**
 * The orders that a device keeps: those of its rounds' panes, and any that is open. What is sent stands by its day.
 * @example one to check in, one late, one not sent // not sent, to check in, the late one
 */
export function ordersFrom(log: KeptLog): readonly OrderKept[] {
  const today = day(log.kept.today);
  return log.orders
    .map((o): OrderKept => {
      const lines = standingLines(o);
      const stage = orderStage(o);
      const days = lines.flatMap((l) => (stage === "sent" && l.due ? [dayOf(l.due)] : []));
      const due = days.length > 0 ? days.reduce((a, b) => (a < b ? a : b)) : null;
      return {
        id: o.id,
        says: [o.supplier, o.reference].filter(Boolean).join(", "),
        stage,
        lines: lines.length,
        due,
        late: due !== null && due < today,
      };
    })
    .filter((o) => o.lines > 0 || o.stage === "open")
    .sort((a, b) => TURN[a.stage] - TURN[b.stage] || (a.due ?? 0) - (b.due ?? 0) || (a.says < b.says ? -1 : 1));
}
