import type { OrderPayloads } from "../../log/kinds/order.ts";
import { CHASED_NAMES } from "../../order/chased.ts";
import { HAD_NAMES, WHOSE_NAMES } from "../../order/had.ts";
import { GLASS_NAMES } from "../../specify/glass.ts";
import { asWritten, sizeWritten } from "../../tape/as-written.ts";
import { writeNumber } from "../../tape/write.ts";
import { counted } from "../../text/counted.ts";
import { dayOf } from "../../units/day.ts";
import { nm } from "../../units/length.ts";
import { sayDay } from "../days.ts";
import { money } from "../money.ts";
import { onDay, type WordsOf } from "./parts.ts";

/** Lines of the logbook about orders and quotes. Money without its sign: the log is the same in every firm. */
export const ORDER_WORDS: WordsOf<OrderPayloads> = {
  "order.opened": (p) => `Order opened: ${p.supplier}${p.reference ? `, ${p.reference}` : ""}`,
  "order.line": (p, unit) =>
    `On the order: ${writeNumber(nm(p.widthNm), unit)} × ${writeNumber(nm(p.heightNm), unit)} ${unit}, ${GLASS_NAMES[p.glass]}, ${p.label}`,
  "order.line-dropped": (p) => `Taken off the order${p.reason ? `: ${p.reason}` : ""}`,
  "order.sent": (p) => `Ordered ${onDay(p.day)}, due ${onDay(p.due)}`,
  "order.arrived": (p) => `Arrived ${onDay(p.day)}`,
  "order.checked": (p) =>
    `Checked in, ${asWritten(p.width)} × ${asWritten(p.height)}: ${VERDICT_WORDS[p.verdict]}${p.reason ? `, ${p.reason}` : ""}`,
  "order.stood-by": (p) => `Stood by before ordering (${p.ids.join(", ")}): ${p.reason}`,
  "order.read-back": (p) => `Read back and repeated: ${p.figures.join(", ") || "nothing yet"}`,
  "order.handed": (p) => `Handed to ${p.to}`,
  "order.acknowledged": (p) =>
    `Acknowledged by ${p.how}: due ${sayDay(dayOf(p.due))}${p.pence === null ? "" : `, ${money(p.pence, "")}`}${p.theirs ? `, their ${p.theirs}` : ""}`,
  "order.asked": (p) => `They ask: ${p.asks}`,
  "order.answered": (p) => `Answered: ${p.answer}`,
  "order.note": (p) => `Delivery note ${p.theirs}, ${counted(p.lines.length, "line")}`,
  "order.promised": (p) => `Promised anew for ${sayDay(dayOf(p.due))}${p.note ? `: ${p.note}` : ""}`,
  "order.chased": (p) =>
    `Asked after ${CHASED_NAMES[p.how]}${p.says ? `: ${p.says}` : ""}${p.due ? `; now promised for ${sayDay(dayOf(p.due))}` : ", no new day"}`,
  "order.broke": (p) => `It broke (${WHOSE_NAMES[p.whose]})${p.note ? `: ${p.note}` : ""}`,
  "order.cut-here": (p) => (p.here ? "It is to be cut here" : "It is not cut here after all"),
  "order.had": (p) =>
    p.gone
      ? "The glass that was here is not for this {pane}"
      : `The glass is here, ${HAD_NAMES[p.from]}: ${sizeWritten(p.width, p.height)}${p.glass ? `, ${GLASS_NAMES[p.glass]}` : ""}`,
  "order.outcome": (p) =>
    p.outcome === "credit"
      ? `Credited${p.note ? `: ${p.note}` : ""}`
      : p.outcome === "came"
        ? "The remake came"
        : `To be made again${p.due ? `, due ${sayDay(dayOf(p.due))}` : ""}`,
  "quote.made": (p) => `Quoted ${money(p.totalPence, "")}, tax and all`,
  "quote.spent": (p) => `Came to ${p.hours} h, glass ${money(p.glassPence, "")}, other ${money(p.otherPence, "")}`,
  "quote.answered": (p) => `Quote ${p.accepted ? "accepted" : "turned down"}${p.note ? `: ${p.note}` : ""}`,
};

export const VERDICT_WORDS = {
  accepted: "accepted",
  "accepted-with-note": "accepted with a note",
  "sent-back": "sent back",
} as const;
