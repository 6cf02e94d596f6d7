import { LINE_STATE_FACTS } from "../order/line-state.ts";
import type { PaneBook } from "./book.ts";

/** A pane on one order. */
export type OnOrder = NonNullable<PaneBook["line"]>;

/**
 * All lines by which somebody makes or has this pane, the one that stands first: more than one where two people ordered it and
 * neither had seen the other's. What went back, broke or was taken off makes no second one.
 * @example on TP-1, sent, and on TP-2, sent // both: one of them is to be called off
 */
export function linesAlive(book: Pick<PaneBook, "id" | "orders" | "line">): readonly OnOrder[] {
  const alive = book.orders.flatMap((order) =>
    order.lines
      .filter((line) => line.pane === book.id && LINE_STATE_FACTS[line.state].stands !== null)
      .map((line) => ({ order, line })),
  );
  const stands = book.line?.line.line;
  return [...alive.filter((l) => l.line.line === stands), ...alive.filter((l) => l.line.line !== stands)];
}
