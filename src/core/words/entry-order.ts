import type { EntryOf } from "../log/kinds.ts";
import type { OrderPayloads } from "../log/payloads-order.ts";
import { HAD_NAMES, WHOSE_NAMES } from "../order/had.ts";
import { MAKES_NAMES } from "../order/sources.ts";
import { dayOf } from "../units/day.ts";
import { sayDay } from "./days.ts";
import { money } from "./money.ts";

type OrderEntry = { [K in keyof OrderPayloads]: EntryOf<K> }[keyof OrderPayloads];

/** A line of the logbook about ordering beyond the order itself, and about quotes. Money without its sign: the log is the same in every firm. */
export function sentenceOfOrder(e: OrderEntry): string {
  switch (e.kind) {
    case "supplier.terms":
      return `${e.payload.name}: makes ${e.payload.makes.map((m) => MAKES_NAMES[m]).join(", ") || "nothing said"}; ${e.payload.products.length} prices, least ${money(e.payload.leastPence, "")}`;
    case "order.stood-by":
      return `Stood by before ordering (${e.payload.ids.join(", ")}): ${e.payload.reason}`;
    case "order.read-back":
      return `Read back and repeated: ${e.payload.figures.join(", ") || "nothing yet"}`;
    case "order.handed":
      return `Handed to ${e.payload.to}`;
    case "order.acknowledged":
      return `Acknowledged by ${e.payload.how}: due ${sayDay(dayOf(e.payload.due))}${e.payload.pence === null ? "" : `, ${money(e.payload.pence, "")}`}${e.payload.theirs ? `, their ${e.payload.theirs}` : ""}`;
    case "order.asked":
      return `They ask: ${e.payload.asks}`;
    case "order.answered":
      return `Answered: ${e.payload.answer}`;
    case "order.note":
      return `Delivery note ${e.payload.theirs}, ${e.payload.lines.length} ${e.payload.lines.length === 1 ? "line" : "lines"}`;
    case "order.promised":
      return `Promised anew for ${sayDay(dayOf(e.payload.due))}${e.payload.note ? `: ${e.payload.note}` : ""}`;
    case "order.broke":
      return `It broke (${WHOSE_NAMES[e.payload.whose]})${e.payload.note ? `: ${e.payload.note}` : ""}`;
    case "order.had":
      return e.payload.gone
        ? "The glass that was here is not for this {pane}"
        : `The glass is here, ${HAD_NAMES[e.payload.from]}: ${e.payload.width.text} × ${e.payload.height.text} ${e.payload.width.unit}`;
    case "order.outcome":
      return e.payload.outcome === "credit"
        ? `Credited${e.payload.note ? `: ${e.payload.note}` : ""}`
        : e.payload.outcome === "came"
          ? "The remake came"
          : `To be made again${e.payload.due ? `, due ${sayDay(dayOf(e.payload.due))}` : ""}`;
    case "quote.made":
      return `Quoted ${money(e.payload.totalPence, "")}, tax and all`;
    case "quote.spent":
      return `Came to ${e.payload.hours} h, glass ${money(e.payload.glassPence, "")}, other ${money(e.payload.otherPence, "")}`;
    case "quote.answered":
      return `Quote ${e.payload.accepted ? "accepted" : "turned down"}${e.payload.note ? `: ${e.payload.note}` : ""}`;
  }
}
