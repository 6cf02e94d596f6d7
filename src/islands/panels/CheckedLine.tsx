import type { OrderLine } from "../../core/pane/order-book.ts";
import { VERDICT_WORDS } from "../../core/words/entry/order.ts";

/** What came, what was said of it, and who looked. Nothing until somebody has. */
export function CheckedLine({ line }: { readonly line: OrderLine }) {
  if (!line.check) return null;
  const { width, height, verdict, reason } = line.check.payload;
  return (
    <p className={verdict === "sent-back" ? "note-wax" : "note-glass"}>
      Came {width.text} × {height.text}: {VERDICT_WORDS[verdict]}
      {reason && `, ${reason}`}. Checked by {line.check.who}.
    </p>
  );
}
