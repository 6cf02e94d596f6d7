import { v7 as uuidv7 } from "uuid";
import { offTheRack, outOf } from "../../core/order/off-the-rack.ts";
import type { OpenOrder } from "../../core/page/pane-page.ts";
import { proposedStock } from "../../core/pane/from-stock.ts";
import { lineTo } from "../../core/pane/line-to.ts";
import { orderHeld } from "../../core/pane/order-held.ts";
import { labelOf, orderLineOf } from "../../core/pane/order-line.ts";
import { writtenExactly } from "../../core/tape/written-exactly.ts";
import { nm } from "../../core/units/length.ts";
import { usePane } from "../panels/pane-context.ts";
import { useSources } from "./use-sources.ts";

export type PutOn = {
  /** What keeps it off an order; null where nothing does. */
  readonly held: ReturnType<typeof orderHeld>;
  /** Who is proposed for it. */
  readonly proposed: string | null | undefined;
  /** Whether anybody on the list makes such a thing. */
  readonly hasMaker: boolean;
  readonly line: NonNullable<ReturnType<typeof orderLineOf>>;
  readonly open: readonly OpenOrder[];
  readonly putOn: (order: string, supplier: string) => void;
  /** On the supplier's open order, or on a new one. */
  readonly take: (supplier: string) => void;
  /** The piece that lies in the rack, where one does. */
  readonly takeHere: (() => void) | null;
};

/** The ways to put this pane on an order: the same for the sources on the stage and the forms beside them. Null while it has no size. */
export function usePutOn(openOrders: readonly OpenOrder[]): PutOn | null {
  const { book, reckoning: r, firm, write, writeFirm, writeOrder, othersHere } = usePane();
  const rack = proposedStock(r.stock);
  const held = orderHeld(book, r, othersHere);
  const sources = useSources();
  const proposed = sources.find((s) => !s.instead)?.supplier;
  const line = orderLineOf(book, r);
  if (!r.cut.ok || !line) return null;
  const putOn = (order: string, supplier: string): void =>
    writeOrder(order, "order.line", { line: uuidv7(), ...lineTo(line, supplier, firm) }, true);
  const open = openOrders.filter((o) => !book.orders.some((b) => b.id === o.id && b.sent));
  return {
    held,
    proposed,
    hasMaker: sources.some((s) => s.supplier !== null && !s.instead),
    line,
    open,
    putOn,
    take: (supplier) => {
      const there = open.find((o) => o.supplier === supplier);
      const order = there?.id ?? uuidv7();
      if (!there) writeOrder(order, "order.opened", { supplier, reference: "" });
      putOn(order, supplier);
    },
    takeHere: rack
      ? () => {
          writeFirm("stock.cut", offTheRack(rack, book.id, labelOf(book)));
          write("order.had", {
            from: "rack",
            glass: rack.pane.glass,
            width: writtenExactly(rack.glass.width),
            height: writtenExactly(rack.glass.height),
            thickness: writtenExactly(nm(rack.pane.thicknessNm)),
            ...outOf(rack),
          });
        }
      : null,
  };
}
