import { hingeOf, movesOf } from "../../core/pane/hangs.ts";
import { labelOf } from "../../core/pane/order-line.ts";
import { shutUntil } from "../../core/pane/shut.ts";
import { plural } from "../../core/text/counted.ts";
import { sayDay } from "../../core/words/days.ts";
import { messagesFor } from "../../core/words/messages.ts";
import { usePane } from "../panels/pane-context.ts";
import CopyText from "../ui/CopyText.tsx";

/** How long it still stays shut, and the words for the customer when that begins and when it ends. */
export function ShutMessage() {
  const { book, reckoning: r, today } = usePane();
  if (!book.set || r.compound.handsOffHours < 24 || hingeOf(book) === "fixed") return null;
  const until = shutUntil(book, r);
  if (until === null) return null;
  const left = until - today;
  // People have to go through a door.
  const leaf = movesOf(book) === "leaf";
  const waits = leaf ? "softly" : "shut";
  const message = messagesFor({ where: labelOf(book), state: left > 0 ? waits : "may-open", due: until, slots: [] });
  return (
    <div className={left > 0 ? "note-wax" : "note-glass"}>
      <p className="font-medium">
        {left > 0
          ? `It ${leaf ? "is shut softly" : "stays shut"} for ${left} more ${plural(left, "day")}, until ${sayDay(until)}.`
          : `${leaf ? "It may be used as ever" : "It may be opened"}: ${r.compound.handsOffHours} hours are over since ${sayDay(until)}.`}
      </p>
      <p className="text-[14px]">{message.text}</p>
      <CopyText text={message.text} name="copy it for the customer" />
    </div>
  );
}
