import { type OrderBook, standingLines } from "../../core/pane/order-book.ts";
import { orderLineWords } from "../../core/words/order-sheet.ts";
import type { Prefs } from "../../core/words/prefs.ts";

/** The order to paste into a message: a line a pane, nothing left to guess. */
export function orderText(order: OrderBook, prefs: Prefs): string {
  const lines = standingLines(order).map((l, i) => {
    const w = orderLineWords(l, prefs);
    const rest = [w.basis, w.shape, w.glass, w.edges, w.extra].filter(Boolean).join("; ");
    return `${i + 1}. 1 off ${w.width} × ${w.height} ${prefs.unit}${w.cutterSize ? ` (cut to ${w.cutterSize})` : ""}; ${rest}; label: ${w.label}`;
  });
  return `${[
    `Glass order${order.reference ? ` ${order.reference}` : ""} to ${order.supplier}`,
    `All sizes width × height, in ${prefs.unit}.`,
    "",
    ...lines,
    "",
    `${lines.length} ${lines.length === 1 ? "pane" : "panes"}. Please read it back, and say price and day.`,
  ].join("\n")}\n`;
}
