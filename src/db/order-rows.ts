import { makesOfLine } from "../core/order/sources.ts";
import { type OrderBook, orderStage } from "../core/pane/order-book.ts";
import { readTape } from "../core/tape/read.ts";
import type { Written } from "../core/tape/written.ts";
import type { orderLines, orders } from "./schema.ts";

/** An order as its tables hold it. A line that was struck has no row; one whose pane is not on the lists has none either. */
export function orderRows(order: OrderBook): {
  readonly row: Omit<typeof orders.$inferInsert, "id">;
  readonly lines: readonly (typeof orderLines.$inferInsert)[];
} {
  return {
    row: {
      supplier: order.supplier,
      reference: order.reference,
      stage: orderStage(order),
      openedAt: order.openedAt,
      sentDay: order.sent?.day ?? null,
      dueDay: order.sent?.due ?? null,
      againDay: againBy(order),
      arrivedDay: order.arrived,
      chasedDay: order.chases.at(-1)?.day ?? null,
      acknowledgedPence: order.acknowledged?.pence ?? null,
    },
    lines: order.lines.map((l) => ({
      entry: l.entry,
      line: l.line,
      order: order.id,
      pane: l.pane,
      widthNm: l.widthNm,
      heightNm: l.heightNm,
      thicknessNm: l.thicknessNm,
      glass: l.glass,
      label: l.label,
      state: l.state,
      needs: makesOfLine(l),
      offWidthMm: l.check && offOf(l.check.payload.width, l.widthNm),
      offHeightMm: l.check && offOf(l.check.payload.height, l.heightNm),
      wentBack: l.wentBack.length,
    })),
  };
}

/** The first day by which one of its panes is made again. */
const againBy = (order: OrderBook): string | null =>
  order.lines
    .flatMap((l) => (l.state === "made-again" && l.due !== null ? [l.due] : []))
    .sort()
    .at(0) ?? null;

/** A side as it was measured less what was ordered, mm; null where it cannot be read. */
function offOf(came: Written, orderedNm: number): number | null {
  const read = readTape(came.text, came.unit);
  return read.ok ? (read.value.adjusted - orderedNm) / 1e6 : null;
}
