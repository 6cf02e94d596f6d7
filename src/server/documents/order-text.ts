import { type OrderBook, standingLines } from "../../core/pane/order-book.ts";
import { groupedLines } from "../../core/pane/order-groups.ts";
import { counted, plural } from "../../core/text/counted.ts";
import { orderLineWords } from "../../core/words/order-sheet.ts";
import type { Prefs } from "../../core/words/prefs.ts";

/** The order to paste into a message: a line a pane, nothing left to guess. */
export function orderText(order: OrderBook, prefs: Prefs): string {
  const standing = standingLines(order);
  const lines = groupedLines(standing).map(({ line, lines: all }, i) => {
    const w = orderLineWords(line, prefs);
    const rest = [w.basis, w.shape, w.glass, w.edges, w.extra].filter(Boolean).join("; ");
    return `${i + 1}. ${all.length} off ${w.width} × ${w.height} ${prefs.unit}${w.cutterSize ? ` (cut to ${w.cutterSize})` : ""}; ${rest}; ${plural(all.length, "label")}: ${all.map((l) => l.label).join(" / ")}`;
  });
  return `${[
    `Glass order${order.reference ? ` ${order.reference}` : ""} to ${order.supplier}`,
    `All sizes width × height, in ${prefs.unit}.`,
    "",
    ...lines,
    "",
    `${counted(standing.length, "pane")}. Please read it back, and say price and day.`,
  ].join("\n")}\n`;
}
