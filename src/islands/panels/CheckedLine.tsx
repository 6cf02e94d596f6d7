import type { OrderLine } from "../../core/pane/order-book.ts";
import { sizeWritten } from "../../core/tape/as-written.ts";
import { VERDICT_WORDS } from "../../core/words/entry/order.ts";

/** What came, each time it did, what was said of it, and who looked. Nothing until somebody has. */
export const CheckedLine = ({ line }: { readonly line: OrderLine }) =>
  [...line.wentBack, ...(line.check ? [line.check] : [])].map(
    ({ id, who, payload: { width, height, verdict, reason } }) => (
      <p key={id} className={verdict === "sent-back" ? "note-wax" : "note-glass"}>
        Came {sizeWritten(width, height)}: {VERDICT_WORDS[verdict]}
        {reason && `, ${reason}`}. Checked by {who}.
      </p>
    ),
  );
